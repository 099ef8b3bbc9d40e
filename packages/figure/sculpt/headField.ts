/** Head, hair and what lies on the face, in the head's own axes: face towards +x. */
import type { Vec3 } from '@lotus-steady/core/body';
import { cone, ellipsoid, joined, smoothIntersection, smoothUnion, type Field } from './field.js';
import { onTheRight } from './rest.js';

const skull = joined([
  [ellipsoid([0.6, 4.1, 0], [9.1, 8.2, 7.3]), 0],
  [ellipsoid([3.9, -0.6, 0], [5.3, 7.0, 5.4]), 2.5],
  [cone([1.7, -2.6, 3.9], [7.0, -6.0, 0.8], 1.8, 1.4), 2.6],
  [ellipsoid([7.6, -6.2, 0], [1.6, 1.5, 1.9]), 1.6],
  [ellipsoid([6.4, -1.6, 3.3], [2.4, 2.2, 2.2]), 2],
  [ellipsoid([8.0, 3.9, 2.4], [1.9, 1.6, 2.6], 0, -20), 1.8],
]);
const nose = joined([
  [cone([9.1, 2.2, 0], [10.45, -1.2, 0], 0.55, 0.82), 0],
  [ellipsoid([9.7, -1.5, 0.75], [1.0, 0.7, 0.75]), 0.6],
]);
const lips = ellipsoid([8.9, -3.8, 0], [0.95, 0.95, 1.75]);
const socket = ellipsoid([9.9, 1.3, 3.1], [1.4, 1.3, 1.9]);
const ear = ellipsoid([0.1, 0.2, 7.05], [1.65, 2.9, 0.8], 14, 20);
const earHollow = ellipsoid([0.7, 0.6, 8.4], [1.1, 1.9, 0.8], 12);

/** The bare head. */
export const faceField: Field = (place: Vec3) => {
  const right = onTheRight(place);
  let distance = smoothIntersection(skull(right), -socket(right), 1.2);
  distance = smoothUnion(distance, nose(right), 0.9);
  distance = smoothUnion(distance, lips(right), 0.9);
  return smoothUnion(distance, smoothIntersection(ear(right), -earHollow(right), 0.5), 0.5);
};

const cap = ellipsoid([-0.1, 4.5, 0], [9.25, 8.7, 7.95]);
const nape = ellipsoid([-3.6, -1.2, 0], [5.0, 6.0, 6.5]);
/** Positive in front of the hairline. */
const beforeHairline = ([x, y, z]: Vec3): number =>
  1.25 - 0.016 * z * z * (y > 2 ? 1 : Math.max(0, y / 2)) - (0.8 * x - 0.6 * y);

/** The hair that covers the head. */
export const hairField: Field = (place: Vec3) => {
  const right = onTheRight(place);
  return smoothIntersection(smoothUnion(cap(right), nape(right), 2), -beforeHairline(right), 0.9);
};

/** Head and hair as one surface. */
export const headField: Field = (place) => Math.min(faceField(place), hairField(place));

/** Where hair can be gathered, by what the head rests on: high, and at the nape. */
export const BUNS: readonly { at: Vec3; radii: Vec3; turn: number }[] = [
  { at: [-6.0, 11.0, 0], radii: [3.9, 3.6, 4.1], turn: -35 },
  { at: [-9.9, 4.2, 0], radii: [3.4, 3.7, 3.9], turn: 0 },
];
export const bunField = ({ at, radii, turn }: (typeof BUNS)[number]): Field => ellipsoid(at, radii, turn);

/** x of the skin of the face for a height and a distance from the middle. */
export function skinX(y: number, z: number): number {
  let x = 14;
  while (x > 0 && faceField([x, y, z]) > 0) x -= 0.02;
  return x;
}
