import type { Vec3 } from './maths.js';

/** Joints whose moments are worked out; those of the limbs exist on both sides. */
export const MIDLINE_JOINTS = ['trunk', 'neck'] as const;
export const LIMB_JOINTS = ['hip', 'knee', 'ankle', 'shoulder', 'elbow', 'wrist'] as const;
export type JointName = (typeof MIDLINE_JOINTS)[number] | (typeof LIMB_JOINTS)[number];

/**
 * A moment of 1% of body weight times height, in Nm per kg of a body of 1.70 m: 0.01 × 9.81 × 1.70.
 * What poses ask is kept as that share, which is the same for bodies of all sizes.
 */
export const NM_PER_KG = 0.16677;

/** About one axis: against the positive turn, and with it. */
type Strength = readonly [negative: number, positive: number];

/**
 * What the muscles of a healthy young adult hold about each axis of a joint (x forward, y up, z to the right in the
 * frame above the joint), Nm per kg, right side. Where no muscle works (a knee sideways) it is what ligaments hold.
 *
 * Source: Danneskiold-Samsøe 2009 and Harbo 2012, women's middle, from memory, rounded; trunk, neck, wrist and what
 * ligaments hold are estimates of ours. It shares effort out between joints; how strong *somebody* is stands in the
 * norms.
 */
const YOUNG: Readonly<Record<JointName, readonly [Strength, Strength, Strength]>> = {
  trunk: [
    [1.8, 1.8],
    [1.2, 1.2],
    [1.8, 3],
  ],
  neck: [
    [0.4, 0.4],
    [0.3, 0.3],
    [0.3, 0.5],
  ],
  hip: [
    [1.6, 1.6],
    [0.9, 0.9],
    [2.4, 1.5],
  ],
  knee: [
    [1.5, 1.5],
    [0.8, 0.8],
    [1.2, 2.3],
  ],
  ankle: [
    [0.7, 0.7],
    [0.6, 0.6],
    [1.8, 0.5],
  ],
  shoulder: [
    [0.7, 0.9],
    [0.6, 0.6],
    [0.9, 0.75],
  ],
  elbow: [
    [0.6, 0.6],
    [0.4, 0.4],
    [0.6, 0.8],
  ],
  wrist: [
    [0.3, 0.3],
    [0.3, 0.3],
    [0.3, 0.3],
  ],
};

/**
 * How much of a moment a healthy young adult's joint holds, % of body weight × height.
 *
 * @param axis 0 x, 1 y, 2 z
 * @param moment which way: its sign counts
 * @param mirrored on the left, where turns about x and y go the other way
 */
export function youngStrength(joint: JointName, axis: 0 | 1 | 2, moment: number, mirrored: boolean): number {
  const own = mirrored && axis < 2 ? -moment : moment;
  return YOUNG[joint][axis][own > 0 ? 1 : 0] / NM_PER_KG;
}

/** Muscle groups of the limbs: at which joint, about which axis and which way they pull on the right. */
export const LIMB_MUSCLES = {
  kneeExtensor: ['knee', 2, 1],
  kneeFlexor: ['knee', 2, -1],
  hipExtensor: ['hip', 2, -1],
  hipFlexor: ['hip', 2, 1],
  hipAbductor: ['hip', 0, -1],
  hipAdductor: ['hip', 0, 1],
  plantarflexor: ['ankle', 2, -1],
  shoulderFlexor: ['shoulder', 2, 1],
  shoulderExtensor: ['shoulder', 2, -1],
  shoulderAbductor: ['shoulder', 0, -1],
  shoulderAdductor: ['shoulder', 0, 1],
  elbowExtensor: ['elbow', 2, -1],
  elbowFlexor: ['elbow', 2, 1],
  wristFlexor: ['wrist', 0, 1],
} as const satisfies Record<string, readonly [JointName, 0 | 2, 1 | -1]>;

/** Muscle groups of the trunk and neck. */
export const MIDLINE_MUSCLES = {
  trunkExtensor: ['trunk', 2, 1],
  trunkFlexor: ['trunk', 2, -1],
  neckExtensor: ['neck', 2, 1],
  neckFlexor: ['neck', 2, -1],
} as const satisfies Record<string, readonly [JointName, 0 | 2, 1 | -1]>;

export type LimbMuscle = keyof typeof LIMB_MUSCLES;
export type MidlineMuscle = keyof typeof MIDLINE_MUSCLES | 'trunkSide';
export type Muscle = LimbMuscle | MidlineMuscle;

/** What a muscle group has to hold of a joint's moment; 0 where it is the others' work. */
export const heldBy = (
  [, axis, way]: readonly [JointName, 0 | 2, 1 | -1],
  moment: Vec3,
  mirrored: boolean,
): number => Math.max(0, moment[axis] * way * (mirrored && axis === 0 ? -1 : 1));

/** Whether a word names a muscle group. */
export const isMuscle = (word: string): word is Muscle =>
  word === 'trunkSide' || Object.hasOwn(LIMB_MUSCLES, word) || Object.hasOwn(MIDLINE_MUSCLES, word);

/**
 * How much a muscle group holds in healthy young women, % of body weight × height.
 *
 * @example youngHolds('kneeExtensor') // 13.8: 2.3 Nm per kg
 */
export function youngHolds(muscle: Muscle): number {
  if (muscle === 'trunkSide') return youngStrength('trunk', 0, 1, false);
  const [joint, axis, way] =
    muscle in LIMB_MUSCLES ? LIMB_MUSCLES[muscle as LimbMuscle] : MIDLINE_MUSCLES[muscle as 'trunkFlexor'];
  return youngStrength(joint, axis, way, false);
}
