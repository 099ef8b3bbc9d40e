import { PROP } from '../raster/buffer.js';
import type { Rendered } from '../raster/render.js';
import { REGIONS, regionsOf, type Region } from './regions.js';

/** How much of each region is seen, of what faces the eye: 0 behind something, 1 all of it. */
export type Seen = Readonly<Record<Region, number>>;

/** A region of which less is seen than this cannot be made out. */
export const MADE_OUT = 0.12;

/** Counts what a rendered stage shows of each region. */
export function seenOf({ stage, buffers, corners, front }: Rendered): Seen {
  const { mesh } = stage.skinned;
  const regions = regionsOf(mesh);
  const whole = new Float64Array(REGIONS.length + 1);
  for (let t = 0; t < mesh.triangles; t++) {
    if (!front[t] || !regions[t]) continue;
    const [p, q, r] = [0, 1, 2].map((j) => mesh.triangle[t * 3 + j]!) as [number, number, number];
    const { x, y } = corners;
    whole[regions[t]!]! +=
      Math.abs((x[q]! - x[p]!) * (y[r]! - y[p]!) - (x[r]! - x[p]!) * (y[q]! - y[p]!)) / 2;
  }
  const shown = new Float64Array(REGIONS.length + 1);
  const { id, width, height, from, to } = buffers.buffer;
  for (let y = 0; y < height; y++)
    for (let x = from[y]!; x <= to[y]!; x++) {
      const triangle = id[y * width + x]!;
      if (triangle > 0 && triangle < PROP) shown[regions[triangle - 1]!]!++;
    }
  return Object.fromEntries(
    REGIONS.map((region, i) => [region, Math.min(1, shown[i + 1]! / Math.max(1, whole[i + 1]!))]),
  ) as Record<Region, number>;
}

/** The regions that cannot be made out. */
export const hiddenIn = (seen: Seen): Region[] => REGIONS.filter((region) => seen[region] < MADE_OUT);
