/**
 * Signed distance fields: what the body is sculpted from, in cm at 165 cm of height. Below 0 is inside. Distances are
 * exact on the surface and near enough around it.
 */
import type { Vec3 } from '@lotus-steady/core/body';

/** A distance to a surface for every place, cm. */
export type Field = (place: Vec3) => number;

/** The nearer of two surfaces, the seam between them filled with a radius of about `k` cm (polynomial minimum). */
export const smoothUnion = (a: number, b: number, k: number): number => {
  const h = Math.max(k - Math.abs(a - b), 0) / k;
  return Math.min(a, b) - h * h * k * 0.25;
};

/** What lies within both, the edge rounded with about `k` cm. */
export const smoothIntersection = (a: number, b: number, k: number): number => -smoothUnion(-a, -b, k);

/** Several fields joined one after another, each with its own rounding. */
export function joined(parts: readonly (readonly [Field, number])[]): Field {
  return (place) => {
    let distance = Infinity;
    for (const [field, k] of parts)
      distance = distance === Infinity ? field(place) : smoothUnion(distance, field(place), k);
    return distance;
  };
}

/** A capsule from `a` to `b` whose radius changes on the way. */
export const cone =
  (a: Vec3, b: Vec3, radiusA: number, radiusB: number): Field =>
  (place) => {
    const bx = b[0] - a[0];
    const by = b[1] - a[1];
    const bz = b[2] - a[2];
    const px = place[0] - a[0];
    const py = place[1] - a[1];
    const pz = place[2] - a[2];
    const squared = bx * bx + by * by + bz * bz;
    const t = Math.max(0, Math.min(1, (px * bx + py * by + pz * bz) / squared));
    return Math.hypot(px - bx * t, py - by * t, pz - bz * t) - (radiusA + (radiusB - radiusA) * t);
  };

/** An ellipsoid with radii along its axes, turned about z and then y by degrees. */
export function ellipsoid(centre: Vec3, radii: Vec3, turnZ = 0, turnY = 0): Field {
  const cz = Math.cos((turnZ * Math.PI) / 180);
  const sz = Math.sin((turnZ * Math.PI) / 180);
  const cy = Math.cos((turnY * Math.PI) / 180);
  const sy = Math.sin((turnY * Math.PI) / 180);
  return (place) => {
    let x = place[0] - centre[0];
    let y = place[1] - centre[1];
    let z = place[2] - centre[2];
    [x, z] = [x * cy + z * sy, -x * sy + z * cy];
    [x, y] = [x * cz + y * sz, -x * sz + y * cz];
    const k0 = Math.hypot(x / radii[0], y / radii[1], z / radii[2]);
    const k1 = Math.hypot(x / radii[0] ** 2, y / radii[1] ** 2, z / radii[2] ** 2);
    return k1 < 1e-9 ? -Math.min(...radii) : (k0 * (k0 - 1)) / k1;
  };
}

/**
 * A section across y: how far the surface is in front and behind (x), on the outer and on the inner side (z). The
 * inner side may be left out where it is the outer one's mirror image.
 */
export type Station = readonly [y: number, front: number, back: number, out: number, inner?: number];

/**
 * Sections one above another, joined by Catmull-Rom curves.
 *
 * @param power of the superellipse: 2 is round, more is boxier
 */
export function loft(stations: readonly Station[], power = 2): Field {
  const sorted = [...stations].sort((a, b) => a[0] - b[0]);
  const last = sorted.length - 1;
  const ys = sorted.map((station) => station[0]);
  const at = (i: number, edge: 1 | 2 | 3 | 4): number => {
    const station = sorted[Math.max(0, Math.min(last, i))]!;
    return edge === 4 ? (station[4] ?? -station[3]) : station[edge];
  };
  const value = (y: number, edge: 1 | 2 | 3 | 4): number => {
    let i = 0;
    while (i < last - 1 && ys[i + 1]! < y) i++;
    const h = ys[i + 1]! - ys[i]!;
    const t = Math.max(0, Math.min(1, (y - ys[i]!) / h));
    const v0 = at(i, edge);
    const v1 = at(i + 1, edge);
    const m0 = i > 0 ? ((v1 - at(i - 1, edge)) / (ys[i + 1]! - ys[i - 1]!)) * h : v1 - v0;
    const m1 = i < last - 1 ? ((at(i + 2, edge) - v0) / (ys[i + 2]! - ys[i]!)) * h : v1 - v0;
    const t2 = t * t;
    const t3 = t2 * t;
    return (2 * t3 - 3 * t2 + 1) * v0 + (t3 - 2 * t2 + t) * m0 + (-2 * t3 + 3 * t2) * v1 + (t3 - t2) * m1;
  };
  return (place) => {
    const y = Math.max(ys[0]!, Math.min(ys[last]!, place[1]));
    const over = Math.abs(place[1] - y);
    const front = value(y, 1);
    const back = value(y, 2);
    const out = value(y, 3);
    const inner = value(y, 4);
    const rx = (front - back) / 2;
    const rz = (out - inner) / 2;
    const x = place[0] - (front + back) / 2;
    const z = place[2] - (out + inner) / 2;
    const round = Math.hypot(x / rx, z / rz);
    const k1 = Math.hypot(x / (rx * rx), z / (rz * rz));
    const k0 = power === 2 ? round : (Math.abs(x / rx) ** power + Math.abs(z / rz) ** power) ** (1 / power);
    const across = k1 < 1e-9 ? -Math.min(rx, rz) : ((k0 - 1) * round) / k1;
    if (over === 0) return across;
    return across > 0 ? Math.hypot(across, over) : Math.max(across, over - 1);
  };
}
