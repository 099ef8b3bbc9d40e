import { useEffect, useRef } from 'react';
import { useOutbox } from '../../data/outbox/useOutbox.js';
import { useReach } from '../../data/useReach.js';
import type { Waiting } from '../../data/outbox/outbox.js';
import { sayWaiting } from './sayWaiting.js';

/** Says when what had to wait has arrived. */
export function useArrivals(): void {
  const all = useOutbox();
  const isAnswered = useReach();
  const waited = useRef(new Map<string, Waiting>());
  useEffect(() => {
    if (!isAnswered) for (const one of all) if (!one.refused) waited.current.set(one.name, one);
    const left = new Set(all.map(({ name }) => name));
    if (!waited.current.size || [...waited.current.keys()].some((name) => left.has(name))) return;
    const what = sayWaiting([...waited.current.values()]);
    void import('sonner').then(({ toast }) => toast(`Arrived at the hall’s computer: ${what}.`));
    waited.current.clear();
  }, [all, isAnswered]);
}
