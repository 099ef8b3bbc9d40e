import type { Moment } from './moments.js';

/** What the clock of a moment needs to know of it. */
export type Timed = Pick<Moment, 'lead' | 'seconds'> & { step: { step: number } };

/** Getting there; holding it or moving in it; coming out, until one goes on. */
export type Phase = 'lead' | 'hold' | 'done';

/** What somebody was given in place of what was planned, or that she stopped. */
export type Given = 'less-far' | 'supported' | 'rest' | 'stopped';

/** A change for one person in class. */
export interface ChangeForOne {
  /** A UUID: told to the record twice it is one and the same. */
  id: string;
  personId: string;
  /** The step it was in, counted from 1; `stopped` holds for all that comes after. */
  step: number;
  /** Where it is in place of what follows the step for her. */
  then?: true;
  given: Given;
  /** What she does instead, by id. */
  variant?: string;
  /** Where it hurts, a place of `PAIN_PLACES`. */
  where?: string;
  /** When, ms since 1970. */
  at: number;
}

/**
 * Where a class is while it is taught. Nothing in it counts: every time is kept as the moment at which it began, so
 * that a clock that looks late is right all the same, and a page that was closed goes on where it is by then.
 */
export interface Teaching {
  /** Which moment, from 0. */
  at: number;
  phase: Phase;
  /** Milliseconds of this phase that had passed when it was last set going, or paused. */
  passed: number;
  /** Since when it runs, ms since 1970; left out while it is paused. */
  since?: number;
  /** Milliseconds that were added to this hold. */
  more: number;
  /** Whether one thing follows the other by itself. */
  isSelfRunning: boolean;
  /** When the class began and ended, ms since 1970. */
  begun?: number;
  ended?: number;
  changes: readonly ChangeForOne[];
  /** What each phase took, in the order in which they ended. */
  spent: readonly Spent[];
}

/** How long a phase of a moment was, without its pauses, milliseconds. */
export interface Spent {
  /** Which moment, from 0. */
  at: number;
  phase: Phase;
  ms: number;
}

/** What is done while a class is taught. Each is at an instant, ms since 1970. */
export type Act =
  /** Sets it going; in class by hand the hold begins. */
  | { act: 'start' | 'pause' | 'next' | 'back' | 'skip' | 'repeat' }
  /** Some seconds more of this hold. */
  | { act: 'more'; seconds: number }
  | { act: 'self-running'; on: boolean }
  | ({ act: 'change' } & Omit<ChangeForOne, 'at'>)
  /** Takes the last change of somebody back. */
  | { act: 'change-back'; personId: string };

/** Before the class. */
export const NOT_BEGUN: Teaching = {
  at: 0,
  phase: 'lead',
  passed: 0,
  more: 0,
  isSelfRunning: false,
  changes: [],
  spent: [],
};

/** Milliseconds of a phase that have passed. */
export const passedIn = ({ passed, since }: Teaching, now: number): number =>
  passed + (since === undefined ? 0 : Math.max(0, now - since));

/** Milliseconds that a phase takes; one that waits for the teacher takes for ever. */
export function lengthOf({ at, phase, more, isSelfRunning }: Teaching, moments: readonly Timed[]): number {
  const moment = moments[at];
  if (!moment || phase === 'done') return Infinity;
  if (phase === 'hold') return moment.seconds * 1000 + more;
  return isSelfRunning ? moment.lead * 1000 : Infinity;
}

/**
 * What a class has come to by itself: phases that are over give way to the next at the instant at which they ended,
 * however late one looks.
 */
export function teachingAt(teaching: Teaching, moments: readonly Timed[], now: number): Teaching {
  let state = teaching;
  while (state.since !== undefined) {
    const length = lengthOf(state, moments);
    const ends = state.since + length - state.passed;
    if (!(ends <= now)) return state;
    state = afterPhase(state, moments, ends);
  }
  return state;
}

/** A phase over, at an instant: what it took is kept. */
const withSpent = (state: Teaching, now: number): Teaching =>
  state.begun === undefined
    ? state
    : { ...state, spent: [...state.spent, { at: state.at, phase: state.phase, ms: passedIn(state, now) }] };

/** A phase over: what comes. */
function afterPhase(before: Teaching, moments: readonly Timed[], ends: number): Teaching {
  const state = withSpent(before, ends);
  if (state.phase === 'lead') return { ...state, phase: 'hold', passed: 0, since: ends };
  if (state.isSelfRunning && state.at < moments.length - 1) return goneTo(state, state.at + 1, ends);
  const { since: _since, ...rest } = state;
  return state.isSelfRunning
    ? { ...rest, phase: 'done', passed: 0, ended: ends }
    : { ...rest, phase: 'done', passed: 0, since: ends };
}

/** A moment from its beginning, and what the one before took. */
const opened = (state: Teaching, at: number, now: number): Teaching => goneTo(withSpent(state, now), at, now);

/** A moment from its beginning; it runs where the class has begun. */
function goneTo(state: Teaching, at: number, now: number): Teaching {
  const { since: _since, ended: _ended, ...rest } = state;
  const runs = state.begun !== undefined && (state.since !== undefined || !state.isSelfRunning);
  return { ...rest, at, phase: 'lead', passed: 0, more: 0, ...(runs ? { since: now } : {}) };
}

/** Paused: what has passed is kept. */
function paused(state: Teaching, now: number): Teaching {
  const { since: _since, ...rest } = state;
  return { ...rest, passed: passedIn(state, now) };
}

function started(state: Teaching, now: number): Teaching {
  const { ended: _ended, ...rest } = state;
  const begun = state.begun ?? now;
  // By hand she says when the hold begins.
  if (state.phase === 'lead' && !state.isSelfRunning)
    return { ...withSpent(rest, now), begun, phase: 'hold', passed: 0, since: now };
  return state.since === undefined ? { ...rest, begun, since: now } : state;
}

/** A minute more, also of a hold that is over. */
function lengthened(state: Teaching, moments: readonly Timed[], seconds: number, now: number): Teaching {
  const more = state.more + seconds * 1000;
  if (state.phase !== 'done') return { ...state, more };
  const { ended: _ended, ...rest } = state;
  const held = (moments[state.at]?.seconds ?? 0) * 1000 + state.more;
  return { ...rest, phase: 'hold', passed: held, more, since: now };
}

/** The first moment of the next step; the last moment where there is none. */
function nextStep(state: Teaching, moments: readonly Timed[]): number {
  const { step } = moments[state.at]!.step;
  const found = moments.findIndex((moment, i) => i > state.at && moment.step.step !== step);
  return found < 0 ? moments.length - 1 : found;
}

/**
 * A class after something was done in it. What has come to pass by itself until then comes first.
 *
 * @param now ms since 1970
 * @example teach(NOT_BEGUN, { act: 'start' }, moments, Date.now()).phase // 'hold'
 */
export function teach(before: Teaching, act: Act, moments: readonly Timed[], now: number): Teaching {
  const state = teachingAt(before, moments, now);
  const last = moments.length - 1;
  const to = (at: number): Teaching => opened(state, Math.max(0, Math.min(last, at)), now);
  switch (act.act) {
    case 'start':
      return started(state, now);
    case 'pause':
      return paused(state, now);
    case 'next':
      return state.at === last ? { ...paused(withSpent(state, now), now), ended: now } : to(state.at + 1);
    case 'back':
      return to(state.at - 1);
    case 'skip':
      return to(nextStep(state, moments));
    case 'repeat': {
      const { ended: _ended, ...rest } = withSpent(state, now);
      return { ...rest, begun: state.begun ?? now, phase: 'hold', passed: 0, more: 0, since: now };
    }
    case 'more':
      return lengthened(state, moments, act.seconds, now);
    case 'self-running':
      return act.on && state.phase === 'done' && state.at < last
        ? { ...to(state.at + 1), isSelfRunning: true }
        : { ...state, isSelfRunning: act.on };
    case 'change': {
      const { act: _act, ...change } = act;
      return { ...state, changes: [...state.changes, { ...change, at: now }] };
    }
    case 'change-back': {
      const found = state.changes.findLastIndex(({ personId }) => personId === act.personId);
      return { ...state, changes: state.changes.filter((_, i) => i !== found) };
    }
  }
}
