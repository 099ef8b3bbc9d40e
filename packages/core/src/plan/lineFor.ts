import type { Pose } from '../poses/types.js';
import { nameOf } from '../reading/nameOf.js';
import type { Step } from '../reading/plan.js';
import { sayAsked } from './sayAsked.js';

/**
 * A line that adds a pose to a written sequence, as long as it usually is held.
 *
 * @example lineFor(eagle) // 'Eagle, 5 breaths each side'
 */
export const lineFor = ({ name, hold, side }: Pick<Pose, 'name' | 'hold' | 'side'>): string =>
  `${name}, ${sayAsked({ unit: hold.unit, count: hold.usual })}${side ? ' each side' : ''}`;

/**
 * A step written out in full: read again it is the same step.
 *
 * @param hold as it is said; as the step has it unless said
 * @example lineOf(step) // 'Tree, hand on the wall, 30 s left'
 */
export function lineOf(
  step: Pick<Step, 'pose' | 'variant' | 'isOpen' | 'hold' | 'sides'>,
  hold = sayAsked(step.hold),
): string {
  const { sides } = step;
  const side = sides.length > 1 ? ' each side' : sides.map((one) => ` ${one}`).join('');
  return `${nameOf(step)}, ${hold}${side}`;
}
