import { BUILDS, type Build } from '../body/build.js';
import type { ClassStep } from '../fitting/types.js';
import type { Side } from '../side.js';
import type { Count, Moment } from './moments.js';
import type { Phase } from './teaching.js';

/** One shape as the whole class may see it. */
export interface ShownShape {
  variant: string;
  side?: Side;
  seconds: number;
  /** In a flow, the breath it is gone into on. */
  on?: 'in' | 'out';
}

/** A moment as the whole class may see it: its figure, its breath, its count. Nothing of anybody, and no words. */
export interface ShownMoment extends ShownShape {
  count: Count;
  breath: number;
  /** All rest but those who do something more: there is no figure. */
  isRest?: true;
  round?: ShownShape[];
}

/** What stands on a screen for the class. */
export interface Shown {
  now: ShownMoment;
  /** What was before it, on the way from there. */
  before?: ShownMoment;
  phase: Phase;
  /** Milliseconds of the phase that had passed when it was told. */
  passed: number;
  runs: boolean;
  /** Milliseconds that were added to the hold. */
  more: number;
  isUp: boolean;
  isOver: boolean;
  build: Build;
  heightCm: number;
}

/** A moment without anybody, and without what was written of it. */
export function shownMoment({ step, side, seconds, count, breath, then, round }: Moment): ShownMoment {
  return {
    ...shape({ step, side, seconds }),
    count,
    breath,
    ...(then ? { isRest: true } : {}),
    ...(round ? { round: round.shapes.map(shape) } : {}),
  };
}

const shape = ({ step, side, seconds }: Pick<Moment, 'step' | 'side' | 'seconds'>): ShownShape => ({
  variant: step.variant,
  ...(side ? { side } : {}),
  seconds,
  ...(step.flow?.on ? { on: step.flow.on } : {}),
});

/** What is shown as a moment again, in which nobody takes part: for what draws moments. */
export function momentOfShown({ round, count, breath, isRest, ...own }: ShownMoment): Moment {
  const { step, side, seconds } = stepOfShown(own);
  return {
    step,
    ...(side ? { side } : {}),
    lead: 0,
    seconds,
    count,
    breath,
    differing: [],
    doing: [],
    fetch: [],
    ...(isRest ? { then: true } : {}),
    ...(round ? { round: { at: 1, shapes: round.map(stepOfShown) } } : {}),
  };
}

function stepOfShown({ variant, side, seconds, on }: ShownShape): {
  step: ClassStep;
  side?: Side;
  seconds: number;
} {
  const flow = { number: 1, name: '', rounds: 1, breaths: 1, ...(on ? { on } : {}) };
  const step = { step: 1, text: '', pose: '', variant, start: 0, end: 0, versions: 1, meets: true };
  return { step: { ...step, ...(on ? { flow } : {}) }, ...(side ? { side } : {}), seconds };
}

const SIDES = ['right', 'left'] as const;
const HALVES = ['in', 'out'] as const;
/** A variant's id: letters, numbers, points, and how far. */
const ID = /^[\w.~-]{1,120}$/;
/** Longer than any class, milliseconds and seconds. */
const LONG_MS = 24 * 60 * 60 * 1000;
const LONG = LONG_MS / 1000;
const SHAPES_MOST = 60;

/**
 * What was told to be shown, read field by field: what else is in it does not come through.
 *
 * @returns undefined where it is not what can be shown
 */
export function readShown(value: unknown): Shown | undefined {
  try {
    const told = object(value);
    return {
      now: readMoment(told.now),
      ...(told.before === undefined ? {} : { before: readMoment(told.before) }),
      phase: oneOf(told.phase, ['lead', 'hold', 'done']),
      passed: number(told.passed, LONG_MS),
      runs: told.runs === true,
      more: number(told.more, LONG_MS),
      isUp: told.isUp === true,
      isOver: told.isOver === true,
      build: oneOf(told.build, Object.keys(BUILDS) as Build[]),
      heightCm: number(told.heightCm, 250),
    };
  } catch (error) {
    if (error instanceof NotShown) return undefined;
    throw error;
  }
}

class NotShown extends Error {}

function readMoment(value: unknown): ShownMoment {
  const told = object(value);
  const count = object(told.count);
  return {
    ...readShape(told),
    count: {
      unit: oneOf(count.unit, ['breaths', 'rounds', 'seconds']),
      of: number(count.of, LONG),
      each: number(count.each, LONG),
    },
    breath: number(told.breath, LONG),
    ...(told.isRest === true ? { isRest: true as const } : {}),
    ...(told.round === undefined ? {} : { round: list(told.round).map((one) => readShape(object(one))) }),
  };
}

function readShape({ variant, side, seconds, on }: Record<string, unknown>): ShownShape {
  if (typeof variant !== 'string' || !ID.test(variant)) throw new NotShown();
  return {
    variant,
    ...(side === undefined ? {} : { side: oneOf(side, SIDES) }),
    seconds: number(seconds, LONG),
    ...(on === undefined ? {} : { on: oneOf(on, HALVES) }),
  };
}

function object(value: unknown): Record<string, unknown> {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) throw new NotShown();
  return value as Record<string, unknown>;
}

function list(value: unknown): unknown[] {
  if (!Array.isArray(value) || !value.length || value.length > SHAPES_MOST) throw new NotShown();
  return value;
}

function number(value: unknown, most: number): number {
  if (typeof value !== 'number' || !(value >= 0 && value <= most)) throw new NotShown();
  return value;
}

function oneOf<T extends string>(value: unknown, all: readonly T[]): T {
  if (!all.includes(value as T)) throw new NotShown();
  return value as T;
}
