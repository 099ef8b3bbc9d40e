import type { Vec3 } from '@lotus-steady/core/body';
import { cone, ellipsoid, smoothUnion, type Field } from './field.js';

/** Root and tip of each finger, across and along the hand, and its radius: index to little finger. */
const FINGERS = [
  [2.75, -9.0, 2.95, -16.0, 0.92],
  [0.95, -9.4, 1.05, -17.2, 0.96],
  [-0.85, -9.2, -0.85, -16.5, 0.92],
  [-2.5, -8.6, -2.75, -14.4, 0.82],
] as const;
const fingers = FINGERS.map(([x0, y0, x1, y1, radius]): Field => {
  const ym = y0 + (y1 - y0) * 0.48;
  const xm = x0 + (x1 - x0) * 0.5;
  const root = cone([x0, y0, -0.1], [xm, ym, 0.05], radius * 1.06, radius);
  const tip = cone([xm, ym, 0.05], [x1, y1, -0.7], radius, radius * 0.78);
  return (place) => Math.min(root(place), tip(place));
});
const palm = FINGERS.map(([x0, y0]) => cone([x0 * 0.62, -0.8, -0.25], [x0, y0, -0.45], 1.6, 1.3));
const thumbRoot = cone([1.6, -1.8, -0.5], [3.9, -5.2, -1.0], 1.5, 1.15);
const thumbTip = cone([3.9, -5.2, -1.0], [5.0, -8.9, -1.1], 1.08, 0.82);
const wrist = cone([0, 2, 0], [0, -1, 0], 1.7, 1.75);
const heel = ellipsoid([0.2, -3.6, -0.6], [3.1, 3.2, 1.35]);

/** A right hand in its own axes: fingers along -y, thumb towards +x, palm towards -z; wrist at the origin. */
export const handField: Field = (place: Vec3) => {
  let distance = wrist(place);
  for (const part of palm) distance = smoothUnion(distance, part(place), 1.6);
  distance = smoothUnion(distance, heel(place), 1);
  distance = smoothUnion(distance, smoothUnion(thumbRoot(place), thumbTip(place), 0.5), 1.1);
  let nearest = Infinity;
  for (const finger of fingers) nearest = Math.min(nearest, finger(place));
  return smoothUnion(distance, nearest, 0.6);
};
