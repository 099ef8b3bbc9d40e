import { useEffect } from 'react';
import { sendLeaving } from '../sendLeaving.js';
import type { Autosave } from './Autosave.js';

/** Sends what is not saved yet when the window closes: whoever leaves a moment after a change loses nothing. */
export function useSentOnLeaving<T extends object, Theirs extends { version: number }>(
  autosave: Autosave<T, Theirs>,
): void {
  useEffect(() => {
    const leave = (): void => {
      const sent = autosave.leaving();
      if (sent) sendLeaving(...sent);
    };
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, [autosave]);
}
