import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { ACROSS, CHAIR, CHAIR_LEGS, hatha, resting, SEATED, SHINS_UPRIGHT, stretching, strong, TRUNK_UPRIGHT } from './common.js';

/** Hands under the shoulders, knees under the hips. */
const table = (pitch: number, lumbar: number, thorax: number, neck: number): Shape => ({
  symmetric: true,
  posture: { pitch, lumbar, thorax, neck, hip: [pitch, 2, 0], knee: 90, ankle: -50, shoulder: [90 - lumbar / 2, 4, 0], forearm: 80, wrist: 80 },
  on: [['floor', 'palm knee instep']], aim: [['hipJR', 'kneeR', [0, -1, null]], ['shoulderJR', 'wristR', [0, -1, null]]], free: 'arms legs',
});
const FLAT_TABLE = table(88, 0, 0, -4);
const HOLLOW_TABLE = table(104, -20, -8, -22);

const chairWave = (pitch: number, lumbar: number, thorax: number, neck: number): Shape => ({
  symmetric: true, posture: { ...CHAIR_LEGS, pitch, lumbar, thorax, neck, shoulder: [45, 8, 0], elbow: 20, forearm: 60 },
  on: SEATED, at: [['sitR', [-6, null, null]], ['palmMidR', 'kneeR', { gapCm: 7 }]], aim: [SHINS_UPRIGHT[0]!], free: 'legs arms',
});
const CHAIR_FLAT: Shape = { ...chairWave(2, 2, 2, 0), face: TRUNK_UPRIGHT };
const CHAIR_LIFT = chairWave(8, -8, -7, -8);

const birdDog = (arm: boolean): Shape => ({
  posture: {
    pitch: 88, neck: -10, hipR: [88, 0, 0], kneeR: 90, ankle: -50, hipL: [0, 0, 0], shoulderL: [88, 0, 0], forearm: 70, wristL: 80,
    ...(arm ? { shoulderR: [168, 8, 0] as const } : { shoulderR: [88, 0, 0] as const, wristR: 80 }),
  } as Shape['posture'],
  on: [['floor', arm ? 'palmL kneeR instepR' : 'palmL palmR kneeR instepR']],
  face: [['T8', [1, 0, 0], [null, -1, 0]], ['pelvis', ACROSS, ACROSS]],
  aim: [['hipJL', 'ankleL', [-1, 0.02, 0]], ['hipJR', 'kneeR', [null, -1, null]], ...(arm ? [['shoulderJR', 'wristR', [1, 0.05, null]] as const] : [])],
  balance: arm ? 'palmMidL kneeR' : 'palmMidL palmMidR kneeR kneeR', free: 'legs~2 arms~2',
});

export const DOG_CHAIR_BACK: Shape = {
  symmetric: true, posture: { pitch: 90, hip: [92, 3, 0], knee: 4, ankle: 0, shoulder: [172, 3, 0], forearm: 60, wrist: 15 },
  on: [['floor', 'sole'], [88, 'palm']], at: [['palmMidR', [100, null, 17]]], aim: [['hipJR', 'ankleR', [-0.05, -1, 0], 0.6]], free: 'arms legs',
};
const dog = (posture: Shape['posture'], on: string, gap: number, at: NonNullable<Shape['at']> = []): Shape => ({
  symmetric: true, posture: { pitch: 130, hip: [95, 4, 0], shoulder: [170, 4, 0], forearm: 60, wrist: 40, ankle: 15, ...posture },
  on: [['floor', on]], at: [['palmMidR', 'ballR', { gapCm: gap, weight: 0.5 }], ...at], free: 'arms legs',
});

export const allFoursPoses: readonly Pose[] = [
  {
    id: 'cat-cow', family: 'all-fours', name: 'Cat and cow', sanskrit: 'Mārjaryāsana Bitilāsana', aliases: ['cat cow', 'spine waves', 'cat', 'cow', 'marjaryasana'],
    purposes: [{ action: 'mobilise', region: 'low back' }, { action: 'mobilise', region: 'upper back' }], energy: 'neutral',
    hold: { unit: 'rounds', usual: 6, least: 2, most: 15 }, usual: 'cat-cow.all-fours',
    meaning: 'A cat rounds, a cow hollows: the spine in waves with the breath.', parts: ['low back', 'upper back', 'neck'], place: ['warm-up', 'work'], before: [], after: ['childs-pose'],
    guide: { setUp: 'Hands under the shoulders, knees under the hips, fingers wide.', in: 'Let the belly sink, lift breastbone and seat.', out: 'Round from the tail upwards, the head comes last.', look: 'To the floor, a hand ahead of the fingers.', feel: 'As movement along the whole back.', notHere: 'Not in the wrists and not as a pinch in the low back.', comeOut: 'Come back to a flat table and sit back slowly.' },
    mistakes: ['The head is thrown back instead of following the spine.', 'The elbows lock and push outwards.'],
    ladder: [
      {
        id: 'cat-cow.chair-lift', name: 'on a chair, flat to a small lift', words: ['chair lift'], level: 'chair', breath: 'linked', props: [CHAIR], support: 'hand',
        frames: [CHAIR_LIFT, CHAIR_FLAT], view: [18, 12], declared: stretching(0, 0), cues: ['Breathe in: lift the breastbone a little.', 'Breathe out: back to tall, no rounding.'],
      },
      {
        id: 'cat-cow.chair', name: 'on a chair', words: ['chair', 'seated'], level: 'chair', breath: 'linked', props: [CHAIR], support: 'hand',
        frames: [chairWave(-14, 26, 20, 24), CHAIR_LIFT], view: [18, 12], declared: stretching(0, 0), cues: ['Hands on the knees.', 'Breathe out: round. Breathe in: lift the breastbone.'],
      },
      {
        id: 'cat-cow.flat-to-hollow', name: 'flat back to a small hollow', words: ['flat', 'half'], level: 'all-fours', breath: 'linked', props: [], support: 'none',
        frames: [table(94, -8, -4, -8), FLAT_TABLE], view: [12, 12], declared: hatha(1, 1), cues: ['Start with a flat back.', 'Breathe in: a small hollow. Breathe out: back to flat, never round.'],
      },
      {
        id: 'cat-cow.round-to-flat', name: 'round back to flat, no hollow', words: ['round to flat', 'cat only'], level: 'all-fours', breath: 'linked', props: [], support: 'none',
        frames: [table(76, 22, 18, 14), FLAT_TABLE], view: [12, 12], declared: hatha(1, 1), cues: ['Hug the belly as you breathe out and round.', 'Breathe in: back to flat, no further.'],
      },
      {
        id: 'cat-cow.all-fours', name: 'on all fours', level: 'all-fours', breath: 'linked', props: [], support: 'none',
        frames: [table(70, 30, 26, 32), HOLLOW_TABLE], view: [12, 12], declared: hatha(1, 1), cues: ['Hands under shoulders, knees under hips.', 'Breathe out: round. Breathe in: hollow, looking ahead.'],
      },
    ],
  },
  {
    id: 'downward-facing-dog', family: 'all-fours', name: 'Downward-facing dog', sanskrit: 'Adho Mukha Śvānāsana', aliases: ['down dog', 'downward dog', 'dog', 'adho mukha svanasana', 'adho mukha'],
    purposes: [{ action: 'open', region: 'hamstrings' }, { action: 'open', region: 'shoulders' }, { action: 'strengthen', region: 'shoulders' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 15 }, usual: 'downward-facing-dog.full',
    meaning: 'A dog that stretches with its face down: hands and feet on the floor, seat high.', parts: ['hamstrings', 'calves', 'shoulders'], place: ['warm-up', 'work'], before: ['cat-cow'], after: ['childs-pose'],
    guide: { setUp: 'From all fours tuck the toes, hands a little ahead of the shoulders.', look: 'Between the feet or to the knees.', feel: 'In the backs of the legs and along the back and armpits.', notHere: 'Not as pressure in the wrists or behind the eyes.', comeOut: 'Bend the knees and lower them to the floor; rest with the head level.' },
    mistakes: ['The back rounds so that the legs can be straight.', 'The weight falls into the heels of the hands.', 'The head hangs and swings.'],
    ladder: [
      {
        id: 'downward-facing-dog.wall', name: 'hands on the wall', words: ['wall'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'wall', x: 96, where: 'in front, hands at hip height' }],
        frames: [{
          symmetric: true, posture: { pitch: 78, hip: [80, 3, 0], knee: 4, shoulder: [165, 5, 0], forearm: 60, wrist: 70 }, on: [['floor', 'sole'], ['wall', 'palm']],
          at: [['palmMidR', [null, 108, 18]]], face: [['handR', [0, -1, 0], [0, 1, null], 0.5]], aim: [['hipJR', 'ankleR', [-0.03, -1, 0], 0.6]], free: 'arms legs',
        }],
        view: [16, 10], declared: stretching(0, 1), cues: ['Hands on the wall, walk back until arms and back make one line.', 'Ears beside the arms, neck long.'],
      },
      {
        id: 'downward-facing-dog.chair-back', name: 'hands on a chair back', words: ['chair back', 'chair'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'chair', x: 122.5, where: 'in front, its back towards you, against a wall' }],
        frames: [DOG_CHAIR_BACK], view: [16, 10], declared: stretching(0, 1), cues: ['Hands on the chair back, walk back until arms and back make one line.', 'Ears beside the arms, neck long.'],
      },
      {
        id: 'downward-facing-dog.wide-short', name: 'short and wide, heels lifted', words: ['wide', 'short', 'heels lifted'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [dog({ knee: 25, hip: [100, 12, 0] }, 'palm ball', 92, [['ankleR', [null, null, 24], { weight: 0.8 }]])],
        view: [14, 12], declared: hatha(1, 2, { heelsLifted: true }), cues: ['Feet wider than the hips, heels up, knees soft.', 'Down to the knees whenever it is enough.'],
      },
      {
        id: 'downward-facing-dog.bent-knees', name: 'knees bent', words: ['bent knees', 'knees bent'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [dog({ knee: 40, hip: [112, 4, 0] }, 'palm ball', 100)],
        view: [0, 12], declared: hatha(1, 2, { heelsLifted: true }), cues: ['Bend the knees, send the seat up and back.', 'Weight through thumb and first finger.'],
      },
      {
        id: 'downward-facing-dog.full', name: 'full', words: ['full'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [dog({}, 'palm ball heel?', 108)], view: [0, 12], declared: hatha(1, 2),
        cues: ['Press through thumb and first finger, seat up and back.', 'Heels reach down; they need not arrive.'],
      },
    ],
  },
  {
    id: 'childs-pose', family: 'all-fours', name: "Child's pose", sanskrit: 'Bālāsana', aliases: ['kneeling fold', 'mouse', 'child', 'childs pose', 'balasana', 'rest on the knees'],
    purposes: [{ action: 'settle', region: 'whole' }, { action: 'open', region: 'low back', spine: 'flexion' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 8, least: 1, most: 30 }, usual: 'childs-pose.full',
    meaning: 'Curled up small, as a child sleeps.', parts: ['low back', 'outer hip'], place: ['warm-up', 'closing', 'rest'], before: [], after: ['mountain'],
    guide: { setUp: 'Kneel, big toes together, sit back towards the heels.', look: 'Eyes soft or closed.', feel: 'As breath in the back and the sides of the waist.', notHere: 'Not in the knees and not as pressure on the forehead.', comeOut: 'Walk the hands back and come up with the head last.' },
    mistakes: ['The seat hangs in the air and the weight rests on the forehead.', 'The knees are forced together over a full belly.'],
    ladder: [
      {
        id: 'childs-pose.arms-on-chair', name: 'head and arms on a chair seat', words: ['chair', 'head up'], level: 'kneeling', breath: 'natural', support: 'trunk',
        props: [{ kind: 'chair', x: 62, faces: -1, where: 'in front, its seat towards you' }, { kind: 'blanket', count: 2, heightCm: 5, small: true, under: ['sitR', 'sitL'], where: 'between seat and heels' }],
        frames: [{
          symmetric: true, posture: { pitch: 48, lumbar: 8, thorax: 4, neck: 12, hip: [105, 14, 5], knee: 140, ankle: -55, shoulder: [105, 18, -20], elbow: 90, forearm: 70 },
          on: [['floor', 'knee instep'], ['seat', 'elbow wrist?'], [53, 'forehead']], at: [['elbowR', [50, null, 22], { weight: 0.6 }], ['sitR', 'heelBackR', { gapCm: 9 }]],
          free: 'legs arms neck', apart: 'handR-handL forearmR-forearmL forearmR-head forearmL-head handR-head handL-head',
        }],
        view: [24, 14], declared: resting(0, 0), cues: ['Kneel in front of the chair, fold the arms on the seat.', 'Rest the forehead on the arms, the back long.'],
      },
      {
        id: 'childs-pose.forehead-raised', name: 'knees wide, forehead raised', words: ['forehead raised', 'high block'], level: 'kneeling', breath: 'natural', support: 'none',
        props: [{ kind: 'block', heightCm: 15, under: ['forehead'], where: 'under the forehead' }],
        frames: [{
          symmetric: true, posture: { pitch: 75, lumbar: 20, thorax: 10, hip: [120, 30, 15], knee: 150, ankle: -60, shoulder: [150, 15, 0], elbow: 15, forearm: 70, wrist: 20 },
          on: [['floor', 'knee instep palm'], [15, 'forehead']], at: [['sitR', 'heelBackR', { gapCm: 9 }], ['kneeR', [null, null, 23], { weight: 0.5 }]], free: 'legs arms spine neck',
        }],
        view: [38, 24], declared: resting(0, 0), cues: ['Knees wide, big toes together.', 'Forehead on the block, turned to its middle height, weight back on the heels.'],
      },
      {
        id: 'childs-pose.knees-wide-block', name: 'knees wide, forehead on a block', words: ['wide', 'block', 'knees wide'], level: 'kneeling', breath: 'natural', support: 'none',
        props: [{ kind: 'block', heightCm: 10, under: ['forehead'], where: 'under the forehead' }],
        frames: [{
          symmetric: true, posture: { pitch: 75, lumbar: 25, thorax: 15, hip: [120, 30, 15], knee: 150, ankle: -60, shoulder: [150, 15, 0], elbow: 15, forearm: 70, wrist: 20 },
          on: [['floor', 'knee instep palm'], [10, 'forehead']], at: [['sitR', 'heelBackR', { gapCm: 9 }], ['kneeR', [null, null, 23], { weight: 0.5 }]], free: 'legs arms spine neck',
        }],
        view: [38, 24], declared: resting(0, 0), cues: ['Knees wide, big toes together.', 'Forehead on the block, weight back on the heels.'],
      },
      {
        id: 'childs-pose.full', name: 'forehead on the floor', words: ['full', 'floor'], level: 'kneeling', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 80, lumbar: 32, thorax: 20, neck: 10, hip: [125, 18, 10], knee: 152, ankle: -60, shoulder: [150, 12, 0], elbow: 15, forearm: 70, wrist: 15 },
          on: [['floor', 'knee instep palm forehead']], at: [['sitR', 'heelBackR', { gapCm: 8 }], ['kneeR', [null, null, 14], { weight: 0.5 }]], free: 'legs arms spine neck', apart: 'thighR-torso thighL-torso',
        }],
        view: [30, 20], declared: resting(0, 0), cues: ['Seat back to the heels, forehead down.', 'Let the breath move the back.'],
      },
    ],
  },
  {
    id: 'opposite-arm-and-leg', family: 'all-fours', name: 'Opposite arm and leg', sanskrit: 'Daṇḍayamāna Bharmanāsana', aliases: ['bird dog', 'balancing table', 'all fours balance'],
    purposes: [{ action: 'strengthen', region: 'low back' }, { action: 'balance', region: 'whole' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, side: 'the arm that is lifted', usual: 'opposite-arm-and-leg.full',
    meaning: 'One arm and the other leg lifted from all fours, the trunk quiet between them.', parts: ['low back', 'belly', 'shoulders'], place: ['warm-up', 'work'], before: ['cat-cow'], after: ['childs-pose'],
    guide: { setUp: 'All fours; slide one foot back along the floor.', look: 'To the floor between the hands.', feel: 'Around the waist and along the back of the lifted leg.', notHere: 'Not as a pinch in the low back.', comeOut: 'Lower hand and knee together, without a thud.' },
    mistakes: ['The leg is lifted above hip height and the back hollows.', 'The hip of the lifted leg opens to the side.'],
    ladder: [
      {
        id: 'opposite-arm-and-leg.leg-only', name: 'leg only, both hands down', words: ['leg only', 'leg'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [birdDog(false)], view: [8, 12], declared: hatha(1, 2), cues: ['Slide one foot back and lift it to hip height.', 'The hips stay level.'],
      },
      {
        id: 'opposite-arm-and-leg.full', name: 'arm and leg', words: ['full'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [birdDog(true)], view: [8, 12], declared: hatha(1, 2), cues: ['One leg back, the other arm forward.', 'As if a cup of tea stood on the low back.'],
      },
    ],
  },
  {
    id: 'plank', family: 'all-fours', name: 'Plank', sanskrit: 'Phalakāsana', aliases: ['high plank', 'plank pose', 'phalakasana'],
    purposes: [{ action: 'strengthen', region: 'belly' }, { action: 'strengthen', region: 'shoulders' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 10 }, usual: 'plank.full',
    meaning: 'One straight line on hands and feet, like a board.', parts: ['belly', 'shoulders'], place: ['work'], before: ['cat-cow'], after: ['childs-pose'],
    guide: { setUp: 'Hands under the shoulders, step one foot back and then the other.', look: 'To the floor, a hand ahead.', feel: 'Around the whole waist and in the upper arms.', notHere: 'Not in the low back and not in the wrists.', comeOut: 'Knees down first, then sit back.' },
    mistakes: ['The hips sag or stick up.', 'The breath stops.'],
    ladder: [
      {
        id: 'plank.wall', name: 'standing, hands on the wall', words: ['wall'], level: 'standing', breath: 'natural', support: 'hand',
        props: [{ kind: 'wall', x: 62, where: 'in front, hands at shoulder height' }],
        frames: [{
          symmetric: true, posture: { pitch: 14, shoulder: [78, 4, 0], forearm: 80, wrist: 75, ankle: 14 }, on: [['floor', 'sole'], ['wall', 'palm']],
          at: [['palmMidR', [null, 122, 17]]], face: [['handR', [0, -1, 0], [0, 1, null], 0.5]], aim: [['hipJR', 'ankleR', [-0.24, -0.97, null], 0.5]], free: 'arms hip ankle',
        }],
        view: [12, 10], declared: hatha(1, 1), cues: ['Hands on the wall at shoulder height, step back.', 'One line from heels to head.'],
      },
      {
        id: 'plank.knees', name: 'from the knees', words: ['knees', 'from the knees', 'half'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 62, knee: 80, shoulder: [68, 0, 0], forearm: 90, wrist: 80, ankle: -40 }, on: [['floor', 'palm knee']],
          aim: [['shoulderJR', 'wristR', [0, -1, null]]], free: 'arms',
        }],
        view: [0, 12], declared: hatha(2, 2), cues: ['Knees down, hips in line with shoulders.', 'Keep breathing.'],
      },
      {
        id: 'plank.full', name: 'full', words: ['full'], level: 'all-fours', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 75, shoulder: [75, 0, 0], forearm: 90, wrist: 80, ankle: 15 }, on: [['floor', 'palm ball']],
          aim: [['shoulderJR', 'wristR', [0, -1, null]]], free: 'arms ankle',
        }],
        view: [0, 12], declared: strong(2, 3), cues: ['One line from heels to head.', 'Keep breathing.'],
      },
    ],
  },
];
