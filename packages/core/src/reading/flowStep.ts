import { HALF_BREATH } from '../poses/flows.js';
import { PACE } from '../people/pace.js';
import type { InFlow, Step } from './plan.js';
import type { Side } from '../side.js';
import type { AskedHold } from './readCount.js';
import { sidesIn, type ReadShape } from './readFlow.js';

/** A step as one shape of a flow: as long in all as its breath in so many rounds. */
export function flowStep<S extends Pick<Step, 'text' | 'line'>>(
  step: S,
  { pose, variant, on, breaths = HALF_BREATH, side }: ReadShape,
  flow: Pick<InFlow, 'number' | 'name' | 'rounds'>,
): S & Pick<Step, 'pose' | 'variant' | 'hold' | 'sides' | 'flow'> {
  const { sides, times } = sidesIn(side, flow.rounds);
  return {
    ...step,
    pose,
    variant,
    sides,
    hold: { unit: 'breaths', count: times * breaths },
    flow: { ...flow, breaths, ...(on ? { on } : {}) },
  };
}

/** Breaths that a shape of a chain is stayed in: seconds at the usual pace, to a tenth. */
export const breathsOf = ({ unit, count }: AskedHold): number =>
  unit === 'seconds' ? Math.round((count / PACE.breath) * 10) / 10 : count;

/** A step that was read as one shape of a flow again, with what its flow is now. */
export const flowAnew = (step: Step, flow: Pick<InFlow, 'number' | 'name' | 'rounds'>): Step =>
  flowStep(step, shapeOf(step), flow);

/** The side that a shape keeps to; undefined where its sides take turns: of these one round has the right alone. */
export const sideOf = ({ sides, flow }: Pick<Step, 'sides' | 'flow'>): Side | undefined =>
  sides.length === 1 && !(flow?.rounds === 1 && sides[0] === 'right') ? sides[0] : undefined;

/** The shape that a step is of its flow, or would be. */
export function shapeOf(step: Step): ReadShape {
  const { pose, variant, flow } = step;
  return {
    pose,
    variant,
    ...(flow ? { breaths: flow.breaths } : {}),
    ...(flow?.on ? { on: flow.on } : {}),
    ...(pose.side ? { side: sideOf(step) ?? 'leading' } : {}),
  };
}
