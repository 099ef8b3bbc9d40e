import { useQueryClient } from '@tanstack/react-query';
import type { Choices, Comparison } from '@lotus-steady/core';
import { useMemo } from 'react';
import { ApiError, call } from './client.js';

interface Plan {
  source: string;
  choices: Choices;
}

/** Plans on their way to the server, by class: one after another, so that the last one stays. */
const onTheirWay = new Map<string, Promise<void>>();

/** Plans that the server did not answer to, by class; closing the page with one of them is asked about. */
const unanswered = new Map<string, Plan>();
window.addEventListener('beforeunload', (event) => {
  if (unanswered.size) event.preventDefault();
});

/** Sends a plan after those before it. @throws ApiError where it was refused or not answered */
async function send(id: string, plan: Plan): Promise<void> {
  const before = onTheirWay.get(id);
  const sent = (async () => {
    await before?.catch(() => {});
    await call<void>(`classes/${id}/plan`, 'PUT', { sequenceText: plan.source, choices: plan.choices });
  })();
  onTheirWay.set(id, sent);
  unanswered.delete(id);
  try {
    await sent;
  } catch (error) {
    if (
      onTheirWay.get(id) === sent &&
      error instanceof ApiError &&
      (error.status === 0 || error.status >= 500)
    )
      unanswered.set(id, plan);
    throw error;
  } finally {
    if (onTheirWay.get(id) === sent) onTheirWay.delete(id);
  }
}

/**
 * Waits until no plan of a class is on its way: whoever reads the class then reads what was last done to it.
 * A plan that was not answered to, on a screen that was left since, is sent once more. @throws ApiError
 * where it is not answered again
 */
export async function planKept(id: string): Promise<void> {
  while (onTheirWay.has(id)) await onTheirWay.get(id)!.catch(() => {});
  const plan = unanswered.get(id);
  if (plan) await send(id, plan);
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
  return useMemo(
    () => ({
      changed: () => client.removeQueries({ queryKey: ['classes', id], exact: true }),
      async keep(plan) {
        await send(id, plan);
        client.setQueryData(['classes', id, 'recheck'], NOTHING);
      },
    }),
    [client, id],
  );
}
