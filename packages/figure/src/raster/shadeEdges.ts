import type { Buffers } from './buffer.js';

/** Less light than this is shade. */
export const SHADE = 0;

/** Adds to the exact crossings where light passes the threshold between two pixels of one area. */
export function shadeEdges({ buffer, labels, dark, exact }: Buffers): void {
  const { light, width, height, from, to } = buffer;
  for (let y = 1; y < height - 1; y++)
    if (to[y]! >= 0)
      shadeRow(
        y * width + Math.max(1, from[y]!),
        y * width + Math.min(width - 2, to[y]!),
        y,
        width,
        light,
        labels,
        dark,
        exact.v,
        exact.h,
      );
}

function shadeRow(
  first: number,
  last: number,
  y: number,
  bw: number,
  light: Float32Array,
  labels: Uint8Array,
  dark: Uint8Array,
  v: Float32Array,
  hh: Float32Array,
): void {
  for (let i = first; i <= last; i++) {
    const d = dark[i]!;
    const l = labels[i]!;
    if (l === 0) continue;
    if (d !== dark[i - 1]! && l === labels[i - 1]) {
      const f = (SHADE - light[i - 1]!) / (light[i]! - light[i - 1]!);
      if (f >= 0 && f <= 1) v[i + y] = i - y * bw - 0.5 + f;
    }
    if (d !== dark[i - bw]! && l === labels[i - bw]) {
      const f = (SHADE - light[i - bw]!) / (light[i]! - light[i - bw]!);
      if (f >= 0 && f <= 1) hh[i + y] = y - 0.5 + f;
    }
  }
}
