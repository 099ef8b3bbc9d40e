import type { Shape } from '../../src/body/shape.js';
import type { Pose, Variant } from '../../src/poses/types.js';
import { blankets, block, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { BACK_FLAT, BACK_KNEES, CHAIR_FREE, CHAIR_HANDS, CROSSED, CROSSED_FREE, KNEEL, STAFF, STAND } from './bases.js';
import { CHAIR, resting, sitting, stretching, UP } from './common.js';

const chair = { props: [CHAIR] }, seat = { props: [blankets(4, 'sitR sitL', 'under the sitting bones')] }, edge = { props: [blankets(2, 'sitR sitL', 'under the sitting bones')] };

type Change = readonly [posture: Shape['posture'], more?: Parameters<typeof vary>[2]];
/** The same small movement on a chair, cross-legged and standing: only what it rests on differs. */
const everywhere = (id: string, frames: readonly Change[], cues: readonly string[], { hands = true, turn = 50, more = {} as Partial<Variant> } = {}): Variant[] => {
  const on = (base: Shape): Shape[] => frames.map(([posture, changes]) => vary(base, posture, changes));
  return [
    rung(`${id}.chair`, 'on a chair', 'chair|seated', 'chair', sitting(0, 0), on(hands ? CHAIR_HANDS : CHAIR_FREE), [turn, 10], cues, { ...chair, ...more }),
    rung(`${id}.cross-legged`, 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0), on(hands ? CROSSED : CROSSED_FREE), [turn, 12], cues, { ...seat, ...more }),
    rung(`${id}.standing`, 'standing', 'standing', 'standing', sitting(0, 1), on(STAND), [turn, 8], cues, more),
  ];
};
const wave: Partial<Variant> = { breath: 'linked' };

export const jointPoses: readonly Pose[] = [
  {
    id: 'neck-side-stretch', family: 'joints', name: 'Neck side stretch', aliases: ['ear to shoulder', 'neck stretch', 'side neck stretch'],
    meaning: 'One ear sinks towards its shoulder.', parts: ['neck', 'shoulders'], place: ['opening', 'warm-up', 'closing'], before: ['shoulder-roll'], after: ['neck-turn'],
    purposes: [to('open', 'neck'), to('settle', 'shoulders')], energy: 'settling', hold: breaths(3, 1, 6), side: 'the side the ear sinks to', usual: 'neck-side-stretch.chair',
    guide: { setUp: 'Sit or stand tall, the far shoulder heavy.', out: 'Let the ear sink.', look: 'Straight ahead; the face does not turn.', feel: 'Along the far side of the neck.', notHere: 'Not as a pinch on the near side; no tingling in the arm.', comeOut: 'Help the head up with a hand.' },
    mistakes: ['The head tips back.', 'The hand pulls.', 'The shoulder comes up to the ear.'],
    ladder: [
      ...everywhere('neck-side-stretch', [[{ neckSide: 30, side: 2 }, { sided: true }]], ['Let one ear sink, chin level.', 'The other arm hangs heavy.'], { turn: 70 }),
      rung('neck-side-stretch.arm-behind', 'the far arm drawn across behind', 'arm behind|arm drawn behind', 'standing', stretching(0, 0, { bind: true }), vary(STAND, { neckSide: 28, shoulderL: [-32, -8, -40], elbowL: 62, forearmL: 20, shoulderR: [-28, 2, -40], elbowR: 60, forearmR: 20 }, {
        sided: true, free: 'ankle hip inversion arms', at: [['palmMidR', 'wristL', { gapCm: 3 }], ['wristL', 'sacrum', { off: [-4, 6, 4] }]], apart: 'handR-handL forearmR-forearmL',
      }), [110, 8], ['Draw one arm across behind the back and let the ear sink away.', 'The head stays level, never back.']),
    ],
  },
  {
    id: 'neck-turn', family: 'joints', name: 'Neck turn', aliases: ['head turn', 'looking over the shoulder', 'neck rotation'],
    meaning: 'The head turns to look round.', parts: ['neck'], place: ['opening', 'warm-up', 'closing'], before: [], after: [],
    purposes: [to('mobilise', 'neck'), to('settle', 'neck')], energy: 'neutral', hold: breaths(2, 1, 5), side: 'the side she looks to', usual: 'neck-turn.chair',
    guide: { setUp: 'Crown up, chin level.', out: 'Turn slowly.', look: 'Along the wall at the height of the eyes.', feel: 'At the side of the neck.', notHere: 'Not as dizziness: keep the eyes open and go slowly.', comeOut: 'Back through the middle.' },
    mistakes: ['The turn is quick.', 'The chin lifts on the way.'],
    ladder: everywhere('neck-turn', [[{ neckTwist: 46 }, { sided: true }]], ['Turn as far as it stays easy.', 'Chin level, shoulders still.'], { turn: 60 }),
  },
  {
    id: 'head-half-circle', family: 'joints', name: 'Head half circle', aliases: ['head circles', 'half neck circle', 'chin to collarbone', 'neck rolls'],
    meaning: 'The chin draws a half circle along the collarbones, never back.', parts: ['neck'], place: ['opening', 'warm-up'], before: [], after: ['neck-turn'],
    purposes: [to('mobilise', 'neck'), to('open', 'neck')], energy: 'neutral', hold: rounds(3, 1, 6, 2), usual: 'head-half-circle.chair',
    guide: { setUp: 'Sit tall, shoulders heavy.', in: 'Roll the chin towards one shoulder.', out: 'Roll it down and across.', look: 'Down, following the chin.', feel: 'In the back and sides of the neck.', notHere: 'Not with cracks, dizziness or the head tipped back.', comeOut: 'Lift the head from the middle.' },
    mistakes: ['The circle goes all the way round.', 'It is quick.'],
    ladder: everywhere('head-half-circle', [[{ neck: 12, neckSide: 22, neckTwist: 16 }, { sided: true }], [{ neck: 34 }, { sided: true }], [{ neck: 12, neckSide: -22, neckTwist: -16 }, { sided: true }]], ['Chin to one side, down and across.', 'Only the lower half of the circle.'], { turn: 64, more: wave }),
  },
  {
    id: 'chin-tuck', family: 'joints', name: 'Chin tuck', aliases: ['neck nod', 'yes nod', 'chin in'],
    meaning: 'A small nod: the back of the neck grows long.', parts: ['neck'], place: ['opening', 'warm-up', 'work'], before: [], after: [],
    purposes: [to('strengthen', 'neck'), to('mobilise', 'neck')], energy: 'neutral', hold: rounds(5, 2, 12), usual: 'chin-tuck.chair',
    guide: { setUp: 'Sit, stand or lie with the crown long.', in: 'Wait.', out: 'Nod a little, as if saying yes.', look: 'Straight ahead, then a little down.', feel: 'As length at the back of the neck.', notHere: 'Not as a pressed throat.', comeOut: 'Let the head float back.' },
    mistakes: ['The whole head bends down.'],
    ladder: [
      ...everywhere('chin-tuck', [[{ neck: 0 }], [{ neck: 14 }]], ['Nod a little, crown long.', 'The throat stays easy.'], { turn: 24, more: wave }),
      rung('chin-tuck.lying', 'on the back, head on a blanket', 'lying|back', 'lying', resting(0, 0), [vary(BACK_KNEES, { neck: 4 }, { on: [['floor', 'sacrum midBack sole handBack?'], [2.5, 'headBack']] }), vary(BACK_KNEES, { neck: 10 }, { on: [['floor', 'sacrum midBack sole handBack?'], [2.5, 'headBack']], face: [['head', UP, [-0.98, 0.2, 0], 0.6]] })], [10, 14], ['Nod a little, the back of the head slides.', 'The head stays heavy.'], { props: [blankets(1, 'headBack', 'under the head')], support: 'trunk', ...wave }),
    ],
  },
  {
    id: 'shoulder-roll', family: 'joints', name: 'Shoulder roll', aliases: ['shoulder circles', 'shoulder shrug', 'shrug and drop'],
    meaning: 'The shoulders go up, back and down.', parts: ['shoulders', 'neck'], place: ['opening', 'warm-up'], before: [], after: ['neck-side-stretch'],
    purposes: [to('mobilise', 'shoulders'), to('settle', 'neck')], energy: 'neutral', hold: rounds(5, 2, 10), usual: 'shoulder-roll.chair',
    guide: { setUp: 'Arms hanging or hands on the thighs.', in: 'Lift the shoulders.', out: 'Back and down.', look: 'Straight ahead.', feel: 'Between neck and shoulder.', notHere: 'Not as a click that hurts.', comeOut: 'Let the arms hang.' },
    mistakes: ['The head pokes forward.'],
    ladder: everywhere('shoulder-roll', [[{ shoulder: [-4, 18, 0], elbow: 45, girdle: 30, protraction: 12 }], [{ shoulder: [-10, 20, 0], elbow: 45, girdle: -14, protraction: -20 }]], ['Up to the ears, back and down.', 'Slower than you think.'], { hands: false, turn: 40, more: wave }),
  },
  {
    id: 'elbow-circles', family: 'joints', name: 'Elbow circles', aliases: ['shoulder circles with fingertips', 'fingertips on the shoulders', 'chicken wings'],
    meaning: 'Fingertips on the shoulders, the elbows draw circles.', parts: ['shoulders', 'chest', 'upper back'], place: ['warm-up'], before: ['shoulder-roll'], after: [],
    purposes: [to('mobilise', 'shoulders'), to('open', 'chest')], energy: 'neutral', hold: rounds(5, 2, 10), usual: 'elbow-circles.chair',
    guide: { setUp: 'Fingertips on the shoulders.', in: 'Elbows forward and up.', out: 'Out and down; later the other way round.', look: 'Straight ahead.', feel: 'In the shoulder joints and between the shoulder blades.', notHere: 'Not as a pinch on top of the shoulder: make it smaller.', comeOut: 'Lower the arms.' },
    mistakes: ['The low back hollows as the elbows rise.'],
    ladder: everywhere('elbow-circles', [[{ shoulder: [60, 6, -20], elbow: 146, wrist: -60 }, { apart: 'handR-head handL-head forearmR-torso forearmL-torso shankR-shankL footR-shankL footL-shankR footR-footL footL-thighR footR-thighL' }], [{ shoulder: [8, 78, 60], elbow: 146, wrist: -60 }, { apart: 'handR-head handL-head shankR-shankL footR-shankL footL-shankR footR-footL footL-thighR footR-thighL' }]], ['Draw circles with the elbows.', 'The same number each way.'], { hands: false, turn: 60, more: wave }),
  },
  {
    id: 'shoulder-blade-squeeze', family: 'joints', name: 'Cactus arms', aliases: ['chest opening with bent elbows', 'shoulder blade squeeze', 'goal post arms', 'bent elbows chest opening'],
    meaning: 'Elbows bent and wide, the shoulder blades draw together.', parts: ['chest', 'upper back', 'shoulders'], place: ['warm-up', 'work'], before: ['shoulder-roll'], after: ['crossed-arms'],
    purposes: [to('open', 'chest'), to('strengthen', 'upper back')], energy: 'lifting', hold: breaths(3, 1, 6), usual: 'shoulder-blade-squeeze.chair',
    guide: { setUp: 'Elbows bent, a little below the shoulders.', in: 'Open them wide.', out: 'Bring them back in front.', look: 'Straight ahead.', feel: 'Across the chest and between the shoulder blades.', notHere: 'Not on top of the shoulders.', comeOut: 'Lower the arms and shake them.' },
    mistakes: ['The elbows climb above the shoulders.', 'The ribs thrust forward.'],
    ladder: everywhere('shoulder-blade-squeeze', [[{ shoulder: [-14, 68, 62], elbow: 92, protraction: -18, thorax: -3 }]], ['Elbows bent and wide, palms ahead.', 'Draw the shoulder blades together softly.'], { hands: false, turn: 58 }),
  },
  {
    id: 'crossed-arms', family: 'joints', name: 'Crossed arms', sanskrit: 'Garuḍa Hasta', aliases: ['hug', 'self hug', 'eagle arms', 'arms crossed as a hug'],
    meaning: 'Arms crossed as a hug: the shoulder blades part.', parts: ['upper back', 'shoulders'], place: ['warm-up', 'work', 'closing'], before: ['shoulder-roll'], after: ['shoulder-blade-squeeze'],
    purposes: [to('open', 'upper back'), to('open', 'shoulders')], energy: 'settling', hold: breaths(3, 1, 8), side: 'the arm on top', usual: 'crossed-arms.chair',
    guide: { setUp: 'Cross the arms, hands to the far shoulders.', in: 'Breathe into the upper back.', out: 'Elbows sink.', look: 'Straight ahead.', feel: 'Between the shoulder blades.', notHere: 'Not in the front of the shoulder.', comeOut: 'Open the arms wide and change.' },
    mistakes: ['The head pokes forward.'],
    ladder: everywhere('crossed-arms', [[{ shoulderR: [72, -32, -20], elbowR: 118, shoulderL: [64, -30, -20], elbowL: 112, forearm: 20, protraction: 22, thorax: 6 }, {
      sided: true, free: 'legs shoulder elbow', at: [['palmMidR', 'shoulderJL', { gapCm: 8, weight: 0.6 }], ['palmMidL', 'shoulderJR', { gapCm: 8, weight: 0.6 }], ['elbowR', 'elbowL', { off: [2, 6, null], weight: 0.6 }]],
      apart: 'forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-head handL-head shankR-shankL footR-shankL footL-shankR footR-footL footL-thighR footR-thighL',
    }]], ['Hug yourself, hands to the far shoulders.', 'Breathe wide between the shoulder blades.'], { hands: false, turn: 62 }),
  },
  {
    id: 'wrist-circles', family: 'joints', name: 'Wrist bends', aliases: ['wrist circles', 'hand circles', 'wrist stretch', 'wrist warm-up'],
    meaning: 'The hands bend up and down at the wrists.', parts: ['wrists'], place: ['opening', 'warm-up'], before: [], after: ['finger-spread'],
    purposes: [to('mobilise', 'wrists'), to('open', 'wrists')], energy: 'neutral', hold: rounds(6, 3, 12), usual: 'wrist-circles.chair',
    guide: { setUp: 'Arms ahead, elbows soft.', in: 'Hands up.', out: 'Hands down; then circles both ways.', look: 'To the hands.', feel: 'On both sides of the wrists.', notHere: 'Not as tingling in the fingers.', comeOut: 'Shake the hands out.' },
    mistakes: ['The shoulders creep up.'],
    ladder: everywhere('wrist-circles', [[{ shoulder: [68, 4, 0], elbow: 10, forearm: 85, wrist: 58 }], [{ shoulder: [68, 4, 0], elbow: 10, forearm: 85, wrist: -52 }]], ['Hands up, hands down.', 'Then circles, the same each way.'], { hands: false, turn: 36, more: wave }),
  },
  {
    id: 'finger-spread', family: 'joints', name: 'Open and close the hands', aliases: ['finger spread', 'fists and stars', 'hand opening', 'make a fist'],
    meaning: 'Hands to fists and to stars.', parts: ['wrists'], place: ['opening', 'warm-up'], before: [], after: ['wrist-circles'],
    purposes: [to('mobilise', 'wrists'), to('strengthen', 'wrists')], energy: 'neutral', hold: rounds(8, 3, 15), usual: 'finger-spread.chair',
    guide: { setUp: 'Forearms on the thighs or the arms ahead.', in: 'Fingers wide.', out: 'Soft fists, the thumb outside.', look: 'To the hands.', feel: 'In palms and forearms.', notHere: 'Not as pain in swollen joints: make it smaller.', comeOut: 'Lay the hands down.' },
    mistakes: ['The fists are squeezed hard.'],
    ladder: [
      rung('finger-spread.chair', 'on a chair, arms ahead', 'chair|seated', 'chair', sitting(0, 0), vary(CHAIR_FREE, { shoulder: [40, 4, 0], elbow: 62, forearm: 85, wrist: 10 }), [40, 12], ['Fingers wide, then soft fists.'], { ...chair, ...wave }),
      rung('finger-spread.cross-legged', 'cross-legged, arms ahead', 'cross legged|floor', 'sitting', sitting(0, 0), vary(CROSSED_FREE, { shoulder: [40, 4, 0], elbow: 62, forearm: 85, wrist: 10 }), [40, 14], ['Fingers wide, then soft fists.'], { ...seat, ...wave }),
    ],
  },
  {
    id: 'arm-raise', family: 'joints', name: 'Arms up with the breath', sanskrit: 'Ūrdhva Hastāsana', aliases: ['arm raise', 'urdhva hastasana', 'upward salute', 'arms overhead', 'reach up'],
    meaning: 'Arms rise with the in-breath and sink with the out-breath.', parts: ['shoulders', 'chest', 'side body'], place: ['opening', 'warm-up', 'work'], before: ['shoulder-roll'], after: [],
    purposes: [to('mobilise', 'shoulders'), to('open', 'side body')], energy: 'lifting', hold: rounds(5, 1, 10), usual: 'arm-raise.standing',
    guide: { setUp: 'Arms beside you, palms in.', in: 'Arms forward and up, as far as the ribs stay down.', out: 'Down the same way.', look: 'Straight ahead.', feel: 'In the sides and round the shoulder blades.', notHere: 'Not as a pinch at the top of the shoulder.', comeOut: 'Let the arms hang and feel them.' },
    mistakes: ['The low back hollows.', 'The arms stay up while the teacher talks.'],
    ladder: [
      rung('arm-raise.lying', 'on the back, knees bent', 'lying|back', 'lying', resting(0, 0), [vary(BACK_KNEES, { shoulder: [-4, 10, 0], forearm: 60 }, { on: [['floor', 'sacrum midBack headBack sole palm?']] }), vary(BACK_KNEES, { shoulder: [166, 14, 0], forearm: 0, elbow: 6 }, { on: [['floor', 'sacrum midBack headBack sole handBack?']], free: 'legs neck arms' })], [14, 14], ['Arms float up and over as you breathe in.', 'The floor tells how far: ribs stay down.'], { support: 'trunk', ...wave }),
      ...everywhere('arm-raise', [[{ shoulder: [10, 6, 0] }], [{ shoulder: [168, 16, 0], elbow: 4 }]], ['Arms forward and up as you breathe in.', 'Down as you breathe out.'], { hands: false, turn: 40, more: wave }),
    ],
  },
  {
    id: 'eye-circles', family: 'joints', name: 'Eye movements', aliases: ['eye circles', 'near and far', 'eye exercises'],
    meaning: 'The eyes move, the head stays still.', parts: ['neck'], place: ['opening', 'warm-up', 'closing'], before: [], after: ['palming'],
    purposes: [to('mobilise', 'neck'), to('settle', 'whole')], energy: 'neutral', hold: rounds(4, 2, 8), usual: 'eye-circles.chair',
    guide: { setUp: 'Sit comfortably, one thumb ahead at arm’s length.', in: 'Look to the thumb.', out: 'Look past it, far away; then side to side.', look: 'Near and far.', feel: 'As easy movement.', notHere: 'Not as pressure or pain in the eyes; stop with flashes or a shadow, and have it seen the same day.', comeOut: 'Close the eyes for three breaths.' },
    mistakes: ['The head moves along.'],
    ladder: [
      rung('eye-circles.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0), vary(CHAIR_FREE, { shoulderR: [74, -2, 0], elbowR: 12, shoulderL: [20, 6, 0], elbowL: 55, forearmL: 60 }, { sided: true, free: 'legs armL', at: [['palmMidL', 'thighTopL', { gapCm: 1 }]] }), [40, 10], ['Thumb ahead: look near, look far.', 'The head stays still.'], chair),
    ],
  },
  {
    id: 'foot-pump', family: 'joints', name: 'Foot pump', aliases: ['ankle pump', 'point and flex', 'ankle bends', 'heel and toe raises', 'ankle circles'],
    meaning: 'The feet bend up and down: the calves pump.', parts: ['feet', 'calves'], place: ['opening', 'warm-up', 'closing'], before: [], after: [],
    purposes: [to('mobilise', 'feet'), to('strengthen', 'calves')], energy: 'neutral', hold: rounds(10, 4, 20), usual: 'foot-pump.chair',
    guide: { setUp: 'Legs free to move at the ankles.', in: 'Toes towards the shin.', out: 'Toes away; then circles both ways.', look: 'To the feet or straight ahead.', feel: 'In calves and shins.', notHere: 'Not as a cramp: then shake it out.', comeOut: 'Let the feet rest.' },
    mistakes: ['It is done so fast that only the toes move.'],
    ladder: [
      rung('foot-pump.chair', 'on a chair, heels up and down', 'chair|seated', 'chair', sitting(0, 0), [
        vary(CHAIR_HANDS, { ankle: -22 }, { on: [['seat', 'sit'], ['floor', 'ball']] }), vary(CHAIR_HANDS, { ankle: 18, knee: 80 }, { on: [['seat', 'sit'], ['floor', 'heel']] }),
      ], [30, 10], ['Heels up, heels down, toes up.'], { ...chair, ...wave }),
      rung('foot-pump.lying', 'on the back, legs long', 'lying|back', 'lying', resting(0, 0), [vary(BACK_FLAT, { ankle: 15, hip: [2, 8, 5] }), vary(BACK_FLAT, { ankle: -45, hip: [2, 8, 5] })], [20, 18], ['Toes to you, toes away.'], { support: 'trunk', ...wave }),
      rung('foot-pump.staff', 'sitting, legs ahead', 'floor|staff', 'sitting', stretching(0, 1), [vary(STAFF, { ankle: 18 }), vary(STAFF, { ankle: -45 })], [16, 14], ['Hands behind you, toes to you, toes away.'], { ...edge, support: 'hand', ...wave }),
    ],
  },
  {
    id: 'toe-kneel', family: 'joints', name: 'Toe stretch', aliases: ['toe squat', 'broken toe', 'kneeling on the toes'],
    meaning: 'Kneeling with the toes tucked: the soles stretch.', parts: ['feet'], place: ['warm-up', 'work'], before: ['foot-pump'], after: ['hero'],
    purposes: [to('open', 'feet'), to('settle', 'whole')], energy: 'neutral', hold: breaths(4, 1, 8), usual: 'toe-kneel.block',
    guide: { setUp: 'Kneel, tuck all toes, sit back a little at a time.', look: 'Straight ahead.', feel: 'In the soles.', notHere: 'Not as a sharp pain in the big toe joint.', comeOut: 'Lean forward, untuck, pat the feet on the floor.' },
    mistakes: ['All the weight is dropped at once.'],
    ladder: [
      rung('toe-kneel.block', 'seat on a high block between the heels', 'block', 'kneeling', stretching(0, 0), vary(KNEEL, { hip: [62, 6, 0], knee: 128, ankle: 22 }, { on: [['floor', 'knee ball'], [23, 'sit']] }), [30, 10], ['Toes tucked, the block carries the seat.'], { props: [block(23, 'sitR sitL', 'under the seat, between the heels', 'upright')] }),
      rung('toe-kneel.heels', 'seat on the heels', 'heels|full', 'kneeling', stretching(0, 1), vary(KNEEL, { hip: [70, 4, 0], knee: 138, ankle: 24 }, { on: [['floor', 'knee ball']], at: bothAt(['sitR', 'heelR', { gapCm: 6 }]) }), [30, 10], ['Toes tucked, sit back slowly.'], {}),
    ],
  },
];
