import {
  DEGREES,
  inverse,
  length,
  multiply,
  rotationAbout,
  scale,
  unit,
  type Rotation,
  type Vec3,
} from '@lotus-steady/core/body';

/**
 * Part of the turn from one rotation to another, the short way round.
 *
 * @param share 0 is the first, 1 the second
 */
export function partway(from: Rotation, to: Rotation, share: number): Rotation {
  const m = multiply(inverse(from), to);
  const cos = Math.max(-1, Math.min(1, (m[0] + m[4] + m[8] - 1) / 2));
  const angle = Math.acos(cos);
  if (angle < 1e-5) return from;
  let axis: Vec3 = [m[5] - m[7], m[6] - m[2], m[1] - m[3]];
  // Half a turn has no sense: about the upright axis.
  if (length(axis) < 1e-6) axis = [0, 0, 1];
  return multiply(from, rotationAbout(scale(unit(axis), angle * DEGREES * share)));
}
