import type { Fitting, Verdict } from '../fitting/types.js';
import type { ClassSums, Given } from './types.js';

/** From what was asked away. */
const FURTHER: readonly Verdict[] = ['as-written', 'eased', 'swapped', 'rest'];
const isFurther = (one: Verdict, than: Verdict): boolean => FURTHER.indexOf(one) > FURTHER.indexOf(than);

/**
 * What reports need of a fitting.
 *
 * @returns each step once for each person, by the side that is further from what was asked; none that was left out
 */
export function classSums({ minutes, steps, lanes, room }: Fitting): ClassSums {
  const leftOut = new Set(steps.filter((step) => step.leftOut).map(({ step }) => step));
  return {
    minutes: Math.round(minutes.planned),
    given: Object.fromEntries(
      lanes.map((lane) => {
        const given = new Map<number, Given>();
        for (const { step, askedPose: asked, pose, verdict } of lane.steps) {
          const known = given.get(step);
          if (leftOut.has(step) || (known && !isFurther(verdict, known.verdict))) continue;
          given.set(step, { step, asked, pose, verdict });
        }
        return [lane.personId, [...given.values()]];
      }),
    ),
    short: room.flatMap(({ prop, short }) => (short ? [{ prop, by: short }] : [])),
  };
}
