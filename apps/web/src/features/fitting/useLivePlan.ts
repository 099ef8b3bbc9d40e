import { editSequence, movedChoices, type Choices, type Fitting, type OneForAll, type SequenceEdit } from '@lotus-steady/core';
import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { useClassInputs, useKeepPlan, useOwnVariants, type ClassWhole } from '../../api/queries.js';
import type { FitWork } from '../../solver/fitWork.js';
import { INITIAL, planHistory, type Plan } from './planHistory.js';

/** Edits that follow each other within this are kept in one go, ms. */
const KEEP_AFTER = 700;

export type Kept = 'kept' | 'keeping' | 'waiting' | { error: Error };

/** A class's plan while it is being edited: every edit is fitted again in a worker, can be undone, and is kept a moment later. */
export interface LivePlan {
  plan: Plan;
  fitting: Fitting;
  kept: Kept;
  /** The first fitting after opening is still being made: so many people done. */
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
}

export function useLivePlan(known: ClassWhole): LivePlan {
  // What the class was when it was opened; keeping an edit reads it again, and changes nothing here.
  const [start] = useState(known), inputs = useClassInputs(known.id), own = useOwnVariants(), keep = useKeepPlan(known.id);
  const [history, dispatch] = useReducer(planHistory, { ...INITIAL, now: { source: start.sequenceText, choices: start.choices } });
  const [shown, setShown] = useState<Fitting>(), [problem, setProblem] = useState<string>(), [kept, setKept] = useState<Kept>('kept'), [working, setWorking] = useState<LivePlan['working']>();
  const worker = useRef<Remote<FitWork> | undefined>(undefined), ready = useRef<Promise<void> | undefined>(undefined), asked = useRef(0), waiting = useRef<Plan | undefined>(undefined);
  const { now } = history;

  useEffect(() => {
    if (!inputs.data || !own.data) return;
    const thread = new Worker(new URL('../../solver/fitWorker.ts', import.meta.url), { type: 'module' });
    worker.current = wrap<FitWork>(thread);
    ready.current = worker.current.ready(inputs.data, own.data);
    // Fitted once at leisure, so that the first edit finds everything worked out.
    void ready.current.then(() => worker.current?.fit(start.sequenceText, start.choices));
    return () => thread.terminate();
  }, [inputs.data, own.data, start]);

  const save = useCallback(async (plan: Plan) => {
    setKept('keeping');
    try {
      await keep.mutateAsync({ sequenceText: plan.source, choices: plan.choices });
      if (waiting.current === plan) { waiting.current = undefined; setKept('kept'); }
    } catch (error) {
      setKept({ error: error as Error });
    }
  }, [keep]);

  const edited = history.past.length + history.future.length > 0, saving = useRef(save);
  useEffect(() => { saving.current = save; });
  useEffect(() => {
    if (!edited) return;
    const turn = ++asked.current;
    waiting.current = now;
    setKept('waiting');
    void (async () => {
      await ready.current;
      const result = await worker.current?.fit(now.source, now.choices, proxy((done: number, of: number) => { if (turn === asked.current) setWorking(done < of ? { done, of } : undefined); }));
      // A later edit has overtaken this one.
      if (turn !== asked.current || !result) return;
      setWorking(undefined);
      setProblem(result.errors[0]?.message ?? result.fitting?.refused.map(({ person, step, reason }) => `${person}, step ${step}: ${reason} It needs a go-ahead on file.`)[0]);
      if (result.fitting) setShown(result.fitting);
    })();
    const timer = setTimeout(() => void saving.current(now), KEEP_AFTER);
    return () => clearTimeout(timer);
  }, [now, edited]);
  // Whoever leaves a moment after an edit loses nothing.
  useEffect(() => {
    const leave = (): void => { if (waiting.current) void fetch(`/api/classes/${known.id}/plan`, { method: 'PUT', keepalive: true, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ sequenceText: waiting.current.source, choices: waiting.current.choices }) }); };
    window.addEventListener('pagehide', leave);
    return () => { window.removeEventListener('pagehide', leave); if (waiting.current) void saving.current(waiting.current); };
  }, [known.id]);

  return {
    plan: now, fitting: shown ?? known.fitting, kept, ...(working ? { working } : {}), ...(problem ? { problem } : {}), canUndo: history.past.length > 0, canRedo: history.future.length > 0,
    edit: useCallback((edit) => dispatch({ change: ({ source, choices }) => { const next = editSequence(source, edit); return { source: next.source, choices: movedChoices(choices, next.moved) }; } }), []),
    choose: useCallback((change) => dispatch({ change: ({ source, choices }) => ({ source, choices: change(choices) }) }), []),
    undo: useCallback(() => dispatch('undo'), []), redo: useCallback(() => dispatch('redo'), []),
    oneForAll: useCallback(async (step: number) => { await ready.current; return (await worker.current?.oneForAll(now.source, step, now.choices)) ?? []; }, [now]),
    keepNow: () => void save(now),
  };
}
