import { eased } from '../body/maths.js';
import type { Moment } from './moments.js';
import { shapeAt } from './shapeAt.js';

/** Where a breath is. */
export interface BreathAt {
  half: 'in' | 'out';
  /** How full the chest is: 0 empty, 1 full; it swells and sinks as breath does, slow at both ends. */
  full: number;
}

/** The out-breath is a little longer than the in-breath. Common practice, no published source. */
const IN_SHARE = 0.45;

/**
 * The breath of a group at an instant of a hold, which begins with an in-breath.
 *
 * @param passed seconds of the hold
 * @param breath seconds of one breath
 * @example breathAt(0, 5.5) // { half: 'in', full: 0 }
 */
export function breathAt(passed: number, breath: number): BreathAt {
  const t = (passed / breath) % 1;
  return t < IN_SHARE
    ? { half: 'in', full: eased(t / IN_SHARE) }
    : { half: 'out', full: 1 - eased((t - IN_SHARE) / (1 - IN_SHARE)) };
}

/** A shape of a flow that takes less than this share of a breath is one half of it. */
const HALF = 0.75;

/**
 * The breath of a moment at an instant of its hold: a round of a movement is one breath there and back; in a flow each
 * shape has the half that it is gone into on, or is stayed in for whole breaths.
 *
 * @param passed seconds of the hold
 */
export function breathOf(
  { round, count, breath }: Pick<Moment, 'round' | 'count' | 'breath'>,
  passed: number,
): BreathAt {
  if (!round) return breathAt(passed, count.unit === 'rounds' ? count.each : breath);
  const { at, into } = shapeAt(round.shapes, passed);
  const { step, seconds } = round.shapes[at]!;
  const on = step.flow?.on;
  if (!on || seconds > HALF * breath) return breathAt(into, breath);
  const full = eased(into / seconds);
  return on === 'in' ? { half: 'in', full } : { half: 'out', full: 1 - full };
}
