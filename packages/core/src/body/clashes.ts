import { BUILDS } from './build.js';
import type { Body } from './kinematics.js';
import { add, dot, length, lerp, SIDES, sub, type Vec3 } from './maths.js';

/** A limb as a tapered capsule: two ends and their radii in cm. */
type Capsule = readonly [from: Vec3, to: Vec3, fromRadius: number, toRadius: number];

/** Parts of the body as capsules, for keeping them out of each other. */
export function capsulesOf({ frames, points, heightCm: h, build }: Body): Record<string, Capsule> {
  const origin = (name: string): Vec3 => frames[name]!.origin;
  const capsules: Record<string, Capsule> = {
    torso: [origin('L3'), origin('T3'), 0.054 * h, 0.054 * h],
    head: [
      points.headMiddle!,
      add(points.headMiddle!, [0, 0.1, 0]),
      0.052 * h * BUILDS[build].head,
      0.052 * h * BUILDS[build].head,
    ],
    pelvis: [points.hipJR!, points.hipJL!, 0.05 * h, 0.05 * h],
  };
  for (const s of SIDES) {
    capsules[`thigh${s}`] = [origin(`thigh${s}`), origin(`shank${s}`), 0.048 * h, 0.034 * h];
    capsules[`shank${s}`] = [origin(`shank${s}`), origin(`foot${s}`), 0.033 * h, 0.022 * h];
    capsules[`foot${s}`] = [points[`heel${s}`]!, points[`ball${s}`]!, 0.016 * h, 0.014 * h];
    capsules[`upperArm${s}`] = [origin(`upperArm${s}`), origin(`forearm${s}`), 0.026 * h, 0.023 * h];
    capsules[`forearm${s}`] = [origin(`forearm${s}`), origin(`hand${s}`), 0.022 * h, 0.015 * h];
    capsules[`hand${s}`] = [origin(`hand${s}`), points[`knuckles${s}`]!, 0.012 * h, 0.012 * h];
  }
  return capsules;
}

/** The pairs of parts that can meet in a human body. */
export const CLASH_PAIRS: readonly (readonly [string, string])[] = [
  'thighR thighL',
  'shankR shankL',
  'thighR shankL',
  'thighL shankR',
  'footR footL',
  'forearmR forearmL',
  'footR shankL',
  'footL shankR',
  'footR thighL',
  'footL thighR',
  'footR pelvis',
  'footL pelvis',
  'handR handL',
  'shankR pelvis',
  'shankL pelvis',
  ...SIDES.flatMap((s) =>
    ['torso', 'head', 'thighR', 'thighL', 'shankR', 'shankL'].flatMap((t) => [
      `forearm${s} ${t}`,
      `hand${s} ${t}`,
    ]),
  ),
  ...SIDES.flatMap((s) => [
    `thigh${s} torso`,
    `shank${s} torso`,
    `upperArm${s} head`,
    `upperArm${s} thigh${s}`,
    `forearm${s} pelvis`,
    `hand${s} pelvis`,
  ]),
].map((pair) => pair.split(' ') as [string, string]);

const clamp = (t: number): number => Math.max(0, Math.min(1, t));

/** Where on the line from `a` to `b` a point is nearest: 0 at `a`, 1 at `b`. */
export const nearestShare = (point: Vec3, a: Vec3, b: Vec3): number => {
  const along = sub(b, a);
  return clamp(dot(sub(point, a), along) / dot(along, along));
};

/** Where two capsules come nearest: a point on the axis of each, and how deep they overlap, cm; negative apart. */
export function nearest(
  [p1, q1, ra, rb]: Capsule,
  [p2, q2, sa, sb]: Capsule,
): { first: Vec3; second: Vec3; overlap: number } {
  const d1 = sub(q1, p1);
  const d2 = sub(q2, p2);
  const r = sub(p1, p2);
  const a = dot(d1, d1);
  const e = dot(d2, d2);
  const f = dot(d2, r);
  const c = dot(d1, r);
  const b = dot(d1, d2);
  const den = a * e - b * b;
  let s = den > 1e-9 ? clamp((b * f - c * e) / den) : 0.5;
  let t = (b * s + f) / e;
  if (t < 0 || t > 1) {
    t = clamp(t);
    s = clamp((b * t - c) / a);
  }
  const first = lerp(p1, q1, s);
  const second = lerp(p2, q2, t);
  return {
    first,
    second,
    overlap: ra + (rb - ra) * s + sa + (sb - sa) * t - length(sub(first, second)),
  };
}

/** How deep two capsules overlap at their closest approach, cm; negative where they are apart. */
export const overlap = (a: Capsule, b: Capsule): number => nearest(a, b).overlap;
