import type { Step } from '../sequence/parseSequence.js';
import { fitMinutes, type TimeOption } from '../timing/fitMinutes.js';
import { breathSeconds, PACE } from '../timing/pace.js';
import { WEIGHTS } from './weights.js';

/** Final rest is never cut below this, seconds: 5 minutes, or what was asked if that is less (common practice, no published source). */
const REST_FLOOR = 300;

/** A step shortened to keep the class within its minutes: counts of the asked unit. */
export interface Shortened { from: number; to: number; unit: 'breaths' | 'rounds' | 'seconds' }

/** Shares of the asked hold that a step may be cut to: whole breaths, down to the least that still is the pose; rest keeps its floor. */
export function sharesOf({ pose, variant, hold }: Step, on: string): number[] {
  const breath = breathSeconds({}, variant.breath, on), asked = hold.unit === 'seconds' ? hold.count / breath : hold.count;
  const floor = pose.purposes[0].action === 'rest' ? REST_FLOOR / breath : pose.hold.least, least = Math.min(asked, floor);
  const shares = [1];
  for (let count = Math.ceil(asked) - 1; count >= least - 1e-9; count--) shares.push(count / asked);
  return shares;
}

/**
 * Keeps a class within its minutes by shortening holds and rounds within what each pose allows, spread so that no step gives
 * up much; a hold is never lengthened.
 *
 * @param steps the sequence
 * @param secondsOf what a step takes in the class when it is cut to a share of the asked hold
 * @param budget seconds of the class
 * @returns the share of the asked hold that each step keeps
 */
export function keepTime(steps: readonly Step[], secondsOf: (step: number, share: number) => number, budget: number, on: string): number[] {
  const shares = steps.map((step) => sharesOf(step, on));
  const options = shares.map((list, i): TimeOption[] => list.map((share) => ({ seconds: secondsOf(i, share), cost: (steps[i]!.pose.purposes[0].action === 'rest' ? WEIGHTS.cutRest : WEIGHTS.cut) * (1 - share) ** 2 })));
  if (options.reduce((sum, [asWritten]) => sum + asWritten!.seconds, 0) <= budget) return steps.map(() => 1);
  return fitMinutes(options, budget).map((choice, i) => shares[i]![choice]!);
}

/** What a share comes to in the unit that was asked. */
export function shortenedTo({ hold }: Step, share: number): Shortened | undefined {
  if (share >= 1) return undefined;
  const count = hold.count * share;
  return { from: hold.count, to: hold.unit === 'seconds' ? Math.round(count) : Math.round(count * 10) / 10, unit: hold.unit };
}

/** Seconds of a hold on both sides, with the change between them. */
export const spanOf = (seconds: number, sides: number): number => seconds * Math.max(1, sides) + (sides > 1 ? PACE.changeSide : 0);
