import { BUILDS, partOfFrame, type Build } from './build.js';
import { BODY_POINTS } from './landmarks.js';
import {
  add,
  DEGREES,
  inverse,
  multiply,
  rotate,
  rotationAbout,
  rotationX,
  rotationY,
  rotationZ,
  scale,
  SIDES,
  signOf,
  unrotate,
  type Rotation,
  type Vec3,
} from './maths.js';
import type { Ball, Posture } from './posture.js';
import { LENGTH, LUMBAR_SHARE } from './segments.js';
import type { SideLetter } from './maths.js';

/** A joint's own axes (x forward, y up, z right in neutral standing) and where they sit, in cm. */
export interface Frame {
  rotation: Rotation;
  origin: Vec3;
}

/** A body in space: frames by joint, landmarks by name, the height it was built for. */
export interface Body {
  frames: Readonly<Record<string, Frame>>;
  points: Readonly<Record<string, Vec3>>;
  heightCm: number;
  build: Build;
}

/**
 * Small turns on top of a posture's ball joints and root, as rotation vectors in degrees: the solver's
 * handles.
 */
export type Turns = Partial<Record<'root' | 'hipR' | 'hipL' | 'shoulderR' | 'shoulderL', Vec3>>;

/** Root orientation from pitch, roll and yaw. */
export const rootRotation = (pitch: number, roll: number, yaw: number): Rotation =>
  multiply(multiply(rotationY(-yaw), rotationX(roll)), rotationZ(-pitch));

/** A ball joint's turn within its parent: flexion, then abduction, then outward rotation. */
export const ballRotation = (side: SideLetter, [flexion, abduction, outward]: Ball): Rotation => {
  const k = signOf(side);
  return multiply(multiply(rotationZ(flexion), rotationX(-k * abduction)), rotationY(-k * outward));
};

/**
 * Reads a ball joint's clinical angles back from its rotation within the parent.
 *
 * At 90 degrees of abduction flexion and rotation turn about one axis; any split of the two
 * then gives the same limb.
 */
export function ballAngles(side: SideLetter, within: Rotation): Ball {
  const k = signOf(side);
  let flexion = Math.atan2(-within[3], within[4]) * DEGREES;
  if (flexion < -100) flexion += 360;
  const abduction = -k * Math.asin(Math.max(-1, Math.min(1, within[5]))) * DEGREES;
  const outward = -k * Math.atan2(-within[2], within[8]) * DEGREES;
  // An arm above its shoulder at the side: more than 90 of abduction, not a rotation that no joint has.
  if (abduction > 0 && Math.abs(outward) > 100)
    return [
      flexion > 90 ? flexion - 180 : flexion + 180,
      180 - abduction,
      outward > 0 ? outward - 180 : outward + 180,
    ];
  return [flexion, abduction, outward];
}

/** Reads pitch, roll and yaw back from a root rotation. */
export function rootAngles(m: Rotation): { pitch: number; roll: number; yaw: number } {
  const roll = Math.asin(Math.max(-1, Math.min(1, -m[7]))) * DEGREES;
  return { pitch: -Math.atan2(m[1], m[4]) * DEGREES, roll, yaw: -Math.atan2(m[6], m[8]) * DEGREES };
}

const FRAME_PARTS = Object.fromEntries(BODY_POINTS.map(({ frame }) => [frame, partOfFrame(frame)]));

const turned = (m: Rotation, turn?: Vec3): Rotation => (turn ? multiply(m, rotationAbout(turn)) : m);

/** A body while its frames are put together. */
interface Skeleton {
  posture: Posture;
  turns: Turns;
  heightCm: number;
  part: (typeof BUILDS)[Build];
  frames: Record<string, Frame>;
}

/** A place from a frame's origin by shares of the height along its axes. */
const along = (
  { rotation, origin }: Frame,
  heightCm: number,
  [x, y, z]: readonly [number, number, number],
): Vec3 => add(origin, rotate(rotation, [x * heightCm, y * heightCm, z * heightCm]));

function placePelvis({ posture, turns, heightCm, part, frames }: Skeleton): void {
  const root = rootRotation(posture.pitch, posture.roll, posture.yaw);
  const rotation = turns.root ? multiply(rotationAbout(turns.root), root) : root;
  frames.pelvis = { rotation, origin: [posture.x, posture.y, posture.z] };
  frames.L5 = { rotation, origin: along(frames.pelvis, heightCm, [0, LENGTH.pelvis * part.trunk, 0]) };
}

/** A run of the spine on top of `below`; what it bends is shared among its frames. `total`: of the height. */
function placeSpine(
  { heightCm, frames }: Skeleton,
  below: string,
  names: readonly string[],
  total: number,
  { flexion, side, twist }: { flexion: number; side: number; twist: number },
): void {
  const n = names.length;
  const step = multiply(multiply(rotationY(-twist / n), rotationZ(-flexion / n)), rotationX(side / n));
  let { rotation, origin } = frames[below]!;
  for (const name of names) {
    rotation = multiply(rotation, step);
    origin = along({ rotation, origin }, heightCm, [0, total / n, 0]);
    frames[name] = { rotation, origin };
  }
}

function placeLeg({ posture, turns, heightCm, part, frames }: Skeleton, side: SideLetter): void {
  const k = signOf(side);
  const pelvis = frames.pelvis!;
  const thigh: Frame = {
    rotation: turned(
      multiply(pelvis.rotation, ballRotation(side, posture[`hip${side}`])),
      turns[`hip${side}`],
    ),
    origin: along(pelvis, heightCm, [0, 0, k * LENGTH.hipHalf]),
  };
  const shank: Frame = {
    rotation: multiply(thigh.rotation, rotationZ(-posture[`knee${side}`])),
    origin: along(thigh, heightCm, [0, -LENGTH.thigh * part.leg, 0]),
  };
  const foot: Frame = {
    rotation: multiply(
      multiply(shank.rotation, rotationZ(posture[`ankle${side}`])),
      rotationX(k * posture[`inversion${side}`]),
    ),
    origin: along(shank, heightCm, [0, -LENGTH.shank * part.leg, 0]),
  };
  frames[`thigh${side}`] = thigh;
  frames[`shank${side}`] = shank;
  frames[`foot${side}`] = foot;
}

/**
 * Where a shoulder is from the base of the neck, as shares of the height: the girdle follows the arm, up and in
 * when it rises, forward when it reaches.
 *
 * @param arm the way the upper arm points, in the chest's axes
 */
function shoulderPlace(posture: Posture, side: SideLetter, arm: Vec3): [number, number, number] {
  const raised = (1 + arm[1]) / 2;
  return [
    0.018 * arm[0] * (1 - raised) + 0.001 * posture[`protraction${side}`],
    -LENGTH.shoulderDrop + 0.035 * raised * raised + 0.001 * posture[`girdle${side}`],
    // A blade that slides forward round the ribs takes the shoulder inwards too.
    signOf(side) *
      (LENGTH.shoulderHalf - 0.022 * raised * raised - 0.0008 * Math.max(0, posture[`protraction${side}`])),
  ];
}

function placeArm({ posture, turns, heightCm, part, frames }: Skeleton, side: SideLetter): void {
  const k = signOf(side);
  const chest = frames.C7!;
  const shoulder = turned(
    multiply(chest.rotation, ballRotation(side, posture[`shoulder${side}`])),
    turns[`shoulder${side}`],
  );
  const arm = unrotate(chest.rotation, rotate(shoulder, [0, -1, 0]));
  const upperArm: Frame = {
    rotation: shoulder,
    origin: along(chest, heightCm, shoulderPlace(posture, side, arm)),
  };
  const elbow = multiply(shoulder, rotationZ(posture[`elbow${side}`]));
  const forearm: Frame = {
    rotation: multiply(elbow, rotationY(k * posture[`forearm${side}`])),
    origin: along(upperArm, heightCm, [0, -LENGTH.upperArm * part.arm, 0]),
  };
  frames[`upperArm${side}`] = upperArm;
  frames[`forearm${side}`] = forearm;
  frames[`hand${side}`] = {
    rotation: multiply(forearm.rotation, rotationX(-k * posture[`wrist${side}`])),
    origin: along(forearm, heightCm, [0, -LENGTH.forearm * part.arm, 0]),
  };
}

/**
 * Forward kinematics: a posture to a body in space.
 *
 * @param posture complete joint angles in degrees, root in cm
 * @param heightCm standing height; every length scales with it
 * @param turns extra rotations the solver is trying out
 * @param build whose proportions; an adult's unless said otherwise
 * @example buildBody(completePosture({ y: 87.45 }), 165).points.heelR // [-4.6, 0, 8.6]: standing
 */
export function buildBody(
  posture: Posture,
  heightCm: number,
  turns: Turns = {},
  build: Build = 'adult',
): Body {
  const part = BUILDS[build];
  const frames: Record<string, Frame> = {};
  const skeleton: Skeleton = { posture, turns, heightCm, part, frames };
  placePelvis(skeleton);
  placeSpine(skeleton, 'L5', ['L3', 'T12'], LENGTH.lumbar * part.trunk, {
    flexion: posture.lumbar,
    side: posture.side * LUMBAR_SHARE.sideBend,
    twist: posture.twist * LUMBAR_SHARE.twist,
  });
  placeSpine(skeleton, 'T12', ['T8', 'T3', 'C7'], LENGTH.thorax * part.trunk, {
    flexion: posture.thorax,
    side: posture.side * (1 - LUMBAR_SHARE.sideBend),
    twist: posture.twist * (1 - LUMBAR_SHARE.twist),
  });
  placeSpine(skeleton, 'C7', ['C4', 'head'], LENGTH.neck * part.neck, {
    flexion: posture.neck,
    side: posture.neckSide,
    twist: posture.neckTwist,
  });
  for (const side of SIDES) {
    placeLeg(skeleton, side);
    placeArm(skeleton, side);
  }
  const points: Record<string, Vec3> = {};
  for (const { name, frame, offset } of BODY_POINTS) {
    const { rotation, origin } = frames[frame]!;
    points[name] = add(origin, rotate(rotation, scale(offset, heightCm * part[FRAME_PARTS[frame]!])));
  }
  return { frames, points, heightCm, build };
}

/** The clinical angles of hip and shoulder on one side of a built body. */
export const jointAngles = (body: Body, side: SideLetter): { hip: Ball; shoulder: Ball } => ({
  hip: ballAngles(
    side,
    multiply(inverse(body.frames.pelvis!.rotation), body.frames[`thigh${side}`]!.rotation),
  ),
  shoulder: ballAngles(
    side,
    multiply(inverse(body.frames.C7!.rotation), body.frames[`upperArm${side}`]!.rotation),
  ),
});

/** Works the solver's turns into the posture, so that the posture alone gives the same body. */
export function absorbTurns(posture: Posture, turns: Turns, heightCm: number, build: Build): Posture {
  const body = buildBody(posture, heightCm, turns, build);
  const right = jointAngles(body, 'R');
  const left = jointAngles(body, 'L');
  return {
    ...posture,
    ...rootAngles(body.frames.pelvis!.rotation),
    hipR: right.hip,
    hipL: left.hip,
    shoulderR: right.shoulder,
    shoulderL: left.shoulder,
  };
}
