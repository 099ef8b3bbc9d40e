import type { Pose } from '../../src/poses/types.js';
import { blankets, rung, vary } from './author.js';
import { CROSSED_FREE } from './bases.js';
import { ACROSS, AHEAD, CHAIR, CHAIR_LEGS, HANDS_ON_THIGHS, PELVIS_AHEAD, SEATED, SHINS_UPRIGHT, SITTING_TALL, sitting, stretching, TRUNK_UPRIGHT, UP } from './common.js';

const chair = [CHAIR];

export const chairPoses: readonly Pose[] = [
  {
    id: 'chair-leg-stretch', family: 'chair', name: 'Chair leg stretch', aliases: ['seated hamstring stretch', 'seated leg stretch', 'heel forward on a chair', 'chair hamstring stretch'],
    purposes: [{ action: 'open', region: 'hamstrings' }, { action: 'open', region: 'calves' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 10 }, side: 'the straight leg', usual: 'chair-leg-stretch.chair',
    meaning: 'One leg forward from the chair, hinging from the hips.', parts: ['hamstrings', 'calves'], place: ['warm-up', 'work'], before: ['seated-breath'], after: ['seated-breath'],
    guide: { setUp: 'Sit towards the front of the seat, one heel forward on the floor.', look: 'Ahead, over the toes.', feel: 'Behind the thigh of the straight leg.', notHere: 'Not behind the knee and not as a pull down the leg like a wire.', comeOut: 'Sit up and draw the foot back in.' },
    mistakes: ['The back rounds to get lower.', 'The knee is pressed straight.'],
    ladder: [{
      id: 'chair-leg-stretch.chair', name: 'one heel forward', words: ['chair'], level: 'chair', breath: 'natural', props: chair, support: 'hand',
      frames: [{
        posture: { ...CHAIR_LEGS, pitch: 16, hipR: [66, 8, 5], kneeR: 10, ankleR: 5, hipL: [98, 6, 0], shoulder: [30, 8, 0], elbow: 45, forearm: 60 },
        on: [['seat', 'sit'], ['floor', 'soleL heelBackR']], at: [['sitR', [9, null, null]], ['sitL', [9, null, null]], ...HANDS_ON_THIGHS], face: [...PELVIS_AHEAD, ['T8', UP, [0.3, 0.95, 0], 0.6]],
        aim: [SHINS_UPRIGHT[1]!], free: 'legs arms',
      }],
      view: [34, 12], declared: stretching(0, 0), cues: ['Slide one heel forward, toes up.', 'Hinge at the hips with a long back until you feel the back of the leg.'],
    }],
  },
  {
    id: 'seated-breath', family: 'breath', name: 'Seated breath', aliases: ['breath awareness', 'arriving breath', 'sit and breathe'],
    purposes: [{ action: 'breathe', region: 'whole' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 12, least: 3, most: 40 }, usual: 'seated-breath.chair',
    meaning: 'Sitting and noticing the breath as it is.', parts: ['whole', 'chest'], place: ['opening', 'closing'], before: [], after: [],
    guide: { setUp: 'Sit so that the pelvis is upright, hands at rest.', in: 'Notice where the breath comes in.', out: 'Notice how it leaves by itself.', look: 'Eyes closed or resting on one place.', feel: 'In the ribs and belly, wherever the breath moves.', notHere: 'Not as strain in the throat or as hunger for air.', comeOut: 'Open the eyes and move the fingers first.' },
    mistakes: ['The breath is steered instead of noticed.', 'The chest is held high like a soldier.'],
    ladder: [
      {
        id: 'seated-breath.chair', name: 'on a chair', words: ['chair'], level: 'chair', breath: 'slow', props: chair, support: 'none',
        frames: [SITTING_TALL], view: [38, 12], declared: sitting(0, 0),
        cues: ['Sit with both feet on the floor.', 'Let the breath come as it comes.'],
      },
      {
        id: 'seated-breath.kneeling', name: 'kneeling, seat on a block', words: ['kneeling', 'hero', 'block'], level: 'kneeling', breath: 'slow', support: 'none',
        props: [{ kind: 'block', heightCm: 10, under: ['sitR', 'sitL'], where: 'under the seat, between the heels' }],
        frames: [{
          symmetric: true, posture: { hip: [75, 8, 0], knee: 148, ankle: -55, shoulder: [20, 5, 0], elbow: 45, forearm: 60 },
          on: [['floor', 'knee instep'], [10, 'sit']], at: [['palmMidR', 'thighTopR', { gapCm: 1 }]], face: TRUNK_UPRIGHT, free: 'legs arms',
        }],
        view: [38, 12], declared: sitting(0, 0), cues: ['Knees as wide as the hips, weight back on the block.', 'Let the breath come as it comes.'],
      },
    ],
  },
  {
    id: 'side-bend', family: 'standing', name: 'Side bend', aliases: ['seated side bend', 'side stretch', 'crescent side bend'],
    purposes: [{ action: 'open', region: 'side body', spine: 'side bend' }, { action: 'mobilise', region: 'upper back' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, side: 'the side she bends towards', usual: 'side-bend.standing',
    meaning: 'Long on one side, over to the other.', parts: ['side body'], place: ['warm-up', 'work'], before: ['mountain'], after: ['mountain'],
    guide: { setUp: 'Both sides of the waist long before anything bends.', in: 'Grow taller.', out: 'Lean a little further, far arm over.', look: 'Straight ahead or under the lifted arm.', feel: 'Along the side from hip to armpit.', notHere: 'Not as a pinch in the lower side of the waist.', comeOut: 'Press down through the far foot or sitting bone and come up.' },
    mistakes: ['The trunk turns towards the floor.', 'The hip on the far side lifts or slides out.'],
    ladder: [
      rung('side-bend.chair-hands-down', 'on a chair, both hands down', 'hands down|arms down', 'chair', stretching(0, 0), {
        posture: { ...CHAIR_LEGS, side: 20, neckSide: 6, shoulder: [0, 22, 0], elbow: 10 }, on: SEATED, at: [['sitR', [-6, null, null]], ['sitL', [-6, null, null]]], face: [['pelvis', ACROSS, ACROSS]], free: 'legs',
      }, [66, 12], ['Both arms down, lean to one side.', 'Both sitting bones stay heavy.'], { props: chair }),
      rung('side-bend.chair-behind-head', 'on a chair, far hand behind the head', 'behind the head|hand behind the head', 'chair', stretching(0, 0), {
        posture: { ...CHAIR_LEGS, side: 24, neckSide: 6, shoulderR: [0, 25, 0], elbowR: 10, shoulderL: [60, 74, 40], elbowL: 140, forearmL: 40 }, on: SEATED, at: [['sitR', [-6, null, null]], ['sitL', [-6, null, null]], ['palmMidR', [-4, 44, 24]], ['palmMidL', 'headBack', { gapCm: 4, weight: 0.6 }]], face: [['pelvis', ACROSS, ACROSS]], free: 'legs arms side', apart: 'handL-head forearmL-head upperArmL-head',
      }, [66, 12], ['Far hand behind the head, the other on the seat.', 'Lean, elbow to the ceiling.'], { props: chair, support: 'hand' }),
      {
        id: 'side-bend.chair', name: 'on a chair', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: chair, support: 'hand',
        frames: [{
          posture: { ...CHAIR_LEGS, side: 32, neckSide: 10, shoulderL: [165, 5, 0], shoulderR: [0, 25, 0], elbowR: 10 },
          on: SEATED, at: [['sitR', [-6, null, null]], ['sitL', [-6, null, null]], ['palmMidR', [-4, 44, 24]]],
          face: [['pelvis', ACROSS, ACROSS]], aim: [...SHINS_UPRIGHT, ['shoulderJL', 'wristL', [0, 0.75, 0.66]]], free: 'legs arms side',
        }],
        view: [66, 12], declared: stretching(0, 1), cues: ['One hand on the seat, the other arm up and over.', 'Both sitting bones stay heavy.'],
      },
      {
        id: 'side-bend.standing', name: 'standing', words: ['standing'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{
          posture: { side: 26, neckSide: 8, hip: [0, 6, 0], shoulderL: [168, 8, 0], shoulderR: [10, 12, 0], elbowR: 15 },
          on: [['floor', 'sole']], at: [['ankleR', [0, null, 11]], ['ankleL', [0, null, -11]]],
          face: [['pelvis', ACROSS, ACROSS, 0.6]], aim: [['shoulderJL', 'wristL', [0.05, 0.8, 0.6]]],
          balance: 'soleMidR soleMidL', free: 'hip ankle inversion armL',
        }],
        view: [72, 8], declared: stretching(0, 1), cues: ['Feet under the hips, both heels heavy.', 'Grow long first, then lean.'],
      },
      rung('side-bend.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', stretching(0, 0), vary(CROSSED_FREE, { side: 26, neckSide: 8, shoulderL: [168, 6, 0], shoulderR: [0, 36, 0], elbowR: 12 }, { sided: true, at: [['palmMidR', [-4, 3, 36], { weight: 0.5 }]], aim: [['shoulderJL', 'wristL', [0, 0.75, 0.66], 0.6]], free: 'legs arms side~2' }), [66, 14], ['One hand on the floor, the other arm up and over.'], { props: [blankets(4, 'sitR sitL', 'under the sitting bones')], support: 'hand' }),
      rung('side-bend.wall', 'standing, a hand on the wall', 'wall', 'standing', stretching(0, 1), { posture: { yaw: -90, side: 18, neckSide: 4, hip: [0, 6, 0], shoulderL: [160, 8, 0], shoulderR: [4, 70, 0], wristR: 30 }, on: [['floor', 'sole'], ['wall', 'palmMidR']], at: [['palmMidR', [null, 118, 0], { weight: 0.6 }], ['soleMidR', [8, null, null], { weight: 0.4 }]], face: [['pelvis', AHEAD, [0, 0, -1], 0.8]], free: 'hip ankle inversion armR' }, [16, 8], ['Near hand on the wall, far arm up and over towards it.'], { props: [{ kind: 'wall', x: 56, where: 'beside you' }], support: 'hand' }),
    ],
  },
  {
    id: 'seated-twist', family: 'chair', name: 'Seated twist', aliases: ['chair twist', 'open twist', 'sitting twist'],
    purposes: [{ action: 'mobilise', region: 'upper back', spine: 'twist' }, { action: 'open', region: 'chest' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, side: 'the side she turns to', usual: 'seated-twist.chair',
    meaning: 'Turning round from the ribs, the seat stays where it is.', parts: ['upper back', 'chest'], place: ['warm-up', 'work', 'closing'], before: ['cat-cow'], after: ['seated-breath'],
    guide: { setUp: 'Sit tall, both sitting bones heavy.', in: 'Grow taller.', out: 'Turn from the ribs, the head follows last.', look: 'Over the shoulder only as far as is easy.', feel: 'Between the ribs and across the upper back.', notHere: 'Not in the low back and not in the neck.', comeOut: 'Come back through the centre and take a full breath there.' },
    mistakes: ['The arms lever the turn.', 'The back sinks into a slump while it turns.'],
    ladder: [
      {
        id: 'seated-twist.chair-small', name: 'small, hands on the thighs', words: ['small', 'gentle'], level: 'chair', breath: 'natural', props: chair, support: 'none',
        frames: [{
          posture: { ...CHAIR_LEGS, twist: 16, neckTwist: 12, shoulder: [22, 6, 0], elbow: 55, forearm: 60 }, on: SEATED,
          at: [['sitR', [-6, null, null]], ['sitL', [-6, null, null]], ...HANDS_ON_THIGHS],
          face: [...TRUNK_UPRIGHT, ...PELVIS_AHEAD], aim: SHINS_UPRIGHT, free: 'legs arms',
        }],
        view: [46, 12], declared: stretching(0, 0), cues: ['Turn from the ribs, a little, as you breathe out.', 'Knees stay level.'],
      },
      {
        id: 'seated-twist.chair', name: 'on a chair, hand on the back', words: ['chair'], level: 'chair', breath: 'natural', props: chair, support: 'hand',
        frames: [{
          posture: { ...CHAIR_LEGS, twist: 38, neckTwist: 30, shoulderR: [-20, 30, 0], elbowR: 60, shoulderL: [45, -15, 0], elbowL: 30, forearm: 60 }, on: SEATED,
          at: [['sitR', [-4, null, null]], ['sitL', [-4, null, null]], ['palmMidR', [-22, 72, 19]], ['palmMidL', 'kneeOutR', { off: [-4, 3, 0] }]],
          face: [...TRUNK_UPRIGHT, ...PELVIS_AHEAD], aim: SHINS_UPRIGHT, free: 'legs arms twist',
        }],
        view: [52, 14], declared: stretching(0, 1, { closedTwist: true }), cues: ['Grow tall as you breathe in.', 'Turn from the chest as you breathe out.', 'Come back through the centre.'],
      },
      rung('seated-twist.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', stretching(0, 0, { closedTwist: true }), vary(CROSSED_FREE, { twist: 34, neckTwist: 26, shoulderR: [-30, 24, 0], elbowR: 12, shoulderL: [40, -12, 0], elbowL: 30, forearm: 60 }, { sided: true, at: [['palmMidL', 'kneeR', { gapCm: 8, weight: 0.6 }], ['palmMidR', [-24, 4, 20], { weight: 0.5 }]], free: 'legs arms' }), [52, 14], ['One hand to the far knee, the other behind.', 'Turn from the chest as you breathe out.'], { props: [blankets(4, 'sitR sitL', 'under the sitting bones')], support: 'hand' }),
    ],
  },
  {
    id: 'figure-four', family: 'chair', name: 'Figure four', aliases: ['ankle on knee', 'figure four in the chair', 'chair pigeon', 'outer hip stretch'],
    purposes: [{ action: 'open', region: 'outer hip' }, { action: 'open', region: 'hamstrings' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 10 }, side: 'the leg that is lifted', usual: 'figure-four.chair',
    meaning: 'One ankle on the other thigh: the legs draw a 4.', parts: ['outer hip'], place: ['warm-up', 'work'], before: ['chair-leg-stretch'], after: ['seated-breath'],
    guide: { setUp: 'Sit tall, ankle on the other thigh or crossed over the other ankle.', look: 'Straight ahead.', feel: 'In the outer hip and buttock of the lifted leg.', notHere: 'Not in the knee.', comeOut: 'Lift the leg down with both hands.' },
    mistakes: ['The knee is pushed down by hand.', 'The pelvis rolls back and the back rounds.'],
    ladder: [
      rung('figure-four.strap', 'a strap round the ankle, shin held', 'strap', 'chair', stretching(0, 0, { strap: true }), {
        posture: { ...CHAIR_LEGS, hipR: [84, 22, 35], kneeR: 92, shoulder: [30, 6, 0], elbow: 70, forearm: 60 }, on: [['seat', 'sit'], ['floor', 'soleL']],
        at: [['sitR', [-4, null, null]], ['sitL', [-4, null, null]], ['ankleR', [30, 22, 2], { weight: 0.6 }]], face: [...PELVIS_AHEAD, ...TRUNK_UPRIGHT], aim: [SHINS_UPRIGHT[1]!], free: 'legs', apart: 'shankR-shankL footR-shankL',
      }, [48, 14], ['Strap round the ankle, draw it up a little.', 'It replaces ankle on knee.'], { props: [CHAIR, { kind: 'strap', through: ['palmMidR', 'ankleR', 'palmMidL'], where: 'round the ankle' }] }),
      {
        id: 'figure-four.ankles-crossed', name: 'ankles crossed', words: ['ankles crossed', 'crossed'], level: 'chair', breath: 'natural', props: chair, support: 'none',
        frames: [{
          posture: { ...CHAIR_LEGS, hipR: [80, 18, 25], hipL: [80, 18, 25], kneeR: 95, kneeL: 95, shoulder: [25, 8, 0], elbow: 50, forearm: 60 },
          on: [['seat', 'sit thighMid']], at: [['sitR', [-4, null, null]], ['sitL', [-4, null, null]], ['ankleR', [20, 12, -7]], ['ankleL', [14, 9, 7]], ...HANDS_ON_THIGHS],
          face: [...PELVIS_AHEAD, ...TRUNK_UPRIGHT], free: 'legs arms', apart: 'shankR-shankL footR-shankL footL-shankR',
        }],
        view: [52, 12], declared: stretching(0, 0), cues: ['Cross the ankles and let the knees fall apart.'],
      },
      {
        id: 'figure-four.chair', name: 'on a chair', words: ['chair'], level: 'chair', breath: 'natural', props: chair, support: 'none',
        frames: [{
          posture: { ...CHAIR_LEGS, pitch: 12, hipR: [85, 30, 55], kneeR: 95, ankleR: 10, shoulder: [25, 8, 0], elbow: 50, forearm: 60 },
          on: [['seat', 'sit'], ['floor', 'soleL']],
          at: [['sitR', [-4, null, null]], ['sitL', [-4, null, null]], ['ankleR', 'thighTopL', { off: [5, 3.5, 2], weight: 0.6 }], ['palmMidR', 'kneeR', { gapCm: 6 }], ['palmMidL', 'ankleR', { gapCm: 6 }]],
          face: [...PELVIS_AHEAD, ['T8', UP, [0.25, 0.96, 0], 0.4]], aim: [SHINS_UPRIGHT[1]!, ['hipJR', 'kneeR', [0.72, 0.1, 0.68]]],
          apart: 'shankR-thighL footR-thighL', free: 'legs arms',
        }],
        view: [48, 14], declared: stretching(0, 1), cues: ['Ankle on the other thigh, foot awake.', 'Stay tall; it is enough when you feel the outer hip.'],
      },
    ],
  },
  {
    id: 'chair-fold', family: 'chair', name: 'Chair fold', aliases: ['seated half fold', 'fold on a chair', 'seated chair fold'],
    purposes: [{ action: 'open', region: 'low back', spine: 'flexion' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 10 }, usual: 'chair-fold.half',
    meaning: 'Folding forward over the thighs from a chair.', parts: ['low back', 'whole'], place: ['work', 'closing'], before: ['seated-breath'], after: ['seated-breath'],
    guide: { setUp: 'Feet flat and wider than the hips, slide the hands down the thighs.', look: 'Between the feet.', feel: 'Along the back, as breath behind.', notHere: 'Not as pressure in head or eyes.', comeOut: 'Hands on the thighs and come up slowly, the head last; wait before standing.' },
    mistakes: ['The head hangs although it makes her dizzy.', 'The chair is too close to its edge.'],
    ladder: [
      {
        id: 'chair-fold.half', name: 'half way, forearms on the thighs', words: ['half', 'forearms'], level: 'chair', breath: 'natural', props: chair, support: 'hand',
        frames: [{
          symmetric: true, posture: { ...CHAIR_LEGS, pitch: 48, lumbar: 10, thorax: 8, neck: 6, hip: [116, 16, 0], shoulder: [48, 12, -20], elbow: 70, forearm: 40 },
          on: SEATED, at: [['sitR', [-4, null, null]], ['elbowR', 'thighTopR', { gapCm: 5 }], ['palmMidR', [null, null, 2.5], { weight: 0.6 }], ['wristR', 'kneeInR', { gapCm: 8 }]], aim: [SHINS_UPRIGHT[0]!], free: 'legs arms', apart: 'forearmR-thighR forearmL-thighL handR-handL forearmR-forearmL',
        }],
        view: [24, 12], declared: stretching(0, 0), cues: ['Hinge from the hips, forearms on the thighs.', 'The head stays in line with the back.'],
      },
      {
        id: 'chair-fold.full', name: 'all the way, hands to the floor', words: ['full', 'floor'], level: 'chair', breath: 'natural', props: chair, support: 'none',
        frames: [{
          symmetric: true, posture: { ...CHAIR_LEGS, pitch: 55, lumbar: 36, thorax: 24, neck: 15, hip: [120, 18, 5], shoulder: [85, 5, 0], wrist: 20 },
          on: [...SEATED, ['floor', 'tips?']], at: [['sitR', [-2, null, null]], ['ankleR', [null, null, 15], { weight: 0.5 }]], aim: [SHINS_UPRIGHT[0]!],
          free: 'legs arms', apart: 'thighR-torso thighL-torso',
        }],
        view: [20, 12], declared: stretching(0, 0), cues: ['Feet wide, fold over the thighs.', 'Hands on the shins to come up slowly.'],
      },
    ],
  },
];
