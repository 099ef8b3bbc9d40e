import type { Build } from './build.js';
import { centreOfMass } from './centreOfMass.js';
import { capsulesOf, CLASH_PAIRS, nearestShare, overlap } from './clashes.js';
import { contactsOf, FLAT_POINTS, touchesOf, type Contact } from './contacts.js';
import { buildBody, jointAngles, type Turns } from './kinematics.js';
import { POINT_RADIUS, SKIN_POINTS } from './landmarks.js';
import { dot, length, lerp, mean, rotate, SIDES, sub, unit, type Vec3 } from './maths.js';
import { HINGES, type Posture } from './posture.js';
import { BALL_LIMITS, JOINT_LIMITS } from './ranges.js';
import { chairBoxes, wallAt, type Box, type PropPlacement, type Shape } from './shape.js';

/** The height at which authors state their lengths, cm. */
export const AUTHOR_HEIGHT = 165;

/**
 * How far a solved shape misses what was asked, worst first of each kind: cm, and degrees for `limit` and
 * `tilt`.
 */
export interface Misfit {
  contact: number;
  tilt: number;
  point: number;
  under: number;
  clash: number;
  touch: number;
  limit: number;
}

// Flesh gives way by so much (cm) before two parts count as pushing into each other, or into a surface.
const SOFT_BODY = 1.8;
const SOFT_SKIN = 0.3;

const HINGE_LIMITS = [
  ...(['lumbar', 'thorax', 'neck', 'side', 'twist', 'neckSide', 'neckTwist'] as const).map(
    (key) => [key, JOINT_LIMITS[key]] as const,
  ),
  ...HINGES.flatMap((key) => SIDES.map((side) => [`${key}${side}` as const, JOINT_LIMITS[key]] as const)),
];

const insideBox = (point: Vec3, radius: number, { min, max }: Box): number => {
  let depth = Infinity;
  for (let i = 0; i < 3; i++)
    depth = Math.min(depth, point[i]! + radius - min[i]!, max[i]! - point[i]! + radius);
  return Math.max(0, depth);
};

/**
 * Everything a shape asks of a body, as numbers to bring to zero (cm, or weighted to be like cm).
 *
 * Weights: contacts 1; directions 8 per unit vector; flat palms and soles 4; balance 0.6;
 * parts in each other 0.7; joint limits 0.25 a degree. They come from trying them on the sketch's poses.
 */
export function residualsOf(shape: Shape, props: readonly PropPlacement[], heightCm: number, build: Build) {
  // A symmetric shape is solved on the right alone: its left says the same once more.
  const counts = (name: string): boolean => !shape.symmetric || !name.endsWith('L');
  const skin = SKIN_POINTS.filter(counts);
  const at = (shape.at ?? []).filter(([name]) => counts(name));
  const aim = (shape.aim ?? []).filter(([name]) => counts(name));
  const face = (shape.face ?? []).filter(([name]) => counts(name));
  const hinges = HINGE_LIMITS.filter(([key]) => counts(key));
  const sides = SIDES.filter((side) => counts(side));
  const contacts = contactsOf(shape, props).filter(({ name }) => counts(name));
  const boxes = chairBoxes(props);
  const wall = wallAt(props);
  const pressed = new Set((shape.apart ?? '').split(' '));
  const pairs = CLASH_PAIRS.filter(
    ([a, b]) => !pressed.has(`${a}-${b}`) && (counts(a) || (b.endsWith('R') && counts(b))),
  );
  const touches = touchesOf(shape).filter(([name]) => counts(name));
  const size = heightCm / AUTHOR_HEIGHT;
  // What is on the midline counts half as much beside a side that stands for two.
  const balance = 0.6 * (shape.symmetric ? Math.SQRT1_2 : 1);

  return (posture: Posture, turns: Turns, misfit?: Misfit): number[] => {
    const body = buildBody(posture, heightCm, turns, build);
    const { points, frames } = body;
    const capsules = capsulesOf(body);
    const r: number[] = [];
    const note = (kind: keyof Misfit, value: number): void => {
      if (misfit) misfit[kind] = Math.max(misfit[kind], Math.abs(value));
    };
    const gap = (name: string, { plane }: Contact): number =>
      dot(points[name]!, plane.normal) - plane.distance - POINT_RADIUS[name]! * heightCm;
    const direction = (actual: Vec3, wanted: readonly (number | null)[], weight: number): void => {
      for (let i = 0; i < 3; i++) if (wanted[i] !== null) r.push(8 * weight * (actual[i]! - wanted[i]!));
    };

    for (const contact of contacts) {
      const names = contact.flat
        ? FLAT_POINTS[contact.flat].map((point) => point + contact.side!)
        : [contact.name];
      for (const name of names) {
        const miss = gap(name, contact);
        r.push(miss);
        note('contact', miss);
      }
      if (contact.flat) {
        const outward: Vec3 =
          contact.flat === 'palm'
            ? rotate(frames[`hand${contact.side!}`]!.rotation, [0, 0, contact.side === 'R' ? -1 : 1])
            : rotate(frames[`foot${contact.side!}`]!.rotation, [0, -1, 0]);
        for (let i = 0; i < 3; i++) r.push(4 * (outward[i]! + contact.plane.normal[i]!));
        note('tilt', Math.acos(Math.max(-1, Math.min(1, -dot(outward, contact.plane.normal)))) * 57.3);
      }
    }
    for (const [name, target, { gapCm, off, weight = 1 } = {}] of at) {
      const fixed = typeof target !== 'string';
      const goal = fixed ? target : points[target]!;
      if (gapCm !== undefined) {
        const miss = length(sub(points[name]!, goal as Vec3)) - gapCm * size;
        r.push(weight * miss);
        note('point', miss);
        continue;
      }
      for (let i = 0; i < 3; i++) {
        if (goal[i] === null) continue;
        const offset = off?.[i];
        if (off && offset === null) continue;
        const miss = points[name]![i]! - goal[i]! - (offset ?? 0) * size;
        r.push(weight * miss);
        if (weight >= 0.8) note('point', miss);
      }
    }
    for (const [from, to, wanted, weight = 1] of aim)
      direction(unit(sub(points[to]!, points[from]!)), wanted, weight);
    for (const [frame, axis, wanted, weight = 1] of face)
      direction(rotate(frames[frame]!.rotation, axis), wanted, weight);
    if (shape.balance) {
      const centre = centreOfMass(body);
      const base = mean(shape.balance.split(' ').map((name) => points[name]!));
      r.push(balance * (centre[0] - base[0]), balance * (centre[2] - base[2]));
    }

    for (const name of skin) {
      const [x, y] = points[name]!;
      const radius = POINT_RADIUS[name]! * heightCm;
      const sunk = Math.max(0, radius - y - SOFT_SKIN);
      r.push(sunk);
      note('under', sunk);
      if (wall !== undefined) {
        const through = Math.max(0, x + radius - wall - SOFT_SKIN);
        r.push(through);
        note('under', through);
      }
      for (const box of boxes) {
        const inside = insideBox(points[name]!, radius - SOFT_SKIN, box);
        r.push(inside);
        note('under', inside);
      }
    }
    for (const [point, part, gapCm = 0] of touches) {
      const [a, b, ra, rb] = capsules[part]!;
      const t = nearestShare(points[point]!, a, b);
      const miss =
        length(sub(points[point]!, lerp(a, b, t))) -
        (ra + (rb - ra) * t) -
        POINT_RADIUS[point]! * heightCm -
        gapCm * size;
      r.push(miss);
      note('touch', miss);
    }
    for (const [a, b] of pairs) {
      const deep = Math.max(0, overlap(capsules[a]!, capsules[b]!) - SOFT_BODY);
      r.push(0.7 * deep);
      note('clash', deep);
    }

    const limit = (value: number, [low, high]: readonly [number, number]): void => {
      const over = Math.max(0, value - high) + Math.max(0, low - value);
      r.push(0.25 * over);
      note('limit', over);
    };
    for (const [key, limits] of hinges) limit(posture[key], limits);
    for (const side of sides) {
      const angles = jointAngles(body, side);
      for (const joint of ['hip', 'shoulder'] as const) {
        for (let i = 0; i < 3; i++) {
          // Near 90 degrees of abduction flexion and rotation cannot be told apart.
          if (i !== 1 && Math.abs(angles[joint][1]) > 70) r.push(0);
          else limit(angles[joint][i]!, BALL_LIMITS[joint][i]!);
        }
      }
    }
    return r;
  };
}
