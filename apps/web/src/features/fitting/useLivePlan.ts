import type { Comparison } from '@lotus-steady/core';
import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { planRead, sendPlan, versionRead } from '../../data/classes/planOutbox.js';
import { useClassInputs } from '../../data/classes/useClassInputs.js';
import { savedMeanwhile } from '../../data/client.js';
import { forgetDraft, keepDraft, readDraft } from '../../data/drafts/drafts.js';
import { keys } from '../../data/keys.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import type { ClassWhole } from '../../data/types.js';
import type { Plan } from '../../domain/fitting/live.js';
import { connectWorker } from './connectWorker.js';
import { LivePlan, type LivePlanState } from './LivePlan.js';
import { useSavedOnLeaving } from './useSavedOnLeaving.js';

/** A class that was fitted just now, from what is known today, differs in nothing. */
const NOTHING: Comparison = { differences: [], steps: 0, says: '' };

/** An edit that was not saved, from before a reload or a crash: the plan, and the version it was made on. */
const draftName = (id: string): string => `class:${id}:live`;

const isPlan = ({ sequenceText, choices }: ClassWhole, { source, choices: own }: Plan): boolean =>
  sequenceText === source && JSON.stringify(choices) === JSON.stringify(own);

/** A live plan that is saved to the server, and lets what was read of the class be read again. */
function planOf(known: ClassWhole, cache: QueryClient): LivePlan {
  const { id, sequenceText: source, choices, fitting, people, version } = known;
  planRead(id, version);
  return new LivePlan(
    { plan: { source, choices }, fitting, people: people.length },
    {
      known: catalogue,
      changed(plan) {
        keepDraft(draftName(id), plan, versionRead(id));
        cache.removeQueries({ queryKey: keys.class(id), exact: true });
      },
      async save(plan) {
        try {
          await sendPlan(id, plan);
        } catch (error) {
          // It had been saved, and the answer did not come.
          const theirs = savedMeanwhile<ClassWhole>(error as Error);
          if (!theirs || !isPlan(theirs, plan)) throw error;
          planRead(id, theirs.version);
        }
        cache.setQueryData(keys.recheck(id), NOTHING);
      },
      saved: () => forgetDraft(draftName(id)),
    },
  );
}

/** The live plan of a class that was opened, as the screen shows it. */
export function useLivePlan(known: ClassWhole): {
  live: LivePlan;
  state: LivePlanState;
  /** Fits the class with what is known today, and saves that. */
  takeOver: () => void;
  /** An edit that was not saved is back. */
  draft: { typedAt: number | undefined; startAgain: () => void };
} {
  // What the class was when it was opened.
  const [start] = useState(known);
  const cache = useQueryClient();
  const inputs = useClassInputs(known.id);
  const own = useOwnVariants();
  const [live] = useState(() => planOf(start, cache));
  const state = useSyncExternalStore(live.watch, live.snapshot);
  const draft = useReturnedEdit(live, start);
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
    draft,
  };
}

/** Takes up an edit that was not saved, on the version that it was made on. */
function useReturnedEdit(live: LivePlan, start: ClassWhole) {
  const [kept, setKept] = useState(() => {
    const draft = readDraft<Plan, number>(draftName(start.id), live.planNow());
    return draft && !isPlan(start, draft.values) ? draft : undefined;
  });
  useEffect(() => {
    if (!kept || live.edited) return;
    planRead(start.id, kept.base);
    live.takePlan(kept.values);
  }, [kept, live, start]);
  return {
    typedAt: kept?.at,
    startAgain: () => {
      live.takePlan({ source: start.sequenceText, choices: start.choices });
      setKept(undefined);
    },
  };
}
