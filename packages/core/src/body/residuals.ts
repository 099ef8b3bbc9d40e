import type { Build } from './build.js';
import { centreOfMass } from './centreOfMass.js';
import { capsulesOf, CLASH_PAIRS, nearestShare, overlap } from './clashes.js';
import { contactsOf, FLAT_POINTS, touchesOf, type Contact } from './contacts.js';
import { jointAngle } from './jointAngle.js';
import { buildBody, jointAngles, type Body, type Turns } from './kinematics.js';
import { POINT_RADIUS, SKIN_POINTS } from './landmarks.js';
import { dot, length, lerp, mean, rotate, SIDES, sub, unit, type SideLetter, type Vec3 } from './maths.js';
import { HINGES, type Posture } from './posture.js';
import { BALL_LIMITS, JOINT_LIMITS } from './ranges.js';
import { chairBoxes, wallAt, type Box, type JointBound, type PropPlacement, type Shape } from './shape.js';

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

/** `limit`: a degree. */
const WEIGHT = { balance: 0.6, clash: 0.7, limit: 0.25 };

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

/** A body that is being tried, and where what it misses is written. Lengths in cm. */
interface Trial {
  posture: Posture;
  body: Body;
  capsules: ReturnType<typeof capsulesOf>;
  heightCm: number;
  /** Height in that of the author, by which authored lengths scale. */
  size: number;
  residuals: number[];
  misfit: Misfit | undefined;
}

/** What some part of a shape asks, written into the trial's residuals; always the same count of numbers. */
type Term = (trial: Trial) => void;

/** Writes down a residual, and what it means in cm or degrees where a misfit is kept. */
function miss({ residuals, misfit }: Trial, kind: keyof Misfit, value: number, weight = 1): void {
  residuals.push(weight * value);
  note(misfit, kind, value);
}

function note(misfit: Misfit | undefined, kind: keyof Misfit, value: number): void {
  if (misfit) misfit[kind] = Math.max(misfit[kind], Math.abs(value));
}

/** Three numbers by which a unit vector misses another; parts that are null are free. */
function missDirection(
  { residuals }: Trial,
  actual: Vec3,
  wanted: readonly (number | null)[],
  weight: number,
): void {
  for (let i = 0; i < 3; i++) if (wanted[i] !== null) residuals.push(8 * weight * (actual[i]! - wanted[i]!));
}

/** A point, or the points of a palm or sole, on their plane; palms and soles flat on it. */
const contactTerm =
  (contact: Contact): Term =>
  (trial) => {
    const { body, heightCm, residuals, misfit } = trial;
    const { plane, flat } = contact;
    const names = flat ? FLAT_POINTS[flat].map((point) => point + contact.side!) : [contact.name];
    for (const name of names)
      miss(
        trial,
        'contact',
        dot(body.points[name]!, plane.normal) - plane.distance - POINT_RADIUS[name]! * heightCm,
      );
    if (!flat) return;
    const outward: Vec3 =
      flat === 'palm'
        ? rotate(body.frames[`hand${contact.side!}`]!.rotation, [0, 0, contact.side === 'R' ? -1 : 1])
        : rotate(body.frames[`foot${contact.side!}`]!.rotation, [0, -1, 0]);
    for (let i = 0; i < 3; i++) residuals.push(4 * (outward[i]! + plane.normal[i]!));
    note(misfit, 'tilt', Math.acos(Math.max(-1, Math.min(1, -dot(outward, plane.normal)))) * 57.3);
  };

/** A point at a place or at another point, or some way from it. */
const pointTerm =
  ([name, target, { gapCm, off, weight = 1 } = {}]: NonNullable<Shape['at']>[number]): Term =>
  (trial) => {
    const { points } = trial.body;
    const goal = typeof target === 'string' ? points[target]! : target;
    if (gapCm !== undefined) {
      const gap = length(sub(points[name]!, goal as Vec3)) - gapCm * trial.size;
      miss(trial, 'point', gap, weight);
      return;
    }
    for (let i = 0; i < 3; i++) {
      if (goal[i] === null) continue;
      const offset = off?.[i];
      if (off && offset === null) continue;
      const apart = points[name]![i]! - goal[i]! - (offset ?? 0) * trial.size;
      trial.residuals.push(weight * apart);
      if (weight >= 0.8) note(trial.misfit, 'point', apart);
    }
  };

/** The way from one point to another. */
const aimTerm =
  ([from, to, wanted, weight = 1]: NonNullable<Shape['aim']>[number]): Term =>
  (trial) => {
    const { points } = trial.body;
    missDirection(trial, unit(sub(points[to]!, points[from]!)), wanted, weight);
  };

/** Where an axis of a part looks. */
const faceTerm =
  ([frame, axis, wanted, weight = 1]: NonNullable<Shape['face']>[number]): Term =>
  (trial) =>
    missDirection(trial, rotate(trial.body.frames[frame]!.rotation, axis), wanted, weight);

/** The centre of mass over the middle of what carries it. */
const balanceTerm =
  (names: readonly string[], weight: number): Term =>
  ({ body, residuals }) => {
    const centre = centreOfMass(body);
    const base = mean(names.map((name) => body.points[name]!));
    residuals.push(weight * (centre[0] - base[0]), weight * (centre[2] - base[2]));
  };

/** A point of the skin above the floor, before the wall, outside every chair. */
const outsideTerm =
  (name: string, boxes: readonly Box[], wall: number | undefined): Term =>
  (trial) => {
    const point = trial.body.points[name]!;
    const [x, y] = point;
    const radius = POINT_RADIUS[name]! * trial.heightCm;
    miss(trial, 'under', Math.max(0, radius - y - SOFT_SKIN));
    if (wall !== undefined) miss(trial, 'under', Math.max(0, x + radius - wall - SOFT_SKIN));
    for (const box of boxes) miss(trial, 'under', insideBox(point, radius - SOFT_SKIN, box));
  };

/** A point of the body on the skin of another part. */
const touchTerm =
  ([point, part, gapCm = 0]: ReturnType<typeof touchesOf>[number]): Term =>
  (trial) => {
    const { body, capsules, heightCm, size } = trial;
    const [a, b, ra, rb] = capsules[part]!;
    const t = nearestShare(body.points[point]!, a, b);
    const fromAxis = length(sub(body.points[point]!, lerp(a, b, t)));
    miss(trial, 'touch', fromAxis - (ra + (rb - ra) * t) - POINT_RADIUS[point]! * heightCm - gapCm * size);
  };

/** Two parts that are not in each other. */
const clashTerm =
  ([a, b]: (typeof CLASH_PAIRS)[number]): Term =>
  (trial) =>
    miss(
      trial,
      'clash',
      Math.max(0, overlap(trial.capsules[a]!, trial.capsules[b]!) - SOFT_BODY),
      WEIGHT.clash,
    );

function missLimit(trial: Trial, value: number, [low, high]: readonly [number, number]): void {
  miss(trial, 'limit', Math.max(0, value - high) + Math.max(0, low - value), WEIGHT.limit);
}

/** Hip and shoulder of a side within their ranges. */
const ballTerm =
  (side: SideLetter): Term =>
  (trial) => {
    const angles = jointAngles(trial.body, side);
    for (const joint of ['hip', 'shoulder'] as const)
      for (let i = 0; i < 3; i++) {
        // Near 90 degrees of abduction flexion and rotation cannot be told apart.
        if (i !== 1 && Math.abs(angles[joint][1]) > 70) trial.residuals.push(0);
        else missLimit(trial, angles[joint][i]!, BALL_LIMITS[joint][i]!);
      }
  };

/** A joint between the two angles that are asked of it. */
const boundTerm =
  ({ joint, low, high, weight }: JointBound): Term =>
  ({ posture, body, residuals }) => {
    const angle = jointAngle(posture, body, joint);
    residuals.push(weight * (Math.max(0, angle - high) + Math.max(0, low - angle)));
  };

/** Points and parts of the arms. */
const OF_ARMS = /^(elbow|wrist|palm|knuckles|tips|handBack|hand|forearm|upperArm)/;

/** Everything that a shape asks, in one order. */
function termsOf(shape: Shape, props: readonly PropPlacement[]): Term[] {
  // A symmetric shape is solved on the right alone: its left says the same once more.
  const counts = (name: string): boolean => !shape.symmetric || !name.endsWith('L');
  const isThere = (name: string): boolean => !shape.withoutArms || !OF_ARMS.test(name);
  const boxes = chairBoxes(props);
  const wall = wallAt(props);
  const pressed = new Set((shape.apart ?? '').split(' '));
  // What is on the midline counts half as much beside a side that stands for two.
  const balance = WEIGHT.balance * (shape.symmetric ? Math.SQRT1_2 : 1);
  return [
    ...contactsOf(shape, props)
      .filter(({ name }) => counts(name))
      .map(contactTerm),
    ...(shape.at ?? []).filter(([name]) => counts(name)).map(pointTerm),
    ...(shape.aim ?? []).filter(([name]) => counts(name)).map(aimTerm),
    ...(shape.face ?? []).filter(([name]) => counts(name)).map(faceTerm),
    ...(shape.balance ? [balanceTerm(shape.balance.split(' '), balance)] : []),
    ...SKIN_POINTS.filter((name) => counts(name) && isThere(name)).map((name) =>
      outsideTerm(name, boxes, wall),
    ),
    ...touchesOf(shape)
      .filter(([name]) => counts(name))
      .map(touchTerm),
    ...CLASH_PAIRS.filter(
      ([a, b]) =>
        !pressed.has(`${a}-${b}`) &&
        (counts(a) || (b.endsWith('R') && counts(b))) &&
        isThere(a) &&
        isThere(b),
    ).map(clashTerm),
    ...HINGE_LIMITS.filter(([key]) => counts(key)).map(
      ([key, limits]): Term =>
        (trial) =>
          missLimit(trial, trial.posture[key], limits),
    ),
    ...SIDES.filter((side) => counts(side)).map(ballTerm),
    ...(shape.bounds ?? []).map(boundTerm),
  ];
}

/**
 * Everything a shape asks of a body, as numbers to bring to zero (cm, or weighted to be like cm).
 *
 * Weights: contacts 1; directions 8 per unit vector; flat palms and soles 4; balance, parts in each other and
 * joint limits as in {@link WEIGHT}. They come from trying them on the sketch's poses.
 */
export function residualsOf(shape: Shape, props: readonly PropPlacement[], heightCm: number, build: Build) {
  const terms = termsOf(shape, props);
  const size = heightCm / AUTHOR_HEIGHT;
  return (posture: Posture, turns: Turns, misfit?: Misfit): number[] => {
    const body = buildBody(posture, heightCm, turns, build);
    const residuals: number[] = [];
    const trial = { posture, body, capsules: capsulesOf(body), heightCm, size, residuals, misfit };
    for (const term of terms) term(trial);
    return residuals;
  };
}
