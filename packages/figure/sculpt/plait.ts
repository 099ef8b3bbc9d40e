/** Long hair, tied once at the back of the head: its bones hang the way down is. */
import type { Vec3 } from '@lotus-steady/core/body';
import { PLAIT } from '../src/body/plaitBones.js';
import { cone, joined } from './field.js';
import { surfaceNets, type Surface } from './surfaceNets.js';
import { blended, smoothStep, type Weights } from './weights.js';

const [root, second, third, end] = PLAIT;
const plaitField = joined([
  [cone(root, second, 2.3, 2.7), 0],
  [cone(second, third, 2.7, 2.5), 1.5],
  [cone(third, end, 2.5, 0.9), 1.5],
]);

/** In the head's axes. */
export const plaitSurface = (cell: number): Surface =>
  surfaceNets(plaitField, [-16, -24, 0], [-4, 12, 5], cell, true);

export function plaitWeights([, y]: Vec3): Weights {
  const b = smoothStep(second[1] + 2.5, second[1] - 2.5, y);
  const c = smoothStep(third[1] + 2.5, third[1] - 2.5, y) * b;
  return blended([
    [
      [
        ['plaitA', 1 - b],
        ['plaitB', b - c],
        ['plaitC', c],
      ],
      1,
    ],
  ]);
}
