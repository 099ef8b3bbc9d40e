import type { Buffer, Exact } from './buffer.js';
import type { Projected, Rendered } from './render.js';

/** An edge this little behind what is seen is what is seen, cm. */
const SEEN_WITHIN = 1.6;

/** Numbers of the list of edges done at a time, see `skin.ts`; four are one edge. */
const BLOCK = 1024;

/** Outlines and hems of the surface where they cross from pixel to pixel, to a fraction of one. */
export function exactEdges({ stage, buffers, corners, front }: Rendered): void {
  const { edges, label } = stage.skinned.mesh;
  for (let i = 0; i < edges.length; i += BLOCK)
    crossSome(
      i,
      Math.min(i + BLOCK, edges.length),
      edges,
      label,
      front,
      corners,
      buffers.buffer,
      buffers.exact,
    );
}

/** Edges between a triangle that is seen and one that is not, or between two of different colours. */
function crossSome(
  first: number,
  end: number,
  edges: Uint16Array,
  labels: Uint8Array,
  front: Uint8Array,
  corners: Projected,
  buffer: Buffer,
  exact: Exact,
): void {
  for (let i = first; i < end; i += 4) {
    const one = edges[i + 2]!;
    const other = edges[i + 3]!;
    if (front[one] === front[other] && (!front[one] || labels[one] === labels[other])) continue;
    acrossRows(edges[i]!, edges[i + 1]!, corners, buffer, exact.v);
    acrossColumns(edges[i]!, edges[i + 1]!, corners, buffer, exact.h);
  }
}

/** Where an edge crosses the middles of rows of pixels: x, at the crack between two of a row. */
function acrossRows(
  one: number,
  other: number,
  { x, y, z }: Projected,
  { depth, width, height }: Buffer,
  crossings: Float32Array,
): void {
  const [a, b] = y[one]! > y[other]! ? [other, one] : [one, other];
  const [ax, ay, az] = [x[a]!, y[a]!, z[a]!];
  const [bx, by, bz] = [x[b]!, y[b]!, z[b]!];
  const last = Math.min(height - 1, Math.floor(by - 0.5));
  for (let row = Math.max(0, Math.ceil(ay - 0.5)); row <= last; row++) {
    const t = (row + 0.5 - ay) / (by - ay || 1);
    const at = ax + (bx - ax) * t;
    const crack = Math.floor(at - 0.5) + 1;
    if (crack < 1 || crack >= width) continue;
    const pixel = row * width + crack;
    const seen = Math.max(depth[pixel - 1]!, depth[pixel]!);
    // Rows of cracks are one longer than rows of pixels.
    if (az + (bz - az) * t > seen - SEEN_WITHIN) crossings[pixel + row] = at;
  }
}

/** Where an edge crosses the middles of columns of pixels: y, at the crack between two of a column. */
function acrossColumns(
  one: number,
  other: number,
  { x, y, z }: Projected,
  { depth, width, height }: Buffer,
  crossings: Float32Array,
): void {
  const [a, b] = x[one]! > x[other]! ? [other, one] : [one, other];
  const [ax, ay, az] = [x[a]!, y[a]!, z[a]!];
  const [bx, by, bz] = [x[b]!, y[b]!, z[b]!];
  const last = Math.min(width - 1, Math.floor(bx - 0.5));
  for (let column = Math.max(0, Math.ceil(ax - 0.5)); column <= last; column++) {
    const t = (column + 0.5 - ax) / (bx - ax || 1);
    const at = ay + (by - ay) * t;
    const crack = Math.floor(at - 0.5) + 1;
    if (crack < 1 || crack >= height) continue;
    const pixel = crack * width + column;
    const seen = Math.max(depth[pixel - width]!, depth[pixel]!);
    if (az + (bz - az) * t > seen - SEEN_WITHIN) crossings[pixel + crack] = at;
  }
}
