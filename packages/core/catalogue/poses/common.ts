import type { Vec3, PropPlacement, Shape, Declared } from '../../src/authoring/poseWords.js';

export const UP: Vec3 = [0, 1, 0];
export const AHEAD: Vec3 = [1, 0, 0];
export const ACROSS: Vec3 = [0, 0, 1];

export const CHAIR: PropPlacement = { kind: 'chair', where: 'under the seat' };

/** Sitting bones on the chair, feet flat on the floor. */
export const SEATED: Shape['on'] = [
  ['seat', 'sit'],
  ['floor', 'sole'],
];
export const CHAIR_LEGS = { hip: [82, 4, 0] as Vec3, knee: 85, y: 53 };
export const SHINS_UPRIGHT: NonNullable<Shape['aim']> = [
  ['kneeR', 'ankleR', [0, -1, 0], 0.5],
  ['kneeL', 'ankleL', [0, -1, 0], 0.5],
];
export const TRUNK_UPRIGHT: NonNullable<Shape['face']> = [['T8', UP, UP, 0.6]];
export const PELVIS_AHEAD: NonNullable<Shape['face']> = [['pelvis', AHEAD, [null, null, 0]]];
export const HANDS_ON_THIGHS: NonNullable<Shape['at']> = [
  ['palmMidR', 'thighTopR', { gapCm: 1 }],
  ['palmMidL', 'thighTopL', { gapCm: 1 }],
];

/** Sitting tall on a chair, hands on the thighs. */
export const SITTING_TALL: Shape = {
  symmetric: true,
  posture: { ...CHAIR_LEGS, shoulder: [20, 6, 0], elbow: 55, forearm: 60 },
  on: SEATED,
  at: [['sitR', [-6, null, null]], HANDS_ON_THIGHS[0]!],
  aim: [SHINS_UPRIGHT[0]!],
  face: TRUNK_UPRIGHT,
  free: 'legs arms',
};

const declare =
  (met: number, metFrom: string) =>
  (more: Partial<Declared> = {}): Declared => ({ met, metFrom, ...more });

/** Declared effort by compendium category (Compendium of Physical Activities 2011, from memory). */
export const resting = declare(1.3, '07010 lying quietly');
export const sitting = declare(1.3, '07021 sitting quietly');
export const stretching = declare(2.3, '02101 stretching, mild');
export const hatha = declare(2.5, '02150 hatha yoga');
export const strong = declare(3.3, '02180 sun salutation');
