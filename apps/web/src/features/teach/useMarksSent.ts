import type { Teaching } from '@lotus-steady/core';
import { useEffect, useState, type RefObject } from 'react';
import { markSent, markTakenBack } from '../../data/classes/useMarks.js';
import { sendSoon } from '../../data/outbox/outbox.js';

/** Which changes of a class have been told, since it was begun. */
export interface Told {
  begun: number | null;
  marks: readonly string[];
}

export const NOTHING_TOLD: Told = { begun: null, marks: [] };

/**
 * Tells the server what was changed in class, each once and in order, and what was taken back. What was changed before
 * the class was begun anew stands.
 *
 * @param told kept with the class, over a reload
 * @returns what is wrong, where this device can keep nothing
 */
export function useMarksSent(
  id: string,
  { changes, begun = null }: { changes: Teaching['changes']; begun?: number | null },
  told: RefObject<Told>,
): string | undefined {
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    const known = new Set(told.current.begun === begun ? told.current.marks : []);
    const now = new Set(changes.map((change) => change.id));
    try {
      for (const { id: mark, personId, step, given, where, at } of changes)
        if (!known.has(mark))
          void sendSoon(markSent(id, { id: mark, personId, step, given, at, ...(where ? { where } : {}) }));
      for (const mark of known) if (!now.has(mark)) void sendSoon(markTakenBack(id, mark));
      told.current = { begun, marks: [...now] };
      setProblem(undefined);
    } catch {
      setProblem('This device has no room left: what is changed is noted on this page alone.');
    }
  }, [id, changes, begun, told]);
  return problem;
}
