import type { Vec3 } from '@lotus-steady/core';
import type { Ball3, Part } from './parts.js';

/** A part with its balls as the camera sees them and its bounds on the page. */
export interface Seen {
  part: Part;
  balls: readonly Ball3[];
  bounds: readonly [number, number, number, number];
  depth: number;
}

/**
 * Parts from back to front. For every pair that overlaps on the page the one nearer *where they
 * overlap* is in front (midpoints would lie for long limbs); against a box, a separating face decides exactly.
 *
 * @param towards direction from the scene to the camera
 */
export function depthOrder(seen: readonly Seen[], towards: Vec3): Part[] {
  const n = seen.length;
  const front = Array.from({ length: n }, () => new Float64Array(n));
  for (let i = 0; i < n; i++) {
    for (let j = i + 1; j < n; j++) {
      const a = seen[i]!;
      const b = seen[j]!;
      if (
        a.bounds[0] > b.bounds[2] ||
        b.bounds[0] > a.bounds[2] ||
        a.bounds[1] > b.bounds[3] ||
        b.bounds[1] > a.bounds[3]
      )
        continue;
      const weight = towardsFace(a.part, b.part, towards) * 50 || nearer(a.balls, b.balls);
      front[i]![j] = weight;
      front[j]![i] = -weight;
    }
  }
  // Draw next whatever has least still waiting behind it.
  const left = new Set(seen.keys());
  const order: Part[] = [];
  while (left.size) {
    let best = -1;
    let least = Infinity;
    for (const i of left) {
      let waiting = 0;
      for (const j of left) if (front[i]![j]! > 0) waiting += front[i]![j]!;
      if (
        waiting < least - 1e-9 ||
        (Math.abs(waiting - least) < 1e-9 && seen[i]!.depth < seen[best]!.depth)
      ) {
        least = waiting;
        best = i;
      }
    }
    left.delete(best);
    order.push(seen[best]!.part);
  }
  return order;
}

/** Positive where the first part is nearer the camera, weighed over the places where they overlap. */
function nearer(a: readonly Ball3[], b: readonly Ball3[]): number {
  let sum = 0;
  for (const [p, r] of a)
    for (const [q, t] of b) {
      const over = r + t - Math.hypot(p[0] - q[0], p[1] - q[1]);
      if (over > 0) sum += Math.sign(p[2] - q[2]) * Math.min(Math.abs(p[2] - q[2]), 12) * over * over;
    }
  return sum;
}

/** Which of two parts the camera sees first, where a face of one of them says so. */
function towardsFace(a: Part, b: Part, towards: Vec3): number {
  if (a.kind === 'box') return -faceBetween(a, b, towards);
  return b.kind === 'box' ? faceBetween(b, a, towards) : 0;
}

/** +1 if the other part lies on the camera's side of a box face, -1 if behind it, 0 if no face parts them. */
function faceBetween(box: Extract<Part, { kind: 'box' }>, other: Part, towards: Vec3): number {
  let gap = -Infinity;
  let sign = 0;
  for (const axis of [0, 1, 2] as const) {
    let low = Infinity;
    let high = -Infinity;
    for (const [p, r] of other.samples) {
      low = Math.min(low, p[axis] - r);
      high = Math.max(high, p[axis] + r);
    }
    for (const [distance, direction] of [
      [low - box.max[axis], 1],
      [box.min[axis] - high, -1],
    ] as const) {
      if (distance > (axis === 1 ? -4 : -1.5) && distance > gap) {
        gap = distance;
        sign = Math.abs(towards[axis]) > 0.02 ? Math.sign(towards[axis] * direction) : 0;
      }
    }
  }
  return sign;
}
