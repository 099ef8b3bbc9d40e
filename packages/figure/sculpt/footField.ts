import type { Vec3 } from '@lotus-steady/core/body';
import { cone, ellipsoid, joined, smoothIntersection, smoothUnion, type Field } from './field.js';

/** Root and tip of each toe, along and across the foot, and its radii: big to little toe. */
const toes = (
  [
    [13.0, -2.9, 18.4, -2.65, 1.4, 1.2],
    [13.6, -0.75, 18.3, -0.65, 1.0, 0.86],
    [13.2, 1.0, 17.6, 1.15, 0.95, 0.82],
    [12.8, 2.65, 16.7, 2.85, 0.92, 0.8],
    [12.2, 4.1, 15.5, 4.35, 0.9, 0.78],
  ] as const
).map(([x0, z0, x1, z1, r0, r1]) => cone([x0, -6.35 + r0 + 0.15, z0], [x1, -6.45 + r1 + 0.05, z1], r0, r1));
const foot = joined([
  [cone([-0.3, 3.5, 0], [-0.6, -1, 0], 2.9, 3.2), 0],
  [ellipsoid([-2.4, -3.6, 0], [4.1, 3.4, 2.95]), 2.2],
  [cone([0.8, -1.8, -0.2], [9.5, -4.2, -0.9], 3.0, 1.9), 2.2],
  [cone([-1.5, -5.0, 0.3], [10.5, -5.05, 2.5], 1.8, 1.4), 2],
  [ellipsoid([10.8, -4.98, 0.2], [4.0, 1.5, 4.3]), 1.8],
  [cone([9, -5, -2], [13, -5.0, -2.8], 1.5, 1.4), 1.2],
  // The ankle bones.
  [ellipsoid([0, -1.0, 2.8], [1.2, 1.3, 0.8]), 0.8],
  [ellipsoid([0.3, -0.3, -2.8], [1.2, 1.3, 0.8]), 0.8],
]);

/** The sole is this far under the ankle. */
const SOLE = 6.45;

/** A right foot in its own axes: ankle at the origin, toes towards +x, the big one at -z. */
export const footField: Field = (place: Vec3) => {
  let nearest = Infinity;
  for (const toe of toes) nearest = smoothUnion(nearest, toe(place), 0.2);
  // The arch stands off the floor on the inner side.
  const arch =
    Math.max(0, 1 - ((place[0] - 4.2) / 4.5) ** 2) * Math.max(0, Math.min(1, -place[2] / 2.4)) * 1.3;
  return smoothIntersection(smoothUnion(foot(place), nearest, 0.6), -(place[1] + SOLE - arch), 0.5);
};
