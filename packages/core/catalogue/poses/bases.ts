import { type Shape, bothAim, bothAt, vary } from '../../src/authoring/poseWords.js';
import { ACROSS, AHEAD, CHAIR_LEGS, UP } from './common.js';

const SHINS = bothAim(['kneeR', 'ankleR', [0, -1, 0], 0.5]);
const HANDS_ON_THIGHS = bothAt(['palmMidR', 'thighTopR', { gapCm: 1 }]);
const SQUARE: NonNullable<Shape['face']> = [
  ['T8', UP, UP, 0.6],
  ['pelvis', AHEAD, [null, null, 0]],
];

/** On the back: elbows beside the body, hands on the belly. A shape adds its own `at`. */
export const HANDS_ON_BELLY = {
  arms: { shoulder: [14, 10, -55], elbow: 84, forearm: 20, wrist: -30 },
  at: bothAt(['palmMidR', 'belly', { gapCm: 7, weight: 0.4 }]),
  held: { touch: [['palmMid', 'torso']], free: 'hip arms neck', apart: 'handR-torso handL-torso forearmR-torso forearmL-torso handR-handL' },
} satisfies { arms: Shape['posture']; at: Shape['at']; held: Partial<Shape> };

/** Sitting tall on a chair, feet flat, hands free. */
export const CHAIR_FREE: Shape = {
  symmetric: true,
  posture: { ...CHAIR_LEGS, shoulder: [20, 6, 0], elbow: 30, forearm: 30 },
  on: [
    ['seat', 'sit'],
    ['floor', 'sole'],
  ],
  at: bothAt(['sitR', [-6, null, null]]),
  aim: SHINS,
  face: SQUARE,
  free: 'legs',
};
/** The same, hands resting on the thighs. */
export const CHAIR_HANDS: Shape = {
  ...CHAIR_FREE,
  posture: { ...CHAIR_LEGS, shoulder: [20, 6, 0], elbow: 55, forearm: 60 },
  at: [...CHAIR_FREE.at!, ...HANDS_ON_THIGHS],
  free: 'legs arms',
};

/** Standing, feet under the hips. */
export const STAND: Shape = {
  symmetric: true,
  posture: { hip: [0, 3, 0] },
  on: [['floor', 'sole']],
  face: [
    ['T8', UP, UP],
    ['pelvis', ACROSS, ACROSS],
  ],
  free: 'ankle hip inversion',
};

/** Standing on the right foot alone. */
export const ON_RIGHT: Shape = {
  posture: { hipR: [0, 2, 0] },
  on: [['floor', 'soleR']],
  face: [
    ['T8', UP, UP],
    ['pelvis', AHEAD, AHEAD, 0.5],
    ['footR', AHEAD, AHEAD],
  ],
  balance: 'heelR ballR',
  free: 'legR',
};

/** Sitting with the shins crossed on two folded blankets, hands on the thighs. */
export const CROSSED_FREE: Shape = {
  posture: {
    pitch: 2,
    hipR: [86, 44, 46],
    kneeR: 118,
    hipL: [84, 44, 46],
    kneeL: 112,
    ankle: -20,
    inversion: 15,
    shoulder: [22, 8, 0],
    elbow: 45,
    forearm: 50,
  },
  on: [
    [10, 'sit'],
    ['floor', 'footOut'],
  ],
  at: [
    ['ankleR', [18, null, -8], { weight: 0.8 }],
    ['ankleL', [27, null, 7], { weight: 0.8 }],
    ['sitR', [-6, null, null]],
    ['sitL', [-6, null, null]],
  ],
  face: SQUARE,
  free: 'legs',
  apart: 'shankR-shankL footR-shankL footL-shankR footR-footL footL-thighR footR-thighL',
};
export const CROSSED: Shape = { ...CROSSED_FREE, at: [...CROSSED_FREE.at!, ...bothAt(['palmMidR', 'thighTopR', { gapCm: 1 }])], free: 'legs arms' };

/** Kneeling back on a block between the heels. */
export const KNEEL_FREE: Shape = {
  symmetric: true,
  posture: { hip: [75, 8, 0], knee: 148, ankle: -55, shoulder: [20, 5, 0], elbow: 40, forearm: 50 },
  on: [
    ['floor', 'knee instep'],
    [10, 'sit'],
  ],
  face: SQUARE,
  free: 'legs',
};
export const KNEEL: Shape = { ...KNEEL_FREE, at: HANDS_ON_THIGHS, free: 'legs arms' };

/** Upright on both knees. */
export const TALL_KNEEL: Shape = {
  symmetric: true,
  posture: { hip: [0, 4, 0], knee: 88, ankle: -50 },
  on: [['floor', 'knee instep']],
  face: [
    ['T8', UP, UP],
    ['pelvis', UP, UP, 0.6],
  ],
  free: 'legs',
};

/** Sitting with the legs straight ahead on a folded blanket. */
export const STAFF: Shape = {
  symmetric: true,
  posture: { hip: [84, 4, 0], knee: 2, shoulder: [-12, 12, 0], elbow: 8, forearm: 80, wrist: 60 },
  on: [
    [5, 'sit'],
    ['floor', 'heelBack'],
  ],
  at: bothAt(['ankleR', [null, null, 8], { weight: 0.5 }]),
  face: [['T8', UP, UP]],
  free: 'hip knee ankle',
};

/** Lying on the back, knees bent, feet flat; arms beside the body, palms down or up. */
export const BACK_KNEES: Shape = {
  symmetric: true,
  posture: { pitch: -90, hip: [52, 4, 0], knee: 96, shoulder: [-4, 24, 30], forearm: -20 },
  on: [['floor', 'sacrum midBack headBack sole handBack?']],
  at: bothAt(['ankleR', [null, null, 9], { weight: 0.5 }]),
  free: 'legs arms neck',
};
/** The same, hands on the belly. */
export const LYING_HANDS_ON_BELLY: Shape = {
  ...vary(BACK_KNEES, HANDS_ON_BELLY.arms, { at: HANDS_ON_BELLY.at, ...HANDS_ON_BELLY.held }),
  on: [['floor', 'sacrum midBack headBack sole']],
  free: 'legs arms neck',
};
/** The same, flat with the legs long. */
export const BACK_FLAT: Shape = {
  symmetric: true,
  posture: { pitch: -90, hip: [2, 8, 15], ankle: -15, shoulder: [-5, 26, 35], forearm: -25 },
  on: [['floor', 'sacrum midBack headBack heelBack handBack?']],
  free: 'hip arms neck',
};

/** Lying on the back with both thighs upright and shins level. */
export const BACK_SHINS_LEVEL: Shape = {
  symmetric: true,
  posture: { pitch: -90, hip: [90, 3, 0], knee: 90, shoulder: [-4, 24, 30], forearm: 60 },
  on: [['floor', 'sacrum midBack headBack palm?']],
  aim: bothAim(['hipJR', 'kneeR', UP, 0.6], ['kneeR', 'ankleR', [1, 0, 0], 0.6]),
  free: 'legs arms neck',
};

/** Lying on the belly, legs long, arms beside. */
export const PRONE: Shape = {
  symmetric: true,
  posture: { pitch: 89, lumbar: -3, hip: [-3, 6, 0], ankle: -55, shoulder: [-6, 14, 0], forearm: -40 },
  on: [['floor', 'pubis belly knee instep']],
  face: [['pelvis', ACROSS, ACROSS, 0.3]],
  free: 'legs lumbar',
};

/** On the left side with bent knees, head raised 10 cm. */
export const SIDE: Shape = {
  posture: { roll: -90, yaw: 90, hip: [50, 0, 0], knee: 70, shoulderL: [80, -5, 0], shoulderR: [40, 5, 0], elbowL: 95, elbowR: 55, protractionL: 28 },
  on: [
    ['floor', 'trochanterL shoulderJL kneeOutL ankleOutL wristL'],
    [10, 'templeL'],
  ],
  face: [
    ['C7', AHEAD, ACROSS],
    ['head', UP, [1, 0, null], 0.5],
    ['pelvis', AHEAD, ACROSS, 0.5],
  ],
  free: 'hip ankle inversion arms bladeL side~3 neckSide',
};

/** Hands under the shoulders, knees under the hips. */
export const TABLE: Shape = {
  symmetric: true,
  posture: { pitch: 88, neck: -4, hip: [88, 2, 0], knee: 90, ankle: -50, shoulder: [90, 4, 0], forearm: 80, wrist: 80 },
  on: [['floor', 'palm knee instep']],
  aim: bothAim(['hipJR', 'kneeR', [0, -1, null]], ['shoulderJR', 'wristR', [0, -1, null]]),
  free: 'arms legs',
};
/** On the forearms and knees. */
export const FOREARM_TABLE: Shape = {
  symmetric: true,
  posture: { pitch: 104, neck: -4, hip: [104, 2, 0], knee: 90, ankle: -50, shoulder: [104, 4, 0], elbow: 90, forearm: 85 },
  on: [['floor', 'elbow palm knee instep']],
  aim: bothAim(['hipJR', 'kneeR', [0, -1, null]], ['shoulderJR', 'elbowR', [0, -1, null]]),
  free: 'arms legs',
};

export const PALMS_TOGETHER = bothAt(['palmMidR', [null, null, 0.3]], ['wristR', [null, null, 2.2]]);

/** A chair whose back is towards her, hands on its top rail. Stands against a wall. */
export const CHAIR_AHEAD = { kind: 'chair', x: 50, where: 'in front, its back towards you, against a wall' } as const;
/** Standing behind that chair. */
export const BEHIND_CHAIR: Shape = {
  symmetric: true,
  posture: { hip: [0, 3, 0], shoulder: [30, 4, 0], elbow: 42, forearm: 80, wrist: 30 },
  on: [
    ['floor', 'sole'],
    [88, 'palm?'],
  ],
  at: bothAt(['palmMidR', [27, null, 15], { weight: 0.8 }], ['soleMidR', [0, null, null]]),
  face: [
    ['T8', UP, UP],
    ['pelvis', ACROSS, ACROSS],
  ],
  free: 'hip ankle inversion arms',
};
/** The same at arm's length, with room to move a leg: the chair stands at `FAR_CHAIR_X`. */
export const FAR_CHAIR_X = 74;
export const FAR_BEHIND_CHAIR: Shape = {
  ...BEHIND_CHAIR,
  posture: { hip: [0, 3, 0], shoulder: [58, 4, 0], elbow: 12, forearm: 80, wrist: 12 },
  at: bothAt(['palmMidR', [51, null, 15], { weight: 0.8 }], ['soleMidR', [2, null, null]]),
};
/** Hands on the hips: over a shape whose arms are free. */
export const HANDS_ON_HIPS = bothAt(['palmMidR', 'trochanterR', { gapCm: 5 }]);
