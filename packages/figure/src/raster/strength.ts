import { PROP } from './buffer.js';

/** Neighbours of the body that are nearer each other in depth than this are one surface, cm. */
export const LEAST_JUMP = 0.25;

/**
 * How far two neighbouring pixels are from each other on the surface at rest, cm: much, where one part stands before
 * another, however steep the depth. This alone tells folds from surface.
 *
 * @param middle of each triangle at rest
 */
export function strength(
  id: Int32Array,
  depth: Float32Array,
  middle: Float32Array,
  i: number,
  j: number,
): number {
  const s = id[i]!;
  const t = id[j]!;
  if (s === t || s === 0 || t === 0) return 0;
  if (s >= PROP || t >= PROP) return s >= PROP && t >= PROP ? 0 : 20;
  const p = (s - 1) * 3;
  const q = (t - 1) * 3;
  const dx = middle[p]! - middle[q]!;
  const dy = middle[p + 1]! - middle[q + 1]!;
  const dz = middle[p + 2]! - middle[q + 2]!;
  const jump = Math.abs(depth[i]! - depth[j]!);
  return jump < LEAST_JUMP ? 0 : Math.sqrt(dx * dx + dy * dy + dz * dz) * Math.min(1, 0.5 + jump * 0.25);
}
