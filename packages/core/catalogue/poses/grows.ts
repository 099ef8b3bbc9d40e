import { bothAt, vary, type Grows, type Shape } from '../../src/authoring/poseWords.js';
import { UP } from './common.js';
import { BACK_KNEES, CHAIR_FREE, ON_RIGHT, PRONE, STAND, TABLE, TALL_KNEEL } from './bases.js';

/** A low lunge before it sinks. */
const HIGH_HALF_KNEEL: Shape = {
  posture: { hipR: [80, 2, 0], kneeR: 92, hipL: [5, 2, 0], kneeL: 88, ankleL: -50, shoulder: [10, 6, 0] },
  on: [['floor', 'soleR kneeL instepL']],
  face: [
    ['T8', UP, UP],
    ['pelvis', UP, UP, 0.6],
    ['pelvis', [0, 0, 1], [0, 0, 1], 0.6],
  ],
  aim: [['kneeR', 'ankleR', [0, -1, 0], 0.6]],
  free: 'legs',
};

/** On the back, feet a little further away. */
const BACK_KNEES_FAR = vary(BACK_KNEES, { hip: [44, 4, 0], knee: 80 });

/** On the belly, hands beside the ribs, before anything lifts. */
const PRONE_HANDS_READY: Shape = {
  ...vary(PRONE, { shoulder: [-22, 18, 0], elbow: 128, forearm: 85, wrist: 70 }),
  on: [['floor', 'pubis belly knee instep palm?']],
  at: bothAt(['palmMidR', 'chest', { off: [2, null, 19], weight: 0.6 }]),
  free: 'legs lumbar arms',
};

const head = (key: 'neckTwist' | 'neckSide'): Grows => ({ from: { [key]: 0 }, by: key, how: 'head' });
const twist = (hands?: Grows['hands']): Grows => ({
  from: { twist: 0, neckTwist: 0 },
  by: 'twist',
  how: 'twist',
  ...(hands ? { hands } : {}),
});
const SIDE_BEND: Grows = { from: { side: 0, neckSide: 0 }, by: 'side', how: 'side-bend' };
const standingFold = (from: Grows['from']): Grows => ({ from, by: 'hipR.0', how: 'fold', hands: 'leg' });
const SEATED_FOLD: Grows = { from: 'upright', by: 'hipR.0', how: 'fold', hands: 'leg' };
/** The same where the hips hardly move and the back rounds. */
const ROUNDED_FOLD: Grows = { ...SEATED_FOLD, by: 'lumbar' };
const BENT_KNEE: Grows = { from: 'stance', by: 'kneeR', how: 'knee-bend' };
const CAMEL: Grows = { from: TALL_KNEEL, by: 'lumbar', how: 'back-bend', hands: 'seat' };
const COBRA: Grows = { from: PRONE_HANDS_READY, by: 'lumbar', how: 'back-bend' };
const LOCUST: Grows = { from: PRONE, by: 'lumbar', how: 'back-bend' };
const BRIDGE: Grows = { from: BACK_KNEES, by: 'hipR.0', how: 'bridge' };
const PULSE: Grows = { from: 'first-frame', by: 'hipR.0', how: 'bridge' };
const ARMS_UP: Grows = { from: 'first-frame', by: 'shoulderR.0', how: 'arm-lift' };
const lifts = (by: string, from: Grows['from'] = 'first-frame', hands?: Grows['hands']): Grows => ({
  from,
  by,
  how: 'leg-lift',
  ...(hands ? { hands } : {}),
});
const supineTwist = (from: Grows['from']): Grows => ({ from, by: 'twist', how: 'twist' });

/**
 * Variants that can be done part of the way, and how they grow; all else is done as it is, or by another rung. Joints
 * were chosen by what moves most: in a boat, in a seated twist over straight legs and the like it is none of them.
 */
export const GROWS: Readonly<Record<string, Grows>> = {
  // Head
  'neck-turn.chair': head('neckTwist'),
  'neck-turn.cross-legged': head('neckTwist'),
  'neck-turn.standing': head('neckTwist'),
  'neck-side-stretch.chair': head('neckSide'),
  'neck-side-stretch.cross-legged': head('neckSide'),
  'neck-side-stretch.standing': head('neckSide'),
  // Arms
  'arm-raise.chair': ARMS_UP,
  'arm-raise.cross-legged': ARMS_UP,
  'arm-raise.standing': ARMS_UP,
  'tall-kneel.arms-up': { from: TALL_KNEEL, by: 'shoulderR.0', how: 'arm-lift' },
  'warrior-one.chair': { from: { shoulder: [10, 8, 0] }, by: 'shoulderR.0', how: 'arm-lift' },
  // Side bends
  'side-bend.chair-hands-down': SIDE_BEND,
  'side-bend.chair-behind-head': SIDE_BEND,
  'side-bend.chair': { ...SIDE_BEND, hands: 'hang' },
  'side-bend.standing': SIDE_BEND,
  'side-bend.cross-legged': SIDE_BEND,
  'gate.full': SIDE_BEND,
  'gate.chair': SIDE_BEND,
  'lying-side-bend.floor': SIDE_BEND,
  'straddle-side-bend.full': SIDE_BEND,
  // Twists
  'seated-twist.chair-small': twist('leg'),
  'seated-twist.chair': twist('leg'),
  'seated-twist.cross-legged': twist('leg'),
  'seated-twist.kneeling': twist('leg'),
  'seated-twist.arms-overhead': twist(),
  'revolved-chair.small': twist(),
  'wide-leg-twist.chair': twist('leg'),
  'half-lord-twist.open': twist('leg'),
  'half-lord-twist.hug': twist('leg'),
  'supine-twist.knees-on-block': supineTwist(BACK_KNEES_FAR),
  'supine-twist.feet-wide': supineTwist(BACK_KNEES_FAR),
  'supine-twist.knees-down': supineTwist(BACK_KNEES_FAR),
  // Folds
  'chair-fold.half': standingFold(CHAIR_FREE),
  'chair-fold.full': standingFold(CHAIR_FREE),
  'standing-forward-fold.blocks': standingFold(STAND),
  'standing-forward-fold.shins': standingFold(STAND),
  'standing-forward-fold.full': standingFold(STAND),
  'half-forward-fold.hands-on-thighs': standingFold(STAND),
  'wide-legged-fold.blocks': standingFold('stance'),
  'wide-legged-fold.floor': standingFold('stance'),
  'pyramid.blocks': standingFold('stance'),
  'seated-forward-fold.full': SEATED_FOLD,
  'head-to-knee.blanket': ROUNDED_FOLD,
  'half-lotus-fold.full': ROUNDED_FOLD,
  'half-hero-fold.full': ROUNDED_FOLD,
  'seated-straddle.fold': SEATED_FOLD,
  'butterfly.fold': SEATED_FOLD,
  'roll-down.half': { from: 'first-frame', by: 'lumbar', how: 'fold' },
  // Standing
  'triangle.block': { from: 'stance', by: 'hipR.1', how: 'lean', hands: 'leg' },
  'extended-side-angle.hand-on-hip': BENT_KNEE,
  'extended-side-angle.forearm': BENT_KNEE,
  'extended-side-angle.block': { ...BENT_KNEE, hands: 'leg' },
  'warrior-two.tail-down': BENT_KNEE,
  'warrior-two.short': BENT_KNEE,
  'warrior-two.full': BENT_KNEE,
  'warrior-one.hands-on-hips': BENT_KNEE,
  'warrior-one.full': BENT_KNEE,
  'high-lunge.hands-on-hips': BENT_KNEE,
  'high-lunge.full': BENT_KNEE,
  'goddess.hands-on-thighs': BENT_KNEE,
  'goddess.full': BENT_KNEE,
  'chair-pose.hands-on-thighs': { ...BENT_KNEE, from: STAND },
  'chair-pose.full': { ...BENT_KNEE, from: STAND },
  'garland.full': { ...BENT_KNEE, from: STAND },
  'low-lunge.arms-up': { from: HIGH_HALF_KNEEL, by: 'hipL.0', how: 'lunge' },
  'warrior-three.hands-on-hips': { from: ON_RIGHT, by: 'hipR.0', how: 'lean' },
  'warrior-three.full': { from: ON_RIGHT, by: 'hipR.0', how: 'lean' },
  // Back bends
  'locust.full': LOCUST,
  'cobra.full': COBRA,
  'camel.blocks': CAMEL,
  'camel.heels': CAMEL,
  'camel.hands-on-hips': CAMEL,
  'cat-cow.chair': { from: CHAIR_FREE, by: 'lumbar', how: 'wave' },
  'cat-cow.all-fours': { from: TABLE, by: 'lumbar', how: 'wave' },
  'bridge.feet-away': BRIDGE,
  'bridge.full': BRIDGE,
  'bridge-pulse.roll': PULSE,
  'bridge-pulse.low': PULSE,
  'bridge-pulse.full': PULSE,
  // Legs
  'seated-leg-lift.chair': lifts('hipR.0'),
  'chair-march.chair': lifts('hipR.0'),
  'chair-march.behind-chair': lifts('hipL.0'),
  'side-leg-lift.free': lifts('hipL.1'),
  'stork.chair': lifts('hipL.0', { hipL: [82, 4, 0], kneeL: 85 }),
  'stork.wall': lifts('hipL.0', { hipL: [8, 4, 0], kneeL: 14 }),
  'stork.free': lifts('hipL.0', { hipL: [8, 4, 0], kneeL: 14 }),
  'standing-big-toe.knee': lifts('hipL.0', { hipL: [30, 4, 0], kneeL: 45 }, 'leg'),
  'standing-big-toe.strap': lifts('hipL.0', { hipL: [20, 2, 0] }),
  'supine-leg-stretch.bent': lifts('hipR.0', { hipR: [60, 3, 0], kneeR: 70 }, 'leg'),
  'supine-leg-stretch.strap': lifts('hipR.0', { hipR: [30, 3, 0] }),
  'supine-leg-stretch.strap-leg-long': lifts('hipR.0', { hipR: [30, 3, 0] }),
  'knees-to-chest.one-chair': { ...lifts('hipR.0', { hipR: [84, 6, 0], kneeR: 95 }, 'leg'), how: 'draw-in' },
  'knees-to-chest.one': { ...lifts('hipR.0', { hipR: [84, 8, 0], kneeR: 95 }, 'leg'), how: 'draw-in' },
  'knees-to-chest.wide': { ...lifts('hipR.0', { hip: [84, 26, 0], knee: 95 }, 'leg'), how: 'draw-in' },
  'knees-to-chest.both': { ...lifts('hipR.0', { hip: [84, 12, 0], knee: 95 }, 'leg'), how: 'draw-in' },
};
