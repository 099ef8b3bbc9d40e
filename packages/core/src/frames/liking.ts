import type { Pose, Purpose } from '../poses/types.js';
import type { Aim } from './types.js';

/** How much more what serves an aim is liked; and how much less what was there before. Common practice. */
const SERVES = 4;
const SERVES_BESIDE = 2;
const SAME_PURPOSE = 0.15;
const SAME_REGION = 0.6;
const NEW_DIRECTION = 1.8;

const serves = ({ action, region }: Purpose, { actions, regions }: Aim): boolean =>
  (actions?.includes(action) ?? false) || (regions?.includes(region) ?? false);

/**
 * How gladly a pose is taken into a class, 0 and up: for what it serves, for a direction of the spine that is missing,
 * and less for each that was for the same.
 *
 * @param taken what is in the class already
 */
export function likingOf(pose: Pose, aim: Aim, taken: readonly Pose[]): number {
  const [first, ...beside] = pose.purposes;
  let liking = 1;
  if (serves(first, aim)) liking *= SERVES;
  else if (beside.some((purpose) => serves(purpose, aim))) liking *= SERVES_BESIDE;
  if (aim.energy === pose.energy) liking *= SERVES_BESIDE;
  const directions = (of: Pose): string[] => of.purposes.flatMap(({ spine }) => spine ?? []);
  const known = new Set(taken.flatMap(directions));
  if (directions(pose).some((direction) => !known.has(direction))) liking *= NEW_DIRECTION;
  for (const { purposes } of taken) {
    const [other] = purposes;
    if (other.region !== first.region) continue;
    liking *= other.action === first.action ? SAME_PURPOSE : SAME_REGION;
  }
  return liking;
}
