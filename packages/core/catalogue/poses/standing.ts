import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { bothAt, rung, vary } from './author.js';
import { BEHIND_CHAIR, CHAIR_AHEAD, STAND } from './bases.js';
import { DOG_CHAIR_BACK } from './allFours.js';
import { ACROSS, AHEAD, CHAIR, CHAIR_LEGS, hatha, PELVIS_AHEAD, SEATED, SHINS_UPRIGHT, SITTING_TALL, sitting, stretching, strong, UP } from './common.js';

const warrior = (right: number, left: number, knee: number, hipL: number): Shape => ({
  posture: { hipR: [35, 60, 50], kneeR: knee, hipL: [-5, hipL, 15], shoulder: [0, 88, 0], neckTwist: 70, y: 60 },
  on: [['floor', 'sole']], at: [['ankleR', [2, null, right]], ['ankleL', [-2, null, -left]]],
  face: [['footR', AHEAD, ACROSS], ['footL', AHEAD, [0.95, 0, 0.3]], ['T8', UP, UP], ['C7', AHEAD, [0.97, 0, 0.2], 0.4]],
  aim: [['kneeR', 'ankleR', [0, -1, 0], 0.8], ['shoulderJR', 'wristR', ACROSS], ['shoulderJL', 'wristL', [0, 0, -1]]], free: 'legs arms~2 trunk',
});
const triangle = (surface: number | 'seat', roll: number, palm: readonly [number, number]): Shape => ({
  posture: { roll, side: 18, hipR: [5, 60, 60], hipL: [0, -5, 10], shoulderR: [5, 85, 0], shoulderL: [5, 90, 0], wristR: 60 },
  on: [['floor', 'sole'], [surface, 'palmR?']],
  at: [['ankleR', [0, null, 46]], ['ankleL', [-2, null, -46]], ['palmMidR', [palm[0], null, palm[1]], { weight: 0.6 }], ['sacrum', [-6, null, -6], { weight: 0.5 }]],
  face: [['footR', AHEAD, ACROSS], ['footL', AHEAD, [0.97, 0, 0.24]], ['pelvis', AHEAD, [0.94, 0, 0.34], 0.8], ['C7', AHEAD, AHEAD, 0.6], ['head', AHEAD, [1, 0.1, 0], 0.5]],
  aim: [['shoulderJL', 'wristL', UP, 0.8]], free: 'hip ankle inversion shoulder forearm wrist side twist head',
});
const tree = (posture: Shape['posture'], more: Partial<Shape>): Shape => ({
  posture: { hipR: [0, 2, 0], hipL: [45, 50, 45], kneeL: 125, ankleL: -20, ...posture },
  on: [['floor', 'soleR']],
  face: [['T8', UP, UP], ['pelvis', AHEAD, AHEAD, 0.5], ['footR', AHEAD, AHEAD], ['footL', AHEAD, [0.2, -0.96, 0], 0.4]],
  aim: [['hipJL', 'kneeL', [0.25, null, -0.8], 0.4]], balance: 'heelR ballR', free: 'legs', apart: 'footL-thighR footL-shankR', ...more,
});
const lunge = (arms: Shape['posture'], more: Partial<Shape>): Shape => ({
  posture: { hipR: [95, 2, 0], kneeR: 92, ankleR: 5, hipL: [-20, 2, 0], kneeL: 45, ankleL: -50, lumbar: -8, ...arms },
  on: [['floor', 'soleR kneeL instepL']], at: [['ankleR', 'kneeL', { off: [64, null, 17], weight: 0.5 }]],
  face: [['T8', UP, [-0.05, 1, 0]], ['pelvis', UP, [0.2, 0.98, 0], 0.6], ['pelvis', ACROSS, ACROSS, 0.6]],
  aim: [['kneeR', 'ankleR', [0.05, -1, 0], 0.6]], free: 'legs spine', ...more,
});

export const standingPoses: readonly Pose[] = [
  {
    id: 'mountain', family: 'standing', name: 'Mountain', sanskrit: 'Tāḍāsana', aliases: ['tadasana', 'standing tall', 'samasthiti'],
    purposes: [{ action: 'strengthen', region: 'whole' }, { action: 'settle', region: 'whole' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 12 }, usual: 'mountain.full',
    meaning: 'Standing like a mountain: nothing to do but be tall.', parts: ['whole', 'feet'], place: ['opening', 'warm-up', 'work'], before: [], after: [],
    guide: { setUp: 'Feet under the hips, weight over the middle of both feet.', look: 'Straight ahead, level with the eyes.', feel: 'In the feet, and as length through the crown.', notHere: 'Not as locked knees.', comeOut: 'Soften the knees and move.' },
    mistakes: ['The knees are pushed back.', 'The ribs are thrust forward.'],
    ladder: [
      {
        id: 'mountain.chair', name: 'sitting tall on a chair', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: [CHAIR], support: 'none',
        frames: [SITTING_TALL], view: [38, 12], declared: sitting(0, 0), cues: ['Feet under the knees, press them down.', 'Grow through the crown of the head.'],
      },
      {
        id: 'mountain.full', name: 'standing', words: ['standing'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{ symmetric: true, posture: {}, on: [['floor', 'sole']], free: 'ankle hip' }],
        view: [60, 8], declared: sitting(0, 1), cues: ['Feet under the hips, weight over the arches.', 'Grow through the crown of the head.'],
      },
      rung('mountain.wide', 'feet wider than the hips', 'wide|feet wide', 'standing', sitting(0, 1), vary(STAND, { hip: [0, 8, 4] }, { at: bothAt(['ankleR', [null, null, 17]]) }), [60, 8], ['Feet wider than the hips, knees soft.']),
      rung('mountain.chair-back', 'hands on a chair back', 'chair back|hand on a chair', 'standing', sitting(0, 1), BEHIND_CHAIR, [40, 8], ['Hands light on the chair back, stand tall.'], { props: [CHAIR_AHEAD], support: 'hand' }),
    ],
  },
  {
    id: 'warrior-two', family: 'standing', name: 'Warrior two', sanskrit: 'Vīrabhadrāsana II', aliases: ['warrior 2', 'virabhadrasana 2', 'virabhadrasana ii', 'warrior ii'],
    purposes: [{ action: 'strengthen', region: 'whole' }, { action: 'open', region: 'inner thigh' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 10 }, side: 'the bent leg', usual: 'warrior-two.full',
    meaning: 'The second stance of the warrior Vīrabhadra: wide, low and steady.', parts: ['inner thigh', 'shoulders', 'whole'], place: ['work'], before: ['mountain'], after: ['wide-legged-fold'],
    guide: { setUp: 'Feet wide, front foot turned out, heel in line with the back arch.', look: 'Along the front hand.', feel: 'In the front thigh and along both arms.', notHere: 'Not on the inside of the front knee.', comeOut: 'Straighten the front leg, turn the feet ahead.' },
    mistakes: ['The front knee falls inwards.', 'The trunk leans over the front leg.'],
    ladder: [
      {
        id: 'warrior-two.chair', name: 'sitting on a chair, arms wide', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: [CHAIR], support: 'none',
        frames: [{
          posture: { ...CHAIR_LEGS, hipR: [78, 38, 20], hipL: [62, 34, 15], kneeL: 45, shoulder: [0, 86, 0], neckTwist: 60 }, on: SEATED,
          at: [['sitR', [-2, null, null]], ['sitL', [-2, null, null]], ['ankleR', [24, null, 44]], ['ankleL', [44, null, -52]]],
          face: [...PELVIS_AHEAD, ['T8', UP, UP]], aim: [['shoulderJR', 'wristR', ACROSS], ['shoulderJL', 'wristL', [0, 0, -1]]], free: 'legs arms',
        }],
        view: [64, 14], declared: stretching(0, 1), cues: ['Open the legs wide on the chair, one knee bent.', 'Arms wide, look along the front hand.'],
      },
      {
        id: 'warrior-two.tail-down', name: 'short, tail down, low back flat', words: ['tail down', 'low back flat'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{ ...warrior(30, 36, 36, 26), free: 'legs arms~2 side twist head' }], view: [80, 8], declared: hatha(0, 2), cues: ['A short stance, the front knee a little bent.', 'Let the tail sink and the front hip turn in until the low back is flat.'],
      },
      {
        id: 'warrior-two.short', name: 'short stance', words: ['short'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [warrior(36, 42, 50, 32)], view: [80, 8], declared: hatha(0, 2), cues: ['A shorter stance, knee over the ankle.', 'Arms wide, shoulders low.'],
      },
      {
        id: 'warrior-two.full', name: 'full stance', words: ['full'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [warrior(55, 52, 85, 42)], view: [80, 8], declared: strong(0, 2), cues: ['Knee over the ankle, back leg strong.', 'Arms wide, look along the front hand.'],
      },
    ],
  },
  {
    id: 'triangle', family: 'standing', name: 'Triangle', sanskrit: 'Trikoṇāsana', aliases: ['trikonasana', 'utthita trikonasana', 'extended triangle'],
    purposes: [{ action: 'open', region: 'side body', spine: 'side bend' }, { action: 'open', region: 'hamstrings' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 10 }, side: 'the leg she leans towards', usual: 'triangle.block',
    meaning: 'Three corners: two feet and a hand, trunk long over the front leg.', parts: ['side body', 'hamstrings'], place: ['work'], before: ['warrior-two'], after: ['mountain'],
    guide: { setUp: 'Legs wide and straight, front foot turned out.', in: 'Lengthen over the front leg.', out: 'Lower the hand to its support.', look: 'Straight ahead or to the floor.', feel: 'Behind the front thigh and along the upper side.', notHere: 'Not in the neck, and not behind the front knee.', comeOut: 'Press the feet down and come up with a long side.' },
    mistakes: ['She leans on the hand.', 'The hips swing back and the chest turns down.'],
    ladder: [
      {
        id: 'triangle.chair', name: 'hand on a chair seat', words: ['chair'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'chair', x: 12, z: 66, where: 'beside the front foot' }],
        frames: [triangle('seat', 24, [14, 52])], view: [78, 8], declared: hatha(0, 2), cues: ['Hand on the chair seat, chest open.', 'Long on both sides of the waist.'],
      },
      {
        id: 'triangle.block', name: 'hand on a block', words: ['block'], level: 'standing', breath: 'natural', support: 'none',
        props: [{ kind: 'block', heightCm: 23, under: ['palmMidR'], lies: 'upright', where: 'inside the front foot' }],
        frames: [triangle(23, 35, [14, 50])], view: [78, 8], declared: hatha(0, 2), cues: ['Long on both sides of the waist.', 'Light on the hand, strong in the legs.'],
      },
    ],
  },
  {
    id: 'tree', family: 'balance', name: 'Tree', sanskrit: 'Vṛkṣāsana', aliases: ['vrksasana', 'vrikshasana', 'tree pose'],
    purposes: [{ action: 'balance', region: 'whole' }, { action: 'open', region: 'inner thigh' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 10 }, side: 'the standing leg', usual: 'tree.full',
    meaning: 'One root, one crown: standing on one leg.', parts: ['whole', 'feet', 'inner thigh'], place: ['work'], before: ['mountain'], after: ['mountain'],
    guide: { setUp: 'Weight on one foot, the other sole to ankle, shin or thigh.', look: 'At one still point.', feel: 'In the standing foot and the outer hip.', notHere: 'Never as pressure of the foot against the knee.', comeOut: 'Lower the foot slowly and stand on both.' },
    mistakes: ['The foot pushes sideways against the knee.', 'The standing hip slides out.'],
    ladder: [
      {
        id: 'tree.chair', name: 'sitting on a chair', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: [CHAIR], support: 'none',
        frames: [{
          posture: { ...CHAIR_LEGS, hipL: [76, 42, 35], kneeL: 100, shoulder: [172, 18, 0] }, on: [['seat', 'sit'], ['floor', 'soleR']],
          at: [['sitR', [-2, null, null]], ['sitL', [-2, null, null]], ['soleMidL', 'shinInR', { gapCm: 2 }]], face: [...PELVIS_AHEAD, ['T8', UP, UP]],
          aim: [SHINS_UPRIGHT[0]!, ['hipJL', 'kneeL', [0.72, 0, -0.69], 0.6]], free: 'legs', apart: 'footL-shankR',
        }],
        view: [58, 14], declared: stretching(0, 1), cues: ['One foot down, the other sole against the shin, knee out.', 'Arms up only if the shoulders like it.'],
      },
      {
        id: 'tree.hand-on-wall', name: 'a hand on the wall, foot low', words: ['hand on the wall', 'wall', 'hand on wall'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'wall', x: 60, where: 'in front, within reach' }],
        frames: [tree({ hipL: [30, 38, 40], kneeL: 80, shoulderR: [82, 4, 0], wristR: 80, forearmR: 85, shoulderL: [0, 8, 0] }, {
          on: [['floor', 'soleR'], ['wall', 'palmR']],
          at: [['soleMidL', 'shinInR', { gapCm: 0.5 }], ['palmMidR', [null, 126, 16], { weight: 0.8 }], ['soleMidR', [5, null, 0], { weight: 0.6 }]], free: 'legs armR',
          aim: [['hipJL', 'kneeL', [0.35, null, -0.7], 0.4]],
          face: [['T8', UP, UP], ['pelvis', AHEAD, AHEAD, 0.8], ['footR', AHEAD, AHEAD], ['handR', [0, -1, 0], [0, 1, null], 0.4]],
        })],
        view: [205, 10], declared: hatha(0, 1), cues: ['One hand on the wall, the sole against the shin.', 'Look at one still point.'],
      },
      {
        id: 'tree.foot-low', name: 'foot at the shin, hands on the hips', words: ['foot low', 'low'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [tree({ hipL: [30, 38, 40], kneeL: 80, shoulder: [0, 30, -30], elbow: 85, forearm: 60 }, {
          at: [['soleMidL', 'shinInR', { gapCm: 0.5 }], ['palmMidR', 'trochanterR', { gapCm: 5 }], ['palmMidL', 'trochanterL', { gapCm: 5 }]], free: 'legs arms',
        })],
        view: [66, 8], declared: hatha(0, 1), cues: ['Sole against the shin, below the knee.', 'Look at one still point.'],
      },
      {
        id: 'tree.full', name: 'foot at the thigh, arms up', words: ['full'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [tree({ shoulder: [176, 20, 0] }, { at: [['soleMidL', 'thighInR', { gapCm: 0.5 }]] })],
        view: [66, 8], declared: hatha(0, 2), cues: ['Sole against the thigh, never against the knee.', 'Look at one still point, breathe.'],
      },
    ],
  },
  {
    id: 'standing-forward-fold', family: 'standing', name: 'Standing forward fold', sanskrit: 'Uttānāsana', aliases: ['uttanasana', 'forward fold', 'standing fold'],
    purposes: [{ action: 'open', region: 'hamstrings', spine: 'flexion' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 10 }, usual: 'standing-forward-fold.full',
    meaning: 'Intense stretch: folding forward from standing.', parts: ['hamstrings', 'low back'], place: ['work', 'closing'], before: ['half-forward-fold'], after: ['mountain'],
    guide: { setUp: 'Feet hip-wide, knees soft, hands on the thighs.', in: 'Lengthen.', out: 'Fold from the hips.', look: 'To the shins.', feel: 'Behind the thighs.', notHere: 'Not as a pull in the low back or as pressure in the head.', comeOut: 'Hands on the thighs, knees bent, come up half way, breathe, then stand.' },
    mistakes: ['The knees are locked.', 'She comes up fast and gets dizzy.'],
    ladder: [
      {
        id: 'standing-forward-fold.blocks', name: 'hands on blocks, back long', words: ['blocks', 'block'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'block', heightCm: 23, under: ['palmMidR'], lies: 'upright', where: 'under the right hand' }, { kind: 'block', heightCm: 23, under: ['palmMidL'], lies: 'upright', where: 'under the left hand' }],
        frames: [{
          symmetric: true, posture: { pitch: 90, lumbar: 20, thorax: 8, neck: -4, hip: [98, 6, 0], knee: 30, ankle: 8, shoulder: [78, 4, 0], forearm: 60, wrist: 50 },
          on: [['floor', 'sole'], [23, 'palm']], at: [['ankleR', [null, null, 15], { weight: 0.8 }], ['palmMidR', [36, null, 16], { weight: 0.8 }], ['soleMidR', [5, null, null], { weight: 0.8 }]], free: 'legs arms',
        }],
        view: [14, 10], declared: stretching(0, 1), cues: ['Feet wide, knees soft, hands on the blocks.', 'Long back, head in line with it.'],
      },
      {
        id: 'standing-forward-fold.shins', name: 'hands on the shins', words: ['shins', 'hands on the shins', 'half way hanging'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 82, lumbar: 34, thorax: 18, neck: 4, hip: [80, 4, 0], knee: 4, ankle: 2, shoulder: [84, 4, 0], elbow: 20, forearm: 60, wrist: 10 },
          on: [['floor', 'sole']], at: [['palmMidR', 'shinR', { gapCm: 5, weight: 0.6 }]], balance: 'heelR ballR', free: 'arms ankle hip.flexion', apart: 'thighR-torso thighL-torso',
        }],
        view: [10, 10], declared: stretching(0, 1), cues: ['Hands on the shins, the back as long as it will go.', 'The fold is in the hips, not in the waist.'],
      },
      {
        id: 'standing-forward-fold.full', name: 'hands to the floor', words: ['full'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 96, lumbar: 40, thorax: 24, neck: 8, hip: [100, 4, 0], knee: 8, ankle: 2, shoulder: [120, 4, 0], elbow: 10, forearm: 60, wrist: 10 },
          on: [['floor', 'sole tips?']], balance: 'heelR ballR', free: 'legs arms', apart: 'thighR-torso thighL-torso',
        }],
        view: [10, 10], declared: stretching(0, 1, { hang: true }), cues: ['Soften the knees and let the back hang.', 'Come up slowly, hands on the thighs.'],
      },
    ],
  },
  {
    id: 'half-forward-fold', family: 'standing', name: 'Half forward fold', sanskrit: 'Ardha Uttānāsana', aliases: ['half fold', 'half lift', 'halfway lift', 'ardha uttanasana', 'flat back fold'],
    purposes: [{ action: 'open', region: 'hamstrings' }, { action: 'strengthen', region: 'low back' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, usual: 'half-forward-fold.chair-back',
    meaning: 'Half way down with a flat back.', parts: ['hamstrings', 'low back', 'shoulders'], place: ['warm-up', 'work'], before: ['mountain'], after: ['mountain'],
    guide: { setUp: 'Feet hip-wide; fold at the hips until the back is level.', look: 'To the floor below the face.', feel: 'Behind the thighs and along the back.', notHere: 'Not in the low back and not in the shoulders.', comeOut: 'Walk in or push the thighs with the hands and stand up.' },
    mistakes: ['The back rounds.', 'The head is lifted to look ahead.'],
    ladder: [
      {
        id: 'half-forward-fold.chair-back', name: 'hands on a chair back', words: ['chair', 'chair back'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'chair', x: 122.5, where: 'in front, its back towards you, against a wall' }],
        frames: [DOG_CHAIR_BACK], view: [16, 10], declared: stretching(0, 1), cues: ['Hands on the chair back, walk back, hinge at the hips.', 'Knees may bend.'],
      },
      {
        id: 'half-forward-fold.hands-on-thighs', name: 'hands on the thighs', words: ['thighs', 'hands on the thighs'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 58, hip: [64, 6, 0], knee: 16, ankle: 6, neck: -6, shoulder: [40, 4, 0], elbow: 5, forearm: 60, wrist: 30 },
          on: [['floor', 'sole']], at: [['palmMidR', 'thighTopR', { gapCm: 2, weight: 0.8 }]], balance: 'heelR ballR', free: 'legs arms',
        }],
        view: [14, 10], declared: hatha(1, 1), cues: ['Hands on the thighs, back long.', 'Hinge at the hips.'],
      },
    ],
  },
  {
    id: 'garland', family: 'standing', name: 'Garland', sanskrit: 'Mālāsana', aliases: ['malasana', 'squat', 'deep squat', 'yogi squat'],
    purposes: [{ action: 'open', region: 'inner thigh' }, { action: 'open', region: 'low back' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 10 }, usual: 'garland.full',
    meaning: 'A garland: squatting low, arms inside the knees.', parts: ['inner thigh', 'low back', 'calves'], place: ['work'], before: ['goddess'], after: ['mountain'],
    guide: { setUp: 'Feet wide, toes and knees the same way, sink.', look: 'Straight ahead.', feel: 'In the inner thighs and low back.', notHere: 'Not in the knees.', comeOut: 'Hands to the floor, seat up, then walk the feet in.' },
    mistakes: ['The arches collapse and the knees fall in.', 'The heels are forced down.'],
    ladder: [
      {
        id: 'garland.chair', name: 'on a chair, legs wide', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: [CHAIR], support: 'none',
        frames: [{
          symmetric: true, posture: { ...CHAIR_LEGS, hip: [78, 36, 20], pitch: 10, shoulder: [30, 8, 0], elbow: 50, forearm: 60 }, on: SEATED,
          at: [['sitR', [0, null, null]], ['ankleR', [28, null, 36]], ['palmMidR', 'thighTopR', { gapCm: 1 }]], free: 'legs arms',
        }],
        view: [56, 14], declared: stretching(0, 0), cues: ['Feet wide, toes the way of the knees.', 'Lean forward a little from the hips.'],
      },
      {
        id: 'garland.block', name: 'seat on a block', words: ['block', 'supported'], level: 'squatting', breath: 'natural', support: 'trunk',
        props: [{ kind: 'block', heightCm: 23, under: ['sitR', 'sitL'], lies: 'across', where: 'under the seat' }],
        frames: [{
          symmetric: true, posture: { pitch: 14, lumbar: 6, hip: [108, 34, 28], knee: 118, ankle: 18, shoulder: [45, 12, 0], elbow: 110 },
          on: [['floor', 'sole'], [23, 'sit']], at: [['palmMidR', [null, null, 0.3]], ['wristR', [null, null, 2.2]], ['ankleR', [null, null, 24], { weight: 0.6 }]],
          aim: [['wristR', 'tipsR', [0.3, 1, null], 0.5]], free: 'legs arms spine',
        }],
        view: [48, 10], declared: hatha(0, 1), cues: ['Sit on the block, feet wide.', 'Lift the breastbone.'],
      },
      {
        id: 'garland.full', name: 'full squat', words: ['full'], level: 'squatting', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 22, lumbar: 10, hip: [120, 35, 30], knee: 138, ankle: 28, shoulder: [45, 12, 0], elbow: 110 },
          on: [['floor', 'sole']], at: [['palmMidR', [null, null, 0.3]], ['wristR', [null, null, 2.2]]],
          aim: [['wristR', 'tipsR', [0.3, 1, null], 0.5]], balance: 'heelR ballR heelL ballL', free: 'legs arms spine',
        }],
        view: [48, 10], declared: hatha(0, 2), cues: ['Feet wide, knees the way of the toes.', 'Elbows inside the knees, breastbone up.'],
      },
    ],
  },
  {
    id: 'low-lunge', family: 'all-fours', name: 'Low lunge', sanskrit: 'Añjaneyāsana', aliases: ['anjaneyasana', 'crescent lunge', 'kneeling lunge', 'half kneel'],
    purposes: [{ action: 'open', region: 'front hip' }, { action: 'strengthen', region: 'whole' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, side: 'the front leg', usual: 'low-lunge.arms-up',
    meaning: 'Half kneeling, one foot forward: the front of the back hip opens.', parts: ['front hip', 'whole'], place: ['work'], before: ['cat-cow'], after: ['childs-pose'],
    guide: { setUp: 'One foot forward, the other knee well padded behind the hip.', look: 'Straight ahead.', feel: 'At the front of the hip of the kneeling leg.', notHere: 'Not in the low back and not on the kneecap.', comeOut: 'Hands down or to the chair, bring the knees together.' },
    mistakes: ['The low back hollows to get deeper.', 'The front knee falls inwards.'],
    ladder: [
      {
        id: 'low-lunge.hands-on-chair', name: 'hands on a chair seat', words: ['chair', 'hands on a chair'], level: 'kneeling', breath: 'natural', support: 'hand',
        props: [{ kind: 'chair', x: 84, faces: -1, where: 'in front, its seat towards you' }],
        frames: [lunge({ shoulder: [48, 4, 0], elbow: 15, forearm: 60, wrist: 40 }, {
          on: [['floor', 'soleR kneeL instepL'], ['seat', 'palm?']],
          at: [['ankleR', 'kneeL', { off: [66, null, 17], weight: 0.8 }], ['palmMidR', [70, null, 16], { weight: 0.8 }], ['palmMidL', [70, null, -16], { weight: 0.8 }], ['ankleR', [38, null, null], { weight: 0.3 }]],
          face: [['pelvis', UP, [0.34, 0.94, 0], 0.8], ['pelvis', ACROSS, ACROSS, 0.6]], free: 'legs arms lumbar~4',
        })],
        view: [30, 10], declared: hatha(0, 1), cues: ['Hands on the chair, one foot forward, the other knee down.', 'Hips level; press the back instep down.'],
      },
      {
        id: 'low-lunge.arms-up', name: 'arms up', words: ['arms up', 'full'], level: 'kneeling', breath: 'natural', props: [], support: 'none',
        frames: [lunge({ shoulder: [172, 22, 0] }, {})], view: [30, 10], declared: hatha(0, 2), cues: ['Front knee over the ankle, hips level.', 'Arms up beside the ears.'],
      },
    ],
  },
];
