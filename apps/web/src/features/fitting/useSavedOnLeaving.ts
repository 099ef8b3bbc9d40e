import { useEffect } from 'react';
import { planRequest } from '../../data/classes/planOutbox.js';
import { sendLeaving } from '../../data/sendLeaving.js';
import type { LivePlan } from './LivePlan.js';

/** Whoever leaves a moment after an edit, the screen or the window, loses nothing. */
export function useSavedOnLeaving(live: LivePlan, id: string): void {
  useEffect(() => {
    const leave = (): void => {
      const plan = live.unsaved();
      if (!plan) return;
      sendLeaving(...planRequest(id, plan));
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      live.leave();
    };
  }, [live, id]);
}
