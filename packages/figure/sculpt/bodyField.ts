/** Trunk, neck, legs and arms as one field, with what they wear. */
import type { Vec3 } from '@lotus-steady/core/body';
import { cone, ellipsoid, joined, loft, smoothUnion, type Field } from './field.js';
import { onTheRight, within } from './rest.js';

// In the pelvis's axes, y from the hip joints up: C7 is at 53.6, the top of the neck at 65.1.
const trunkLoft = loft(
  [
    [-8.4, 3.6, -5.8, 3.4],
    [-5, 7, -8.0, 9.6],
    [-1, 8.8, -9.3, 14.0],
    [4, 9.3, -9.3, 15.1],
    [9, 9.3, -8.5, 14.4],
    [14, 9.3, -7.9, 13.0],
    [20, 9.0, -7.8, 12.1],
    [26, 9.1, -8.3, 12.4],
    [32, 9.5, -9.1, 13.0],
    [37, 9.8, -9.6, 13.6],
    [42, 8.8, -9.3, 13.7],
    [46, 7.0, -8.6, 12.6],
    [49.5, 5.0, -7.5, 10.4],
    [52, 4.0, -6.2, 7.8],
    [54.5, 3.9, -5.0, 5.9],
  ],
  2.25,
);
const neck = loft([
  [48, 3, -4.6, 5.4],
  [53, 4.2, -4.5, 5.1],
  [57, 4.8, -4.2, 4.5],
  [61, 5.3, -4.1, 4.4],
  [66, 5.7, -4.2, 4.5],
  [69, 5.7, -4.2, 4.3],
]);
const trunk = joined([
  [trunkLoft, 0],
  [ellipsoid([-3.5, -1.5, 6.8], [5.5, 6.2, 6.5]), 4.6],
  [ellipsoid([6.3, 36.3, 6.3], [4.6, 5.2, 5.2], -12, 12), 4.5],
  [ellipsoid([0.5, 46.5, 11.5], [5.8, 5.2, 6.2]), 4],
  [cone([-2.0, 54.2, 3.4], [-1.0, 49.4, 14.2], 3.0, 3.2), 4.5],
  [neck, 3.2],
]);

// Trousers hang a little off thigh and calf: their outline is one long line.
const thigh = within(
  'thighR',
  loft([
    [3, 7.4, -7.4, 5.8, -5.6],
    [-4, 8.1, -7.9, 6.5, -6.9],
    [-12, 7.9, -7.3, 6.5, -7.0],
    [-22, 7.3, -6.7, 5.9, -6.3],
    [-31, 6.4, -6.0, 5.6, -5.7],
    [-37, 5.8, -5.6, 5.3, -5.4],
    [-40.4, 5.5, -5.4, 5.15, -5.25],
    [-44, 5.2, -5.1, 4.9, -5.0],
  ]),
);
const kneecap = within('thighR', ellipsoid([2.9, -39.4, 0], [2.7, 3.8, 3.3]));
const shank = within(
  'shankR',
  loft([
    [3, 5.3, -5.2, 5.05, -5.15],
    [-3, 5.1, -5.5, 5.05, -5.15],
    [-9, 4.9, -6.2, 5.1, -5.2],
    [-14, 4.7, -6.3, 5.0, -5.1],
    [-20, 4.45, -5.7, 4.6, -4.7],
    [-27, 4.15, -4.8, 4.1, -4.1],
    [-33.5, 3.95, -4.3, 3.8, -3.75],
    [-35, 3.3, -3.7, 3.3, -3.2],
    [-38, 3.1, -3.5, 3.0, -3.0],
    [-41, 3.2, -3.3, 3.1, -3.1],
    [-43, 3.0, -3, 2.8, -2.8],
  ]),
);
const leg = joined([
  [thigh, 0],
  [shank, 2.6],
  [kneecap, 2.4],
]);

const sleeve = within(
  'upperArmR',
  loft([
    [2, 4.4, -4.5, 4.1, -4.0],
    [-3, 4.8, -4.9, 4.45, -4.4],
    [-8, 4.9, -5.0, 4.6, -4.7],
    [-13.6, 4.9, -4.95, 4.6, -4.65],
    [-14.4, 4.0, -4, 3.8, -3.8],
  ]),
);
const upperArm = within(
  'upperArmR',
  loft([
    [1, 4.4, -4.4, 4.6, -4.2],
    [-6, 4.7, -4.8, 4.6, -4.4],
    [-14, 4.3, -4.4, 4.0, -4.0],
    [-22, 3.9, -3.9, 3.5, -3.5],
    [-28, 3.6, -3.6, 3.5, -3.4],
    [-33, 3.3, -3.4, 3.3, -3.3],
  ]),
);
const shoulder = within('upperArmR', ellipsoid([0, -1.8, 0], [4.7, 6.2, 4.1]));
const forearm = within(
  'forearmR',
  loft([
    [2.5, 3.3, -3.4, 3.4, -3.4],
    [-2, 3.7, -3.6, 3.7, -3.6],
    [-7, 4.0, -3.8, 3.7, -3.6],
    [-13, 3.5, -3.3, 3.2, -3.1],
    [-19, 2.8, -2.7, 2.4, -2.3],
    [-24.1, 2.55, -2.45, 1.9, -1.85],
    [-26.5, 2.6, -2.6, 1.6, -1.6],
  ]),
);
const arm = joined([
  [upperArm, 0],
  [shoulder, 3],
  [forearm, 2],
  [sleeve, 0.5],
]);

/** The whole body but for head, hands and feet. */
export const bodyField: Field = (place: Vec3) => {
  const right = onTheRight(place);
  return smoothUnion(smoothUnion(trunk(right), leg(right), 3.2), arm(right), 3.4);
};
