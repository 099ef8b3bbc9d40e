import { HALF_BREATH } from '../poses/flows.js';
import { PACE } from '../people/pace.js';
import type { InFlow, Step } from './plan.js';
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

/** Breaths that a step of a chain was asked for; undefined where it only is gone into. */
export function breathsOf({ unit, count }: AskedHold): number {
  return unit === 'seconds' ? count / PACE.breath : count;
}

/** A step that was read as one shape of a flow again, with what its flow is now. */
export const flowAnew = (step: Step, flow: Pick<InFlow, 'number' | 'name' | 'rounds'>): Step =>
  flowStep(step, shapeOf(step), flow);

/** The shape that a step is of its flow, or would be. */
export function shapeOf({ pose, variant, sides, flow }: Step): ReadShape {
  const side = sides.length === 1 && (flow === undefined || flow.rounds > 1) ? sides[0]! : 'leading';
  return {
    pose,
    variant,
    ...(flow ? { breaths: flow.breaths } : {}),
    ...(flow?.on ? { on: flow.on } : {}),
    ...(pose.side ? { side } : {}),
  };
}
