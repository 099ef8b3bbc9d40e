import { sub, wallAt, type Body, type PropPlacement, type Vec3 } from '@lotus-steady/core';
import { extent, type Flat } from './geometry.js';
import type { Part } from './parts.js';

/** The mat along the trunk (or the way the figure is long), and the wall behind it if there is one. */
export function ground(
  { frames }: Body,
  parts: readonly Part[],
  props: readonly PropPlacement[],
): { mat: Vec3[]; wall: Vec3[] } {
  const flesh = parts.filter((part) => part.limb).flatMap((part) => part.samples.map(([v]) => v));
  const [x0, x1] = extent(flesh, 0);
  const [z0, z1] = extent(flesh, 2);
  const middle: Flat = [(x0 + x1) / 2, (z0 + z1) / 2];
  const trunk = sub(frames.C7!.origin, frames.pelvis!.origin);
  const lies = Math.hypot(trunk[0], trunk[2]) > 25;
  const alongX = lies ? Math.abs(trunk[0]) >= Math.abs(trunk[2]) : x1 - x0 >= z1 - z0;
  const half = Math.max(alongX ? x1 - x0 : z1 - z0, 60) / 2 + 6;
  const wide = 27;
  const wallX = wallAt(props);
  const end = wallX ?? Infinity;
  const rect = (hx: number, hz: number): Vec3[] => {
    const right = Math.min(middle[0] + hx, end);
    return [
      [middle[0] - hx, 0, middle[1] - hz],
      [right, 0, middle[1] - hz],
      [right, 0, middle[1] + hz],
      [middle[0] - hx, 0, middle[1] + hz],
    ];
  };
  const mat = alongX ? rect(half, wide) : rect(wide, half);
  if (wallX === undefined) return { mat, wall: [] };
  const x = wallX + 0.5;
  const y = Math.max(...flesh.map((v) => v[1])) + 10;
  const z = middle[1];
  return {
    mat,
    wall: [
      [x, 0, z - wide],
      [x, y, z - wide],
      [x, y, z + wide],
      [x, 0, z + wide],
    ],
  };
}
