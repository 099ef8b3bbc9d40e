import type { Vec3 } from '@lotus-steady/core/body';
import type { FaceLines } from '../src/body/faceLines.js';
import { skinX } from './headField.js';

/** Points along a line on the face: `t` from 0 to 1 gives its height and its distance from the middle. */
function line(count: number, at: (t: number) => readonly [y: number, z: number]): Vec3[] {
  return Array.from({ length: count }, (_, i): Vec3 => {
    const [y, z] = at(i / (count - 1));
    return [skinX(y, Math.abs(z)), y, z].map((v) => Math.round(v * 100) / 100) as Vec3;
  });
}

/** Eyes, brows, nose and mouth as lines on the skin of the face, in the head's axes, cm at 165 cm of height. */
export function faceLines(): FaceLines {
  const arch = (t: number): number => Math.sin(Math.PI * t);
  return {
    upperLid: line(9, (t) => [1.25 + 0.46 * arch(t) - 0.1 * t, 1.75 + 2.75 * t]),
    lowerLid: line(9, (t) => [1.25 - 0.46 * arch(t) - 0.1 * t, 1.75 + 2.75 * t]),
    closedLid: line(9, (t) => [1.1 - 0.55 * arch(t) - 0.05 * t, 1.7 + 2.85 * t]),
    iris: line(1 + 8, (t) => [
      1.26 + 0.44 * Math.sin(2 * Math.PI * t),
      3.05 + 0.44 * Math.cos(2 * Math.PI * t),
    ]),
    brow: line(7, (t) => [
      3.35 + 0.5 * Math.sin(Math.PI * Math.min(1, t * 0.75 + 0.15)) - 0.3 * t * t,
      1.6 + 3.3 * t,
    ]),
    ear: line(7, (t) => [2.1 - 3.6 * t, 7.9 - 0.35 * Math.abs(2 * t - 1)]).map(([, y, z], i): Vec3 => {
      const t = i / 6;
      return [Math.round((1.25 - 1.9 * Math.sin(Math.PI * (0.15 + 0.7 * t)) + 0.4 * t) * 100) / 100, y, z];
    }),
    nose: line(7, (t) => [-2.05 + 0.45 * (2 * t - 1) ** 2, 1.25 * (2 * t - 1)]),
    mouth: line(9, (t) => [-3.95 + 0.22 * (2 * t - 1) ** 2, 1.85 * (2 * t - 1)]),
  };
}
