import { LENGTH } from './segments.js';
import { SIDES, signOf, type Vec3 } from './maths.js';

/**
 * A point on (or in) the body: the frame it belongs to, its place there as shares of height,
 * and the radius of flesh around it. Sided ones are given for the right; z is outward.
 */
type Landmark = readonly [frame: string, offset: Vec3, radius: number];

const MIDLINE: Record<string, Landmark> = {
  sacrum: ['pelvis', [-0.058, 0.03, 0], 0],
  pubis: ['pelvis', [0.056, 0.01, 0], 0],
  belly: ['L3', [0.054, 0, 0], 0],
  lowBack: ['L3', [-0.05, 0, 0], 0],
  midBack: ['T8', [-0.058, 0, 0], 0],
  upperBack: ['T3', [-0.05, 0, 0], 0],
  chest: ['T8', [0.062, 0.02, 0], 0],
  neckBack: ['C7', [-0.034, 0, 0], 0],
  // Middle of the chest's depth at the fourth rib, 0.72 of height in standing (phlebostatic axis).
  heart: ['T8', [0.008, -0.025, 0], 0],
  // The ear canal stands for the head (blood pressure), the eyes for eye pressure.
  ear: ['head', [0.008, 0.004, 0], 0],
  eyes: ['head', [0.056, 0.011, 0], 0],
  headBack: ['head', [-0.05, 0.014, 0], 0],
  crown: ['head', [0.01, 0.076, 0], 0],
  forehead: ['head', [0.062, 0.034, 0], 0],
  chin: ['head', [0.056, -0.045, 0], 0],
  headMiddle: ['head', [0.01, 0.013, 0], 0],
};

const SIDED: Record<string, Landmark> = {
  sit: ['pelvis', [-0.008, -0.018, 0.036], 0.032],
  buttock: ['pelvis', [-0.056, -0.015, 0.04], 0],
  trochanter: ['pelvis', [0, 0.005, 0.092], 0],
  rib: ['T8', [0, 0, 0.084], 0],
  temple: ['head', [0.012, 0.014, 0.047], 0],
  shoulderJ: ['upperArm', [0, 0, 0], 0.034],
  elbow: ['upperArm', [0, -LENGTH.upperArm, 0], 0.024],
  wrist: ['forearm', [0, -LENGTH.forearm, 0], 0.012],
  palmHeel: ['hand', [0, -0.012, -0.012], 0],
  palmMid: ['hand', [0, -0.042, -0.012], 0],
  knuckles: ['hand', [0, -0.06, -0.012], 0],
  tips: ['hand', [0, -0.105, -0.005], 0],
  handBack: ['hand', [0, -0.045, 0.01], 0],
  hipJ: ['thigh', [0, 0, 0], 0.043],
  thighMid: ['thigh', [0, -LENGTH.thigh / 2, 0], 0.035],
  knee: ['thigh', [0, -LENGTH.thigh, 0], 0.033],
  kneeIn: ['thigh', [0, -LENGTH.thigh * 0.97, -0.033], 0],
  kneeOut: ['thigh', [0, -LENGTH.thigh * 0.97, 0.033], 0],
  thighIn: ['thigh', [0, -LENGTH.thigh * 0.6, -0.041], 0],
  thighTop: ['thigh', [0.045, -LENGTH.thigh * 0.6, 0], 0],
  calf: ['shank', [-0.008, -LENGTH.shank * 0.32, 0], 0.034],
  shin: ['shank', [0.03, -LENGTH.shank * 0.4, 0], 0],
  shinIn: ['shank', [0, -LENGTH.shank * 0.4, -0.032], 0],
  ankle: ['shank', [0, -LENGTH.shank, 0], 0.023],
  ankleOut: ['foot', [0, -0.012, 0.022], 0],
  heel: ['foot', [-0.028, -LENGTH.foot, 0], 0],
  heelBack: ['foot', [-0.038, -0.026, 0], 0],
  ball: ['foot', [0.078, -LENGTH.foot, 0], 0],
  toe: ['foot', [0.118, -LENGTH.foot + 0.003, 0], 0],
  instep: ['foot', [0.075, -0.018, 0], 0],
  soleMid: ['foot', [0.03, -LENGTH.foot, 0], 0],
  footOut: ['foot', [0.05, -LENGTH.foot + 0.012, 0.02], 0],
  footIn: ['foot', [0.04, -LENGTH.foot + 0.012, -0.018], 0],
};

const SHARED_FRAMES = new Set(['pelvis', 'T8', 'head']);

/** One landmark with its side settled. */
export interface BodyPoint {
  name: string;
  frame: string;
  offset: Vec3;
  radius: number;
}

/** All landmarks, sided ones twice. */
export const BODY_POINTS: readonly BodyPoint[] = [
  ...Object.entries(MIDLINE).map(([name, [frame, offset, radius]]) => ({ name, frame, offset, radius })),
  ...SIDES.flatMap((side) =>
    Object.entries(SIDED).map(([name, [frame, [x, y, z], radius]]) => ({
      name: name + side,
      frame: SHARED_FRAMES.has(frame) ? frame : frame + side,
      offset: [x, y, z * signOf(side)] as Vec3,
      radius,
    })),
  ),
];

/** Radius of flesh around each landmark, share of height. */
export const POINT_RADIUS: Readonly<Record<string, number>> = Object.fromEntries(
  BODY_POINTS.map((point) => [point.name, point.radius]),
);

/** Whether `name` (without a side) is a landmark of both sides. */
export const isSidedPoint = (name: string): boolean => name in SIDED;

/** Landmarks on the skin: what must stay out of floor, wall and chair. Toes bend, so they are left out. */
export const SKIN_POINTS: readonly string[] = BODY_POINTS.map((point) => point.name).filter(
  (name) => !/^(toe|heart|ear|headMiddle|eyes)/.test(name),
);
