import { type Shape, type Declared, type Level, type Variant, type Way, bothAim, bothAt, vary } from '../src/authoring/poseWords.js';
import { BACK_FLAT, BACK_KNEES, CHAIR_FREE, CHAIR_HANDS, FOREARM_TABLE, PRONE, SIDE, STAFF, STAND, TABLE, TALL_KNEEL } from './poses/bases.js';
import { ACROSS, AHEAD, CHAIR, hatha, stretching, UP } from './poses/common.js';

interface Told {
  name: string;
  usual?: true;
  back?: false;
  seconds?: number;
  props?: Variant['props'];
  support?: Variant['support'];
  declared?: Declared;
  view?: readonly [number, number];
}

const way = (id: string, from: Level, to: Level, frames: readonly Shape[], cues: readonly string[], told: Told): Way => ({
  id: `way-${id}`,
  name: told.name,
  from,
  to,
  back: told.back ?? true,
  usual: told.usual ?? false,
  seconds: told.seconds ?? 8,
  variant: {
    id: `way-${id}`,
    name: told.name,
    level: from,
    entry: from,
    exit: to,
    breath: 'natural',
    props: told.props ?? [],
    frames,
    view: told.view ?? [20, 12],
    declared: told.declared ?? hatha({ abdominalLoad: 1, isometric: 1 }),
    support: told.support ?? 'none',
    cues,
  },
});

/** A chair to hold on to, its seat towards her. */
const CHAIR_TO_HOLD = { kind: 'chair', x: 78, faces: -1, where: 'in front, its seat towards you, against a wall' } as const;

const HALF_KNEEL: Shape = {
  posture: { hipR: [90, 2, 0], kneeR: 90, hipL: [-4, 2, 0], kneeL: 84, ankleL: -50, lumbar: 0, shoulder: [50, 6, 0], elbow: 20, forearm: 60 },
  on: [['floor', 'soleR kneeL instepL']],
  at: [
    ['ankleR', 'kneeL', { off: [44, null, 14], weight: 0.5 }],
    ['palmMidR', 'thighTopR', { gapCm: 3, weight: 0.6 }],
    ['palmMidL', 'thighTopR', { gapCm: 9, weight: 0.5 }],
  ],
  face: [
    ['T8', UP, UP],
    ['pelvis', UP, UP, 0.6],
    ['pelvis', ACROSS, ACROSS, 0.6],
  ],
  aim: [['kneeR', 'ankleR', [0, -1, 0], 0.6]],
  // Most of the weight is over the knee that is down.
  balance: 'kneeL kneeL kneeL kneeL soleMidR',
  free: 'legs arms',
  apart: 'handL-thighR handR-handL',
};
const HALF_KNEEL_CHAIR: Shape = {
  ...HALF_KNEEL,
  on: [
    ['floor', 'soleR kneeL instepL'],
    ['seat', 'palm?'],
  ],
  posture: { ...HALF_KNEEL.posture, pitch: 12, shoulder: [60, 4, 0], elbow: 10, forearm: 70, wrist: 40 },
  at: [['ankleR', 'kneeL', { off: [44, null, 17], weight: 0.5 }], ...bothAt(['palmMidR', [66, null, 17], { weight: 0.6 }])],
  face: [
    ['pelvis', ACROSS, ACROSS, 0.6],
    ['T8', UP, [0.4, 0.92, 0], 0.5],
  ],
};
/** A long lunge with a straight back, hands on the chair: the spine stays as it is. */
const LUNGE_CHAIR: Shape = {
  posture: {
    pitch: 30,
    hipR: [84, 2, 0],
    kneeR: 62,
    ankleR: 6,
    hipL: [-4, 2, 0],
    kneeL: 24,
    ankleL: 10,
    shoulder: [84, 4, 0],
    elbow: 10,
    forearm: 70,
    wrist: 40,
  },
  on: [
    ['floor', 'soleR ballL'],
    ['seat', 'palm?'],
  ],
  at: [['soleMidR', [38, null, 8]], ['ballL', [-34, null, -8]], ...bothAt(['palmMidR', [66, null, 17], { weight: 0.6 }])],
  face: [
    ['pelvis', ACROSS, ACROSS, 0.8],
    ['T8', UP, [0.5, 0.87, 0], 0.6],
  ],
  free: 'legs arms',
};
const FOLDED_HANDS_DOWN: Shape = {
  ...vary(
    { ...STAND, face: [] },
    { pitch: 96, lumbar: 32, thorax: 14, hip: [112, 5, 0], knee: 40, ankle: 12, shoulder: [90, 4, 0], forearm: 70, wrist: 60 },
    {
      on: [['floor', 'sole palm']],
      at: bothAt(['palmMidR', [32, null, 16], { weight: 0.6 }], ['soleMidR', [6, null, 8]], ['hipJR', [-6, 76, null], { weight: 0.6 }]),
      free: 'legs arms spine~4',
    },
  ),
};
const ON_HANDS_AND_FEET: Shape = {
  symmetric: true,
  posture: { pitch: 112, lumbar: 6, hip: [112, 6, 0], knee: 50, ankle: 18, shoulder: [128, 4, 0], forearm: 60, wrist: 60 },
  on: [['floor', 'palm ball']],
  at: bothAt(['palmMidR', 'ballR', { gapCm: 74, weight: 0.5 }]),
  free: 'arms legs',
};
const KNEES_PLANK: Shape = {
  symmetric: true,
  posture: { pitch: 62, knee: 80, shoulder: [68, 0, 0], forearm: 90, wrist: 80, ankle: -40 },
  on: [['floor', 'palm knee']],
  aim: bothAim(['shoulderJR', 'wristR', [0, -1, null]]),
  free: 'arms',
};
const SIDE_SIT: Shape = {
  posture: {
    pitch: 8,
    hipR: [92, -14, -10],
    kneeR: 104,
    hipL: [96, 34, 40],
    kneeL: 112,
    ankle: -20,
    shoulderL: [20, 40, 0],
    shoulderR: [40, 6, 0],
    elbow: 15,
    forearm: 60,
    wristL: 60,
    side: 4,
  },
  on: [['floor', 'sitL kneeOutL ankleOutL? kneeInR footInR? palmL?']],
  at: [['palmMidL', [0, null, -40], { weight: 0.5 }]],
  face: [
    ['T8', UP, [0.1, 0.97, -0.2], 0.6],
    ['pelvis', AHEAD, [0.9, null, 0.3], 0.4],
  ],
  free: 'legs arms side~2 spine~4',
  apart: 'thighR-thighL shankR-shankL thighL-shankR thighR-shankL footL-shankR footR-shankL footL-thighR',
};
const ON_SIDE: Shape = vary(SIDE, {}, { on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR']] });
/** On the back with the feet a little further away: knees that bend less roll, too. */
const ON_BACK_FEET_AWAY = vary(BACK_KNEES, { hip: [42, 4, 0], knee: 80 }, { at: bothAt(['ankleR', [-80, null, 9], { weight: 0.3 }]) });
const ON_SIDE_FLAT: Shape = {
  ...ON_SIDE,
  posture: { ...ON_SIDE.posture, shoulderL: [168, -5, 0], elbowL: 10, neckSide: -4 },
  on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL palmR']],
};
/** Pushed half up from the side by the upper hand and the lower elbow. */
const PUSHED_UP: Shape = {
  posture: {
    roll: -58,
    yaw: 75,
    hip: [70, 4, 0],
    knee: 90,
    side: 22,
    shoulderL: [50, 34, 0],
    elbowL: 60,
    shoulderR: [60, -14, 0],
    elbowR: 20,
    forearm: 70,
    wristR: 60,
  },
  on: [['floor', 'trochanterL kneeOutL ankleOutL? elbowL palmR?']],
  face: [['pelvis', AHEAD, ACROSS, 0.4]],
  free: 'legs arms side~2',
  apart: 'thighR-thighL shankR-shankL thighL-shankR thighR-shankL footR-footL footL-shankR footR-shankL',
};
const ROLLED_DOWN: Shape = {
  symmetric: true,
  posture: { pitch: -44, lumbar: 30, thorax: 18, neck: 16, hip: [54, 5, 0], knee: 70, shoulder: [50, 6, 0], elbow: 20, forearm: 50 },
  on: [['floor', 'buttock sacrum sole']],
  at: bothAt(['palmMidR', 'kneeR', { gapCm: 14, weight: 0.5 }]),
  free: 'legs arms',
};
const SQUAT: Shape = {
  symmetric: true,
  posture: { pitch: 30, lumbar: 12, hip: [116, 24, 18], knee: 130, ankle: 26, shoulder: [70, 6, 0], elbow: 10, forearm: 60, wrist: 40 },
  on: [['floor', 'sole palm?']],
  at: bothAt(['ankleR', [null, null, 16]], ['palmMidR', [24, null, 8], { weight: 0.4 }]),
  balance: 'heelR ballR heelL ballL',
  free: 'legs arms spine~2',
};

/** The ways between levels. The neutral ones keep the spine as it is. */
export const WAYS: readonly Way[] = [
  way(
    'chair-stand',
    'chair',
    'standing',
    [
      vary(CHAIR_FREE, { pitch: 20, shoulder: [30, 6, 0], elbow: 20 }, { at: bothAt(['ankleR', [null, null, 9]]), face: [['T8', UP, [0.34, 0.94, 0], 0.8]] }),
      vary(
        STAND,
        { pitch: 36, hip: [88, 5, 0], knee: 74, ankle: 22, shoulder: [36, 6, 0], elbow: 15, forearm: 60 },
        {
          free: 'legs arms',
          at: bothAt(['soleMidR', [38, null, null]], ['palmMidR', 'kneeR', { gapCm: 10 }]),
          face: [['T8', UP, [0.58, 0.81, 0], 0.8]],
          balance: 'heelR ballR heelL ballL',
        },
      ),
      vary(STAND, {}, { at: bothAt(['soleMidR', [38, null, null]]) }),
    ],
    ['Nose over the toes, push with hands and feet, stand.'],
    { name: 'standing up from the chair', usual: true, props: [CHAIR], support: 'hand', seconds: 6, view: [16, 10] },
  ),
  way(
    'half-kneel-chair',
    'standing',
    'kneeling',
    [
      LUNGE_CHAIR,
      HALF_KNEEL_CHAIR,
      {
        ...vary(
          TALL_KNEEL,
          { shoulder: [66, 4, 0], elbow: 15, forearm: 70, wrist: 40, pitch: 4 },
          {
            on: [
              ['floor', 'knee instep'],
              ['seat', 'palm?'],
            ],
            at: bothAt(['palmMidR', [66, null, 17], { weight: 0.5 }], ['kneeR', [34, null, null], { weight: 0.4 }]),
            free: 'legs arms',
          },
        ),
        face: [['pelvis', ACROSS, ACROSS]],
      },
    ],
    ['Hands on the chair, step one foot back.', 'Lower that knee, then the other; the back stays long.'],
    { name: 'half-kneel through a lunge, hands on a chair', props: [CHAIR_TO_HOLD], support: 'hand', seconds: 12, view: [24, 10] },
  ),
  way(
    'half-kneel',
    'standing',
    'kneeling',
    [
      {
        ...LUNGE_CHAIR,
        on: [['floor', 'soleR ballL']],
        posture: { ...LUNGE_CHAIR.posture, shoulder: [40, 6, 0], elbow: 20, forearm: 60 },
        at: [
          ['soleMidR', [38, null, 8]],
          ['ballL', [-34, null, -8]],
          ['palmMidR', 'thighTopR', { gapCm: 3, weight: 0.6 }],
          ['palmMidL', 'thighTopR', { gapCm: 9, weight: 0.5 }],
        ],
        face: [
          ['pelvis', ACROSS, ACROSS, 0.8],
          ['T8', UP, [0.3, 0.95, 0], 0.6],
        ],
        apart: 'handL-thighR handR-handL',
      },
      HALF_KNEEL,
      TALL_KNEEL,
    ],
    ['Hands on the front thigh, lower the back knee.', 'Then the other; the back stays long.'],
    { name: 'half-kneel, hands on the thigh', usual: true, seconds: 8, view: [24, 10] },
  ),
  way('fold-down', 'standing', 'all-fours', [FOLDED_HANDS_DOWN, ON_HANDS_AND_FEET, TABLE], ['Fold, hands to the floor, step back.'], {
    name: 'folding to the floor',
    usual: true,
    seconds: 8,
    view: [10, 10],
  }),
  way(
    'walk-out',
    'standing',
    'all-fours',
    [FOLDED_HANDS_DOWN, ON_HANDS_AND_FEET],
    ['Fold with bent knees, hands to the floor, walk the feet back.', 'The knees stay off the floor.'],
    {
      name: 'walking out on hands and feet',
      seconds: 8,
      view: [10, 10],
    },
  ),
  way(
    'walk-up',
    'all-fours',
    'standing',
    [TABLE, ON_HANDS_AND_FEET, FOLDED_HANDS_DOWN],
    ['Tuck the toes, walk the hands to the feet, knees bent, roll up slowly.'],
    {
      name: 'walking the hands to the feet',
      back: false,
      seconds: 10,
      view: [10, 10],
    },
  ),
  way(
    'chair-to-kneel',
    'chair',
    'kneeling',
    [
      vary(CHAIR_HANDS, { pitch: 20 }, { at: bothAt(['ankleR', [null, null, 9]]), face: [['T8', UP, [0.3, 0.95, 0], 0.6]] }),
      {
        ...HALF_KNEEL_CHAIR,
        on: [['floor', 'soleR kneeL instepL']],
        posture: { ...HALF_KNEEL.posture },
        at: [
          ['ankleR', [72, null, 9]],
          ['kneeL', [34, null, -9]],
          ['palmMidR', 'thighTopR', { gapCm: 2, weight: 0.6 }],
          ['palmMidL', 'thighTopR', { gapCm: 8, weight: 0.5 }],
        ],
        apart: 'handL-thighR handR-handL',
      },
      vary(TALL_KNEEL, {}, { at: bothAt(['kneeR', [44, null, null]]) }),
    ],
    ['Slide forward, one knee down, then the other; a hand stays on the seat.'],
    { name: 'from the chair onto the knees', props: [CHAIR], support: 'hand', seconds: 12, view: [24, 10] },
  ),
  way('hands-forward', 'kneeling', 'all-fours', [TALL_KNEEL, TABLE], ['Hinge forward, hands down.'], { name: 'hands forward', usual: true, seconds: 4 }),
  way(
    'lower-to-belly',
    'all-fours',
    'prone',
    [
      TABLE,
      KNEES_PLANK,
      {
        ...PRONE,
        posture: { ...PRONE.posture, shoulder: [20, 30, 0], elbow: 110, forearm: 85, wrist: 60, lumbar: 0 },
        on: [['floor', 'pubis belly knee instep palm?']],
        free: 'legs arms',
      },
    ],
    ['Walk the hands ahead, lower in one piece.'],
    { name: 'lowering in one piece, the back as it is', usual: true, seconds: 6, view: [4, 12], declared: hatha({ abdominalLoad: 2, isometric: 2 }) },
  ),
  way(
    'lower-over-forearms',
    'all-fours',
    'prone',
    [
      TABLE,
      FOREARM_TABLE,
      {
        ...PRONE,
        posture: { ...PRONE.posture, lumbar: -8, thorax: -6, shoulder: [80, 8, 0], elbow: 85, forearm: 85 },
        on: [['floor', 'pubis knee instep elbow palm?']],
        free: 'legs spine arms',
      },
    ],
    ['Forearms down first, then slide the hips forward.'],
    { name: 'over the forearms', seconds: 8, view: [8, 12] },
  ),
  way(
    'side-sit',
    'all-fours',
    'sitting',
    [TABLE, SIDE_SIT, vary(STAFF, { elbow: 20 }, { on: [['floor', 'sit heelBack palm?']], free: 'legs arms' })],
    ['Sit to one side, hands help, bring the legs round.'],
    { name: 'sitting to one side', usual: true, seconds: 6, view: [40, 14] },
  ),
  way('kneel-to-sit', 'kneeling', 'sitting', [TALL_KNEEL, SIDE_SIT], ['Sit to one side of the heels, hands help.'], {
    name: 'sitting to one side of the heels',
    usual: true,
    seconds: 5,
    view: [40, 14],
  }),
  way('down-over-side', 'sitting', 'side-lying', [SIDE_SIT, PUSHED_UP, ON_SIDE_FLAT], ['Walk the hands to the side, lower onto elbow and shoulder.'], {
    name: 'down over the side',
    usual: true,
    seconds: 8,
    view: [30, 20],
    support: 'hand',
  }),
  way('log-roll', 'side-lying', 'lying', [ON_SIDE_FLAT, ON_BACK_FEET_AWAY], ['Knees together, roll in one piece.'], {
    name: 'rolling in one piece',
    usual: true,
    seconds: 5,
    view: [30, 30],
    declared: stretching(),
  }),
  way(
    'roll-down',
    'sitting',
    'lying',
    [
      vary(STAFF, { hip: [84, 5, 0], knee: 70, shoulder: [60, 6, 0], elbow: 15, forearm: 60 }, { on: [['floor', 'sit sole']], free: 'legs', at: [] }),
      ROLLED_DOWN,
      BACK_KNEES,
    ],
    ['Round the back and roll down, hands on the thighs.'],
    { name: 'rolling straight down or up', seconds: 5, view: [10, 12], declared: hatha({ abdominalLoad: 3, isometric: 2 }) },
  ),
  way('prone-to-side', 'prone', 'side-lying', [PRONE, ON_SIDE_FLAT], ['One hand beside the chest, roll in one piece.'], {
    name: 'rolling from the belly to the side',
    usual: true,
    seconds: 6,
    view: [30, 30],
    declared: stretching({ abdominalLoad: 1, isometric: 1 }),
  }),
  way('squat-down', 'standing', 'squatting', [STAND, SQUAT], ['Feet wide, sink, hands to the floor.'], {
    name: 'sinking into the squat',
    usual: true,
    seconds: 5,
    view: [30, 10],
  }),
  way(
    'squat-to-sit',
    'squatting',
    'sitting',
    [
      SQUAT,
      {
        symmetric: true,
        posture: { pitch: -8, hip: [92, 8, 0], knee: 100, shoulder: [-34, 12, 0], elbow: 10, forearm: 85, wrist: 60 },
        on: [['floor', 'sit sole palm?']],
        free: 'legs arms spine~4',
      },
    ],
    ['Hands behind, sit down.'],
    { name: 'sitting down from the squat', usual: true, seconds: 5, view: [30, 12] },
  ),
  way(
    'roll-to-shoulders',
    'lying',
    'inverted',
    [
      BACK_KNEES,
      {
        symmetric: true,
        posture: { pitch: -120, lumbar: 24, thorax: 16, neck: 40, hip: [110, 4, 0], knee: 96, shoulder: [-10, 14, 0], elbow: 10, forearm: 90 },
        on: [['floor', 'upperBack headBack shoulderJ palm?']],
        at: bothAt(['hipJR', [null, 34, null], { weight: 0.6 }]),
        free: 'legs arms neck spine~2',
      },
    ],
    ['Press the arms, lift the pelvis with bent knees, no swing.'],
    { name: 'lifting with control', usual: true, seconds: 6, view: [14, 12], declared: hatha({ abdominalLoad: 3, isometric: 2 }) },
  ),
  way('lie-flat', 'sitting', 'lying', [SIDE_SIT, PUSHED_UP, ON_SIDE_FLAT, BACK_FLAT], ['Down over the side, then roll onto the back in one piece.'], {
    name: 'over the side and round',
    usual: true,
    seconds: 10,
    view: [30, 24],
    support: 'hand',
  }),
];
