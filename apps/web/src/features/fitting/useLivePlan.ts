import {
  editSequence,
  movedChoices,
  parseSequence,
  type Choices,
  type Fitting,
  type OneForAll,
  type SequenceEdit,
} from '@lotus-steady/core';
import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useKeepPlan } from '../../api/keepPlan.js';
import { useClassInputs, useOwnVariants, type ClassWhole } from '../../api/queries.js';
import type { FitWork } from '../../solver/fitWork.js';
import { catalogue } from '../../catalogue.js';
import { unpacker } from '../../solver/packFitting.js';
import { planHistory, startHistory, type Plan } from './planHistory.js';

/** An edit whose fitting takes longer than this is said to be under way, ms. */
const DRAW_AFTER = 60;
/**
 * Edits that follow each other within this are kept in one go, ms: the server, on the same machine, works
 * when the hand rests.
 */
const KEEP_AFTER = 2000;

/** So often the page practises drawing what it shows. */
const DRAWN_AGAIN = 4;

export type Kept = 'kept' | 'keeping' | 'waiting' | { error: Error };

/**
 * A class's plan while it is being edited: every edit is fitted again in a worker, can be undone, and is
 * kept a moment later.
 */
export interface LivePlan {
  plan: Plan;
  /** The plan with an edit that is under way, while the page still shows the one before. */
  planNow: () => Plan;
  /**
   * Which step of it is the one that the page shows under a number; undefined where it has gone, or an undo
   * is under way.
   */
  stepNow: (shown: number) => number | undefined;
  fitting: Fitting;
  kept: Kept;
  /** A long fitting is under way: so many people done. */
  working?: { done: number; of: number };
  /** What stands in the way of the last edit. */
  problem?: string;
  canUndo: boolean;
  canRedo: boolean;
  edit: (edit: SequenceEdit) => void;
  choose: (change: (choices: Choices) => Choices) => void;
  undo: () => void;
  redo: () => void;
  oneForAll: (step: number) => Promise<OneForAll[]>;
  keepNow: () => void;
  /** Fits the class with what is known today, and keeps that. */
  takeOver: () => void;
}

/** The worker of one class, with what the page knows of what it has sent. */
interface Desk {
  worker: Remote<FitWork>;
  ready: Promise<void>;
  unpack: ReturnType<typeof unpacker>;
}

export function useLivePlan(known: ClassWhole): LivePlan {
  // What the class was when it was opened.
  const [start] = useState(known);
  const inputs = useClassInputs(known.id);
  const own = useOwnVariants();
  const { changed, keep } = useKeepPlan(known.id);
  const [history, setHistory] = useState(() =>
    startHistory({ source: start.sequenceText, choices: start.choices }),
  );
  const latest = useRef(history);
  const [shown, setShown] = useState<Fitting>();
  const [problem, setProblem] = useState<string>();
  const [kept, setKept] = useState<Kept>('kept');
  const [working, setWorking] = useState<LivePlan['working']>();
  /** Where each step has gone with each edit since the fitting that is shown; unknown with an undo. */
  const since = useRef<(readonly (number | undefined)[] | undefined)[]>([]);
  /** Fits the plan as it is once more. */
  const again = useRef(async () => {});
  /** Tells the page of the edit under way. */
  const said = useRef(() => {});
  const desk = useRef<Desk | undefined>(undefined);
  const turn = useRef(0);
  const waiting = useRef<Plan | undefined>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  useEffect(() => {
    if (!inputs.data || !own.data) return;
    const thread = new Worker(new URL('../../solver/fitWorker.ts', import.meta.url), { type: 'module' });
    const worker = wrap<FitWork>(thread);
    const unpack = unpacker();
    desk.current = { worker, unpack, ready: worker.ready(inputs.data, own.data) };
    // Read and fitted once at leisure, so that the first edit finds everything worked out.
    const idle = setTimeout(() => {
      parseSequence(start.sequenceText, catalogue().poses);
    }, 200);
    void desk.current.ready.then(async () => {
      // Once the page shows what is fitted here, it follows what is known of people and rules.
      if (turn.current) {
        await again.current();
        return;
      }
      const { packed } = await worker.fit(start.sequenceText, start.choices);
      if (packed) unpack(packed);
      await worker.practise(start.sequenceText, start.choices);
    });
    // The same fitting, drawn again: nothing on the page changes, and the page has done once what an edit
    // asks of it.
    const drawn = Array.from({ length: DRAWN_AGAIN }, (_, i) =>
      setTimeout(
        () => {
          if (!turn.current) setShown((now) => ({ ...(now ?? start.fitting) }));
        },
        800 + 200 * i,
      ),
    );
    return () => {
      clearTimeout(idle);
      drawn.forEach(clearTimeout);
      desk.current = undefined;
      thread.terminate();
    };
  }, [inputs.data, own.data, start]);

  const save = useCallback(
    async (plan: Plan) => {
      clearTimeout(timer.current);
      setKept('keeping');
      try {
        await keep(plan);
        if (waiting.current === plan || !waiting.current) {
          waiting.current = undefined;
          setKept('kept');
        }
      } catch (error) {
        setKept({ error: error as Error });
      }
    },
    [keep],
  );
  const saving = useRef(save);
  useEffect(() => {
    saving.current = save;
  });

  /** Fits a plan again and shows it, unless a later edit has overtaken it. */
  const refit = useCallback(
    async ({ source, choices }: Plan, mine: number) => {
      while (!desk.current && mine === turn.current)
        await new Promise((resolve) => {
          setTimeout(resolve, 50);
        });
      const at = desk.current;
      if (!at) return;
      const long = setTimeout(() => {
        if (mine === turn.current) setWorking({ done: 0, of: start.people.length });
      }, 300);
      const { packed, errors } = await at.worker.fit(
        source,
        choices,
        proxy((done: number, of: number) => {
          if (mine === turn.current) setWorking((now) => now && { done, of });
        }),
      );
      clearTimeout(long);
      const fitting = packed && at.unpack(packed);
      if (mine !== turn.current) return;
      said.current();
      setWorking(undefined);
      setProblem(
        errors[0]?.message ??
          fitting?.refused.map(
            ({ person, step, reason }) => `${person}, step ${step}: ${reason} It needs a go-ahead on file.`,
          )[0],
      );
      if (fitting) {
        since.current = [];
        setShown(fitting);
      }
    },
    [start],
  );

  /** @param drawn whether the page shows the edit itself at once: a tick must answer the hand */
  const act = useCallback(
    (action: Parameters<typeof planHistory>[1], drawn = false) => {
      const next = planHistory(latest.current, action);
      if (next === latest.current) return;
      if (typeof action === 'string') since.current.push(undefined);
      latest.current = next;
      waiting.current = next.now;
      changed();
      // Drawn once, with what the edit makes of the class; where that takes long, what was done is said
      // before it.
      const soon = setTimeout(() => said.current(), DRAW_AFTER);
      said.current = () => {
        clearTimeout(soon);
        said.current = () => {};
        setHistory(latest.current);
        setKept('waiting');
      };
      void refit(next.now, ++turn.current);
      if (drawn) said.current();
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void saving.current(next.now), KEEP_AFTER);
    },
    [changed, refit],
  );

  useEffect(() => {
    again.current = () => refit(latest.current.now, ++turn.current);
  }, [refit]);

  // Whoever leaves a moment after an edit loses nothing.
  useEffect(() => {
    const leave = (): void => {
      if (waiting.current)
        void fetch(`/api/classes/${start.id}/plan`, {
          method: 'PUT',
          keepalive: true,
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ sequenceText: waiting.current.source, choices: waiting.current.choices }),
        });
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      if (waiting.current) void saving.current(waiting.current);
    };
  }, [start.id]);

  return {
    plan: history.now,
    planNow: useCallback(() => latest.current.now, []),
    stepNow: useCallback(
      (shown: number) =>
        since.current.reduce<number | undefined>(
          (at, moved) => (at === undefined ? undefined : moved?.[at]),
          shown,
        ),
      [],
    ),
    fitting: shown ?? start.fitting,
    kept,
    ...(working ? { working } : {}),
    ...(problem ? { problem } : {}),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    edit: useCallback(
      (edit) =>
        act({
          change: ({ source, choices }) => {
            const next = editSequence(source, edit);
            since.current.push(next.moved);
            return { source: next.source, choices: movedChoices(choices, next.moved) };
          },
        }),
      [act],
    ),
    choose: useCallback(
      (change) => act({ change: ({ source, choices }) => ({ source, choices: change(choices) }) }, true),
      [act],
    ),
    undo: useCallback(() => act('undo'), [act]),
    redo: useCallback(() => act('redo'), [act]),
    oneForAll: useCallback(async (step: number) => {
      const { now } = latest.current;
      await desk.current?.ready;
      return (await desk.current?.worker.oneForAll(now.source, step, now.choices)) ?? [];
    }, []),
    keepNow: () => void save(latest.current.now),
    takeOver: () => {
      changed();
      void save(latest.current.now);
      void inputs.refetch().then(() => again.current());
    },
  };
}
