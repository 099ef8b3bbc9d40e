import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { block, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { BEHIND_CHAIR, CHAIR_AHEAD, FAR_BEHIND_CHAIR, FAR_CHAIR_X, CHAIR_FREE, CHAIR_HANDS, ON_RIGHT, STAND } from './bases.js';
import { ACROSS, AHEAD, CHAIR, hatha, PELVIS_AHEAD, stretching, strong, UP } from './common.js';

const chair = { props: [CHAIR] }, behind = { props: [CHAIR_AHEAD], support: 'hand' } as const, far = { props: [{ ...CHAIR_AHEAD, x: FAR_CHAIR_X }], support: 'hand' } as const, linked = { breath: 'linked' } as const;
/** On the right leg behind a chair. */
const BEHIND_ON_RIGHT: Shape = vary(FAR_BEHIND_CHAIR, {}, { sided: true, on: [['floor', 'soleR'], [88, 'palm?']], balance: 'heelR ballR', free: 'legR arms', face: [['footR', AHEAD, AHEAD]] });

const levelBack = (arms: Shape['posture'], more: Partial<Shape>): Shape => ({
  posture: { pitch: 80, hipR: [80, 0, 0], kneeR: 6, ankleR: 4, hipL: [2, 0, 0], kneeL: 2, ankleL: 5, neck: -8, ...arms },
  on: [['floor', 'soleR']], face: [['pelvis', ACROSS, ACROSS], ['footR', AHEAD, AHEAD]], aim: [['hipJL', 'ankleL', [-0.99, 0.02, 0]], ['hipJR', 'shoulderJR', [0.98, 0.17, 0], 0.8]],
  balance: 'heelR ballR', free: 'legs', ...more,
});
const sideLevel = (surface: number | 'seat', more: Partial<Shape> = {}): Shape => ({
  posture: { roll: 66, hipR: [2, 66, 40], kneeR: 4, hipL: [0, 22, 8], shoulderR: [5, 82, 0], shoulderL: [0, 88, 0], wristR: 60, side: 0 },
  on: [['floor', 'soleR'], [surface, 'palmMidR']], at: [['ankleR', [0, null, 0]], ['palmMidR', [8, null, 56], { weight: 0.6 }]],
  face: [['footR', AHEAD, ACROSS], ['pelvis', AHEAD, [0.98, 0, 0.15], 0.8], ['C7', AHEAD, AHEAD, 0.6], ['head', AHEAD, [0.98, -0.1, 0.1], 0.5]],
  aim: [['hipJL', 'ankleL', [0, 0.04, -1]], ['shoulderJL', 'wristL', UP, 0.8]], balance: 'soleMidR palmMidR', free: 'hip ankleR inversionR armR shoulderL side head', ...more,
});

export const balancePoses: readonly Pose[] = [
  {
    id: 'heel-raise', family: 'balance', name: 'Heel raise', aliases: ['tiptoe', 'calf raise', 'standing on tiptoe', 'heel raises'],
    meaning: 'Up on the balls of the feet and down.', parts: ['calves', 'feet', 'whole'], place: ['warm-up', 'work'], before: ['foot-pump'], after: ['calf-stretch'],
    purposes: [to('strengthen', 'calves'), to('balance', 'whole')], energy: 'lifting', hold: rounds(6, 2, 15), usual: 'heel-raise.free',
    guide: { setUp: 'Feet hip-wide.', in: 'Rise.', out: 'Lower slowly.', look: 'At one still point.', feel: 'In the calves.', notHere: 'Not as a cramp or in the Achilles tendon.', comeOut: 'Stand on the whole feet.' },
    mistakes: ['The ankles roll outwards.'],
    ladder: [
      rung('heel-raise.chair-back', 'hands on a chair back', 'chair back|chair', 'standing', hatha(0, 1, { heelsLifted: true }), [BEHIND_CHAIR, vary(BEHIND_CHAIR, { ankle: -32 }, { on: [['floor', 'ball'], [88, 'palm?']], at: bothAt(['ballR', [6, null, null]]), balance: 'ballR ballL' })], [30, 10], ['Hands light on the chair.', 'Rise and lower slowly.'], { ...behind, ...linked }),
      rung('heel-raise.free', 'without support', 'free|full', 'standing', hatha(0, 2, { heelsLifted: true }), [STAND, vary(STAND, { ankle: -32 }, { on: [['floor', 'ball']], balance: 'ballR ballL' })], [40, 8], ['Rise and lower slowly.', 'Look at one still point.'], linked),
    ],
  },
  {
    id: 'tandem-stand', family: 'balance', name: 'One foot before the other', aliases: ['tandem stand', 'heel to toe standing', 'tightrope'],
    meaning: 'Standing heel to toe as on a line.', parts: ['whole', 'feet'], place: ['warm-up', 'work'], before: ['mountain'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('strengthen', 'feet')], energy: 'neutral', hold: breaths(3, 1, 6), side: 'the front foot', usual: 'tandem-stand.chair-back',
    guide: { setUp: 'One heel before the toes of the other foot.', look: 'At one still point.', feel: 'In feet and ankles.', notHere: 'Not as fear: a hand stays on the chair.', comeOut: 'Step the feet side by side.' },
    mistakes: ['She looks down at the feet.'],
    ladder: ([['chair-back', 'a hand on a chair back', 'chair back|chair'], ['free', 'without support', 'free|full']] as const).map(([key, name, words]) => {
      const held = key === 'chair-back', base = held ? BEHIND_CHAIR : STAND;
      return rung(`tandem-stand.${key}`, name, words, 'standing', hatha(0, 1), {
        ...vary(base, { hipR: [10, -3, 0], hipL: [-10, -3, 0], ...(held ? {} : { shoulder: [10, 30, 0] }) }, { sided: true, free: held ? 'legs arms' : 'legs' }),
        at: [['soleMidR', [13, null, 0]], ['soleMidL', [-13, null, 0]], ...(held ? bothAt(['palmMidR', [34, null, 15], { weight: 0.8 }]) : [])], apart: 'thighR-thighL shankR-shankL footR-footL footR-shankL footL-shankR', balance: 'heelR ballR heelL ballL',
      }, [40, 8], ['Heel to toe, weight over both feet.', 'Look at one still point.'], held ? { props: [{ ...CHAIR_AHEAD, x: 57 }], support: 'hand' } : {});
    }),
  },
  {
    id: 'side-leg-lift', family: 'balance', name: 'Side leg lift', aliases: ['standing hip abduction', 'leg to the side', 'standing side leg lift'],
    meaning: 'One leg lifts to the side, the trunk stays upright.', parts: ['outer hip', 'whole'], place: ['work'], before: ['mountain'], after: ['mountain'],
    purposes: [to('strengthen', 'outer hip'), to('balance', 'whole')], energy: 'lifting', hold: rounds(5, 2, 10), side: 'the standing leg', usual: 'side-leg-lift.chair-back',
    guide: { setUp: 'Behind a chair, weight on one leg.', in: 'Lift the other leg to the side.', out: 'Lower it.', look: 'Straight ahead.', feel: 'In both outer hips.', notHere: 'Not in the low back.', comeOut: 'Both feet down.' },
    mistakes: ['The trunk leans away to lift higher.'],
    ladder: [
      rung('side-leg-lift.chair-back', 'hands on a chair back', 'chair back|chair', 'standing', hatha(0, 1), [FAR_BEHIND_CHAIR, vary(BEHIND_ON_RIGHT, { hipR: [0, 0, 0], hipL: [0, 20, 0] })], [66, 10], ['Lift one leg a little to the side, toes ahead.'], { ...far, ...linked }),
      rung('side-leg-lift.free', 'hands on the hips', 'free|full', 'standing', hatha(0, 2), [vary(STAND, { shoulder: [0, 30, -30], elbow: 85, forearm: 60 }), vary(ON_RIGHT, { hipL: [0, 26, 0], shoulder: [0, 30, -30], elbow: 85, forearm: 60 })], [72, 8], ['Hands on the hips, lift one leg a little to the side.'], linked),
    ],
  },
  {
    id: 'leg-back-balance', family: 'balance', name: 'One leg back', aliases: ['leg back balance', 'standing leg back', 'one leg back in balance', 'standing hip extension'],
    meaning: 'One leg lifts behind from standing.', parts: ['low back', 'whole'], place: ['work'], before: ['mountain'], after: ['half-forward-fold'],
    purposes: [to('balance', 'whole'), to('strengthen', 'low back')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'leg-back-balance.chair-back',
    guide: { setUp: 'Behind a chair, weight on one leg.', in: 'Reach the other leg back.', look: 'Ahead, over the chair.', feel: 'In the buttock of the lifted leg.', notHere: 'Not as a pinch in the low back.', comeOut: 'Put the foot down beside the other.' },
    mistakes: ['The back hollows to lift higher.'],
    ladder: [
      rung('leg-back-balance.chair-back', 'hands on a chair back', 'chair back|chair', 'standing', hatha(0, 2), {
        posture: { pitch: 20, hipR: [20, 0, 0], hipL: [-14, 0, 0], shoulder: [66, 4, 0], elbow: 12, forearm: 80, wrist: 12 },
        on: [['floor', 'soleR'], [88, 'palm']], at: [['soleMidR', [2, null, 3]], ['sacrum', [null, null, 3], { weight: 0.8 }], ...bothAt(['palmMidR', [51, null, 15], { weight: 0.8 }])], aim: [['hipJL', 'ankleL', [-0.6, -0.8, 0]]],
        face: [['pelvis', ACROSS, ACROSS], ['T8', UP, [0.36, 0.93, 0], 0.8], ['footR', AHEAD, AHEAD]], free: 'legR hipL arms',
      }, [14, 10], ['Hands on the chair, reach one leg back.', 'Hips level, back long.'], far),
    ],
  },
  {
    id: 'warrior-three', family: 'balance', name: 'Warrior three', sanskrit: 'Vīrabhadrāsana III', aliases: ['warrior 3', 'virabhadrasana 3', 'virabhadrasana iii', 'warrior iii', 'aeroplane', 'airplane'],
    meaning: 'The warrior in flight: trunk and one leg level.', parts: ['hamstrings', 'low back', 'whole'], place: ['work'], before: ['leg-back-balance'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('strengthen', 'low back')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'warrior-three.full',
    guide: { setUp: 'Weight on one leg, hinge forward.', look: 'To the floor, a little ahead.', feel: 'Behind the standing leg and along the back.', notHere: 'Not as a pull in the low back.', comeOut: 'Bend the standing knee and step together.' },
    mistakes: ['The hip of the lifted leg opens.', 'The standing knee is pushed back.'],
    ladder: [
      rung('warrior-three.chair-back', 'hands on a chair back', 'chair back|chair', 'standing', hatha(1, 2), levelBack({ shoulder: [170, 4, 0], forearm: 60, wrist: 15 }, { on: [['floor', 'soleR'], [88, 'palm']], at: bothAt(['palmMidR', [84, null, 16]]), free: 'hip ankle inversion arms' }), [8, 10], ['Hands on the chair back, walk back, lift one leg.', 'Hips level.'], { props: [{ ...CHAIR_AHEAD, x: 107.5 }], support: 'hand' }),
      rung('warrior-three.hands-on-hips', 'leg low, hands on the hips', 'low|hands on the hips', 'standing', hatha(1, 2), levelBack({ pitch: 50, hipR: [50, 0, 0], hipL: [4, 0, 0], shoulder: [-10, 30, -30], elbow: 85, forearm: 60 }, { aim: [['hipJL', 'ankleL', [-0.78, -0.62, 0]], ['hipJR', 'shoulderJR', [0.77, 0.63, 0], 0.8]] }), [12, 10], ['Hands on the hips, lean forward as the leg lifts.', 'Only as far as the hips stay level.']),
      rung('warrior-three.full', 'arms back', 'full|arms back', 'standing', strong(1, 2), levelBack({ shoulder: [-12, 14, 0] }, {}), [8, 10], ['Trunk and leg in one line.', 'Look at the floor.']),
    ],
  },
  {
    id: 'half-moon', family: 'balance', name: 'Half moon', sanskrit: 'Ardha Candrāsana', aliases: ['ardha chandrasana', 'half moon balance'],
    meaning: 'Half a moon: one hand down, one leg out to the side.', parts: ['outer hip', 'side body', 'whole'], place: ['work'], before: ['triangle'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('open', 'side body')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'half-moon.block',
    guide: { setUp: 'From triangle bend the knee, hand to its support ahead of the foot.', look: 'To the floor or straight ahead.', feel: 'In both outer hips.', notHere: 'Not in the knee or the neck.', comeOut: 'Bend the standing knee and step back.' },
    mistakes: ['All the weight is in the hand.'],
    ladder: [
      rung('half-moon.chair', 'hand on a chair seat', 'chair', 'standing', hatha(0, 2), sideLevel('seat'), [80, 8], ['Hand on the chair, lift the back leg.', 'Roll the upper hip over the lower.'], { props: [{ kind: 'chair', x: 8, z: 70, where: 'beside the front foot, against a wall' }], support: 'hand' }),
      rung('half-moon.block', 'hand on a block', 'block', 'standing', strong(0, 2), sideLevel(23), [80, 8], ['Hand on the block, lift the back leg.', 'Roll the upper hip over the lower.'], { props: [block(23, 'palmMidR', 'ahead of the front foot', 'upright')] }),
    ],
  },
  {
    id: 'eagle', family: 'balance', name: 'Eagle', sanskrit: 'Garuḍāsana', aliases: ['garudasana', 'eagle pose'],
    meaning: 'Garuḍa, the bird that carries: arms and legs wound round each other.', parts: ['outer hip', 'upper back', 'shoulders'], place: ['work'], before: ['crossed-arms'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('open', 'outer hip'), to('open', 'upper back')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the standing leg', usual: 'eagle.toe-down',
    guide: { setUp: 'Bend the knees, cross one thigh over the other.', look: 'At one still point.', feel: 'In the outer hip and between the shoulder blades.', notHere: 'Not in the knees.', comeOut: 'Unwind from the top down.' },
    mistakes: ['The standing knee turns in.'],
    ladder: [
      rung('eagle.chair', 'sitting on a chair', 'chair|seated', 'chair', stretching(0, 1), {
        ...vary(CHAIR_FREE, { hipL: [96, -14, 5], kneeL: 88, hipR: [82, 2, 0], shoulderR: [72, -32, -20], elbowR: 118, shoulderL: [64, -30, -20], elbowL: 112, forearm: 20, protraction: 22 }, {
          sided: true, free: 'legs shoulder elbow', on: [['seat', 'sit'], ['floor', 'soleR']], touch: [['calfL', 'thighR', -1]],
          at: [['palmMidR', 'shoulderJL', { gapCm: 8, weight: 0.6 }], ['palmMidL', 'shoulderJR', { gapCm: 8, weight: 0.6 }], ['elbowR', 'elbowL', { off: [2, 6, null], weight: 0.6 }]],
          apart: 'thighR-thighL shankL-thighR shankR-shankL forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-head handL-head',
        }), aim: [['kneeR', 'ankleR', [0, -1, 0], 0.5]],
      }, [56, 12], ['Cross the knees and hug yourself.', 'Sit tall.'], chair),
      rung('eagle.toe-down', 'toes down, arms as a hug', 'toe down|low', 'standing', hatha(0, 2), {
        posture: { pitch: 12, hipR: [40, -2, 0], kneeR: 42, ankleR: 18, hipL: [48, -20, 0], kneeL: 66, ankleL: -30, shoulderR: [72, -32, -20], elbowR: 118, shoulderL: [64, -30, -20], elbowL: 112, forearm: 20, protraction: 22 },
        on: [['floor', 'soleR ballL?']], at: [['ballL', 'ballR', { off: [2, null, 16], weight: 0.6 }], ['palmMidR', 'shoulderJL', { gapCm: 8, weight: 0.6 }], ['palmMidL', 'shoulderJR', { gapCm: 8, weight: 0.6 }], ['elbowR', 'elbowL', { off: [2, 6, null], weight: 0.6 }]],
        face: [['T8', UP, [0.1, 0.99, 0]], ['pelvis', ACROSS, ACROSS, 0.5], ['footR', AHEAD, AHEAD]], balance: 'heelR ballR', free: 'legs shoulder elbow', apart: 'thighR-thighL shankR-shankL thighL-shankR thighR-shankL footL-shankR footR-footL forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-head handL-head',
      }, [60, 8], ['Cross one knee over, toes on the floor.', 'Hug yourself.']),
    ],
  },
  {
    id: 'dancer', family: 'balance', name: 'Dancer', sanskrit: 'Naṭarājāsana', aliases: ['natarajasana', 'lord of the dance', 'standing bow'],
    meaning: 'Naṭarāja, lord of the dance: one foot held behind.', parts: ['front hip', 'chest', 'whole'], place: ['work'], before: ['thigh-stretch'], after: ['half-forward-fold'],
    purposes: [to('balance', 'whole'), to('open', 'front hip')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'dancer.wall',
    guide: { setUp: 'Hold one foot behind, knees close.', look: 'At one still point.', feel: 'In the front of the thigh and across the chest.', notHere: 'Not in the low back or the knee.', comeOut: 'Let the foot down slowly.' },
    mistakes: ['The knee swings out to the side.'],
    ladder: [
      rung('dancer.wall', 'a hand on the wall', 'wall|hand on the wall', 'standing', hatha(0, 2, { bind: true }), {
        posture: { pitch: 18, lumbar: -6, thorax: -6, neck: -8, hipR: [18, 0, 0], hipL: [-22, 2, 0], kneeL: 100, ankleL: -40, shoulderL: [-48, 4, 0], elbowL: 6, shoulderR: [110, 4, 0], wristR: 50, forearmR: 85 },
        on: [['floor', 'soleR'], ['wall', 'palmR']], at: [['palmMidL', 'instepL', { gapCm: 4 }], ['palmMidR', [null, 136, 14], { weight: 0.5 }], ['soleMidR', [4, null, 0], { weight: 0.6 }]],
        face: [['pelvis', ACROSS, ACROSS, 0.8], ['footR', AHEAD, AHEAD], ['handR', [0, -1, 0], [0, 1, null], 0.4]], balance: 'heelR ballR', free: 'legs arms', apart: 'handL-shankL forearmL-shankL handL-torso',
      }, [190, 10], ['One hand on the wall, hold the other foot behind.', 'Press the foot into the hand.'], { props: [{ kind: 'wall', x: 66, where: 'in front, within reach' }], support: 'hand' }),
      rung('dancer.full', 'arm ahead', 'full', 'standing', strong(0, 2, { bind: true }), {
        posture: { pitch: 26, lumbar: -9, thorax: -8, neck: -8, hipR: [26, 0, 0], hipL: [-24, 2, 0], kneeL: 98, ankleL: -40, shoulderL: [-54, 4, 0], elbowL: 6, shoulderR: [122, 4, 0], forearmR: 60 },
        on: [['floor', 'soleR']], at: [['palmMidL', 'instepL', { gapCm: 4 }]], face: [['pelvis', ACROSS, ACROSS, 0.8], ['footR', AHEAD, AHEAD]], balance: 'heelR ballR', free: 'legs armL', apart: 'handL-shankL forearmL-shankL handL-torso',
      }, [10, 8], ['Press the foot into the hand, other arm ahead.', 'Look at one still point.']),
    ],
  },
  {
    id: 'standing-big-toe', family: 'balance', name: 'Standing hand to foot', sanskrit: 'Utthita Hasta Pādāṅguṣṭhāsana', aliases: ['utthita hasta padangusthasana', 'standing hand to big toe', 'extended hand to toe'],
    meaning: 'One leg lifted ahead and held, with a strap or on a support.', parts: ['hamstrings', 'whole'], place: ['work'], before: ['hamstring-on-support'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('open', 'hamstrings')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'standing-big-toe.knee',
    guide: { setUp: 'Weight on one leg, lift the other knee.', look: 'At one still point.', feel: 'Behind the lifted leg and in the standing foot.', notHere: 'Not as a rounded back.', comeOut: 'Bend the knee and lower the foot.' },
    mistakes: ['The trunk leans back to straighten the leg.'],
    ladder: [
      rung('standing-big-toe.knee', 'holding the knee', 'knee', 'standing', hatha(0, 2), vary(ON_RIGHT, { hipL: [104, 2, 0], kneeL: 100, shoulder: [50, 2, 0], elbow: 40, forearm: 60 }, { free: 'legR arms hipL', at: [['palmMidR', 'shinL', { gapCm: 3 }], ['palmMidL', 'shinL', { gapCm: 4 }]], apart: 'handR-shankL handL-shankL handR-handL handR-thighL handL-thighL' }), [36, 8], ['Hold one knee with both hands.', 'Stay tall on the standing leg.']),
      rung('standing-big-toe.strap', 'with a strap round the foot', 'strap', 'standing', strong(1, 2, { strap: true }), vary(ON_RIGHT, { hipL: [74, 2, 0], kneeL: 6, ankleL: 10, shoulderL: [46, 6, 0], elbowL: 50, forearmL: 60, shoulderR: [0, 28, -30], elbowR: 85, forearmR: 60 }), [20, 8], ['Strap round the foot, straighten the leg.', 'Stay tall.'], { props: [{ kind: 'strap', through: ['palmMidL', 'ballL'], where: 'round the lifted foot' }] }),
    ],
  },
  {
    id: 'one-legged-chair', family: 'balance', name: 'One-legged chair', sanskrit: 'Eka Pāda Utkaṭāsana', aliases: ['eka pada utkatasana', 'standing figure four', 'one legged chair pose'],
    meaning: 'Sitting down into the air on one leg, ankle on the other thigh.', parts: ['outer hip', 'whole'], place: ['work'], before: ['chair-pose', 'figure-four'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('open', 'outer hip')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'one-legged-chair.chair-back',
    guide: { setUp: 'Ankle over the other thigh, then sit back.', look: 'At one still point.', feel: 'In the lifted outer hip and the standing thigh.', notHere: 'Not in either knee.', comeOut: 'Stand up before the foot comes down.' },
    mistakes: ['The standing knee falls in.'],
    ladder: ([['chair-back', 'hands on a chair back', 'chair back|chair'], ['free', 'hands together', 'free|full']] as const).map(([key, name, words]) => {
      const held = key === 'chair-back';
      return rung(`one-legged-chair.${key}`, name, words, 'standing', strong(0, held ? 2 : 3), {
        posture: { pitch: 32, hipR: [72, 0, 0], kneeR: 62, ankleR: 24, hipL: [70, 36, 58], kneeL: 88, ankleL: 5, shoulder: held ? [66, 4, 0] : [50, 14, -10], elbow: held ? 20 : 100, forearm: held ? 80 : 0, wrist: 20 },
        on: held ? [['floor', 'soleR'], [88, 'palm?']] : [['floor', 'soleR']], touch: [['ankleL', 'thighR']],
        at: held ? [['hipJR', [null, 74, null]], ...bothAt(['palmMidR', [46, null, 16], { weight: 0.6 }])] : [['hipJR', [null, 74, null]], ...bothAt(['palmMidR', [null, null, 0.3]], ['wristR', [null, null, 2.2]])], aim: [['kneeL', 'ankleL', [0.2, -0.1, 0.97], 0.5]],
        face: [['pelvis', ACROSS, ACROSS, 0.8], ['footR', AHEAD, AHEAD], ['T8', UP, [0.48, 0.88, 0], 0.6]], balance: 'heelR ballR', free: 'legs arms', apart: 'footL-thighR shankL-thighR shankR-shankL footL-shankR',
      }, [44, 10], ['Ankle over the thigh, sit back a little.', 'Keep the breath easy.'], held ? { props: [{ ...CHAIR_AHEAD, x: 69 }], support: 'hand' } : {});
    }),
  },
  {
    id: 'stork', family: 'balance', name: 'Stork', aliases: ['flamingo', 'one leg stand', 'knee lift balance', 'standing knee lift', 'crane'],
    meaning: 'A stork on one leg, the other knee lifted.', parts: ['whole', 'feet'], place: ['work'], before: ['mountain'], after: ['mountain'],
    purposes: [to('balance', 'whole'), to('strengthen', 'front hip')], energy: 'neutral', hold: breaths(3, 1, 6), side: 'the standing leg', usual: 'stork.free',
    guide: { setUp: 'Weight on one foot, lift the other knee.', look: 'At one still point.', feel: 'In the standing foot and hip.', notHere: 'Not as a locked knee.', comeOut: 'Lower the foot softly.' },
    mistakes: ['The standing hip slides out.'],
    ladder: [
      rung('stork.chair', 'sitting on a chair', 'chair|seated', 'chair', stretching(0, 1), { ...vary(CHAIR_HANDS, { hipL: [102, 4, 0], kneeL: 90 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleR']], free: 'legR arms', face: PELVIS_AHEAD }), at: [...bothAt(['sitR', [-6, null, null]]), ['palmMidR', 'thighTopR', { gapCm: 1 }], ['palmMidL', 'kneeL', { gapCm: 7 }]], aim: [['kneeR', 'ankleR', [0, -1, 0], 0.5]] }, [40, 12], ['One foot down, hold the other knee up.'], chair),
      rung('stork.wall', 'a hand on the wall', 'wall|hand on the wall', 'standing', hatha(0, 1), vary(ON_RIGHT, { hipL: [78, 4, 0], kneeL: 82, shoulderR: [82, 4, 0], wristR: 80, forearmR: 85 }, { on: [['floor', 'soleR'], ['wall', 'palmR']], at: [['palmMidR', [null, 126, 16], { weight: 0.8 }], ['soleMidR', [5, null, 0], { weight: 0.6 }]], face: [['handR', [0, -1, 0], [0, 1, null], 0.4]], free: 'legR armR' }), [200, 10], ['One hand on the wall, lift one knee.'], { props: [{ kind: 'wall', x: 60, where: 'in front, within reach' }], support: 'hand' }),
      rung('stork.free', 'arms wide', 'free|full', 'standing', hatha(0, 2), vary(ON_RIGHT, { hipL: [84, 4, 0], kneeL: 88, shoulder: [0, 84, 0] }), [52, 8], ['Arms wide as wings, lift one knee.']),
    ],
  },
];
