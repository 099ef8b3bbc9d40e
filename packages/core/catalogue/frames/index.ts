/**
 * Frames of classes and what they may aim at. Order, parts and lengths are common practice, no published source; what
 * someone may do comes from the rules and not from here.
 */
import type { Aim, Frame, FrameSlot, SlotFrom } from '../../src/authoring/frameWords.js';

export const AIMS: readonly Aim[] = [
  { id: 'all-round', name: 'A bit of everything' },
  { id: 'back', name: 'An easier back', regions: ['low back', 'upper back'] },
  { id: 'neck-shoulders', name: 'Neck and shoulders', regions: ['neck', 'shoulders', 'chest', 'upper back'] },
  { id: 'hips', name: 'Hips', regions: ['outer hip', 'inner thigh', 'front hip'] },
  { id: 'legs', name: 'Legs and feet', regions: ['hamstrings', 'calves', 'feet'] },
  { id: 'strength', name: 'Strength', actions: ['strengthen'] },
  { id: 'balance', name: 'Balance', actions: ['balance'], regions: ['feet', 'calves'] },
  { id: 'breath', name: 'Breath and calm', actions: ['breathe', 'settle', 'rest'], energy: 'settling' },
  { id: 'wake', name: 'Waking up', actions: ['mobilise'], energy: 'lifting' },
];

const part = (section: string, share: number, from: SlotFrom): FrameSlot => ({ section, share, from });
const still = (section: string, minutes: number, from: SlotFrom): FrameSlot => ({ section, minutes, share: 0, from });

const BREATHS = ['seated-breath', 'long-out-breath', 'three-part-breath', 'rib-breath', 'belly-breath'] as const;
const arriveChair = still('Arrive', 2, { levels: ['chair'], poses: BREATHS });
const arriveFloor = still('Arrive', 2, { levels: ['sitting'], poses: [...BREATHS, 'easy-seat'] });
const arriveLying = still('Arrive', 2, { levels: ['lying'], poses: ['constructive-rest', 'belly-breath', 'rib-breath'] });

const LOOSE = ['opening', 'warm-up'] as const;
const loosenChair = part('Loosen', 3, {
  levels: ['chair'],
  places: LOOSE,
  families: ['joints', 'chair', 'all-fours', 'supine'],
  actions: ['mobilise', 'open'],
});
const loosenFloor = part('Loosen', 1, { levels: ['sitting'], places: LOOSE, families: ['joints', 'seated'], actions: ['mobilise', 'open'] });
const allFours = (share: number): FrameSlot =>
  part('On hands and knees', share, { levels: ['all-fours'], places: ['warm-up', 'work'], not: ['knee-hover', 'wrist-kneel'] });
const standing = (share: number): FrameSlot =>
  part('Standing', share, { levels: ['standing'], families: ['standing', 'balance'], not: ['mountain-prayer', 'shaking-out'] });
const seated = (share: number): FrameSlot => part('Sitting on the floor', share, { levels: ['sitting'], families: ['seated'], places: ['work'] });
const prone = (share: number): FrameSlot => part('On the belly', share, { levels: ['prone'], places: ['work'], actions: ['strengthen', 'open'] });
const lying = (share: number): FrameSlot => part('On the back', share, { levels: ['lying'], families: ['supine'], places: ['work'] });
/** What one does last before the rest: a twist, or the knees drawn in. */
const toClose = part('To close', 1, {
  levels: ['lying'],
  poses: [
    'supine-twist',
    'supine-twist-crossed',
    'windscreen-wipers',
    'knees-to-chest',
    'reclined-butterfly',
    'supine-figure-four',
    'supine-leg-stretch',
    'lying-side-bend',
    'legs-up-the-wall',
    'full-body-stretch',
  ],
});
const chairWork = (share: number): FrameSlot =>
  part('On the chair', share, { levels: ['chair'], families: ['chair', 'standing', 'balance', 'seated', 'all-fours', 'supine'], places: ['work'] });
const behindChair = (share: number): FrameSlot =>
  part('Behind the chair', share, {
    levels: ['standing'],
    poses: [
      'half-forward-fold',
      'heel-raise',
      'calf-stretch',
      'side-leg-lift',
      'leg-back-balance',
      'tandem-stand',
      'standing-hip-circles',
      'thigh-stretch',
      'chair-pose',
      'tree',
      'downward-facing-dog',
      'table',
      'pyramid',
    ],
  });
const quietChair = part('Quiet', 1, {
  levels: ['chair'],
  poses: ['chair-fold', 'neck-side-stretch', 'humming-breath', 'long-out-breath', 'palming', 'crossed-arms', 'seated-twist'],
});

const onTheSide = part('On the side', 1, { levels: ['side-lying'], families: ['side-lying'] });
/** Before the last weeks of a pregnancy: nobody on the back or the belly for a whole part. */
const expectingSlots = [arriveFloor, loosenFloor, allFours(2), standing(4), seated(3), onTheSide];
const REST_FLOOR = ['final-rest.flat', 'final-rest.knees-raised', 'final-rest.propped', 'final-rest.side'] as const;
const REST_CHAIR = ['final-rest.chair', 'seated-rest.chair'] as const;
const REST_SIDE = ['final-rest.side', 'side-rest.hug', 'final-rest.propped'] as const;
/** What is a feat of balance or strength, in a body that changes from week to week. */
const NOT_EXPECTING = [
  'forearm-plank',
  'plank',
  'boat',
  'warrior-three',
  'half-moon',
  'standing-big-toe',
  'one-legged-chair',
  'side-plank',
  'reverse-table',
  'three-legged-dog',
  'revolved-chair',
  'half-lotus-fold',
];
/** Long levers on a back that is sore or curved, and what curls or arches it under load. */
const NOT_SORE = ['forearm-plank', 'side-plank', 'bow', 'dancer', 'standing-big-toe', 'boat', 'reverse-table', 'curl'];
/** Weight on the arms, and one leg far from the ground: nothing for a group from 65 on. */
const NOT_OLDER = ['forearm-plank', 'plank', 'side-plank', 'boat', 'reverse-table', 'warrior-three', 'half-moon', 'dancer', 'standing-big-toe'];
const minutes = (least: number, usual: number, most: number): Frame['minutes'] => ({ least, usual, most });

export const FRAMES: readonly Frame[] = [
  {
    id: 'mixed',
    name: 'Open to all, on the mat',
    about: 'For a mixed group that gets down to the floor: first-timers and people in their sixties with them.',
    people: [
      { name: 'Grown' },
      { name: 'First class, 35', years: 35, written: { can: { practised: 'new' } } },
      { name: '66 years', years: 66, written: { can: { floor: 'alone' } } },
    ],
    minutes: minutes(20, 60, 90),
    holds: 1,
    work: 3,
    not: ['dolphin', 'forearm-plank', 'side-plank', 'double-leg-lowering', 'three-legged-dog'],
    slots: [arriveFloor, loosenFloor, allFours(2), standing(5), seated(2), lying(2), toClose],
    rest: REST_FLOOR,
  },
  {
    id: 'open-seated',
    name: 'Open to all, seated',
    about: 'Everybody on a chair or in a wheelchair, feet on something, the back free to move.',
    people: [
      { name: 'Wheelchair', years: 50, written: { can: { stand: false, floor: 'no', kneel: false }, conditions: [{ condition: 'wheelchair-user' }] } },
      { name: 'Week 30', years: 31, pregnantWeek: 30 },
      { name: '82 years', years: 82, written: { can: { floor: 'no' } } },
    ],
    minutes: minutes(10, 15, 45),
    holds: 1,
    work: 2,
    slots: [arriveChair, loosenChair, chairWork(5), quietChair],
    rest: REST_CHAIR,
  },
  {
    id: 'prenatal-1',
    name: 'Pregnancy, first trimester',
    about: 'Weeks 5 to 13: steady, never hot or breathless, with room to sit out.',
    people: [
      { name: 'Week 6', years: 30, pregnantWeek: 6 },
      { name: 'Week 13', years: 38, pregnantWeek: 13 },
    ],
    minutes: minutes(20, 45, 75),
    holds: 0.9,
    work: 2,
    not: NOT_EXPECTING,
    slots: expectingSlots,
    rest: REST_SIDE,
  },
  {
    id: 'prenatal-2',
    name: 'Pregnancy, second trimester',
    about: 'Weeks 14 to 27: nobody on the belly or long on the back, twists open, feet wide.',
    people: [
      { name: 'Week 15', years: 30, pregnantWeek: 15 },
      { name: 'Week 26', years: 38, pregnantWeek: 26 },
    ],
    minutes: minutes(20, 45, 75),
    holds: 0.9,
    work: 2,
    not: NOT_EXPECTING,
    slots: expectingSlots,
    rest: REST_SIDE,
  },
  {
    id: 'prenatal-3',
    name: 'Pregnancy, third trimester',
    about: 'From week 28: a chair or wall to hold, short holds, rest on the side.',
    people: [
      { name: 'Week 29', years: 30, pregnantWeek: 29 },
      { name: 'Week 38', years: 38, pregnantWeek: 38 },
    ],
    minutes: minutes(20, 40, 60),
    holds: 0.8,
    work: 2,
    not: NOT_EXPECTING,
    slots: [arriveChair, loosenChair, behindChair(3), allFours(3), seated(3), onTheSide],
    rest: REST_SIDE,
  },
  {
    id: 'after-birth-early',
    name: 'After birth, the first weeks',
    about: 'Before the check-up: breath, pelvic floor and small movements, baby beside the mat.',
    people: [{ name: 'Three weeks, vaginal birth', years: 32, weeksAfterBirth: 3, details: { birthKind: 'vaginal', bleedingStill: true } }],
    minutes: minutes(10, 12, 20),
    holds: 1,
    work: 1,
    slots: [
      arriveLying,
      part('On the back', 4, { levels: ['lying'], families: ['supine', 'breath', 'joints'], places: ['opening', 'warm-up'] }),
      part('On the side', 1, { levels: ['side-lying'], families: ['side-lying', 'breath'] }),
    ],
    rest: ['final-rest.knees-raised', 'constructive-rest.floor', 'final-rest.side'],
  },
  {
    id: 'after-birth',
    name: 'After birth, cleared',
    about: 'After the check-up: from the deepest layer outwards, nothing that domes the belly.',
    people: [
      {
        name: 'Ten weeks, cleared',
        years: 32,
        weeksAfterBirth: 10,
        details: { birthKind: 'vaginal', bleedingStill: false, cleared: true, separationFingers: 2 },
      },
    ],
    minutes: minutes(15, 30, 60),
    holds: 1,
    work: 2,
    not: ['curl', 'plank', 'forearm-plank', 'side-plank', 'boat', 'upward-facing-fold', 'scissors', 'warrior-three', 'dancer'],
    slots: [arriveLying, lying(4), allFours(3), standing(2), toClose, onTheSide],
    rest: REST_FLOOR,
  },
  {
    id: 'older-mat',
    name: 'Older adults, on the mat',
    about: 'From 65, down to the floor once and up once, with something to hold in every balance.',
    people: [
      { name: '70 years', years: 70, written: { can: { floor: 'alone' } } },
      { name: '77 years', years: 77, written: { can: { floor: 'alone' } } },
    ],
    minutes: minutes(20, 45, 60),
    holds: 0.9,
    work: 2,
    not: [...NOT_OLDER, 'curl', 'shins-level', 'upward-facing-fold'],
    slots: [arriveChair, loosenChair, behindChair(4), allFours(2), lying(3), toClose],
    rest: ['final-rest.knees-raised', 'final-rest.flat', 'final-rest.propped', 'final-rest.side'],
  },
  {
    id: 'older-chair',
    name: 'Older adults, on a chair',
    about: 'On and behind a chair: legs that carry, a back that turns, nobody on the floor.',
    people: [{ name: '80 years, one fall', years: 80, written: { can: { floor: 'no' }, screening: { fallsLastYear: 1 } } }],
    minutes: minutes(10, 30, 60),
    holds: 0.9,
    work: 2,
    not: NOT_OLDER,
    slots: [arriveChair, loosenChair, chairWork(4), behindChair(3), quietChair],
    rest: REST_CHAIR,
  },
  {
    id: 'wheelchair',
    name: 'Wheelchair users',
    about: 'All of it sitting, brakes on, with a lean that takes the weight off the seat.',
    people: [
      {
        name: 'Wheelchair, does not transfer',
        years: 48,
        written: { can: { stand: false, floor: 'no', kneel: false }, conditions: [{ condition: 'wheelchair-user' }] },
      },
    ],
    minutes: minutes(10, 30, 45),
    holds: 1,
    work: 3,
    slots: [arriveChair, loosenChair, chairWork(4), quietChair],
    rest: REST_CHAIR,
  },
  {
    id: 'backs',
    name: 'Steady backs',
    about: 'For low backs that ache now and then: small waves, strength all round, knees bent.',
    people: [{ name: 'Low back pain', years: 50, written: { conditions: [{ condition: 'low-back-pain' }] } }],
    minutes: minutes(15, 45, 60),
    holds: 0.9,
    work: 2,
    not: NOT_SORE,
    slots: [
      arriveLying,
      part('On the back', 2, { levels: ['lying'], families: ['supine'], places: ['opening', 'warm-up'] }),
      allFours(3),
      prone(2),
      standing(2),
      lying(2),
      toClose,
    ],
    rest: ['final-rest.knees-raised', 'final-rest.flat'],
  },
  {
    id: 'disc',
    name: 'Backs with a disc',
    about: 'The back neither rounds nor turns, on the way down and up too.',
    people: [
      { name: 'Disc, three weeks ago', years: 45, written: { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] } },
      { name: 'Disc, settled', years: 52, written: { conditions: [{ condition: 'lumbar-disc', phase: 'settled' }] } },
    ],
    minutes: minutes(10, 15, 30),
    holds: 0.8,
    work: 2,
    not: [
      ...NOT_SORE,
      'plank',
      'four-limbed-staff',
      'dolphin',
      'upward-facing-dog',
      'half-moon',
      'warrior-three',
      'splits',
      'one-legged-chair',
      'reverse-warrior',
      'extended-side-angle',
      'side-bend',
      'gate',
    ],
    slots: [
      part('Standing', 4, { levels: ['standing'] }),
      part('Kneeling', 1, { levels: ['kneeling'], families: ['all-fours', 'standing'], not: ['camel'] }),
      part('On hands and knees', 2, { levels: ['all-fours'] }),
      part('On the belly', 3, { levels: ['prone'] }),
    ],
    rest: ['final-rest.hands-behind-neck', 'final-rest.prone', 'final-rest.knees-raised', 'final-rest.flat'],
  },
  {
    id: 'pressure',
    name: 'High blood pressure',
    about: 'Head up, breath free, no long strain; slowly up.',
    people: [{ name: 'Pressure not under control', years: 58, written: { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] } }],
    minutes: minutes(15, 40, 60),
    holds: 0.8,
    work: 2,
    not: [...NOT_OLDER, 'curl', 'shins-level', 'standing-forward-fold', 'wide-legged-fold', 'roll-down'],
    slots: [arriveChair, loosenChair, standing(4), seated(2), lying(2), toClose],
    rest: ['final-rest.knees-raised', 'final-rest.flat', 'final-rest.propped', 'final-rest.chair'],
  },
  {
    id: 'pelvic-ease',
    name: 'Pelvic ease',
    about: 'For pelvic pain: opening and letting go, with a soft jaw; nothing grips.',
    people: [{ name: 'Pelvic pain', years: 40, written: { conditions: [{ condition: 'pelvic-pain' }] } }],
    minutes: minutes(15, 27, 35),
    holds: 1.3,
    work: 1,
    slots: [
      arriveLying,
      part('On the back', 5, {
        levels: ['lying'],
        poses: [
          'reclined-butterfly',
          'knee-opening',
          'pelvic-tilt',
          'pelvic-clock',
          'happy-baby',
          'knees-to-chest',
          'windscreen-wipers',
          'supine-figure-four',
          'supine-leg-stretch',
          'supine-twist',
          'constructive-rest',
        ],
      }),
      part('On hands and knees', 2, { levels: ['all-fours', 'kneeling'], poses: ['cat-cow', 'all-fours-hip-circles', 'forearm-waves', 'frog', 'childs-pose'] }),
    ],
    rest: ['final-rest.knees-raised', 'final-rest.hands-on-belly', 'final-rest.flat', 'reclined-butterfly.bolster'],
  },
  {
    id: 'monthly',
    name: 'Monthly comfort',
    about: 'For days of bleeding and cramps: still or moving, as each likes it at every step.',
    people: [{ name: 'Bleeding today', years: 34, written: { conditions: [{ condition: 'menstruation' }], today: { bleeding: true } } }],
    minutes: minutes(10, 20, 45),
    holds: 1.5,
    work: 1,
    slots: [
      still('Arrive', 1, { levels: ['sitting'], poses: [...BREATHS, 'easy-seat'] }),
      part('Sitting on the floor', 2, {
        levels: ['sitting'],
        poses: ['butterfly', 'pigeon', 'ninety-ninety', 'cow-face-legs', 'seated-circles', 'seated-straddle'],
      }),
      part('On hands and knees', 2, { levels: ['kneeling', 'all-fours'], poses: ['childs-pose', 'forearm-waves', 'frog', 'all-fours-hip-circles', 'cat-cow'] }),
      part('On the belly', 1, { levels: ['prone'], poses: ['half-frog', 'heel-kicks', 'crocodile'] }),
      part('On the back', 2, {
        levels: ['lying'],
        poses: ['reclined-butterfly', 'knees-to-chest', 'supine-twist', 'windscreen-wipers', 'pelvic-tilt', 'legs-up-the-wall'],
      }),
    ],
    rest: ['final-rest.hands-on-belly', 'final-rest.knees-raised', 'final-rest.flat'],
  },
  {
    id: 'scoliosis',
    name: 'Scoliosis',
    about: 'Length before movement, mid-range in every direction, the same on both sides.',
    people: [{ name: 'Moderate curve', years: 30, written: { conditions: [{ condition: 'scoliosis', severity: 'moderate' }] } }],
    minutes: minutes(20, 45, 60),
    holds: 1,
    work: 2,
    not: NOT_SORE,
    slots: [arriveFloor, loosenFloor, allFours(3), standing(3), prone(2), lying(3), toClose],
    rest: REST_FLOOR,
  },
  {
    id: 'eyes',
    name: 'Eye disease',
    about: 'For glaucoma and fragile retinas: the head stays above the heart, the breath runs free.',
    people: [{ name: 'Glaucoma', years: 62, written: { conditions: [{ condition: 'glaucoma' }] } }],
    minutes: minutes(15, 40, 60),
    holds: 0.9,
    work: 2,
    not: [...NOT_OLDER, 'standing-forward-fold', 'wide-legged-fold', 'roll-down', 'pyramid'],
    slots: [arriveChair, loosenChair, standing(5), seated(2), onTheSide],
    rest: ['final-rest.propped', 'final-rest.side', 'final-rest.chair', 'final-rest.knees-raised'],
  },
  {
    id: 'joints',
    name: 'Stiff and sore joints',
    about: 'For arthritis of knee, hip and hand: warm first, padded, nothing to the end of its way.',
    people: [
      { name: 'Knee arthritis', years: 64, written: { conditions: [{ condition: 'knee-arthritis' }] } },
      { name: 'Hip arthritis', years: 68, written: { conditions: [{ condition: 'hip-arthritis' }] } },
      { name: 'Hand arthritis', years: 60, written: { conditions: [{ condition: 'hand-arthritis' }] } },
    ],
    minutes: minutes(15, 40, 60),
    holds: 0.9,
    work: 2,
    not: [...NOT_OLDER, 'curl', 'shins-level', 'upward-facing-fold'],
    slots: [arriveChair, loosenChair, chairWork(3), behindChair(3), lying(3)],
    rest: ['final-rest.knees-raised', 'final-rest.propped', 'final-rest.chair'],
  },
  {
    id: 'bones',
    name: 'Thin bones',
    about: 'For osteoporosis: strong backs and legs, a long spine, no rounding under load.',
    people: [{ name: 'Osteoporosis', years: 68, written: { can: { floor: 'alone' }, conditions: [{ condition: 'low-bone-density', bone: 'osteoporosis' }] } }],
    minutes: minutes(15, 45, 60),
    holds: 0.9,
    work: 2,
    not: [...NOT_OLDER, 'bow', 'roll-down', 'standing-forward-fold', 'wide-legged-fold'],
    slots: [arriveChair, loosenChair, standing(4), allFours(2), prone(2), lying(1)],
    rest: ['final-rest.knees-raised', 'final-rest.flat', 'final-rest.propped'],
  },
  {
    id: 'restorative',
    name: 'Restorative',
    about: 'Few shapes, long and held by props; nothing to do.',
    people: [{ name: 'Grown' }, { name: '64 years', years: 64, written: { can: { floor: 'alone' } } }],
    minutes: minutes(20, 45, 60),
    holds: 6,
    work: 1,
    slots: [
      arriveLying,
      part('Held by props', 1, {
        levels: ['kneeling', 'sitting', 'prone', 'side-lying', 'lying'],
        propped: true,
        poses: [
          'supported-childs-pose',
          'gentle-fold-bolster',
          'crocodile',
          'side-rest',
          'reclined-butterfly',
          'legs-up-the-wall',
          'fish',
          'constructive-rest',
          'childs-pose',
          'rest-on-props',
        ],
      }),
    ],
    rest: ['final-rest.knees-raised', 'final-rest.flat'],
  },
];
