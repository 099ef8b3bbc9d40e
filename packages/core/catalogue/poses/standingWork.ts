import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { block, bothAim, bothAt, breaths, stool, rounds, rung, to, vary } from './author.js';
import { CHAIR_AHEAD, CHAIR_FREE, FAR_BEHIND_CHAIR, FAR_CHAIR_X, STAND, PALMS_TOGETHER, HANDS_ON_HIPS } from './bases.js';
import { ACROSS, AHEAD, CHAIR, CHAIR_LEGS, hatha, PELVIS_AHEAD, stretching, strong, UP } from './common.js';

const chair = { props: [CHAIR] }, linked = { breath: 'linked' } as const, far = { props: [{ ...CHAIR_AHEAD, x: FAR_CHAIR_X }], support: 'hand' } as const;

/** A long stance facing ahead, right foot in front; `trunk` is how far the trunk leans forward. */
const longStance = (front: number, back: number, knee: number, lean: readonly [number, number], arms: Shape['posture'], more: Partial<Shape> = {}): Shape => ({
  posture: { pitch: 4, hipR: [knee > 20 ? 70 : 32, 4, 0], kneeR: knee, ankleR: knee > 20 ? 8 : 0, hipL: [-16, 6, 18], kneeL: 4, ankleL: 14, ...arms },
  on: [['floor', 'sole']], at: [['soleMidR', [front, null, 8]], ['soleMidL', [-back, null, -10]]],
  face: [['footR', AHEAD, AHEAD], ['footL', AHEAD, [0.8, 0, -0.6]], ['pelvis', ACROSS, [0.06, 0, 1], 0.7], ['T8', UP, [lean[0], lean[1], 0], 0.9]],
  aim: knee > 20 ? [['kneeR', 'ankleR', [0, -1, 0], 0.8]] : [], free: 'legs', ...more,
});
/** Both feet wide to the sides, toes turned out. */
const wide = (half: number, posture: Shape['posture'], more: Partial<Shape> = {}): Shape => ({
  symmetric: true, posture: { hip: [0, 34, 0], ...posture }, on: [['floor', 'sole']], at: bothAt(['ankleR', [null, null, half]]), free: 'legs', ...more,
});
const lungeKneesOff = (arms: Shape['posture'], more: Partial<Shape> = {}): Shape => ({
  posture: { pitch: 10, hipR: [92, 2, 0], kneeR: 88, ankleR: 6, hipL: [-14, 2, 0], kneeL: 8, ankleL: 10, ...arms },
  on: [['floor', 'soleR ballL']], at: [['soleMidR', [44, null, 8]], ['ballL', [-52, null, -8]]], face: [['pelvis', ACROSS, ACROSS, 0.8], ['T8', UP, [0.1, 0.99, 0], 0.9]],
  aim: [['kneeR', 'ankleR', [0, -1, 0], 0.8]], balance: 'soleMidR ballL', free: 'legs', ...more,
});
const sideAngle = (posture: Shape['posture'], more: Partial<Shape>): Shape => ({
  posture: { hipR: [35, 60, 50], kneeR: 75, hipL: [-5, 34, 15], shoulderL: [150, 30, 0], y: 62, roll: 20, side: 14, ...posture },
  on: [['floor', 'sole']], face: [['footR', AHEAD, ACROSS], ['footL', AHEAD, [0.95, 0, 0.3]], ['C7', AHEAD, [0.96, 0, 0.1], 0.6], ['pelvis', AHEAD, [0.95, 0, 0.25], 0.5]],
  at: [['ankleR', [2, null, 52]], ['ankleL', [-2, null, -50]]], aim: [['kneeR', 'ankleR', [0, -1, 0], 0.8], ['shoulderJL', 'wristL', [0, 0.62, 0.78], 0.6]], free: 'legs arms side~2', ...more,
});

export const standingWorkPoses: readonly Pose[] = [
  {
    id: 'warrior-one', family: 'standing', name: 'Warrior one', sanskrit: 'Vīrabhadrāsana I', aliases: ['warrior 1', 'virabhadrasana 1', 'virabhadrasana i', 'warrior i'],
    meaning: 'The first stance of the warrior Vīrabhadra: facing ahead, arms up.', parts: ['front hip', 'whole', 'shoulders'], place: ['work'], before: ['low-lunge'], after: ['half-forward-fold'],
    purposes: [to('strengthen', 'whole'), to('open', 'front hip')], energy: 'lifting', hold: breaths(4, 1, 8), side: 'the front leg', usual: 'warrior-one.full',
    guide: { setUp: 'A long stance on two tracks, back heel down and turned a little out.', look: 'Straight ahead.', feel: 'In the front thigh and the front of the back hip.', notHere: 'Not in the low back or the knees.', comeOut: 'Straighten the front leg and step together.' },
    mistakes: ['The low back hollows.', 'The back foot stands on the same line as the front one.'],
    ladder: [
      rung('warrior-one.chair', 'astride a chair, one leg back', 'chair|seated', 'chair', stretching(0, 1), {
        posture: { ...CHAIR_LEGS, hipL: [30, 14, 0], kneeL: 78, ankleL: -20, shoulder: [166, 18, 0] }, on: [['seat', 'sit'], ['floor', 'soleR ballL?']],
        at: [...bothAt(['sitR', [2, null, null]]), ['ballL', [-14, null, -29], { weight: 0.6 }]], face: [...PELVIS_AHEAD, ['T8', UP, UP, 0.8]], aim: [['kneeR', 'ankleR', [0, -1, 0], 0.5]], free: 'legs',
      }, [22, 12], ['Sit sideways on the edge, one leg free behind.', 'Arms up as far as the shoulders like.'], chair),
      rung('warrior-one.hands-on-chair', 'hands on a chair back', 'chair back|hands on a chair', 'standing', hatha(0, 2), longStance(12, 40, 40, [0.04, 1], { shoulder: [52, 4, 0], elbow: 15, forearm: 80, wrist: 12 }, { on: [['floor', 'sole'], [88, 'palm?']], at: [['soleMidR', [12, null, 8]], ['soleMidL', [-42, null, -10]], ...bothAt(['palmMidR', [51, null, 15], { weight: 0.6 }])], free: 'legs arms' }), [20, 8], ['Hands on the chair, step one foot back.', 'Both feet on their own track.'], far),
      rung('warrior-one.hands-on-hips', 'short, hands on the hips', 'short|hands on the hips', 'standing', hatha(0, 2), longStance(30, 40, 44, [0, 1], { shoulder: [0, 30, -30], elbow: 85, forearm: 60 }, { at: [['soleMidR', [30, null, 8]], ['soleMidL', [-40, null, -10]], ...HANDS_ON_HIPS], free: 'legs arms' }), [24, 8], ['A shorter stance, hands on the hips.', 'Hips to the front.']),
      rung('warrior-one.full', 'arms up', 'full|arms up', 'standing', strong(0, 2), longStance(44, 52, 62, [-0.03, 1], { shoulder: [168, 18, 0] }), [24, 8], ['Front knee over the ankle.', 'Arms up, ribs down.']),
    ],
  },
  {
    id: 'extended-side-angle', family: 'standing', name: 'Extended side angle', sanskrit: 'Utthita Pārśvakoṇāsana', aliases: ['utthita parsvakonasana', 'parsvakonasana', 'side angle'],
    meaning: 'One long line from the back foot through the upper arm.', parts: ['side body', 'inner thigh'], place: ['work'], before: ['warrior-two'], after: ['wide-legged-fold'],
    purposes: [to('open', 'side body', 'side bend'), to('strengthen', 'whole')], energy: 'lifting', hold: breaths(4, 1, 8), side: 'the bent leg', usual: 'extended-side-angle.forearm',
    guide: { setUp: 'From warrior two lean the side over the front thigh.', look: 'Straight ahead.', feel: 'Along the upper side from foot to fingers.', notHere: 'Not in the neck; the forearm is light on the thigh.', comeOut: 'Press the feet down and rise.' },
    mistakes: ['She hangs on the front thigh.'],
    ladder: [
      rung('extended-side-angle.chair', 'sitting on a chair, forearm on the thigh', 'chair|seated', 'chair', stretching(0, 1), {
        posture: { ...CHAIR_LEGS, hipR: [78, 38, 20], hipL: [62, 34, 15], kneeL: 45, side: 26, roll: 10, shoulderR: [20, 30, 0], elbowR: 85, forearmR: 50, shoulderL: [160, 14, 0] },
        on: [['seat', 'sit'], ['floor', 'sole']], at: [...bothAt(['sitR', [-2, null, null]]), ['ankleR', [24, null, 44]], ['ankleL', [44, null, -52]], ['elbowR', 'thighTopR', { gapCm: 5, weight: 0.6 }]],
        face: [['C7', AHEAD, AHEAD, 0.5]], aim: [['shoulderJL', 'wristL', [0, 0.75, 0.66], 0.8]], free: 'legs arms side', apart: 'forearmR-thighR handR-thighR',
      }, [70, 12], ['Legs wide, one forearm on its thigh.', 'The other arm over the ear.'], { ...chair, support: 'hand' }),
      rung('extended-side-angle.hand-on-hip', 'forearm on the thigh, upper hand on the hip', 'hand on the hip|upper hand on the hip', 'standing', hatha(0, 2), sideAngle({ roll: 22, side: 12, shoulderR: [15, 40, 0], elbowR: 85, forearmR: 50, shoulderL: [-6, 34, -30], elbowL: 88, forearmL: 60 }, { at: [['ankleR', [2, null, 50]], ['ankleL', [-2, null, -48]], ['elbowR', 'thighTopR', { gapCm: 5, weight: 0.8 }], HANDS_ON_HIPS[1]!], aim: [['kneeR', 'ankleR', [0, -1, 0], 0.8]], apart: 'forearmR-thighR handR-thighR handR-torso forearmR-torso' }), [80, 8], ['Forearm light on the front thigh.', 'Upper hand on the hip, roll the chest open.']),
      rung('extended-side-angle.forearm', 'forearm on the thigh', 'forearm|thigh', 'standing', hatha(0, 2), sideAngle({ roll: 18, shoulderR: [15, 40, 0], elbowR: 85, forearmR: 50 }, { at: [['ankleR', [2, null, 50]], ['ankleL', [-2, null, -48]], ['elbowR', 'thighTopR', { gapCm: 5, weight: 0.8 }]], apart: 'forearmR-thighR handR-thighR handR-torso forearmR-torso' }), [80, 8], ['Forearm light on the front thigh.', 'Upper arm over the ear.']),
      rung('extended-side-angle.block', 'hand on a block', 'block|full', 'standing', strong(0, 2), sideAngle({ roll: 40, shoulderR: [10, 75, 0], hipR: [45, 66, 50], wristR: 60 }, { on: [['floor', 'sole'], [15, 'palmMidR']], at: [['ankleR', [2, null, 52]], ['ankleL', [-2, null, -50]], ['palmMidR', [20, null, 52], { weight: 0.6 }]] }), [80, 8], ['Hand on the block beside the front foot.', 'One line from the back foot to the fingers.'], { props: [block(15, 'palmMidR', 'beside the front foot')] }),
    ],
  },
  {
    id: 'wide-legged-fold', family: 'standing', name: 'Wide-legged forward fold', sanskrit: 'Prasārita Pādottānāsana', aliases: ['prasarita padottanasana', 'wide leg fold', 'straddle fold standing', 'wide legged fold'],
    meaning: 'Feet spread wide, folding forward.', parts: ['hamstrings', 'inner thigh'], place: ['work', 'closing'], before: ['half-forward-fold'], after: ['mountain'],
    purposes: [to('open', 'hamstrings'), to('open', 'inner thigh')], energy: 'settling', hold: breaths(4, 1, 8), usual: 'wide-legged-fold.floor',
    guide: { setUp: 'Feet wide and parallel, hands on the hips.', in: 'Lengthen.', out: 'Fold from the hips.', look: 'To the floor.', feel: 'Inside and behind the thighs.', notHere: 'Not inside the knees; no pressure in the head.', comeOut: 'Hands to the hips, half way up, breathe, then stand.' },
    mistakes: ['The weight falls on the outer edges of the feet.'],
    ladder: [
      rung('wide-legged-fold.chair', 'hands on a chair seat', 'chair', 'standing', hatha(0, 1), wide(44, { pitch: 78, hip: [80, 30, 0], shoulder: [120, 4, 0], forearm: 70, wrist: 40, neck: -4 }, { on: [['floor', 'sole'], ['seat', 'palm']], at: bothAt(['ankleR', [0, null, 44]], ['palmMidR', [62, null, 16], { weight: 0.8 }]), free: 'legs arms' }), [50, 10], ['Hands on the chair seat, back long.', 'Knees may soften.'], { props: [{ kind: 'chair', x: 72, faces: -1, where: 'in front, its seat towards you, against a wall' }], support: 'hand' }),
      rung('wide-legged-fold.blocks', 'hands on blocks', 'blocks|block', 'standing', hatha(0, 1), wide(46, { pitch: 92, lumbar: 6, hip: [94, 30, 0], shoulder: [92, 4, 0], forearm: 70, wrist: 60 }, { on: [['floor', 'sole'], [23, 'palm']], at: bothAt(['ankleR', [0, null, 46]], ['palmMidR', [30, null, 16], { weight: 0.6 }]), balance: 'heelR ballR palmMidR heelL ballL palmMidL', free: 'legs arms lumbar' }), [50, 10], ['Hands on the blocks, back long.'], { props: [block(23, 'palmMidR', 'under the right hand', 'upright'), block(23, 'palmMidL', 'under the left hand', 'upright')], support: 'hand' }),
      rung('wide-legged-fold.floor', 'hands to the floor', 'floor|full', 'standing', hatha(0, 1), wide(50, { pitch: 108, lumbar: 22, thorax: 8, hip: [108, 32, 0], shoulder: [88, 4, 0], elbow: 20, forearm: 70, wrist: 60 }, { on: [['floor', 'sole palm']], at: bothAt(['ankleR', [0, null, 50]], ['palmMidR', [8, null, 16], { weight: 0.4 }]), free: 'legs arms' }), [50, 10], ['Hands to the floor under the shoulders.', 'Knees soft, head heavy only if that is fine for you.']),
    ],
  },
  {
    id: 'pyramid', family: 'standing', name: 'Pyramid', sanskrit: 'Pārśvottānāsana', aliases: ['parsvottanasana', 'intense side stretch', 'parshvottanasana'],
    meaning: 'Folding over one straight front leg.', parts: ['hamstrings', 'calves'], place: ['work'], before: ['half-forward-fold'], after: ['mountain'],
    purposes: [to('open', 'hamstrings'), to('open', 'calves')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the front leg', usual: 'pyramid.blocks',
    guide: { setUp: 'A short stance on two tracks, both legs straight.', out: 'Hinge over the front leg.', look: 'To the front foot.', feel: 'Behind the front thigh.', notHere: 'Not behind the knee or in the low back.', comeOut: 'Push with the back leg and rise with a long back.' },
    mistakes: ['The hips turn to the side.'],
    ladder: [
      rung('pyramid.chair-back', 'hands on a chair back', 'chair back|chair', 'standing', hatha(0, 1), longStance(30, 30, 4, [0.9, 0.4], { pitch: 60, hipR: [90, 0, 0], hipL: [40, 4, 12], shoulder: [150, 4, 0], forearm: 70, wrist: 12 }, { on: [['floor', 'sole'], [88, 'palm']], at: [['soleMidR', [30, null, 8]], ['soleMidL', [-30, null, -10]], ['sacrum', [null, null, 0], { weight: 0.5 }], ...bothAt(['palmMidR', [88, null, 15], { weight: 0.6 }])], free: 'hip ankle inversion arms' }), [16, 8], ['Hands on the chair back, hinge over the front leg.'], { props: [{ ...CHAIR_AHEAD, x: 111 }], support: 'hand' }),
      rung('pyramid.blocks', 'hands on blocks', 'blocks|block', 'standing', hatha(0, 1), longStance(30, 34, 4, [0.99, -0.1], { pitch: 80, hipR: [106, 0, 0], hipL: [56, 4, 12], shoulder: [90, 4, 0], forearm: 70, wrist: 50 }, { on: [['floor', 'sole'], [23, 'palm']], at: [['soleMidR', [30, null, 8]], ['soleMidL', [-34, null, -10]], ...bothAt(['palmMidR', [34, null, 18], { weight: 0.5 }])], free: 'hip ankle inversion arms lumbar' }), [16, 8], ['Hands on blocks beside the front foot.', 'Both legs straight, back long.'], { props: [block(23, 'palmMidR', 'under the right hand', 'upright'), block(23, 'palmMidL', 'under the left hand', 'upright')], support: 'hand' }),
    ],
  },
  {
    id: 'chair-pose', family: 'standing', name: 'Chair pose', sanskrit: 'Utkaṭāsana', aliases: ['utkatasana', 'fierce pose', 'powerful pose', 'awkward chair'],
    meaning: 'Sitting back into the air, arms up.', parts: ['whole', 'feet', 'shoulders'], place: ['work'], before: ['mountain'], after: ['standing-forward-fold'],
    purposes: [to('strengthen', 'whole'), to('strengthen', 'low back')], energy: 'lifting', hold: breaths(3, 1, 6), usual: 'chair-pose.full',
    guide: { setUp: 'Feet hip-wide, sit back as if onto a stool.', look: 'Ahead and a little down.', feel: 'In the thighs and along the back.', notHere: 'Not in the knees or the low back.', comeOut: 'Straighten the legs and lower the arms.' },
    mistakes: ['The knees fall inwards.', 'The breath stops.'],
    ladder: [
      rung('chair-pose.chair-back', 'small, hands on a chair back', 'chair back|chair|mini squat', 'standing', hatha(0, 2), vary(FAR_BEHIND_CHAIR, { pitch: 22, hip: [62, 4, 0], knee: 56, ankle: 18, shoulder: [86, 4, 0] }, { at: bothAt(['hipJR', [-18, 70, null], { weight: 0.6 }]), face: [['T8', UP, [0.4, 0.92, 0], 0.6]], free: 'legs arms' }), [16, 10], ['Hands on the chair, sit back a little.', 'Knees over the middle toes.'], far),
      rung('chair-pose.hands-on-thighs', 'half way, hands on the thighs', 'half|thighs|hands on the thighs', 'standing', hatha(0, 2), vary(STAND, { pitch: 34, hip: [78, 4, 0], knee: 62, ankle: 20, shoulder: [36, 6, 0], elbow: 15, forearm: 60 }, { at: bothAt(['palmMidR', 'kneeR', { gapCm: 10 }]), face: [['T8', UP, [0.5, 0.86, 0], 0.6]], balance: 'heelR ballR heelL ballL', free: 'legs arms' }), [16, 8], ['Hands on the thighs, sit back half way.']),
      rung('chair-pose.full', 'arms up', 'full|arms up', 'standing', strong(0, 3), vary(STAND, { pitch: 30, hip: [92, 3, 0], knee: 84, ankle: 26, shoulder: [164, 14, 0] }, { face: [['T8', UP, [0.42, 0.9, 0], 0.8]], balance: 'heelR ballR heelL ballL', free: 'legs' }), [16, 8], ['Sit back, arms up beside the ears.', 'Keep breathing.']),
    ],
  },
  {
    id: 'goddess', family: 'standing', name: 'Goddess', sanskrit: 'Utkaṭa Koṇāsana', aliases: ['utkata konasana', 'wide squat', 'horse stance', 'sumo squat'],
    meaning: 'Wide stance, knees bent over the toes.', parts: ['inner thigh', 'whole'], place: ['work'], before: ['mountain'], after: ['wide-legged-fold'],
    purposes: [to('strengthen', 'whole'), to('open', 'inner thigh')], energy: 'lifting', hold: breaths(4, 1, 8), usual: 'goddess.full',
    guide: { setUp: 'Feet wide, toes out, sink a little.', look: 'Straight ahead.', feel: 'In the thighs.', notHere: 'Not inside the knees.', comeOut: 'Straighten the legs, step together.' },
    mistakes: ['The knees fall inwards.'],
    ladder: [
      rung('goddess.chair', 'sitting on a chair', 'chair|seated', 'chair', stretching(0, 1), { ...vary(CHAIR_FREE, { hip: [78, 38, 24], shoulder: [-8, 66, 60], elbow: 92 }), at: bothAt(['sitR', [0, null, null]], ['ankleR', [26, null, 40]]), aim: [] }, [70, 12], ['Legs wide on the chair, arms bent and wide.'], chair),
      rung('goddess.hands-on-thighs', 'high, hands on the thighs', 'high|hands on the thighs', 'standing', hatha(0, 2), wide(38, { hip: [36, 36, 34], knee: 44, ankle: 12, shoulder: [22, 16, 0], elbow: 30, forearm: 60 }, { at: bothAt(['ankleR', [0, null, 38]], ['hipJR', [-4, 74, null], { weight: 0.6 }], ['palmMidR', 'thighTopR', { gapCm: 3 }]), face: [['T8', UP, UP, 0.8], ['footR', AHEAD, [0.76, 0, 0.65]]], free: 'legs arms' }), [76, 8], ['Feet wide, sink a little, hands on the thighs.']),
      rung('goddess.full', 'arms bent and wide', 'full', 'standing', strong(0, 2), wide(46, { hip: [56, 44, 40], knee: 74, ankle: 16, shoulder: [-8, 72, 62], elbow: 92 }, { at: bothAt(['ankleR', [0, null, 46]], ['hipJR', [-6, 60, null], { weight: 0.6 }]), face: [['T8', UP, UP, 0.8], ['footR', AHEAD, [0.7, 0, 0.71]]] }), [76, 8], ['Feet wide, knees over the toes.', 'Arms bent and wide.']),
    ],
  },
  {
    id: 'high-lunge', family: 'standing', name: 'High lunge', sanskrit: 'Ashta Candrāsana', aliases: ['crescent', 'ashta chandrasana', 'standing lunge', 'step back lunge', 'utthita ashwa sanchalanasana'],
    meaning: 'A long step, back heel lifted.', parts: ['front hip', 'whole'], place: ['work'], before: ['low-lunge'], after: ['half-forward-fold'],
    purposes: [to('strengthen', 'whole'), to('open', 'front hip')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the front leg', usual: 'high-lunge.full',
    guide: { setUp: 'One foot far back on its ball, front knee over the ankle.', look: 'Straight ahead.', feel: 'In the front thigh and the back hip.', notHere: 'Not in the low back.', comeOut: 'Hands down or to the chair, step the feet together.' },
    mistakes: ['The front knee passes the toes.'],
    ladder: [
      rung('high-lunge.chair', 'hands on a chair seat', 'chair|hands on a chair', 'standing', hatha(0, 2, { heelsLifted: true }), lungeKneesOff({ y: 59.4, pitch: 42, shoulder: [84, 4, 0], elbow: 14, forearm: 70, wrist: 40, hipR: [112, 2, 0], kneeR: 76, ankleR: 4, kneeL: 7, ankleL: -20 }, { on: [['floor', 'soleR ballL'], ['seat', 'palmMid']], at: [['soleMidR', [43.9, null, 8]], ['ballL', [-60, null, -8]], ['heelL', [null, 11, null], { weight: 0.6 }], ['kneeL', [-30.6, 35.3, -8], { weight: 0.24 }], ['hipJR', [2.8, 59.4, null], { weight: 0.6 }], ...bothAt(['palmMidR', [64, null, 16], { weight: 0.6 }])], face: [['pelvis', ACROSS, ACROSS, 0.8], ['T8', UP, [0.67, 0.74, 0], 0.75]], free: 'legs arms' }), [16, 8], ['Hands on the chair, one foot far back.', 'Bend the back knee if you like.'], { props: [{ kind: 'chair', x: 80, faces: -1, where: 'in front, its seat towards you, against a wall' }], support: 'hand' }),
      rung('high-lunge.hands-on-hips', 'hands on the hips', 'hands on the hips', 'standing', hatha(0, 2, { heelsLifted: true }), lungeKneesOff({ shoulder: [0, 30, -30], elbow: 85, forearm: 60 }, { at: [['soleMidR', [36, null, 8]], ['ballL', [-46, null, -8]], ...HANDS_ON_HIPS], free: 'legs arms' }), [16, 8], ['Hands on the hips, trunk upright.']),
      rung('high-lunge.full', 'arms up', 'full|arms up', 'standing', strong(0, 2, { heelsLifted: true }), lungeKneesOff({ shoulder: [166, 16, 0] }, { at: [['soleMidR', [36, null, 8]], ['ballL', [-46, null, -8]]] }), [16, 8], ['Arms up, front knee over the ankle.']),
    ],
  },
  {
    id: 'lunge-twist', family: 'standing', name: 'Lunge twist', sanskrit: 'Parivṛtta Añjaneyāsana', aliases: ['parivrtta anjaneyasana', 'twisted lunge', 'revolved lunge', 'low lunge twist', 'foot caught behind'],
    meaning: 'A low lunge with a turn.', parts: ['upper back', 'front hip'], place: ['work'], before: ['low-lunge'], after: ['childs-pose'],
    purposes: [to('mobilise', 'upper back', 'twist'), to('open', 'front hip')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the front leg', usual: 'lunge-twist.open',
    guide: { setUp: 'Low lunge, far hand down or on a block.', in: 'Lengthen.', out: 'Turn the chest to the front leg.', look: 'To the side, or to the floor.', feel: 'Between the shoulder blades and in the back hip.', notHere: 'Not in the low back.', comeOut: 'Hand down, turn back, then bring the knees together.' },
    mistakes: ['The turn comes from the low back.'],
    ladder: [
      rung('lunge-twist.open', 'hand on a block, chest open', 'block|open', 'kneeling', hatha(0, 2), {
        posture: { pitch: 46, hipR: [116, 8, 0], kneeR: 94, hipL: [8, 2, 0], kneeL: 52, ankleL: -50, twist: 36, neckTwist: 10, shoulderL: [88, 6, 0], wristL: 50, forearmL: 60, shoulderR: [20, 92, 0] },
        on: [['floor', 'soleR kneeL instepL'], [23, 'palmMidL']], at: [['ankleR', 'kneeL', { off: [62, null, 17], weight: 0.5 }], ['palmMidL', 'ankleR', { off: [4, null, -22], weight: 0.5 }]],
        face: [['pelvis', ACROSS, ACROSS, 0.6], ['T8', UP, [0.8, 0.6, 0], 0.4]], aim: [['kneeR', 'ankleR', [0.05, -1, 0], 0.6], ['shoulderJR', 'wristR', UP, 0.5]], free: 'legs arms', apart: 'upperArmR-thighR',
      }, [28, 10], ['One hand on the block, turn to the front leg.', 'Other arm up, or on the hip.'], { props: [block(23, 'palmMidL', 'inside the front foot', 'upright')] }),
      rung('lunge-twist.foot-held', 'back foot held, deep turn', 'foot held|foot caught behind|full|deep', 'kneeling', strong(0, 2, { bind: true, closedTwist: true }), {
        posture: { pitch: 40, hipR: [112, 4, 0], kneeR: 98, hipL: [-6, 2, 0], kneeL: 118, ankleL: -30, twist: 44, neckTwist: 20, shoulderL: [84, 6, 0], wristL: 50, forearmL: 60, shoulderR: [-44, 20, 0], elbowR: 10 },
        on: [['floor', 'soleR kneeL'], [23, 'palmMidL']], at: [['ankleR', 'kneeL', { off: [60, null, 17], weight: 0.5 }], ['palmMidR', 'instepL', { gapCm: 4 }], ['palmMidL', 'ankleR', { off: [8, null, -16], weight: 0.5 }]],
        face: [['pelvis', ACROSS, ACROSS, 0.6]], aim: [['kneeR', 'ankleR', [0.05, -1, 0], 0.6]], free: 'legs arms', apart: 'handR-shankL forearmR-shankL handR-footL',
      }, [20, 10], ['Bend the back knee and take hold of the foot.', 'Turn only as far as the breath is easy.'], { props: [block(23, 'palmMidL', 'inside the front foot', 'upright')] }),
    ],
  },
  {
    id: 'calf-stretch', family: 'standing', name: 'Calf stretch', aliases: ['calf stretch at the wall', 'heel down stretch', 'step back calf stretch'],
    meaning: 'One heel back and down.', parts: ['calves', 'feet'], place: ['warm-up', 'work', 'closing'], before: ['foot-pump'], after: ['mountain'],
    purposes: [to('open', 'calves'), to('open', 'feet')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the back leg', usual: 'calf-stretch.wall',
    guide: { setUp: 'Hands on wall or chair, one foot back, heel down.', look: 'Straight ahead.', feel: 'In the calf of the back leg.', notHere: 'Not in the heel bone or the Achilles tendon.', comeOut: 'Step together.' },
    mistakes: ['The back foot turns out.'],
    ladder: [
      rung('calf-stretch.chair-back', 'hands on a chair back', 'chair back|chair', 'standing', stretching(0, 1), {
        posture: { pitch: 8, hipL: [36, 2, 0], kneeL: 34, ankleL: 14, hipR: [-8, 2, 0], ankleR: 20, shoulder: [56, 4, 0], elbow: 20, forearm: 80, wrist: 12 }, on: [['floor', 'sole'], [88, 'palm?']],
        at: [['soleMidL', [16, null, -8]], ['soleMidR', [-38, null, 8]], ...bothAt(['palmMidR', [51, null, 15], { weight: 0.6 }])], face: [['footR', AHEAD, AHEAD], ['footL', AHEAD, AHEAD], ['pelvis', ACROSS, ACROSS], ['T8', UP, [0.1, 0.99, 0], 0.6]], free: 'legs arms',
      }, [14, 8], ['Hands on the chair, one foot back.', 'Press the back heel down.'], far),
      rung('calf-stretch.wall', 'hands on the wall', 'wall', 'standing', stretching(0, 1), {
        posture: { pitch: 10, hipL: [40, 2, 0], kneeL: 34, ankleL: 14, hipR: [-10, 2, 0], ankleR: 22, shoulder: [82, 4, 0], elbow: 30, forearm: 80, wrist: 75 }, on: [['floor', 'sole'], ['wall', 'palm']],
        at: [['soleMidL', [14, null, -8]], ['soleMidR', [-42, null, 8]], ...bothAt(['palmMidR', [null, 118, 17]])], face: [['footR', AHEAD, AHEAD], ['footL', AHEAD, AHEAD], ['pelvis', ACROSS, ACROSS], ['handR', [0, -1, 0], [0, 1, null], 0.4], ['handL', [0, -1, 0], [0, 1, null], 0.4]], free: 'legs arms',
      }, [14, 8], ['Hands on the wall, one foot back.', 'Press the back heel down.'], { props: [{ kind: 'wall', x: 52, where: 'in front' }], support: 'hand' }),
    ],
  },
  {
    id: 'hamstring-on-support', family: 'standing', name: 'Heel on a support', aliases: ['hamstrings with one heel on a low support', 'heel on a stool', 'standing hamstring stretch', 'foot on a chair stretch'],
    meaning: 'One heel on a low support, hinging with a long back.', parts: ['hamstrings'], place: ['work', 'closing'], before: ['calf-stretch'], after: ['mountain'],
    purposes: [to('open', 'hamstrings'), to('open', 'calves')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the lifted leg', usual: 'hamstring-on-support.stool',
    guide: { setUp: 'One heel on step, stool or low couch, hands on the thigh.', out: 'Hinge with a long back.', look: 'Ahead, over the toes.', feel: 'Behind the thigh.', notHere: 'Not behind the knee, not as a line down to the foot.', comeOut: 'Stand tall and lower the leg with the hands.' },
    mistakes: ['The support is so high that the back rounds.'],
    ladder: [
      rung('hamstring-on-support.step', 'on a low step', 'step|low', 'standing', stretching(0, 1), {
        posture: { pitch: 22, hipR: [52, 2, 0], kneeR: 4, ankleR: 8, hipL: [22, 2, 0], kneeL: 10, shoulder: [30, 6, 0], elbow: 15, forearm: 60 }, on: [['floor', 'soleL'], [15, 'heelBackR']],
        at: [['soleMidL', [0, null, -7]], ['heelBackR', [40, null, 8]], ['palmMidR', 'thighTopR', { gapCm: 4 }], ['palmMidL', 'thighTopR', { gapCm: 6 }]], face: [['pelvis', ACROSS, ACROSS], ['footL', AHEAD, AHEAD], ['T8', UP, [0.4, 0.92, 0], 0.8]], balance: 'heelL ballL', free: 'legs arms', apart: 'handR-handL handL-thighR',
      }, [14, 8], ['Heel on the step, hands on the thigh.', 'Hinge with a long back.'], { props: [stool(15, 46, 'in front, a low step')] }),
      rung('hamstring-on-support.stool', 'on a stool or low couch', 'stool|couch', 'standing', stretching(0, 1), {
        posture: { pitch: 20, hipR: [78, 2, 0], kneeR: 4, ankleR: 8, hipL: [18, 2, 0], kneeL: 6, shoulder: [36, 6, 0], elbow: 20, forearm: 60 }, on: [['floor', 'soleL'], [38, 'heelBackR']],
        at: [['soleMidL', [0, null, -7]], ['heelBackR', [60, null, 8]], ['palmMidR', 'thighTopR', { gapCm: 4 }], ['palmMidL', 'thighTopR', { gapCm: 6 }]], face: [['pelvis', ACROSS, ACROSS], ['footL', AHEAD, AHEAD], ['T8', UP, [0.3, 0.95, 0], 0.8]], balance: 'heelL ballL', free: 'legs arms', apart: 'handR-handL handL-thighR',
      }, [14, 8], ['Heel on the stool, hands on the thigh.', 'Hinge with a long back; a wall or chair beside you helps.'], { props: [stool(38, 64, 'in front, a stool or low couch')] }),
    ],
  },
  {
    id: 'thigh-stretch', family: 'standing', name: 'Standing thigh stretch', aliases: ['quad stretch', 'heel to seat', 'standing quadriceps stretch', 'thigh stretch behind the chair'],
    meaning: 'One heel to the seat, knees side by side.', parts: ['front hip'], place: ['work', 'closing'], before: ['leg-back-balance'], after: ['half-forward-fold'],
    purposes: [to('open', 'front hip'), to('balance', 'whole')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the bent leg', usual: 'thigh-stretch.chair-back',
    guide: { setUp: 'One hand on the chair, hold foot or trouser leg behind.', look: 'Straight ahead.', feel: 'In the front of the thigh.', notHere: 'Not in the knee or the low back.', comeOut: 'Let the foot down slowly.' },
    mistakes: ['The knee is pulled back behind the other.'],
    ladder: [
      rung('thigh-stretch.chair-back', 'a hand on a chair back', 'chair back|chair', 'standing', hatha(0, 1, { bind: true }), {
        posture: { pitch: 4, hipL: [0, 2, 0], hipR: [-4, 0, 0], kneeR: 118, ankleR: -35, shoulderR: [-30, 8, 0], elbowR: 40, shoulderL: [58, 4, 0], elbowL: 12, forearm: 80, wrist: 12 }, on: [['floor', 'soleL'], [88, 'palmL?']],
        at: [['soleMidL', [0, null, -7]], ['palmMidR', 'instepR', { gapCm: 4 }], ['palmMidL', [51, null, -12], { weight: 0.6 }]], aim: [['hipJR', 'kneeR', [0, -1, 0], 0.6]], face: [['pelvis', ACROSS, ACROSS], ['footL', AHEAD, AHEAD], ['T8', UP, [0.06, 1, 0], 0.8]],
        balance: 'heelL ballL', free: 'legs arms', apart: 'handR-shankR forearmR-shankR handR-pelvis forearmR-pelvis footR-pelvis handR-thighR forearmR-thighR',
      }, [12, 8], ['One hand on the chair, heel towards the seat.', 'Hold the trouser leg if the foot is out of reach.'], far),
    ],
  },
  {
    id: 'standing-hip-circles', family: 'standing', name: 'Standing hip circles', aliases: ['hip circles standing', 'hula circles', 'pelvis circles'],
    meaning: 'The pelvis draws circles over the feet.', parts: ['low back', 'outer hip'], place: ['warm-up'], before: ['mountain'], after: ['mountain'],
    purposes: [to('mobilise', 'low back'), to('mobilise', 'outer hip')], energy: 'neutral', hold: rounds(5, 2, 10), usual: 'standing-hip-circles.hands-on-hips',
    guide: { setUp: 'Feet a little wide, knees soft, hands on the hips.', in: 'Round the front half.', out: 'Round the back half.', look: 'Straight ahead.', feel: 'Round the pelvis.', notHere: 'Not as a pinch in the low back.', comeOut: 'Let the circle grow small and stop.' },
    mistakes: ['The head circles too.'],
    ladder: ([['chair-back', 'hands on a chair back', 'chair back|chair'], ['hands-on-hips', 'hands on the hips', 'hands on the hips|full']] as const).map(([key, name, words]) => {
      const held = key === 'chair-back', base = held ? FAR_BEHIND_CHAIR : STAND, arms: Shape['posture'] = held ? {} : { shoulder: [0, 30, -30], elbow: 85, forearm: 60 };
      const shifted = (z: number): Shape => ({
        ...vary(base, { knee: 8, side: z > 0 ? -8 : 8, hip: [4, 8, 0], ...arms }, { sided: true, free: held ? 'legs arms' : 'legs' }),
        at: [...bothAt(['soleMidR', [2, null, 14]], ...(held ? [['palmMidR', [51, null, 15], { weight: 0.6 }] as const] : [])), ['hipJR', [null, null, z + 8.6], { weight: 0.8 }]],
      });
      return rung(`standing-hip-circles.${key}`, name, words, 'standing', hatha(0, 1), [shifted(7), shifted(-7)], [82, 8], ['Small circles with the pelvis, the same each way.'], held ? { ...far, ...linked } : linked);
    }),
  },
  {
    id: 'wall-chest-opener', family: 'standing', name: 'Chest opener at the wall', aliases: ['wall chest stretch', 'doorway stretch', 'pectoral stretch'],
    meaning: 'One arm along the wall, the chest turns away.', parts: ['chest', 'shoulders'], place: ['work'], before: ['shoulder-blade-squeeze'], after: ['crossed-arms'],
    purposes: [to('open', 'chest'), to('open', 'shoulders')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the arm on the wall', usual: 'wall-chest-opener.low',
    guide: { setUp: 'Side on to the wall, palm on it behind you.', out: 'Turn the chest away a little.', look: 'Away from the wall.', feel: 'Across the front of shoulder and chest.', notHere: 'Not deep in the shoulder joint; no tingling in the fingers.', comeOut: 'Turn back and lower the arm.' },
    mistakes: ['The shoulder rides up.'],
    ladder: [
      rung('wall-chest-opener.low', 'hand at hip height', 'low|wall', 'standing', stretching(0, 1), {
        posture: { yaw: 70, hip: [0, 4, 0], twist: -10, shoulderL: [-16, 58, 30], elbowL: 4, forearmL: 0, wristL: 40 }, on: [['floor', 'sole'], ['wall', 'palmMidL']],
        at: [['palmMidL', [null, 112, 10], { weight: 0.6 }], ['soleMidR', [0, null, 0], { weight: 0.3 }]], face: [['T8', UP, UP]], free: 'hip ankle inversion armL',
      }, [250, 10], ['Palm on the wall behind you, below shoulder height.', 'Turn the chest away a little.'], { props: [{ kind: 'wall', x: 58, where: 'beside you' }], support: 'hand' }),
    ],
  },
  {
    id: 'revolved-triangle', family: 'standing', name: 'Revolved triangle', sanskrit: 'Parivṛtta Trikoṇāsana', aliases: ['parivrtta trikonasana', 'twisted triangle', 'turned triangle'],
    meaning: 'The triangle turned round: opposite hand down, chest open.', parts: ['upper back', 'hamstrings'], place: ['work'], before: ['pyramid'], after: ['half-forward-fold'],
    purposes: [to('mobilise', 'upper back', 'twist'), to('open', 'hamstrings')], energy: 'neutral', hold: breaths(3, 1, 6), side: 'the front leg', usual: 'revolved-triangle.chair',
    guide: { setUp: 'A short stance on two tracks, long back, opposite hand to its support.', in: 'Lengthen.', out: 'Turn the chest.', look: 'To the floor or straight to the side.', feel: 'Behind the front thigh and between the shoulder blades.', notHere: 'Not in the low back.', comeOut: 'Turn back to the floor, then rise with a long back.' },
    mistakes: ['The pelvis tips and the back rounds.'],
    ladder: [
      rung('revolved-triangle.chair', 'hand on a chair seat', 'chair', 'standing', hatha(0, 2, { closedTwist: true }), longStance(30, 30, 4, [0.96, 0.28], { pitch: 66, hipR: [98, 0, 0], hipL: [48, 4, 12], twist: 32, shoulderL: [88, 4, 0], wristL: 40, forearmL: 70, shoulderR: [0, 30, -30], elbowR: 85, forearmR: 60 }, { on: [['floor', 'sole'], ['seat', 'palmMidL']], at: [['soleMidR', [30, null, 8]], ['soleMidL', [-30, null, -10]], ['palmMidL', [46, null, -6], { weight: 0.5 }]], balance: 'soleMidR soleMidL palmMidL', free: 'hip ankle inversion armL' }), [16, 8], ['Hand on the chair, turn the chest.', 'Other hand on the hip.'], { props: [{ kind: 'chair', x: 60, z: -6, faces: -1, where: 'before the front foot' }], support: 'hand' }),
      rung('revolved-triangle.block', 'hand on a block', 'block|full', 'standing', strong(0, 2, { closedTwist: true }), longStance(30, 34, 4, [0.99, -0.08], { pitch: 80, hipR: [106, 0, 0], hipL: [56, 4, 12], twist: 40, shoulderL: [88, 4, 0], wristL: 50, forearmL: 70, shoulderR: [10, 92, 0] }, { on: [['floor', 'sole'], [23, 'palmMidL']], at: [['soleMidR', [30, null, 8]], ['soleMidL', [-34, null, -10]], ['palmMidL', [36, null, -2], { weight: 0.5 }]], aim: [['shoulderJR', 'wristR', UP, 0.6]], balance: 'soleMidR soleMidL palmMidL', free: 'hip ankle inversion arms' }), [16, 8], ['Hand on the block inside the front foot.', 'Other arm up.'], { props: [block(23, 'palmMidL', 'inside the front foot', 'upright')] }),
    ],
  },
  {
    id: 'mountain-prayer', family: 'standing', name: 'Hands together', sanskrit: 'Praṇāmāsana', aliases: ['pranamasana', 'prayer pose', 'hands to heart', 'samasthiti with hands together'],
    meaning: 'Standing or sitting with palms together before the chest.', parts: ['whole'], place: ['opening', 'closing'], before: [], after: [],
    purposes: [to('settle', 'whole'), to('open', 'wrists')], energy: 'settling', hold: breaths(3, 1, 8), usual: 'mountain-prayer.standing',
    guide: { setUp: 'Palms together before the breastbone, elbows easy.', look: 'Straight ahead or closed.', feel: 'As even pressure of both hands.', notHere: 'Not in the wrists: turn the fingers ahead or fold the hands.', comeOut: 'Lower the hands.' },
    mistakes: ['The elbows are lifted and the wrists pressed.'],
    ladder: [
      rung('mountain-prayer.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 0), vary(CHAIR_FREE, { shoulder: [32, 20, -30], elbow: 112, wrist: 40 }, { at: [...PALMS_TOGETHER, ['palmMidR', 'chest', { gapCm: 12, weight: 0.4 }]], aim: bothAim(['wristR', 'tipsR', [0.3, 1, null], 0.4]), free: 'legs arms' }), [50, 10], ['Palms together before the breastbone.'], chair),
      rung('mountain-prayer.standing', 'standing', 'standing', 'standing', stretching(0, 1), vary(STAND, { shoulder: [32, 20, -30], elbow: 112, wrist: 40 }, { at: [...PALMS_TOGETHER, ['palmMidR', 'chest', { gapCm: 12, weight: 0.4 }]], aim: bothAim(['wristR', 'tipsR', [0.3, 1, null], 0.4]), free: 'ankle hip inversion arms' }), [50, 8], ['Palms together before the breastbone.']),
    ],
  },
  {
    id: 'step-back', family: 'standing', name: 'Step back and forward', aliases: ['stepping back', 'step back instead of jumping', 'step forward with the hands', 'walk back'],
    meaning: 'One foot steps far back and comes forward again, the hands on something.', parts: ['front hip', 'whole'], place: ['work'], before: ['half-forward-fold'], after: ['half-forward-fold'],
    purposes: [to('strengthen', 'whole'), to('mobilise', 'front hip')], energy: 'lifting', hold: rounds(2, 1, 6), side: 'the stepping leg', usual: 'step-back.floor',
    guide: { setUp: 'Hands on a chair or the floor.', in: 'Step back.', out: 'Step forward, a hand may lift the shin.', look: 'Ahead of the hands.', feel: 'In the hips.', notHere: 'Not as a jolt.', comeOut: 'Feet together, half fold, stand.' },
    mistakes: ['It becomes a jump.'],
    ladder: [
      rung('step-back.chair', 'hands on a chair seat', 'chair', 'standing', hatha(0, 2), [
        { symmetric: true, posture: { pitch: 66, hip: [88, 4, 0], knee: 44, ankle: 20, shoulder: [84, 4, 0], forearm: 70, wrist: 40 }, on: [['floor', 'sole'], ['seat', 'palm?']], at: bothAt(['palmMidR', [62, null, 16], { weight: 0.8 }], ['soleMidR', [18, null, 8]]), face: [['T8', UP, [0.92, 0.4, 0], 0.8]], aim: [['kneeR', 'ankleR', [-0.3, -0.95, 0], 0.8]], free: 'legs arms' },
        { ...lungeKneesOff({ y: 59.4, pitch: 42, shoulder: [84, 4, 0], elbow: 10, forearm: 70, wrist: 40, hipL: [112, 2, 0], kneeL: 76, ankleL: 4, hipR: [-14, 2, 0], kneeR: 7, ankleR: -20 }, { on: [['floor', 'soleL ballR'], ['seat', 'palm?']], at: [['soleMidL', [43.9, null, -8]], ['ballR', [-60, null, 8]], ['heelR', [null, 11, null], { weight: 0.6 }], ['kneeR', [-30.6, 35.3, 8], { weight: 0.24 }], ['hipJL', [2.8, 59.4, null], { weight: 0.6 }], ...bothAt(['palmMidR', [64, null, 16], { weight: 0.6 }])], face: [['pelvis', ACROSS, ACROSS, 0.8], ['T8', UP, [0.67, 0.74, 0], 0.75]], balance: 'soleMidL ballR', free: 'legs arms' }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.8]] },
      ], [16, 8], ['Knees soft, hands on the chair: step one foot back.', 'Step forward again.'], { props: [{ kind: 'chair', x: 80, faces: -1, where: 'in front, its seat towards you, against a wall' }], support: 'hand', ...linked }),
      rung('step-back.floor', 'hands on blocks', 'blocks|floor|full', 'standing', strong(0, 2), [
        { symmetric: true, posture: { pitch: 90, lumbar: 16, thorax: 6, neck: -4, hip: [104, 6, 0], knee: 46, ankle: 20, shoulder: [78, 4, 0], forearm: 60, wrist: 50 }, on: [['floor', 'sole'], [23, 'palmMid?']], at: bothAt(['palmMidR', [36, null, 16], { weight: 0.6 }], ['soleMidR', [8, null, 8]]), free: 'legs arms' },
        { ...lungeKneesOff({ y: 55.5, pitch: 70.5, shoulder: [90, 4, 0], elbow: 8, forearm: 70, wrist: 50, hipL: [124, 4, 0], kneeL: 84, ankleL: 4, hipR: [-6, 2, 0], kneeR: 13, ankleR: -16 }, { on: [['floor', 'soleL ballR'], [23, 'palm?']], at: [['soleMidL', [45.7, null, -8]], ['ballR', [-58, null, 8]], ['heelR', [null, 10.4, null], { weight: 0.6 }], ['kneeR', [-29, 33, 8], { weight: 0.76 }], ['hipJL', [3.6, 55.5, null], { weight: 0.6 }], ...bothAt(['palmMidR', [51.6, null, 20], { weight: 0.6 }])], face: [['pelvis', ACROSS, ACROSS, 0.8], ['T8', UP, [0.94, 0.33, 0], 0.66]], balance: 'soleMidL ballR', apart: 'thighL-torso', free: 'legs arms' }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.8]] },
      ], [16, 10], ['Knees soft, hands on the blocks: step one foot back.', 'Step forward, a hand may help the foot.'], { props: [block(23, 'palmMidR', 'under the right hand', 'upright'), block(23, 'palmMidL', 'under the left hand', 'upright')], support: 'hand', ...linked }),
      rung('step-back.jump', 'jumping back and forward', 'jump|jump back', 'standing', strong(1, 3, { impact: 'jumping' }), [
        vary({ ...STAND, face: [] }, { pitch: 96, lumbar: 30, thorax: 12, hip: [112, 4, 0], knee: 34, ankle: 10, shoulder: [90, 4, 0], forearm: 70, wrist: 60 }, { on: [['floor', 'sole palm']], at: bothAt(['palmMidR', [30, null, 16], { weight: 0.6 }], ['soleMidR', [8, null, 8]], ['hipJR', [-6, 78, null], { weight: 0.8 }]), free: 'legs arms spine~4' }),
        { symmetric: true, posture: { pitch: 75, shoulder: [75, 0, 0], forearm: 90, wrist: 80, ankle: 15 }, on: [['floor', 'palm ball']], aim: [['shoulderJR', 'wristR', [0, -1, null]]], free: 'arms ankle' },
      ], [10, 10], ['Hands down, jump both feet back.', 'Only if the landing is soft.'], linked),
    ],
  },
];
