import { type Vec3 } from '@lotus-steady/core';

/** A point on the page. */
export type Flat = readonly [number, number];

/** One decimal is a tenth of a pixel: enough, and it keeps the markup small. */
export const short = (value: number): number => Math.round(value * 10) / 10;

/** The path through some points, without its opening M. */
export const path = (points: readonly Flat[]): string =>
  points.map((p) => `${short(p[0])} ${short(p[1])}`).join('L');

/** Outline of two circles and their outer tangents: a limb. */
export function capsulePath(a: Flat, b: Flat, ra: number, rb: number): string {
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const distance = Math.hypot(dx, dy);
  if (distance <= Math.abs(ra - rb) + 0.01) {
    const [c, r] = ra > rb ? [a, ra] : [b, rb];
    return (
      `M${short(c[0] - r)} ${short(c[1])}a${short(r)} ${short(r)} 0 1 0 ${short(2 * r)} ` +
      `0a${short(r)} ${short(r)} 0 1 0 ${short(-2 * r)} 0Z`
    );
  }
  const { at, open } = tangents(a, b, ra, rb);
  const wide = open < Math.PI / 2;
  return (
    `M${at(a, ra, 1)}A${short(ra)} ${short(ra)} 0 ${wide ? 1 : 0} 1 ` +
    `${at(a, ra, -1)}L${at(b, rb, -1)}A${short(rb)} ${short(rb)} 0 ${wide ? 0 : 1} 1 ` +
    `${at(b, rb, 1)}Z`
  );
}

/**
 * The two long sides of a limb, without its round ends: they part it from what it crosses, with no seam at
 * joints.
 */
export function sidePath(a: Flat, b: Flat, ra: number, rb: number): string {
  if (Math.hypot(b[0] - a[0], b[1] - a[1]) <= Math.abs(ra - rb) + 0.5) return '';
  const { at } = tangents(a, b, ra, rb);
  return `M${at(a, ra, 1)}L${at(b, rb, 1)}M${at(a, ra, -1)}L${at(b, rb, -1)}`;
}

function tangents(a: Flat, b: Flat, ra: number, rb: number) {
  const angle = Math.atan2(b[1] - a[1], b[0] - a[0]);
  const open = Math.acos((ra - rb) / Math.hypot(b[0] - a[0], b[1] - a[1]));
  const at = (c: Flat, r: number, sign: 1 | -1): string =>
    `${short(c[0] + r * Math.cos(angle + sign * open))} ${short(c[1] + r * Math.sin(angle + sign * open))}`;
  return { at, open };
}

/** Points round a circle on the page. */
export const circlePoints = (c: Flat, r: number, count = 13): Flat[] =>
  Array.from({ length: count }, (_, i) => [
    c[0] + r * Math.cos((2 * Math.PI * i) / count),
    c[1] + r * Math.sin((2 * Math.PI * i) / count),
  ]);

/** The lowest and highest of a coordinate. */
export const extent = (points: readonly Vec3[], axis: 0 | 1 | 2): [number, number] => {
  let low = Infinity;
  let high = -Infinity;
  for (const p of points) {
    low = Math.min(low, p[axis]);
    high = Math.max(high, p[axis]);
  }
  return [low, high];
};
