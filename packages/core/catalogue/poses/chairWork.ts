import type { Pose } from '../../src/poses/types.js';
import { blankets, bothAim, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { BACK_KNEES, CHAIR_AHEAD, CHAIR_FREE, CHAIR_HANDS, CROSSED_FREE, FAR_BEHIND_CHAIR, FAR_CHAIR_X, STAND } from './bases.js';
import { CHAIR, CHAIR_LEGS, hatha, PELVIS_AHEAD, resting, sitting, stretching, TRUNK_UPRIGHT, UP } from './common.js';

const chair = { props: [CHAIR] }, seat = { props: [blankets(4, 'sitR sitL', 'under the sitting bones')] };
const holding = { ...chair, support: 'hand' } as const, linked = { breath: 'linked' } as const;

/** Sitting with the right leg doing something, hands holding the seat. */
const HOLDING_SEAT = bothAt(['palmMidR', [-6, 45, 22], { weight: 0.6 }]);
const SIT = bothAt(['sitR', [-4, null, null]]);

export const chairWorkPoses: readonly Pose[] = [
  {
    id: 'heel-slide', family: 'chair', name: 'Heel slide', aliases: ['heel slides', 'sliding the heel', 'knee bend and stretch'],
    meaning: 'One heel slides forward and back along the floor.', parts: ['hamstrings', 'calves'], place: ['warm-up', 'work'], before: ['foot-pump'], after: ['chair-leg-stretch'],
    purposes: [to('mobilise', 'hamstrings'), to('strengthen', 'hamstrings')], energy: 'neutral', hold: rounds(10, 4, 15), side: 'the sliding leg', usual: 'heel-slide.chair',
    guide: { setUp: 'Sit tall, hands beside you.', in: 'Slide the heel away.', out: 'Draw it back.', look: 'Straight ahead.', feel: 'In thigh and knee as easy movement.', notHere: 'Not as a catch in the knee.', comeOut: 'Bring the foot beside the other.' },
    mistakes: ['The trunk leans back.'],
    ladder: [
      rung('heel-slide.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 0), [
        vary(CHAIR_HANDS, { hipR: [82, 4, 0], kneeR: 100 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL heelBackR?']], aim: [['kneeR', 'ankleR', [-0.25, -0.97, 0], 0.6]] }),
        { ...vary(CHAIR_HANDS, { hipR: [76, 4, 0], kneeR: 25, ankleR: 5 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL heelBackR']] }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] },
      ], [26, 10], ['Slide one heel away and back.', 'The demonstrated one counts.'], { ...chair, ...linked }),
      rung('heel-slide.lying', 'on the back', 'lying|back', 'lying', resting(0, 0), [BACK_KNEES, vary(BACK_KNEES, { hipR: [8, 4, 0], kneeR: 8 }, { sided: true, on: [['floor', 'sacrum midBack headBack soleL heelBackR handBack?']] })], [12, 14], ['Slide one heel away and back, the pelvis stays quiet.'], { support: 'trunk', ...linked }),
    ],
  },
  {
    id: 'seated-leg-lift', family: 'chair', name: 'Seated leg lift', aliases: ['straight leg lift', 'straight-leg lifts', 'leg extension on a chair', 'chair leg lift'],
    meaning: 'One straight leg lifts a little from the chair.', parts: ['front hip', 'belly'], place: ['work'], before: ['heel-slide'], after: ['chair-leg-stretch'],
    purposes: [to('strengthen', 'front hip'), to('strengthen', 'belly')], energy: 'lifting', hold: rounds(10, 3, 15), side: 'the lifted leg', usual: 'seated-leg-lift.chair',
    guide: { setUp: 'Sit tall towards the front, hands beside the seat.', in: 'Rest the heel.', out: 'Lift the straight leg a little.', look: 'Straight ahead.', feel: 'In the front of the thigh.', notHere: 'Not in the groin or the low back: put a hand under the thigh.', comeOut: 'Lower and shake the leg.' },
    mistakes: ['She leans back to lift higher: a small lift beats leaning back.'],
    ladder: [
      rung('seated-leg-lift.hand-under', 'a hand under the thigh', 'hand under|hand', 'chair', stretching(0, 1), [
        { ...vary(CHAIR_HANDS, { hipR: [88, 4, 0], kneeR: 15, ankleR: 10, shoulderR: [18, 8, 0], elbowR: 40 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL']] }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5], ['kneeR', 'ankleR', [0.97, -0.1, 0], 0.6]] },
      ], [30, 10], ['One hand under the thigh, straighten the knee.', 'Toes up, a small lift is enough.'], holding),
      rung('seated-leg-lift.chair', 'on a chair', 'chair|seated', 'chair', stretching(1, 1), [
        { ...vary(CHAIR_FREE, { hipR: [76, 4, 0], kneeR: 4, ankleR: 8, shoulder: [-8, 12, 0] }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL heelBackR']], at: HOLDING_SEAT, free: 'legs arms' }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] },
        { ...vary(CHAIR_FREE, { hipR: [92, 4, 0], kneeR: 4, ankleR: 12, shoulder: [-8, 12, 0] }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL']], at: HOLDING_SEAT, free: 'legL arms' }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] },
      ], [30, 10], ['Leg straight, lift a hand’s width.', 'Stay tall: a small lift beats leaning back.'], { ...holding, ...linked }),
    ],
  },
  {
    id: 'chair-march', family: 'chair', name: 'Knee lift', aliases: ['seated march', 'marching', 'chair march', 'knee lifts'],
    meaning: 'One knee and then the other lifts, as in marching.', parts: ['front hip', 'belly'], place: ['warm-up', 'work'], before: [], after: ['seated-breath'],
    purposes: [to('strengthen', 'front hip'), to('mobilise', 'front hip')], energy: 'lifting', hold: rounds(8, 4, 20), side: 'the lifted knee', usual: 'chair-march.chair',
    guide: { setUp: 'Sit or stand tall.', in: 'Lower the foot.', out: 'Lift the knee.', look: 'Straight ahead.', feel: 'At the front of the hip.', notHere: 'Not in the low back.', comeOut: 'Both feet down, one breath.' },
    mistakes: ['The back rounds with the lift.'],
    ladder: [
      rung('chair-march.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 1), [CHAIR_FREE, { ...vary(CHAIR_FREE, { hipR: [104, 4, 0], kneeR: 92, shoulder: [-8, 12, 0] }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL']], at: HOLDING_SEAT, free: 'legL arms' }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] }], [30, 10], ['Lift one knee, lower it, then the other.'], { ...holding, ...linked }),
      rung('chair-march.behind-chair', 'standing, hands on a chair back', 'standing|behind a chair|chair back', 'standing', hatha(0, 1), [FAR_BEHIND_CHAIR, vary(FAR_BEHIND_CHAIR, { hipR: [0, 2, 0], hipL: [70, 4, 0], kneeL: 75 }, { sided: true, on: [['floor', 'soleR'], [88, 'palm?']], balance: 'heelR ballR', free: 'hipR ankleR inversionR arms' })], [30, 10], ['Hands light on the chair.', 'Lift one knee, lower it, then the other.'], { props: [{ ...CHAIR_AHEAD, x: FAR_CHAIR_X }], support: 'hand', ...linked }),
    ],
  },
  {
    id: 'chair-opposite-arm-leg', family: 'chair', name: 'Opposite arm and leg on a chair', aliases: ['chair bird dog', 'seated opposite arm and leg', 'cross pattern on a chair'],
    meaning: 'One leg reaches ahead and the other arm rises, sitting.', parts: ['belly', 'shoulders', 'front hip'], place: ['warm-up', 'work'], before: ['chair-march'], after: ['seated-breath'],
    purposes: [to('strengthen', 'low back'), to('balance', 'whole')], energy: 'lifting', hold: rounds(3, 2, 10), side: 'the lifted arm', usual: 'chair-opposite-arm-leg.chair',
    guide: { setUp: 'Sit tall away from the back of the chair.', in: 'One arm up, the other leg ahead.', out: 'Both down.', look: 'Straight ahead.', feel: 'Around the waist.', notHere: 'Not in the low back or the shoulder.', comeOut: 'Both feet down.' },
    mistakes: ['The trunk sways back.'],
    ladder: [
      rung('chair-opposite-arm-leg.chair', 'sitting tall', 'chair|seated', 'chair', stretching(1, 1), [CHAIR_HANDS, { ...vary(CHAIR_FREE, { shoulderR: [164, 10, 0], elbowR: 4, hipL: [84, 4, 0], kneeL: 12, ankleL: 10 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleR']], at: [['palmMidL', 'thighTopL', { gapCm: 1 }]], free: 'legR armL' }), aim: [['kneeR', 'ankleR', [0, -1, 0], 0.5]] }], [34, 10], ['One arm up, the other leg ahead.', 'Grow tall in between.'], { ...chair, ...linked }),
    ],
  },
  {
    id: 'wide-leg-twist', family: 'chair', name: 'Wide-leg twist', aliases: ['wide legged chair twist', 'wide leg seated twist', 'hand to the inner knee twist'],
    meaning: 'Legs wide on the chair, one shoulder turns forward.', parts: ['upper back', 'inner thigh', 'shoulders'], place: ['work'], before: ['seated-twist'], after: ['chair-fold'],
    purposes: [to('mobilise', 'upper back', 'twist'), to('open', 'inner thigh')], energy: 'neutral', hold: breaths(3, 1, 6), side: 'the side she turns to', usual: 'wide-leg-twist.chair',
    guide: { setUp: 'Feet wide, hands on the knees.', in: 'Grow long.', out: 'Straighten one arm and turn the chest away from it.', look: 'To the far side, chin level.', feel: 'Between the shoulder blades and in the inner thighs.', notHere: 'Not in the low back.', comeOut: 'Back to the middle, press the hands and sit up.' },
    mistakes: ['The head hangs.'],
    ladder: [
      rung('wide-leg-twist.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 1), {
        posture: { ...CHAIR_LEGS, pitch: 24, lumbar: 4, twist: 28, neckTwist: 16, hip: [86, 34, 20], shoulder: [50, 20, -20], elbowL: 6, elbowR: 35, forearm: 60, wrist: 20 },
        on: [['seat', 'sit'], ['floor', 'sole']], at: [...bothAt(['sitR', [0, null, null]], ['ankleR', [26, null, 34], { weight: 0.8 }]), ['palmMidL', 'kneeL', { gapCm: 7 }], ['palmMidR', 'kneeR', { gapCm: 7 }]], face: PELVIS_AHEAD, free: 'legs arms', apart: 'handL-thighL handR-thighR',
      }, [60, 12], ['Legs wide, hands on the knees.', 'One shoulder forward, turn the chest.'], holding),
    ],
  },
  {
    id: 'knee-across', family: 'chair', name: 'Knee across', aliases: ['outer-hip stretch on a chair', 'knee to opposite shoulder', 'crossed knee hug', 'ankle-over stretch'],
    meaning: 'One leg crossed over, its knee drawn towards the other shoulder.', parts: ['outer hip'], place: ['work'], before: ['figure-four'], after: ['seated-breath'],
    purposes: [to('open', 'outer hip'), to('settle', 'low back')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the crossed leg', usual: 'knee-across.chair',
    guide: { setUp: 'Cross one knee over the other, hold it with both hands.', in: 'Grow tall.', out: 'Draw the knee towards the other shoulder.', look: 'Straight ahead.', feel: 'In the outer hip.', notHere: 'Not in the groin or the knee.', comeOut: 'Let go and put the foot down.' },
    mistakes: ['The back slumps to reach the knee.'],
    ladder: [
      rung('knee-across.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 0), {
        posture: { ...CHAIR_LEGS, hipR: [96, -14, 5], kneeR: 92, hipL: [82, 2, 0], shoulder: [42, -6, -10], elbow: 55, forearm: 60 },
        on: [['seat', 'sit'], ['floor', 'soleL']], at: [...SIT, ['palmMidR', 'kneeR', { gapCm: 7 }], ['palmMidL', 'kneeR', { gapCm: 9 }]], touch: [['calfR', 'thighL', -1]],
        face: [...TRUNK_UPRIGHT, ...PELVIS_AHEAD], aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]], free: 'legs arms', apart: 'thighR-thighL shankR-thighL shankR-shankL handR-thighR handL-thighR handR-handL',
      }, [44, 12], ['Cross one knee over the other.', 'Draw it towards the far shoulder, stay tall.'], chair),
    ],
  },
  {
    id: 'sit-to-stand', family: 'chair', name: 'Sit to stand', aliases: ['chair stand', 'standing up from a chair', 'chair rise'],
    meaning: 'From sitting to standing and back, slowly.', parts: ['whole', 'front hip'], place: ['warm-up', 'work'], before: ['chair-march'], after: ['mountain'],
    purposes: [to('strengthen', 'whole'), to('balance', 'whole')], energy: 'lifting', hold: rounds(5, 2, 12, 2), usual: 'sit-to-stand.chair',
    guide: { setUp: 'Front of the seat, feet under the knees.', in: 'Lean the nose over the toes and stand.', out: 'Sit down slowly.', look: 'Ahead, to the floor and ahead again.', feel: 'In the thighs.', notHere: 'Not as a jolt in the knees; with dizziness stay seated.', comeOut: 'Sit back and breathe.' },
    mistakes: ['She drops the last hand’s width.', 'The knees fall inwards.'],
    ladder: [
      rung('sit-to-stand.hands', 'pushing with the hands on the thighs', 'hands|thighs', 'chair', stretching(0, 2), [CHAIR_HANDS, vary(STAND, { pitch: 34, hip: [86, 5, 0], knee: 74, ankle: 22, shoulder: [40, 6, 0], elbow: 20, forearm: 60 }, { free: 'legs arms', at: bothAt(['palmMidR', 'kneeR', { gapCm: 9 }], ['soleMidR', [38, null, null]]), face: [['T8', UP, [0.56, 0.83, 0], 0.8]], balance: 'heelR ballR heelL ballL' })], [16, 10], ['Hands on the thighs, nose over the toes, rise.', 'Sit down slowly.'], { ...holding, ...linked, exit: 'chair' }),
      rung('sit-to-stand.chair', 'arms crossed', 'arms crossed|full', 'chair', hatha(0, 2), [
        vary(CHAIR_FREE, { pitch: 20, shoulder: [44, -14, -50], elbow: 112 }, { at: bothAt(['ankleR', [null, null, 9]]), face: [['T8', UP, [0.34, 0.94, 0], 0.8]], apart: 'forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-handL' }),
        vary(STAND, { pitch: 36, hip: [88, 5, 0], knee: 74, ankle: 22, shoulder: [44, -14, -50], elbow: 112 }, { free: 'legs', at: bothAt(['soleMidR', [38, null, null]]), face: [['T8', UP, [0.58, 0.81, 0], 0.8]], balance: 'heelR ballR heelL ballL', apart: 'forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-handL' }),
        vary(STAND, { shoulder: [44, -14, -50], elbow: 112 }, { at: bothAt(['soleMidR', [38, null, null]]), apart: 'forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-handL' }),
      ], [16, 10], ['Arms crossed, nose over the toes, rise.', 'Sit down slowly.'], { ...chair, ...linked, exit: 'chair' }),
    ],
  },
  {
    id: 'cow-face-arms', family: 'chair', name: 'Cow-face arms', sanskrit: 'Gomukha Hasta', aliases: ['gomukhasana arms', 'arms of cow face', 'strap behind the back'],
    meaning: 'One arm over, one arm under, a strap between the hands behind the back.', parts: ['shoulders', 'chest'], place: ['work'], before: ['elbow-circles'], after: ['shoulder-roll'],
    purposes: [to('open', 'shoulders'), to('open', 'chest')], energy: 'neutral', hold: breaths(3, 1, 8), side: 'the upper arm', usual: 'cow-face-arms.chair',
    guide: { setUp: 'A strap or tie over one shoulder.', in: 'Grow tall.', out: 'Walk the hands closer along the strap.', look: 'Straight ahead.', feel: 'In the back of the upper arm and the front of the lower shoulder.', notHere: 'Not as a pinch in either shoulder.', comeOut: 'Let go and roll the shoulders.' },
    mistakes: ['The head is pushed forward by the arm.'],
    ladder: [
      ...([['chair', CHAIR_FREE, 'chair', chair, 'on a chair, with a strap', 'chair|seated'], ['cross-legged', CROSSED_FREE, 'sitting', seat, 'cross-legged, with a strap', 'cross legged|floor']] as const).map(([key, base, level, props, name, words]) =>
        rung(`cow-face-arms.${key}`, name, words, level, stretching(0, 1), vary(base, { shoulderR: [160, 14, 20], elbowR: 128, shoulderL: [-28, 6, -40], elbowL: 88, forearm: 10, neck: 4 }, { sided: true, apart: `${base.apart ?? ''} forearmR-head handR-head upperArmR-head forearmR-torso handR-torso handL-torso forearmL-torso handL-pelvis forearmL-pelvis` }), [150, 10],
          ['One hand over the shoulder, the other behind the back.', 'The strap makes up for what is missing.'], { props: [...props.props, { kind: 'strap', through: ['palmMidR', 'palmMidL'], where: 'between the hands' }] })),
    ],
  },
  {
    id: 'table-rest', family: 'rest', name: 'Rest on a table', aliases: ['fold onto a table', 'head on the desk', 'rest at a table', 'desk rest', 'fold onto a desk'],
    meaning: 'Head and arms rest on a table, a bolster between.', parts: ['whole', 'neck'], place: ['closing', 'rest'], before: ['seated-breath'], after: [],
    purposes: [to('rest', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(10, 3, 60), usual: 'table-rest.chair',
    guide: { setUp: 'Draw the chair close, arms on the table, head on the arms.', look: 'Eyes closed.', feel: 'As breath in the back.', notHere: 'Not as a bent neck: put more under the head.', comeOut: 'Push the table and sit up, the head last.' },
    mistakes: ['The table is so low that the back rounds to its end.'],
    ladder: [
      rung('table-rest.chair', 'on a chair at a table', 'chair|table', 'chair', resting(0, 0, { eyesClosed: true }), {
        symmetric: true, posture: { ...CHAIR_LEGS, pitch: 36, lumbar: 8, thorax: 8, neck: 6, hip: [112, 6, 0], shoulder: [88, 24, -30], elbow: 95, forearm: 70 },
        on: [['seat', 'sit'], ['floor', 'sole'], [72, 'elbow wrist?'], [80, 'forehead']], at: bothAt(['sitR', [4, null, null], { weight: 0.5 }]), aim: bothAim(['kneeR', 'ankleR', [0, -1, 0], 0.4]), free: 'legs arms neck spine~4',
        apart: 'handR-handL forearmR-forearmL forearmR-head forearmL-head handR-head handL-head upperArmR-head upperArmL-head',
      }, [26, 12], ['Fold the arms on the table, forehead on the arms.', 'Let the table carry you.'], { props: [CHAIR, { kind: 'stool', heightCm: 72, x: 62, size: [60, 80], where: 'in front, a table or desk' }], support: 'trunk' }),
    ],
  },
  {
    id: 'seated-rest', family: 'rest', name: 'Supported sitting', aliases: ['rest in the chair', 'seated rest', 'sit and follow the breath', 'sitting out'],
    meaning: 'Sitting back, carried by the chair.', parts: ['whole'], place: ['opening', 'closing', 'rest'], before: [], after: [],
    purposes: [to('rest', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(10, 1, 120), usual: 'seated-rest.chair',
    guide: { setUp: 'Sit back, feet on the floor or on a book.', look: 'Eyes closed or resting.', feel: 'As weight in the seat.', notHere: 'Not as a slump that shortens the breath.', comeOut: 'Move fingers and toes.' },
    mistakes: ['The feet dangle.'],
    ladder: [
      rung('seated-rest.chair', 'on a chair', 'chair', 'chair', resting(0, 0), vary(CHAIR_HANDS, { pitch: -6 }, { face: [['T8', UP, [-0.12, 0.99, 0], 0.8]] }), [38, 12], ['Sit back and let the chair carry you.', 'Follow the breath until the others meet you.'], { ...chair, support: 'trunk' }),
      rung('seated-rest.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0), vary(CROSSED_FREE, { shoulder: [20, 8, 0], elbow: 55, forearm: 60 }, { free: 'legs arms', at: bothAt(['palmMidR', 'thighTopR', { gapCm: 1 }]) }), [48, 14], ['Sit high and follow the breath.'], seat),
    ],
  },
];
