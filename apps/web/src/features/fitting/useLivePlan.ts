import { parseSequence, type Comparison } from '@lotus-steady/core';
import { useQueryClient } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { planRead, planRequest, sendPlan } from '../../data/classes/planOutbox.js';
import { useClassInputs } from '../../data/classes/useClassInputs.js';
import { keys } from '../../data/keys.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import type { ClassWhole } from '../../data/types.js';
import { atDesk } from '../../workers/desk.js';
import { unpacker } from '../../workers/packFitting.js';
import { LivePlan, type LivePlanState } from './LivePlan.js';

/** So often the page practises drawing what it shows. */
const DRAWN_AGAIN = 4;
/** A class that was fitted just now, from what is known today, differs in nothing. */
const NOTHING: Comparison = { differences: [], steps: 0, says: '' };

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
  const [live] = useState(() => {
    const { id, sequenceText: source, choices, fitting, people, version } = start;
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
  });
  const state = useSyncExternalStore(live.watch, live.snapshot);

  useEffect(() => {
    if (!inputs.data || !own.data) return;
    const told = inputs.data;
    const mine = own.data;
    const unpack = unpacker();
    let left = false;
    const fit = async (
      { source, choices }: ReturnType<LivePlan['planNow']>,
      progress?: (done: number, of: number) => void,
    ) => {
      const { packed, errors } = await atDesk((work) =>
        work.fit(source, choices, progress && proxy(progress)),
      );
      return { errors, ...(packed ? { fitting: unpack(packed) } : {}) };
    };
    const connect = async (): Promise<void> => {
      await atDesk((work) => work.ready(told, [...mine]));
      if (left) return;
      await live.connect({
        fit,
        oneForAll: ({ source, choices }, step) => atDesk((work) => work.oneForAll(source, step, choices)),
      });
      if (left || live.edited) return;
      // Fitted once at leisure, so that the first edit finds everything worked out.
      const plan = live.planNow();
      await fit(plan);
      await atDesk((work) => work.practise(plan.source, plan.choices));
    };
    // Only an edit needs the worker: where it fails, the edit says so.
    connect().catch(() => {});
    const soon = [
      setTimeout(() => parseSequence(start.sequenceText, catalogue().poses), 200),
      ...Array.from({ length: DRAWN_AGAIN }, (_, i) => setTimeout(() => live.redraw(), 800 + 200 * i)),
    ];
    return () => {
      left = true;
      soon.forEach(clearTimeout);
      live.disconnect();
    };
  }, [inputs.data, own.data, start, live]);

  // Whoever leaves a moment after an edit loses nothing.
  useEffect(() => {
    const leave = (): void => {
      const plan = live.unsaved();
      if (!plan) return;
      const [url, init] = planRequest(start.id, plan);
      void fetch(url, { ...init, keepalive: true });
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      live.leave();
    };
  }, [live, start.id]);

  return {
    live,
    state,
    takeOver: () => {
      void inputs.refetch().then(() => live.takeOver());
    },
  };
}
