import { useQueryClient } from '@tanstack/react-query';
import type { Choices, Comparison } from '@lotus-steady/core';
import { useMemo } from 'react';
import { call } from './client.js';

interface Plan { source: string; choices: Choices }

/** Plans on their way to the server, by class: one after another, so that the last one stays. */
const onTheirWay = new Map<string, Promise<void>>();

/** Waits until no plan of a class is on its way: whoever reads the class then reads what was last done to it. */
export async function planKept(id: string): Promise<void> {
  while (onTheirWay.has(id)) await onTheirWay.get(id)!.catch(() => {});
}

/** A class that was fitted just now, from what is known today, differs in nothing. */
const NOTHING: Comparison = { differences: [], steps: 0, says: '' };

/** Keeping edits on the fitting. */
export interface KeepPlan {
  /** An edit was made: what was read of the class is dropped, and whichever screen comes next reads it new. */
  changed: () => void;
  /** Sends the plan. The page shows it already, so nothing is read again while the hands are still at it. */
  keep: (plan: Plan) => Promise<void>;
}

export function useKeepPlan(id: string): KeepPlan {
  const client = useQueryClient();
  return useMemo(() => ({
    changed: () => client.removeQueries({ queryKey: ['classes', id], exact: true }),
    async keep({ source, choices }) {
      const before = onTheirWay.get(id), sent = (async () => {
        await before?.catch(() => {});
        await call<void>(`classes/${id}/plan`, 'PUT', { sequenceText: source, choices });
      })();
      onTheirWay.set(id, sent);
      try { await sent; } finally { if (onTheirWay.get(id) === sent) onTheirWay.delete(id); }
      client.setQueryData(['classes', id, 'recheck'], NOTHING);
    },
  }), [client, id]);
}
