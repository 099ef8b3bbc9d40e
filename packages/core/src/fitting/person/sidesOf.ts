import type { Pose } from '../../poses/types.js';
import type { Side } from '../../side.js';

const BOTH: readonly Side[] = ['right', 'left'];

/**
 * The sides on which a pose is done where a step asks for some: those; both where it has sides and stands
 * in for a pose that has none; none for a pose without sides.
 *
 * @example Opposite arm and leg for a locust of 4 breaths: `sidesOf(oppositeArmAndLeg, [])` is right and
 * left, 2 breaths each.
 */
export function sidesOf({ side }: Pick<Pose, 'side'>, asked: readonly Side[]): readonly Side[] {
  if (!side) return [];
  return asked.length ? asked : BOTH;
}
