import { sub, wallAt, type Body, type PropPlacement, type Vec3 } from '@lotus-steady/core/body';
import type { Skinned } from '../body/skin.js';

/** Corners of the mat, and of the wall behind it if there is one (from the floor at the back, round). */
export interface Ground {
  mat: Vec3[];
  wall: Vec3[];
}

/** Half a mat's width, cm. */
const MAT_HALF = 27;

/** The mat along the trunk, or the way the figure is long. */
export function ground({ frames }: Body, { position }: Skinned, props: readonly PropPlacement[]): Ground {
  const [x0, x1, z0, z1, top] = extentOf(position);
  const middle = [(x0 + x1) / 2, (z0 + z1) / 2] as const;
  const trunk = sub(frames.C7!.origin, frames.pelvis!.origin);
  const lies = Math.hypot(trunk[0], trunk[2]) > 25;
  const alongX = lies ? Math.abs(trunk[0]) >= Math.abs(trunk[2]) : x1 - x0 >= z1 - z0;
  const half = Math.max(alongX ? x1 - x0 : z1 - z0, 60) / 2 + 6;
  const wallX = wallAt(props);
  const rect = (hx: number, hz: number): Vec3[] => {
    const right = Math.min(middle[0] + hx, wallX ?? Infinity);
    return [
      [middle[0] - hx, 0, middle[1] - hz],
      [right, 0, middle[1] - hz],
      [right, 0, middle[1] + hz],
      [middle[0] - hx, 0, middle[1] + hz],
    ];
  };
  const mat = alongX ? rect(half, MAT_HALF) : rect(MAT_HALF, half);
  if (wallX === undefined) return { mat, wall: [] };
  const x = wallX + 0.5;
  const y = top + 8;
  const z = middle[1];
  return {
    mat,
    wall: [
      [x, 0, z - MAT_HALF],
      [x, y, z - MAT_HALF],
      [x, y, z + MAT_HALF],
      [x, 0, z + MAT_HALF],
    ],
  };
}

type Extent = [x0: number, x1: number, z0: number, z1: number, top: number];

function extentOf(position: Float32Array): Extent {
  const extent: Extent = [Infinity, -Infinity, Infinity, -Infinity, 0];
  for (let i = 0; i < position.length; i += 3) {
    const x = position[i]!;
    const z = position[i + 2]!;
    if (x < extent[0]) extent[0] = x;
    if (x > extent[1]) extent[1] = x;
    if (z < extent[2]) extent[2] = z;
    if (z > extent[3]) extent[3] = z;
    if (position[i + 1]! > extent[4]) extent[4] = position[i + 1]!;
  }
  return extent;
}
