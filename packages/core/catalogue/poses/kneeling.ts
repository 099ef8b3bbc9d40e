import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, block, bothAim, bothAt, breaths, rounds, rung, stool, to, vary } from './author.js';
import { CHAIR_FREE, CHAIR_HANDS, CROSSED, FOREARM_TABLE, HANDS_ON_HIPS, KNEEL, TABLE, TALL_KNEEL } from './bases.js';
import { ACROSS, AHEAD, CHAIR, hatha, resting, sitting, stretching, strong, UP } from './common.js';

const linked = { breath: 'linked' } as const, heels = { props: [block(10, 'sitR sitL', 'under the seat, between the heels')] };
const threaded = (surface: number | 'floor', more: Partial<Shape> = {}): Shape => ({
  posture: { pitch: 94, lumbar: 4, twist: -30, neckTwist: -20, neck: 6, hip: [96, 4, 0], knee: 92, ankle: -50, shoulderR: [88, -48, 0], forearmR: 0, shoulderL: [120, 14, 0], elbowL: 70, forearmL: 80, wristL: 70 },
  on: [['floor', 'knee instep'], ['floor', 'handBackR? palmL'], [surface, 'templeR']], at: [['palmMidL', [52, null, -14], { weight: 0.4 }], ['handBackR', [48, null, -44], { weight: 0.4 }], ['templeR', [56, null, -6], { weight: 0.3 }]],
  aim: bothAim(['hipJR', 'kneeR', [0.05, -1, null], 0.6]), face: [['pelvis', ACROSS, ACROSS, 0.8]], free: 'legs arms twist neckSide neckTwist neck lumbar thorax side~3', apart: 'forearmL-head handL-head upperArmR-head forearmR-head upperArmL-head', ...more,
});

export const kneelingPoses: readonly Pose[] = [
  {
    id: 'table', family: 'all-fours', name: 'Table', sanskrit: 'Bharmanāsana', aliases: ['all fours', 'table top', 'bharmanasana', 'hands and knees', 'neutral all fours'],
    meaning: 'A table with four legs: hands and knees, the back long.', parts: ['whole', 'shoulders', 'belly'], place: ['warm-up', 'work'], before: [], after: ['childs-pose'],
    purposes: [to('strengthen', 'whole'), to('settle', 'low back')], energy: 'neutral', hold: breaths(3, 1, 10), usual: 'table.hands',
    guide: { setUp: 'Hands under the shoulders, knees under the hips.', look: 'To the floor.', feel: 'As even weight on hands and knees.', notHere: 'Not in the wrists: use fists, a wedge or the forearms.', comeOut: 'Sit back on the heels.' },
    mistakes: ['The belly hangs.', 'The head drops.'],
    ladder: [
      rung('table.chair', 'standing, hands on a chair seat', 'chair', 'standing', stretching(1, 1), { symmetric: true, posture: { pitch: 74, hip: [80, 5, 0], knee: 20, ankle: 8, shoulder: [88, 4, 0], forearm: 70, wrist: 60, neck: -4 }, on: [['floor', 'sole'], ['seat', 'palm']], at: bothAt(['palmMidR', [48, null, 16], { weight: 0.6 }], ['soleMidR', [2, null, null]]), aim: bothAim(['shoulderJR', 'wristR', [0, -1, null], 0.5]), free: 'legs arms' }, [14, 10], ['Hands on the chair seat, back long, knees soft.'], { props: [{ kind: 'chair', x: 58, faces: -1, where: 'in front, its seat towards you, against a wall' }], support: 'hand' }),
      rung('table.forearms', 'on the forearms', 'forearms', 'all-fours', hatha(1, 1), FOREARM_TABLE, [14, 12], ['Elbows under the shoulders.']),
      rung('table.hands', 'on the hands', 'hands|full', 'all-fours', hatha(1, 1), TABLE, [14, 12], ['Hands under the shoulders, knees under the hips.']),
    ],
  },
  {
    id: 'all-fours-hip-circles', family: 'all-fours', name: 'Hip circles on all fours', aliases: ['hip circles', 'barrel rolls', 'pelvis circles on all fours'],
    meaning: 'The pelvis draws slow circles over the knees.', parts: ['outer hip', 'low back'], place: ['warm-up', 'work'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('mobilise', 'outer hip'), to('mobilise', 'low back')], energy: 'neutral', hold: rounds(4, 2, 8), usual: 'all-fours-hip-circles.hands',
    guide: { setUp: 'All fours, knees a little wide.', in: 'Forward and round.', out: 'Back and round.', look: 'To the floor.', feel: 'Round the hip joints.', notHere: 'Not in the wrists or the knees.', comeOut: 'Come to the middle and sit back.' },
    mistakes: ['The circle is bigger than the hips like.'],
    ladder: ([['forearms', FOREARM_TABLE, 'on the forearms', 'forearms'], ['hands', TABLE, 'on the hands', 'hands|full']] as const).map(([key, base, name, words]) => {
      const shifted = (x: number, z: number): Shape => ({ ...vary(base, {}, { sided: true }), at: [...bothAt(['kneeR', [0, null, 14]]), ['hipJR', [x, null, z + 8.6], { weight: 0.8 }]], aim: key === 'hands' ? [] : bothAim(['shoulderJR', 'elbowR', [null, -1, null], 0.3]) });
      return rung(`all-fours-hip-circles.${key}`, name, words, 'all-fours', hatha(1, 1), [shifted(2, 6), shifted(-8, 0), shifted(2, -6)], [66, 14], ['Small circles, the same each way.', 'Smaller where it is stiff.'], linked);
    }),
  },
  {
    id: 'forearm-waves', family: 'all-fours', name: 'Spine waves on the forearms', aliases: ['small spine waves on the forearms', 'forearm cat cow', 'forearm spine waves'],
    meaning: 'Small waves of the spine, resting on forearms and knees.', parts: ['low back', 'upper back', 'pelvic floor'], place: ['warm-up', 'work', 'closing'], before: [], after: ['childs-pose'],
    purposes: [to('mobilise', 'low back'), to('settle', 'low back')], energy: 'settling', hold: rounds(6, 2, 12), usual: 'forearm-waves.floor',
    guide: { setUp: 'Forearms parallel, elbows under the shoulders.', in: 'Let the belly sink a little.', out: 'Round a little.', look: 'To the floor.', feel: 'In the low back.', notHere: 'Not as pressure in the head.', comeOut: 'Sit back or lie down.' },
    mistakes: ['The waves are big.'],
    ladder: [
      rung('forearm-waves.chair', 'forearms on a chair seat', 'chair', 'kneeling', stretching(0, 0), [
        { ...vary(TALL_KNEEL, { pitch: 62, lumbar: -6, thorax: -4, neck: -6, hip: [64, 6, 0], knee: 92, shoulder: [74, 6, 0], elbow: 90, forearm: 85 }, { on: [['floor', 'knee instep'], ['seat', 'elbow wrist?']], at: bothAt(['elbowR', [46, null, 15], { weight: 0.6 }]), free: 'legs arms' }), face: [['pelvis', ACROSS, ACROSS]] },
        { ...vary(TALL_KNEEL, { pitch: 46, lumbar: 18, thorax: 10, neck: 10, hip: [64, 6, 0], knee: 92, shoulder: [74, 6, 0], elbow: 90, forearm: 85 }, { on: [['floor', 'knee instep'], ['seat', 'elbow wrist?']], at: bothAt(['elbowR', [46, null, 15], { weight: 0.6 }]), free: 'legs arms' }), face: [['pelvis', ACROSS, ACROSS]] },
      ], [14, 12], ['Forearms on the seat.', 'Small waves with the breath.'], { props: [{ kind: 'chair', x: 58, faces: -1, where: 'in front, its seat towards you' }], support: 'hand', ...linked }),
      rung('forearm-waves.floor', 'forearms on the floor', 'floor|full', 'all-fours', stretching(1, 0), [vary(FOREARM_TABLE, { pitch: 112, lumbar: -10, thorax: -4, neck: -6 }), vary(FOREARM_TABLE, { pitch: 94, lumbar: 16, thorax: 8, neck: 8 })], [14, 12], ['Elbows under the shoulders.', 'Small waves with the breath.'], linked),
    ],
  },
  {
    id: 'thread-the-needle', family: 'all-fours', name: 'Thread the needle', sanskrit: 'Pārśva Bālāsana', aliases: ['parsva balasana', 'threaded arm', 'needle'],
    meaning: 'One arm threads under the other, the shoulder comes down.', parts: ['upper back', 'shoulders'], place: ['work', 'closing'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('mobilise', 'upper back', 'twist'), to('open', 'shoulders')], energy: 'settling', hold: breaths(4, 1, 8), side: 'the arm that threads', usual: 'thread-the-needle.block',
    guide: { setUp: 'All fours, slide one arm under the other.', out: 'Let shoulder and temple sink.', look: 'To the side.', feel: 'Behind the shoulder and between the shoulder blades.', notHere: 'Not in the neck: raise the head on a block.', comeOut: 'Press the other hand and slide back.' },
    mistakes: ['The weight hangs on the neck.'],
    ladder: [
      rung('thread-the-needle.block', 'temple on a block', 'block', 'all-fours', hatha(1, 1), threaded(10), [40, 20], ['Slide one arm under, temple on the block.'], { props: [block(10, 'templeR', 'under the temple')] }),
      rung('thread-the-needle.floor', 'temple on the floor', 'floor|full', 'all-fours', hatha(1, 1), threaded('floor'), [40, 20], ['Slide one arm under, temple and shoulder down.']),
    ],
  },
  {
    id: 'puppy', family: 'all-fours', name: 'Puppy', sanskrit: 'Uttāna Śiśosana', aliases: ['uttana shishosana', 'extended puppy', 'melting heart', 'anahatasana'],
    meaning: 'A puppy stretching: seat high, chest towards the floor.', parts: ['shoulders', 'chest', 'upper back'], place: ['work'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('open', 'shoulders'), to('open', 'chest', 'extension')], energy: 'neutral', hold: breaths(4, 1, 8), usual: 'puppy.floor',
    guide: { setUp: 'From all fours walk the hands ahead.', look: 'To the floor.', feel: 'In armpits and chest.', notHere: 'Not as a pinch in the shoulders or the low back.', comeOut: 'Walk the hands back.' },
    mistakes: ['The ribs hang and the low back hollows.'],
    ladder: [
      rung('puppy.chair', 'hands on a chair seat', 'chair', 'kneeling', stretching(0, 1), { ...vary(TALL_KNEEL, { pitch: 84, hip: [86, 4, 0], knee: 90, shoulder: [158, 8, 0], forearm: 60, thorax: -3, neck: -4, wrist: 20 }, { on: [['floor', 'knee instep'], ['seat', 'palm']], at: bothAt(['palmMidR', [86, null, 16], { weight: 0.5 }]), aim: bothAim(['hipJR', 'kneeR', [0, -1, null], 0.6]), free: 'legs arms' }), face: [['pelvis', ACROSS, ACROSS]] }, [12, 12], ['Hands on the chair seat, hips over the knees.', 'Ears beside the arms.'], { props: [{ kind: 'chair', x: 98, faces: -1, where: 'in front, its seat towards you' }], support: 'hand' }),
      rung('puppy.floor', 'forehead on a block', 'block|floor|full', 'all-fours', hatha(0, 1), { symmetric: true, posture: { pitch: 112, lumbar: -10, thorax: -9, neck: 4, hip: [112, 4, 0], knee: 94, ankle: -50, shoulder: [160, 10, 0], forearm: 70, wrist: 20 }, on: [['floor', 'knee instep palm'], [10, 'forehead']], aim: bothAim(['hipJR', 'kneeR', [0.05, -1, null], 0.6]), free: 'legs arms neck thorax~3' }, [14, 12], ['Hips over the knees, walk the hands ahead.', 'Forehead on the block.'], { props: [block(10, 'forehead', 'under the forehead')] }),
    ],
  },
  {
    id: 'frog', family: 'all-fours', name: 'Frog', sanskrit: 'Maṇḍūkāsana', aliases: ['mandukasana', 'frog pose', 'knees wide on the forearms', 'wide knees forearms'],
    meaning: 'Knees wide, resting on the forearms.', parts: ['inner thigh', 'pelvic floor'], place: ['work', 'closing'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('open', 'inner thigh'), to('settle', 'pelvic floor')], energy: 'settling', hold: breaths(5, 1, 12), usual: 'frog.forearms',
    guide: { setUp: 'Knees wide on padding, forearms down.', look: 'To the floor.', feel: 'In the inner thighs.', notHere: 'Not inside the knees.', comeOut: 'Lean forward and bring the knees together one at a time.' },
    mistakes: ['The low back hangs.'],
    ladder: [
      rung('frog.bolster', 'belly free, chest on a bolster', 'bolster', 'all-fours', resting(0, 0), { symmetric: true, posture: { pitch: 88, lumbar: 6, thorax: 4, hip: [92, 34, 12], knee: 96, ankle: -50, shoulder: [88, 24, -20], elbow: 100, forearm: 80 }, on: [['floor', 'knee instep elbow'], [29, 'chest']], at: bothAt(['kneeR', [null, null, 30], { weight: 0.6 }]), free: 'legs arms neck spine~4', apart: 'forearmR-head forearmL-head handR-head handL-head handR-handL forearmR-forearmL' }, [30, 14], ['Chest and head on bolster and blankets.', 'Let the knees be wide.'], { props: [{ kind: 'bolster', heightCm: 20, baseCm: 9, lengthCm: 66, along: [1, 0, 0], under: ['chest', 'forehead'], where: 'lengthwise under chest and head, on two blocks' }], support: 'trunk' }),
      rung('frog.forearms', 'on the forearms', 'forearms|full', 'all-fours', stretching(1, 1), { symmetric: true, posture: { pitch: 98, lumbar: -4, hip: [94, 46, 20], knee: 92, ankle: -35, shoulder: [98, 4, 0], elbow: 90, forearm: 85, neck: -4 }, on: [['floor', 'knee elbow palm footIn?']], at: bothAt(['kneeR', [null, null, 40], { weight: 0.8 }]), aim: bothAim(['shoulderJR', 'elbowR', [0.05, -1, null], 0.6]), free: 'legs arms' }, [34, 16], ['Knees wide, forearms down.', 'Rock a little forward and back.']),
    ],
  },
  {
    id: 'hero', family: 'all-fours', name: 'Hero', sanskrit: 'Vīrāsana', aliases: ['virasana', 'kneeling seat', 'heel sitting', 'thunderbolt', 'vajrasana', 'sitting on the heels'],
    meaning: 'Kneeling and sitting back, upright.', parts: ['front hip', 'feet'], place: ['opening', 'work', 'closing'], before: ['foot-pump'], after: ['staff'],
    purposes: [to('open', 'front hip'), to('settle', 'whole')], energy: 'settling', hold: breaths(6, 1, 20), usual: 'hero.block',
    guide: { setUp: 'Kneel, insteps down, sit back on something.', look: 'Straight ahead.', feel: 'In the fronts of thighs and feet.', notHere: 'Not in the knees.', comeOut: 'Lean forward onto the hands and free the legs.' },
    mistakes: ['The seat is forced down between the heels.'],
    ladder: [
      rung('hero.high-block', 'on a high block', 'high block|high', 'kneeling', sitting(0, 0), vary(KNEEL, { hip: [66, 8, 0], knee: 128 }, { on: [['floor', 'knee instep'], [23, 'sit']] }), [34, 12], ['Sit on the high block, insteps down.'], { props: [block(23, 'sitR sitL', 'under the seat, between the heels', 'upright')] }),
      rung('hero.block', 'on a block', 'block', 'kneeling', sitting(0, 0), KNEEL, [34, 12], ['Sit on the block between the heels.'], heels),
      rung('hero.heels', 'on the heels', 'heels|full', 'kneeling', sitting(0, 0), { ...KNEEL, posture: { ...KNEEL.posture, knee: 154, hip: [80, 4, 0] }, on: [['floor', 'knee instep']], at: [...bothAt(['sitR', 'heelR', { gapCm: 7 }], ['palmMidR', 'thighTopR', { gapCm: 1 }])] }, [34, 12], ['Sit back on the heels.']),
    ],
  },
  {
    id: 'camel', family: 'all-fours', name: 'Camel', sanskrit: 'Uṣṭrāsana', aliases: ['ustrasana', 'camel pose'],
    meaning: 'A camel’s back: kneeling, chest lifted.', parts: ['front hip', 'chest', 'upper back'], place: ['work'], before: ['cobra', 'low-lunge'], after: ['childs-pose'],
    purposes: [to('open', 'front hip', 'extension'), to('open', 'chest')], energy: 'lifting', hold: breaths(3, 1, 6), usual: 'camel.hands-on-hips',
    guide: { setUp: 'Kneel upright, hands on the back of the pelvis.', in: 'Lift the breastbone.', out: 'Lean back a little.', look: 'Ahead and up along the wall, chin in.', feel: 'In the front of hips and chest.', notHere: 'Not as a pinch in the low back; the throat stays easy.', comeOut: 'Breastbone first, head last, then sit back.' },
    mistakes: ['The head drops back.', 'The hips slide back over the heels.'],
    ladder: [
      rung('camel.hands-on-hips', 'hands on the pelvis', 'hands on the hips|small', 'kneeling', hatha(0, 1), vary(TALL_KNEEL, { pitch: -4, lumbar: -11, thorax: -10, neck: -8, hip: [-10, 4, 0], shoulder: [-40, 20, -20], elbow: 84, forearm: 60 }, { at: bothAt(['palmMidR', 'buttockR', { gapCm: 5 }]), face: [['pelvis', UP, [-0.06, 1, 0], 0.8]], free: 'legs arms' }), [14, 10], ['Hands on the pelvis, lift and lean back a little.', 'The chin stays in.']),
      rung('camel.blocks', 'hands on high blocks', 'blocks', 'kneeling', hatha(0, 2), { symmetric: true, posture: { pitch: -14, lumbar: -26, thorax: -22, neck: -14, hip: [-22, 4, 0], knee: 80, ankle: -50, shoulder: [-42, 10, 0], forearm: 0, wrist: 50 }, on: [['floor', 'knee instep'], [23, 'palmMid']], at: bothAt(['palmMidR', 'heelR', { off: [0, null, 9], weight: 0.5 }]), free: 'legs arms spine~3' }, [10, 10], ['Toes tucked or flat, hands to the blocks beside the heels.', 'Press the pelvis forward, lift the chest.'], { props: [block(23, 'palmMidR', 'beside the right heel', 'upright'), block(23, 'palmMidL', 'beside the left heel', 'upright')] }),
      rung('camel.heels', 'hands to the heels', 'heels|full', 'kneeling', strong(0, 2), { symmetric: true, posture: { pitch: -18, lumbar: -32, thorax: -28, neck: -20, hip: [-26, 4, 0], knee: 78, ankle: -50, shoulder: [-52, 8, 0] }, on: [['floor', 'knee instep']], at: bothAt(['palmMidR', 'heelR', { gapCm: 3 }]), free: 'legs arms spine~3' }, [10, 10], ['Hands to the heels, one after the other.', 'Press the pelvis forward, lift the chest.']),
    ],
  },
  {
    id: 'gate', family: 'all-fours', name: 'Gate', sanskrit: 'Parighāsana', aliases: ['parighasana', 'gate pose', 'kneeling side bend'],
    meaning: 'The bar of a gate: kneeling, one leg out to the side, leaning over it.', parts: ['side body', 'inner thigh'], place: ['work'], before: ['side-bend'], after: ['childs-pose'],
    purposes: [to('open', 'side body', 'side bend'), to('open', 'inner thigh')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the side she leans to', usual: 'gate.full',
    guide: { setUp: 'Kneel on one knee, the other leg straight to the side.', in: 'Grow long.', out: 'Lean over the straight leg.', look: 'Straight ahead.', feel: 'Along the upper side and inside the straight leg.', notHere: 'Not on the kneecap.', comeOut: 'Come up and bring the knee in.' },
    mistakes: ['The chest turns down.'],
    ladder: [
      rung('gate.chair', 'sitting on a chair', 'chair|seated', 'chair', stretching(0, 1), { ...vary(CHAIR_HANDS, { hipR: [70, 40, 20], kneeR: 12, hipL: [80, 10, 0], side: 22, shoulderR: [30, 36, 0], elbowR: 12, shoulderL: [164, 8, 0], elbowL: 6 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL heelBackR']], free: 'legs armR side', face: [] }), at: [...bothAt(['sitR', [-2, null, null]]), ['palmMidR', 'kneeR', { gapCm: 8, weight: 0.6 }]], face: [['pelvis', ACROSS, ACROSS, 0.6]], aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5], ['shoulderJL', 'wristL', [0, 0.8, 0.6], 0.6]] }, [66, 12], ['One leg out to the side, lean over it.', 'Other arm over the ear.'], { props: [CHAIR], support: 'hand' }),
      rung('gate.full', 'kneeling', 'kneeling|full', 'kneeling', hatha(0, 2), {
        posture: { hipL: [0, 4, 0], kneeL: 90, ankleL: -50, hipR: [2, 52, 30], kneeR: 2, ankleR: -10, side: 22, roll: 6, shoulderR: [4, 40, 0], shoulderL: [166, 8, 0] }, on: [['floor', 'kneeL instepL soleR']],
        at: [['kneeL', [0, null, 0]], ['palmMidR', 'shinR', { gapCm: 5, weight: 0.6 }]], face: [['pelvis', AHEAD, AHEAD], ['C7', AHEAD, AHEAD, 0.6], ['footR', AHEAD, [0.4, 0, 0.92], 0.5]], aim: [['hipJL', 'kneeL', [0, -1, 0.02], 0.6], ['shoulderJL', 'wristL', [0, 0.66, 0.75], 0.6]], free: 'legs armR side~2', apart: 'handR-shankR handR-thighR',
      }, [74, 10], ['One knee down on padding, other leg to the side.', 'Lean over it, far arm over the ear.']),
    ],
  },
  {
    id: 'forearm-plank', family: 'all-fours', name: 'Forearm plank', aliases: ['dolphin plank', 'low plank', 'elbow plank', 'makara adho mukha svanasana'],
    meaning: 'A straight line on forearms and toes.', parts: ['belly', 'shoulders'], place: ['work'], before: ['plank'], after: ['childs-pose'],
    purposes: [to('strengthen', 'belly'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(3, 1, 8), usual: 'forearm-plank.knees',
    guide: { setUp: 'Elbows under the shoulders, forearms parallel.', look: 'Between the hands.', feel: 'Round the whole waist.', notHere: 'Not in the low back.', comeOut: 'Knees down, then sit back.' },
    mistakes: ['The breath stops.'],
    ladder: [
      rung('forearm-plank.knees', 'from the knees', 'knees|half', 'all-fours', hatha(2, 2), { symmetric: true, posture: { pitch: 74, knee: 80, ankle: -40, shoulder: [80, 0, 0], elbow: 90, forearm: 85 }, on: [['floor', 'elbow palm knee']], aim: bothAim(['shoulderJR', 'elbowR', [0, -1, null]]), free: 'arms' }, [0, 12], ['Knees down, hips in line with the shoulders.']),
      rung('forearm-plank.full', 'full', 'full', 'all-fours', strong(2, 3), { symmetric: true, posture: { pitch: 84, ankle: 15, shoulder: [84, 0, 0], elbow: 90, forearm: 85 }, on: [['floor', 'elbow palm ball']], aim: bothAim(['shoulderJR', 'elbowR', [0, -1, null]]), free: 'arms ankle' }, [0, 12], ['One line from heels to head.', 'Keep breathing.']),
    ],
  },
  {
    id: 'side-plank', family: 'all-fours', name: 'Side plank', sanskrit: 'Vasiṣṭhāsana', aliases: ['vasisthasana', 'vasishthasana', 'sage pose side'],
    meaning: 'A straight line on one hand and the edge of the feet.', parts: ['side body', 'shoulders', 'belly'], place: ['work'], before: ['plank'], after: ['childs-pose'],
    purposes: [to('strengthen', 'side body'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the supporting hand', usual: 'side-plank.knee',
    guide: { setUp: 'From plank turn to one side.', look: 'Straight ahead.', feel: 'Along the lower side of the waist.', notHere: 'Not in the wrist or the shoulder.', comeOut: 'Back to all fours and rest the hand.' },
    mistakes: ['The hips sink.'],
    ladder: [
      rung('side-plank.knee', 'lower knee down', 'knee|half', 'all-fours', hatha(2, 2), {
        posture: { roll: 54, hipR: [0, 2, 0], kneeR: 88, ankleR: -40, hipL: [0, 10, 0], kneeL: 2, shoulderR: [4, 88, 0], wristR: 80, shoulderL: [2, 88, 0] }, on: [['floor', 'palmR kneeR footInL?']],
        at: [['palmMidR', [4, null, 0]], ['kneeR', [0, null, -74], { weight: 0.5 }]], face: [['pelvis', AHEAD, AHEAD], ['C7', AHEAD, AHEAD]], aim: [['shoulderJR', 'wristR', [0, -1, 0.02], 0.8], ['shoulderJL', 'wristL', UP, 0.8], ['hipJL', 'ankleL', [0, -0.42, -0.9], 0.6]], balance: 'palmMidR kneeR', free: 'legs arms',
      }, [84, 10], ['Lower knee down, other leg long.', 'Lift the waist away from the floor.']),
      rung('side-plank.full', 'feet stacked', 'full', 'all-fours', strong(2, 3), {
        posture: { roll: 62, hip: [0, 1, 0], shoulderR: [4, 76, 0], wristR: 80, shoulderL: [2, 88, 0] }, on: [['floor', 'palmR footOutR']],
        at: [['palmMidR', [4, null, 0]]], face: [['pelvis', AHEAD, AHEAD], ['C7', AHEAD, AHEAD]], aim: [['shoulderJL', 'wristL', UP, 0.8], ['hipJR', 'ankleR', [0, -0.4, -0.92], 0.6], ['hipJL', 'ankleL', [0, -0.4, -0.92], 0.4], ['hipJR', 'shoulderJR', [0, 0.4, 0.92], 0.5]], balance: 'palmMidR footOutR', free: 'hip armR shoulderL ankleR inversionR', apart: 'thighR-thighL shankR-shankL footR-footL footR-shankL footL-shankR',
      }, [84, 10], ['Feet stacked, one line from head to feet.', 'Keep breathing.']),
    ],
  },
  {
    id: 'dolphin', family: 'all-fours', name: 'Dolphin', sanskrit: 'Ardha Piñca Mayūrāsana', aliases: ['ardha pincha mayurasana', 'forearm dog', 'dolphin pose'],
    meaning: 'A dog on the forearms.', parts: ['shoulders', 'hamstrings'], place: ['work'], before: ['downward-facing-dog'], after: ['childs-pose'],
    purposes: [to('open', 'shoulders'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(3, 1, 8), usual: 'dolphin.floor',
    guide: { setUp: 'Forearms parallel, lift the seat.', look: 'To the feet.', feel: 'In shoulders and the backs of the legs.', notHere: 'Not as pressure in the head.', comeOut: 'Knees down, rest with the head level.' },
    mistakes: ['The elbows slide apart.'],
    ladder: [
      rung('dolphin.knees', 'kneeling, forearms on a chair seat', 'chair|knees', 'kneeling', stretching(0, 1), { ...vary(TALL_KNEEL, { pitch: 76, hip: [78, 4, 0], knee: 92, shoulder: [142, 6, 0], elbow: 86, forearm: 85, neck: -2 }, { on: [['floor', 'knee instep'], ['seat', 'elbow wrist?']], at: bothAt(['elbowR', [64, null, 15], { weight: 0.5 }]), free: 'legs arms' }), face: [['pelvis', ACROSS, ACROSS]] }, [14, 12], ['Forearms on the seat, walk the knees back.'], { props: [{ kind: 'chair', x: 80, faces: -1, where: 'in front, its seat towards you' }], support: 'hand' }),
      rung('dolphin.floor', 'on the floor', 'floor|full', 'all-fours', strong(1, 3), { symmetric: true, posture: { pitch: 136, hip: [98, 4, 0], knee: 14, ankle: 12, shoulder: [150, 4, 0], elbow: 90, forearm: 85, neck: -4 }, on: [['floor', 'elbow palm ball']], at: bothAt(['elbowR', 'ballR', { gapCm: 82, weight: 0.4 }]), free: 'arms legs' }, [0, 12], ['Forearms parallel, seat high, knees soft.'],),
    ],
  },
  {
    id: 'knee-hover', family: 'all-fours', name: 'Hovering knees', aliases: ['knees off the floor', 'hover table', 'bear hold', 'knee lift on all fours'],
    meaning: 'All fours with the knees a hand above the floor.', parts: ['belly', 'shoulders'], place: ['work'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('strengthen', 'belly'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(2, 1, 5), usual: 'knee-hover.full',
    guide: { setUp: 'All fours, toes tucked.', out: 'Lift the knees a hand’s width.', look: 'To the floor.', feel: 'Round the waist.', notHere: 'Not in the wrists.', comeOut: 'Lower the knees softly.' },
    mistakes: ['The seat goes high.'],
    ladder: [
      rung('knee-hover.full', 'knees a hand high', 'full', 'all-fours', hatha(2, 3, { heelsLifted: true }), { symmetric: true, posture: { pitch: 86, neck: -4, hip: [92, 2, 0], knee: 94, ankle: 22, shoulder: [88, 4, 0], forearm: 80, wrist: 80 }, on: [['floor', 'palm ball']], at: bothAt(['kneeR', [null, 11, null]]), aim: bothAim(['shoulderJR', 'wristR', [0, -1, null]]), free: 'arms legs' }, [10, 12], ['Toes tucked, knees a hand above the floor.', 'Keep breathing.']),
    ],
  },
  {
    id: 'three-legged-dog', family: 'all-fours', name: 'Three-legged dog', sanskrit: 'Eka Pāda Adho Mukha Śvānāsana', aliases: ['eka pada adho mukha svanasana', 'one legged dog', 'dog with one leg up'],
    meaning: 'Dog with one leg reaching back and up.', parts: ['hamstrings', 'shoulders'], place: ['work'], before: ['downward-facing-dog'], after: ['childs-pose'],
    purposes: [to('strengthen', 'shoulders'), to('open', 'hamstrings')], energy: 'lifting', hold: breaths(2, 1, 5), side: 'the lifted leg', usual: 'three-legged-dog.full',
    guide: { setUp: 'From dog, weight even on both hands.', in: 'Lift one leg.', look: 'To the feet.', feel: 'In the shoulders and behind the standing leg.', notHere: 'Not in the low back or the wrists.', comeOut: 'Lower the foot, then the knees.' },
    mistakes: ['The hip opens and the shoulder sinks.'],
    ladder: [
      rung('three-legged-dog.full', 'leg in line with the back', 'full', 'all-fours', strong(1, 3), {
        posture: { pitch: 130, hipL: [95, 4, 0], hipR: [4, 2, 0], shoulder: [170, 4, 0], forearm: 60, wrist: 40, ankleL: 15, ankleR: -20 }, on: [['floor', 'palm ballL']],
        at: [['palmMidR', 'ballL', { gapCm: 110, weight: 0.4 }], ...bothAt(['palmMidR', [null, null, 17], { weight: 0.4 }])], face: [['pelvis', ACROSS, ACROSS, 0.8], ['C7', ACROSS, ACROSS, 0.5]], aim: [['hipJR', 'ankleR', [-0.72, 0.69, 0], 0.6]], balance: 'palmMidR palmMidL ballL', free: 'arms legs',
      }, [-4, 12], ['One leg back in line with the back.', 'Hips level.']),
    ],
  },
  {
    id: 'four-limbed-staff', family: 'all-fours', name: 'Four-limbed staff', sanskrit: 'Caturaṅga Daṇḍāsana', aliases: ['chaturanga', 'chaturanga dandasana', 'low push-up', 'lowering from plank', 'knees chest chin', 'eight-limbed bow'],
    meaning: 'A staff on four limbs: lowering from plank with the elbows close.', parts: ['shoulders', 'belly', 'wrists'], place: ['work'], before: ['plank'], after: ['cobra'],
    purposes: [to('strengthen', 'shoulders'), to('strengthen', 'belly')], energy: 'lifting', hold: breaths(1, 1, 3), usual: 'four-limbed-staff.knees',
    guide: { setUp: 'From plank, elbows close to the ribs.', out: 'Lower half way.', look: 'To the floor ahead.', feel: 'In upper arms and waist.', notHere: 'Not in the front of the shoulders.', comeOut: 'Lower to the floor.' },
    mistakes: ['The shoulders drop below the elbows.'],
    ladder: [
      rung('four-limbed-staff.wall', 'standing at the wall', 'wall', 'standing', hatha(1, 1), { symmetric: true, posture: { pitch: 20, shoulder: [40, 10, 0], elbow: 78, forearm: 80, wrist: 80, ankle: 20 }, on: [['floor', 'sole'], ['wall', 'palm']], at: bothAt(['palmMidR', [null, 118, 17]]), face: [['handR', [0, -1, 0], [0, 1, null], 0.5], ['handL', [0, -1, 0], [0, 1, null], 0.5]], aim: bothAim(['hipJR', 'ankleR', [-0.3, -0.95, null], 0.5]), free: 'arms hip ankle' }, [12, 10], ['Hands on the wall, bend the elbows close to the ribs.'], { props: [{ kind: 'wall', x: 52, where: 'in front, hands at shoulder height' }], support: 'hand' }),
      rung('four-limbed-staff.knees', 'from the knees', 'knees', 'all-fours', hatha(2, 3), { symmetric: true, posture: { pitch: 76, knee: 70, ankle: -40, shoulder: [12, 12, 0], elbow: 92, forearm: 85, wrist: 80 }, on: [['floor', 'palm knee']], at: bothAt(['elbowR', [null, 24, null], { weight: 0.6 }]), free: 'arms' }, [0, 12], ['Knees down, lower half way, elbows close.']),
      rung('four-limbed-staff.full', 'full', 'full', 'all-fours', strong(2, 3), { symmetric: true, posture: { pitch: 84, ankle: 20, shoulder: [6, 12, 0], elbow: 94, forearm: 85, wrist: 80 }, on: [['floor', 'palm ball']], at: bothAt(['elbowR', [null, 24, null], { weight: 0.6 }]), free: 'arms ankle' }, [0, 12], ['One line, elbows close, lower half way.']),
    ],
  },
  {
    id: 'tall-kneel', family: 'all-fours', name: 'Tall kneeling', aliases: ['kneeling tall', 'high kneeling', 'upright kneeling', 'kneeling back opener'],
    meaning: 'Upright on both knees.', parts: ['front hip', 'whole'], place: ['warm-up', 'work'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('strengthen', 'whole'), to('open', 'front hip')], energy: 'neutral', hold: breaths(3, 1, 8), usual: 'tall-kneel.hands-on-hips',
    guide: { setUp: 'Knees hip-wide on padding, hips over the knees.', look: 'Straight ahead.', feel: 'In thighs and front of the hips.', notHere: 'Not on the kneecaps.', comeOut: 'Hands down, to all fours.' },
    mistakes: ['The seat sinks back.'],
    ladder: [
      rung('tall-kneel.hands-on-hips', 'hands on the hips', 'hands on the hips', 'kneeling', hatha(0, 1), vary(TALL_KNEEL, { shoulder: [0, 30, -30], elbow: 85, forearm: 60 }, { at: HANDS_ON_HIPS, free: 'legs arms' }), [34, 10], ['Hips over the knees, hands on the hips.']),
      rung('tall-kneel.arms-up', 'arms up', 'arms up|full', 'kneeling', hatha(0, 1), vary(TALL_KNEEL, { shoulder: [168, 14, 0] }), [34, 10], ['Hips over the knees, arms up.']),
    ],
  },
  {
    id: 'wrist-kneel', family: 'all-fours', name: 'Wrist stretch on all fours', aliases: ['wrist stretch kneeling', 'fingers to the knees', 'forearm stretch'],
    meaning: 'Palms down with the fingers turned to the knees.', parts: ['wrists'], place: ['warm-up', 'work'], before: ['wrist-circles'], after: ['finger-spread'],
    purposes: [to('open', 'wrists'), to('mobilise', 'wrists')], energy: 'neutral', hold: breaths(3, 1, 6), usual: 'wrist-kneel.table',
    guide: { setUp: 'Hands turned or straight, sit back a little at a time.', look: 'To the hands.', feel: 'In the forearms.', notHere: 'Not as tingling or a pinch in the wrist.', comeOut: 'Lift the hands and shake them.' },
    mistakes: ['All the weight is leaned on at once.'],
    ladder: [
      rung('wrist-kneel.table', 'at a table, palms on it', 'table|desk', 'chair', sitting(0, 0), vary(CHAIR_FREE, { shoulder: [46, 8, 0], elbow: 62, forearm: 85, wrist: 20 }, { on: [['seat', 'sit'], ['floor', 'sole'], [72, 'palm']], at: bothAt(['palmMidR', [34, null, 15], { weight: 0.8 }]), free: 'legs arms' }), [30, 12], ['Palms on the table, lean a little.'], { props: [CHAIR, stool(72, 54, 'in front, a table or desk', [50, 76])] }),
      rung('wrist-kneel.all-fours', 'on all fours, leaning a little ahead', 'all fours|full', 'all-fours', hatha(1, 1), vary(TABLE, { shoulder: [82, 4, 0] }, { at: bothAt(['shoulderJR', 'palmHeelR', { off: [4, null, null], weight: 0.6 }]) }), [14, 12], ['Lean a little ahead and back over the hands.']),
    ],
  },
  {
    id: 'seated-circles', family: 'seated', name: 'Circles from the seat', aliases: ['sufi circles', 'seated circles', 'stirring the pot', 'trunk circles'],
    meaning: 'The trunk draws circles over the sitting bones.', parts: ['low back', 'outer hip'], place: ['opening', 'warm-up'], before: ['seated-breath'], after: ['cat-cow'],
    purposes: [to('mobilise', 'low back'), to('settle', 'low back')], energy: 'settling', hold: rounds(5, 2, 10), usual: 'seated-circles.cross-legged',
    guide: { setUp: 'Hands on the knees, weight moves round the sitting bones.', in: 'Forward half.', out: 'Back half.', look: 'Soft, with the movement.', feel: 'Round the low back and hips.', notHere: 'Not in the neck.', comeOut: 'Let the circle grow small and stop.' },
    mistakes: ['The head leads.'],
    ladder: ([['chair', CHAIR_HANDS, 'on a chair', 'chair|seated', 'chair', [CHAIR]], ['cross-legged', CROSSED, 'cross-legged on blankets', 'cross legged|floor', 'sitting', [blankets(4, 'sitR sitL', 'under the sitting bones')]]] as const).map(([key, base, name, words, level, props]) => {
      const lean = (pitch: number, roll: number, lumbar: number): Shape => ({ ...vary(base, { pitch, roll, lumbar, side: -roll }, { sided: true }), face: [['T8', UP, [Math.sin(((pitch + lumbar) * Math.PI) / 180), 1 - 0.02 * Math.abs(pitch), Math.sin((roll * Math.PI) / 180) * 0.6], 0.6], ['pelvis', AHEAD, [null, null, 0]]] });
      return rung(`seated-circles.${key}`, name, words, level, stretching(0, 0), [lean(14, 0, 2), lean(4, 10, 4), lean(-10, 0, 10), lean(4, -10, 4)], [46, 12], ['Slow circles over the sitting bones.', 'The same number each way.'], { props, ...linked });
    }),
  },
];
