import type { Comparison } from '@lotus-steady/core';
import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { planRead, sendPlan } from '../../data/classes/planOutbox.js';
import { useClassInputs } from '../../data/classes/useClassInputs.js';
import { keys } from '../../data/keys.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import type { ClassWhole } from '../../data/types.js';
import { connectWorker } from './connectWorker.js';
import { LivePlan, type LivePlanState } from './LivePlan.js';
import { useSavedOnLeaving } from './useSavedOnLeaving.js';

/** A class that was fitted just now, from what is known today, differs in nothing. */
const NOTHING: Comparison = { differences: [], steps: 0, says: '' };

/** A live plan that is saved to the server, and lets what was read of the class be read again. */
function planOf(
  { id, sequenceText: source, choices, fitting, people, version }: ClassWhole,
  cache: QueryClient,
): LivePlan {
  planRead(id, version);
  return new LivePlan(
    { plan: { source, choices }, fitting, people: people.length },
    {
      changed: () => cache.removeQueries({ queryKey: keys.class(id), exact: true }),
      async save(plan) {
        await sendPlan(id, plan);
        cache.setQueryData(keys.recheck(id), NOTHING);
      },
    },
  );
}

/** The live plan of a class that was opened, as the screen shows it. */
export function useLivePlan(known: ClassWhole): {
  live: LivePlan;
  state: LivePlanState;
  /** Fits the class with what is known today, and saves that. */
  takeOver: () => void;
} {
  // What the class was when it was opened.
  const [start] = useState(known);
  const cache = useQueryClient();
  const inputs = useClassInputs(known.id);
  const own = useOwnVariants();
  const [live] = useState(() => planOf(start, cache));
  const state = useSyncExternalStore(live.watch, live.snapshot);
  useEffect(
    () =>
      inputs.data && own.data ? connectWorker(live, inputs.data, own.data, start.sequenceText) : undefined,
    [inputs.data, own.data, start, live],
  );
  useSavedOnLeaving(live, start.id);
  return {
    live,
    state,
    takeOver: () => void inputs.refetch().then(() => live.takeOver()),
  };
}
