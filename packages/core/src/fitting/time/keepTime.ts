import type { Step } from '../../reading/parseSequence.js';
import { fitMinutes, type TimeOption } from './fitMinutes.js';
import { countSeconds, type Pace } from '../../people/pace.js';
import { WEIGHTS } from '../weights.js';
import type { Shortened } from '../types.js';

/**
 * Final rest is never cut below this, seconds: 5 minutes, or what was asked if that is less (common
 * practice, no published source).
 */
export const REST_FLOOR = 300;

const isRest = ({ pose }: Pick<Step, 'pose'>): boolean => pose.purposes[0].action === 'rest';

/**
 * Shares of the asked hold that a step may be cut to: whole breaths, down to the least that still is the
 * pose; rest keeps its floor.
 */
export function sharesOf(step: Step, on: string, pace: Pace): number[] {
  // All of a flow is done so many rounds: one shape of it is not done fewer.
  if (step.flow) return [1];
  const { pose, variant, hold } = step;
  const count = countSeconds(pose, variant.breath, {}, on, pace);
  const asked = hold.unit === 'seconds' ? hold.count / count : hold.count;
  const floor = isRest(step) ? REST_FLOOR / count : pose.hold.least;
  const least = Math.min(asked, floor);
  const shares = [1];
  for (let held = Math.ceil(asked) - 1; held >= least - 1e-9; held--) shares.push(held / asked);
  return shares;
}

/**
 * What it costs to leave a step out: undefined where it must stay. Rest stays, and so does the first time
 * of what comes again: the second is left out before it.
 */
function leaveOutCost(steps: readonly Step[], i: number): number | undefined {
  const step = steps[i]!;
  const same = (other: Step): boolean => other.pose === step.pose;
  const serves = ({ pose }: Step): string => `${pose.purposes[0].action} ${pose.purposes[0].region}`;
  if (step.flow || isRest(step) || steps.slice(i + 1).some(same)) return undefined;
  if (steps.slice(0, i).some(same)) return WEIGHTS.leftOut * WEIGHTS.again;
  return (
    WEIGHTS.leftOut *
    (steps.some((other) => other !== step && serves(other) === serves(step)) ? 1 : WEIGHTS.onlyOne)
  );
}

export interface TimeNeeds {
  /** What a step takes in the class when it is cut to a share of the asked hold, seconds. */
  secondsOf: (step: number, share: number) => number;
  /** What lies between two steps that follow each other; -1 is the beginning. */
  gap: (from: number, to: number) => number;
  /**
   * Steps that must stay whatever the time: someone needs them as a counter-pose, or the teacher has chosen
   * in them.
   */
  stays: (step: number) => boolean;
}

/**
 * Keeps a class within its minutes: holds and rounds shortened within what each pose allows, spread so that
 * no step gives up much; where that is not enough, the least needed steps left out. A hold is never
 * lengthened, and no rest is left out.
 *
 * @param budget seconds of the class
 * @returns the share of the asked hold that each step keeps; 0 where it is left out
 */
export function keepTime(
  steps: readonly Step[],
  { secondsOf, gap, stays }: TimeNeeds,
  budget: number,
  on: string,
  pace: Pace,
): number[] {
  let seconds = 0;
  for (let i = 0; i < steps.length; i++) seconds += secondsOf(i, 1) + gap(i - 1, i);
  if (seconds <= budget + 1e-6) return steps.map(() => 1);
  const shares = steps.map((step) => sharesOf(step, on, pace));
  const stages = shares.map((list, i) => {
    const leaveOut = stays(i) ? undefined : leaveOutCost(steps, i);
    return {
      options: list.map((share): TimeOption => ({
        seconds: secondsOf(i, share),
        cost: (isRest(steps[i]!) ? WEIGHTS.cutRest : WEIGHTS.cut) * (1 - share) ** 2,
      })),
      ...(leaveOut === undefined ? {} : { leaveOut }),
    };
  });
  return fitMinutes(stages, gap, budget).map((choice, i) => (choice < 0 ? 0 : shares[i]![choice]!));
}

/** What a share comes to in the unit that was asked. */
export function shortenedTo({ hold }: Step, share: number): Shortened | undefined {
  if (share >= 1 || share <= 0) return undefined;
  const count = hold.count * share;
  return {
    from: hold.count,
    to: hold.unit === 'seconds' ? Math.round(count) : Math.round(count * 10) / 10,
    unit: hold.unit,
  };
}
