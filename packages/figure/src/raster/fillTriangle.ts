import type { Buffer } from './buffer.js';

/**
 * Fills one triangle, whichever way it turns: where it is nearer than what is there.
 *
 * @param x0 pixels to the right, @param y0 pixels down, @param z0 depth, growing towards the eye, cm; @param l0 light,
 *   each at its three corners
 * @param id what is drawn
 */
export function fillTriangle(
  b: Buffer,
  x0: number,
  y0: number,
  z0: number,
  l0: number,
  x1: number,
  y1: number,
  z1: number,
  l1: number,
  x2: number,
  y2: number,
  z2: number,
  l2: number,
  id: number,
): void {
  const area = (x1 - x0) * (y2 - y0) - (x2 - x0) * (y1 - y0);
  if (area === 0) return;
  const width = b.width;
  const depth = b.depth;
  const ids = b.id;
  const light = b.light;
  let minX = x0 < x1 ? x0 : x1;
  let maxX = x0 > x1 ? x0 : x1;
  let minY = y0 < y1 ? y0 : y1;
  let maxY = y0 > y1 ? y0 : y1;
  if (x2 < minX) minX = x2;
  if (x2 > maxX) maxX = x2;
  if (y2 < minY) minY = y2;
  if (y2 > maxY) maxY = y2;
  // Pixel centres at +0.5.
  const ax = Math.max(0, Math.ceil(minX - 0.5));
  const bx = Math.min(width - 1, Math.floor(maxX - 0.5));
  const ay = Math.max(0, Math.ceil(minY - 0.5));
  const by = Math.min(b.height - 1, Math.floor(maxY - 0.5));
  if (ax > bx || ay > by) return;
  const s = 1 / area;
  const from = b.from;
  const to = b.to;
  // Barycentric steps.
  const w1x = (y2 - y0) * s;
  const w1y = -(x2 - x0) * s;
  const w2x = -(y1 - y0) * s;
  const w2y = (x1 - x0) * s;
  const sx = ax + 0.5 - x0;
  const sy = ay + 0.5 - y0;
  let r1 = sx * w1x + sy * w1y;
  let r2 = sx * w2x + sy * w2y;
  const dz1 = z1 - z0;
  const dz2 = z2 - z0;
  const dl1 = l1 - l0;
  const dl2 = l2 - l0;
  const zx = w1x * dz1 + w2x * dz2;
  const lx = w1x * dl1 + w2x * dl2;
  const w0x = -w1x - w2x;
  for (let y = ay; y <= by; y++, r1 += w1y, r2 += w2y) {
    // Where all three weights are above 0 along this row.
    let lo = 0;
    let hi = bx - ax;
    const r0 = 1 - r1 - r2;
    if (w1x > 0) {
      const t = -r1 / w1x;
      if (t > lo) lo = t;
    } else if (w1x < 0) {
      const t = -r1 / w1x;
      if (t < hi) hi = t;
    } else if (r1 < 0) continue;
    if (w2x > 0) {
      const t = -r2 / w2x;
      if (t > lo) lo = t;
    } else if (w2x < 0) {
      const t = -r2 / w2x;
      if (t < hi) hi = t;
    } else if (r2 < 0) continue;
    if (w0x > 0) {
      const t = -r0 / w0x;
      if (t > lo) lo = t;
    } else if (w0x < 0) {
      const t = -r0 / w0x;
      if (t < hi) hi = t;
    } else if (r0 < 0) continue;
    const start = Math.ceil(lo - 1e-4);
    const end = Math.floor(hi + 1e-4);
    if (start > end) continue;
    const x = ax + start;
    const xe = ax + end;
    if (x < from[y]!) from[y] = x;
    if (xe > to[y]!) to[y] = xe;
    let z = z0 + r1 * dz1 + r2 * dz2 + start * zx;
    let l = l0 + r1 * dl1 + r2 * dl2 + start * lx;
    for (let i = y * width + x, e = y * width + xe; i <= e; i++, z += zx, l += lx)
      if (z > depth[i]!) {
        depth[i] = z;
        ids[i] = id;
        light[i] = l;
      }
  }
}
