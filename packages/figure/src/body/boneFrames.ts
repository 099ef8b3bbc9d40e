import {
  add,
  BUILDS,
  DEGREES,
  dot,
  inverse,
  length,
  multiply,
  rotate,
  rotationX,
  rotationY,
  rotationZ,
  scale,
  SIDES,
  signOf,
  sub,
  unrotate,
  type Body,
  type Frame,
  type Posture,
  type Rotation,
  type SideLetter,
  type Vec3,
} from '@lotus-steady/core/body';
import { partway } from './partway.js';
import { plaitFrames, turnBetween } from './plaitBones.js';

/** The height at which the body is sculpted, cm. */
export const SCULPTED_AT = 165;

/** How a limb leaves the trunk at rest: the way it points, and how it is turned, in the trunk's axes. */
interface Leaving {
  points: Vec3;
  turned: Rotation;
}

/** {@link Leaving} of each limb, by `armR`, `legL`. */
export type RestAxes = Readonly<Record<string, Leaving>>;

/** Reads from the body at rest how its limbs leave the trunk. */
export function restAxes({ frames }: Body): RestAxes {
  const leaving = (trunk: string, limb: string): Leaving => {
    const from = frames[trunk]!.rotation;
    const to = frames[limb]!.rotation;
    return { points: unrotate(from, rotate(to, [0, -1, 0])), turned: multiply(inverse(from), to) };
  };
  return Object.fromEntries(
    SIDES.flatMap((side) => [
      [`arm${side}`, leaving('C7', `upperArm${side}`)],
      [`leg${side}`, leaving('pelvis', `thigh${side}`)],
    ]),
  );
}

/** A limb's root without the turn about its own length, and the swing that took it there. */
function swung(trunk: Rotation, limb: Rotation, rest: Leaving): { root: Rotation; swing: Rotation } {
  const swing = turnBetween(rest.points, unrotate(trunk, rotate(limb, [0, -1, 0])));
  return { swing, root: multiply(multiply(trunk, swing), rest.turned) };
}

/** How near a place is to the line from `a` to `b`, cm. */
function distanceToLine(place: Vec3, a: Vec3, b: Vec3): number {
  const along = sub(b, a);
  const t = Math.max(0, Math.min(1, dot(sub(place, a), along) / dot(along, along)));
  return length(sub(place, add(a, scale(along, t))));
}

/** How far a hand is closed, degrees: fingers at their roots, in their middles, and the thumb towards the palm. */
type Grip = readonly [root: number, middle: number, thumb: number];

const FLAT: Grip = [2, 4, 0];
const ROUND_A_FOOT: Grip = [36, 48, 40];
const ROUND_A_LIMB: Grip = [16, 24, 22];
const REACHING: Grip = [3, 5, 6];
const AT_REST: Grip = [14, 20, 14];

/**
 * How a hand is closed: flat where the palm bears or meets the other; round what it holds; long in a reaching arm; a
 * little by itself.
 */
function gripOf({ frames, heightCm }: Body, posture: Posture, side: SideLetter, holds: string): Grip {
  if (holds.includes(side)) return ROUND_A_FOOT;
  const k = heightCm / SCULPTED_AT;
  const inHand = (of: SideLetter, [x, y, z]: Vec3): Vec3 => {
    const { rotation, origin } = frames[`hand${of}`]!;
    return add(origin, rotate(rotation, scale([x, y, z * signOf(of)], k)));
  };
  const palm = inHand(side, [0, -6, -2]);
  const otherPalm = inHand(side === 'R' ? 'L' : 'R', [0, -6, -2]);
  const tips = inHand(side, [0, -13, -2]);
  if (palm[1] < 5 * k || Math.abs(posture[`wrist${side}`]) > 42 || length(sub(palm, otherPalm)) < 7 * k)
    return FLAT;
  for (const other of SIDES) {
    const { rotation, origin: ankle } = frames[`foot${other}`]!;
    const knee = frames[`shank${other}`]!.origin;
    const hip = frames[`thigh${other}`]!.origin;
    const toes = add(ankle, rotate(rotation, [14 * k, -4 * k, 0]));
    const lowerShank = add(knee, scale(sub(ankle, knee), 0.35));
    if (distanceToLine(tips, ankle, toes) < 8.5 * k || distanceToLine(tips, lowerShank, ankle) < 9 * k)
      return ROUND_A_FOOT;
    if (distanceToLine(tips, hip, knee) < 12 * k || distanceToLine(tips, knee, ankle) < 10 * k)
      return ROUND_A_LIMB;
  }
  const points = rotate(frames[`upperArm${side}`]!.rotation, [0, -1, 0]);
  return posture[`elbow${side}`] < 25 && points[1] > -0.6 ? REACHING : AT_REST;
}

/** How far toes bend at the ball so that their under side lies on the floor, degrees; 0 where it would not help. */
function toeBend({ rotation }: Frame, ball: Vec3, size: number): number {
  const forward = rotate(rotation, [1, 0, 0]);
  const up = rotate(rotation, [0, 1, 0]);
  // A foot on its side has nothing to gain from it.
  if (up[1] <= 0.3 && forward[1] >= -0.6) return 0;
  // The under side of the toes, from the ball: 6 cm on, 1 cm down.
  for (let bend = 0; bend < 75; bend += 3) {
    const cos = Math.cos(bend / DEGREES);
    const sin = Math.sin(bend / DEGREES);
    const low = 6 * (forward[1] * cos + up[1] * sin) - (up[1] * cos - forward[1] * sin);
    if (ball[1] + size * low > -0.15) return bend;
  }
  return 75;
}

/** Whether what is small bends by itself, and the sides whose hands hold something: '', 'R', 'L' or 'RL'. */
export interface Bends {
  bends: boolean;
  holds: string;
}

function armFrames(
  body: Body,
  posture: Posture,
  rest: RestAxes,
  side: SideLetter,
  { bends, holds }: Bends,
): Frame[] {
  const { frames, heightCm, build } = body;
  const size = (heightCm / SCULPTED_AT) * BUILDS[build].arm;
  const chest = frames.C7!.rotation;
  const upper = frames[`upperArm${side}`]!;
  const fore = frames[`forearm${side}`]!;
  const hand = frames[`hand${side}`]!;
  const { root, swing } = swung(chest, upper.rotation, rest[`arm${side}`]!);
  const near = signOf(side);
  const [rootBend, middleBend, thumbBend] = bends ? gripOf(body, posture, side, holds) : [0, 0, 0];
  const on = ({ rotation, origin }: Frame, [x, y, z]: Vec3): Vec3 =>
    add(origin, rotate(rotation, scale([x, y, z * near], size)));
  const knuckles: Frame = {
    rotation: multiply(hand.rotation, rotationX(near * rootBend)),
    origin: on(hand, [0, -9, 0]),
  };
  return [
    // The girdle goes a third of the arm's way.
    { rotation: partway(chest, multiply(chest, swing), 0.32), origin: upper.origin },
    { rotation: partway(root, upper.rotation, 0.12), origin: upper.origin },
    upper,
    { rotation: multiply(upper.rotation, rotationZ(posture[`elbow${side}`])), origin: fore.origin },
    fore,
    hand,
    knuckles,
    {
      rotation: multiply(knuckles.rotation, rotationX(near * middleBend)),
      origin: on(knuckles, [0, -3.6, 0.2]),
    },
    { rotation: multiply(hand.rotation, rotationY(near * thumbBend)), origin: on(hand, [1.2, -1.6, -0.4]) },
  ];
}

function legFrames(
  { frames, heightCm, build }: Body,
  rest: RestAxes,
  side: SideLetter,
  bends: boolean,
): Frame[] {
  const size = (heightCm / SCULPTED_AT) * BUILDS[build].leg;
  const thigh = frames[`thigh${side}`]!;
  const foot = frames[`foot${side}`]!;
  const { root } = swung(frames.pelvis!.rotation, thigh.rotation, rest[`leg${side}`]!);
  const ball = add(foot.origin, rotate(foot.rotation, scale([12.4, -5.2, 0], size)));
  return [
    { rotation: partway(root, thigh.rotation, 0.35), origin: thigh.origin },
    thigh,
    frames[`shank${side}`]!,
    foot,
    { rotation: multiply(foot.rotation, rotationZ(bends ? toeBend(foot, ball, size) : 0)), origin: ball },
  ];
}

/**
 * One frame per bone, in the order of `BONES`.
 *
 * @param bend whether fingers, toes and plait follow what is about them; at rest they are straight
 */
export function boneFrames(body: Body, posture: Posture, rest: RestAxes, bend: Bends): Frame[] {
  const { bends } = bend;
  const { frames, heightCm, build } = body;
  const spine = ['pelvis', 'L3', 'T12', 'T8', 'T3', 'C7', 'C4', 'head'].map((name) => frames[name]!);
  const size = (heightCm / SCULPTED_AT) * BUILDS[build].head;
  return [
    ...spine,
    ...SIDES.flatMap((side) => [
      ...armFrames(body, posture, rest, side, bend),
      ...legFrames(body, rest, side, bends),
    ]),
    ...plaitFrames(frames.head!, size, bends),
  ];
}
