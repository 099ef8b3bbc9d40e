import type { Vec3 } from '@lotus-steady/core/body';
import type { Field } from './field.js';

/** Triangles in space; they turn anticlockwise as seen from outside. */
export interface Surface {
  positions: Vec3[];
  normals: Vec3[];
  triangles: [number, number, number][];
}

const CORNERS = [
  [0, 0, 0],
  [1, 0, 0],
  [0, 1, 0],
  [1, 1, 0],
  [0, 0, 1],
  [1, 0, 1],
  [0, 1, 1],
  [1, 1, 1],
] as const;
const EDGES = [
  [0, 1],
  [2, 3],
  [4, 5],
  [6, 7],
  [0, 2],
  [1, 3],
  [4, 6],
  [5, 7],
  [0, 4],
  [1, 5],
  [2, 6],
  [3, 7],
] as const;

/**
 * Naive surface nets of a field within a box (Gibson 1998): a corner in each cell that the surface crosses, drawn
 * onto the surface by Newton steps afterwards.
 *
 * @param halved only z of 0 and more, for a field that is its own mirror image: corners of the first layer lie at 0
 */
export function surfaceNets(field: Field, min: Vec3, max: Vec3, cell: number, halved = false): Surface {
  const from: Vec3 = halved ? [min[0], min[1], -cell / 2] : min;
  const [nx, ny, nz] = [0, 1, 2].map((i) => Math.ceil((max[i]! - from[i]!) / cell) + 1) as Vec3;
  const index = (i: number, j: number, k: number): number => (k * ny + j) * nx + i;
  const values = new Float32Array(nx * ny * nz);
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++)
        values[index(i, j, k)] = field([from[0] + i * cell, from[1] + j * cell, from[2] + k * cell]);
  const positions: Vec3[] = [];
  const at = new Int32Array(nx * ny * nz).fill(-1);
  for (let k = 0; k < nz - 1; k++)
    for (let j = 0; j < ny - 1; j++)
      for (let i = 0; i < nx - 1; i++) {
        const here = CORNERS.map(([a, b, c]) => values[index(i + a, j + b, k + c)]!);
        const inside = here.filter((value) => value < 0).length;
        if (inside === 0 || inside === 8) continue;
        const sum: Vec3 = [0, 0, 0];
        let count = 0;
        for (const [a, b] of EDGES) {
          if (here[a]! < 0 === here[b]! < 0) continue;
          const t = here[a]! / (here[a]! - here[b]!);
          for (let axis = 0; axis < 3; axis++)
            sum[axis]! += CORNERS[a][axis]! + (CORNERS[b][axis]! - CORNERS[a][axis]!) * t;
          count++;
        }
        at[index(i, j, k)] = positions.length;
        positions.push([
          from[0] + (i + sum[0] / count) * cell,
          from[1] + (j + sum[1] / count) * cell,
          halved && k === 0 ? 0 : from[2] + (k + sum[2] / count) * cell,
        ]);
      }
  const triangles: [number, number, number][] = [];
  const quad = (corners: readonly [number, number, number, number], flip: boolean): void => {
    const [a, b, c, d] = corners;
    const apart = (p: number, q: number): number =>
      Math.hypot(...positions[p]!.map((v, i) => v - positions[q]![i]!));
    // Cut along the shorter diagonal.
    const pair: [number, number, number][] =
      apart(a, c) < apart(b, d)
        ? [
            [a, b, c],
            [a, c, d],
          ]
        : [
            [a, b, d],
            [b, c, d],
          ];
    for (const [p, q, r] of pair) triangles.push(flip ? [p, r, q] : [p, q, r]);
  };
  for (let k = 1; k < nz - 1; k++)
    for (let j = 1; j < ny - 1; j++)
      for (let i = 1; i < nx - 1; i++) {
        const inside = values[index(i, j, k)]! < 0;
        const cells = (...list: readonly Vec3[]) =>
          list.map(([a, b, c]) => at[index(i - a, j - b, k - c)]!) as [number, number, number, number];
        if (inside !== values[index(i + 1, j, k)]! < 0)
          quad(cells([0, 1, 1], [0, 0, 1], [0, 0, 0], [0, 1, 0]), !inside);
        if (inside !== values[index(i, j + 1, k)]! < 0)
          quad(cells([1, 0, 1], [1, 0, 0], [0, 0, 0], [0, 0, 1]), !inside);
        if (inside !== values[index(i, j, k + 1)]! < 0)
          quad(cells([1, 1, 0], [0, 1, 0], [0, 0, 0], [1, 0, 0]), !inside);
      }
  const gradient = (p: Vec3, e: number): Vec3 =>
    [0, 1, 2].map((axis) => {
      const ahead = [...p] as Vec3;
      const behind = [...p] as Vec3;
      ahead[axis]! += e;
      behind[axis]! -= e;
      return (field(ahead) - field(behind)) / (2 * e);
    }) as Vec3;
  for (const p of positions) {
    const middle = halved && p[2] === 0;
    for (let step = 0; step < 3; step++) {
      const g = gradient(p, 0.08);
      const steep = g[0] * g[0] + g[1] * g[1] + g[2] * g[2] || 1;
      const move = Math.max(-0.5, Math.min(0.5, field(p) / steep)) * 0.9;
      for (let i = 0; i < (middle ? 2 : 3); i++) p[i]! -= g[i]! * move;
    }
  }
  const normals = positions.map((p): Vec3 => {
    const g = gradient(p, 0.15);
    const l = Math.hypot(...g) || 1;
    return [g[0] / l, g[1] / l, halved && p[2] === 0 ? 0 : g[2] / l];
  });
  return { positions, normals, triangles };
}
