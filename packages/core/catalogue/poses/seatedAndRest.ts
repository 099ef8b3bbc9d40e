import type { Pose } from '../../src/poses/types.js';
import { blankets, bothAt, rung, vary } from './author.js';
import { HANDS_ON_BELLY, PRONE } from './bases.js';
import { ACROSS, AHEAD, CHAIR, resting, SITTING_TALL, stretching, UP } from './common.js';

export const seatedPoses: readonly Pose[] = [
  {
    id: 'seated-forward-fold', family: 'seated', name: 'Seated forward fold', sanskrit: 'Paścimottānāsana', aliases: ['paschimottanasana', 'seated fold', 'sitting forward bend', 'double fold'],
    purposes: [{ action: 'open', region: 'hamstrings', spine: 'flexion' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 6, least: 1, most: 15 }, usual: 'seated-forward-fold.full',
    meaning: 'Stretch of the west, the back of the body: folding over straight legs.', parts: ['hamstrings', 'low back'], place: ['work', 'closing'], before: ['head-to-knee'], after: ['staff'],
    guide: { setUp: 'Sit on a folded edge, legs ahead.', in: 'Lengthen the front of the body.', out: 'Hinge a little further from the hips.', look: 'To the toes or the shins.', feel: 'Behind the thighs.', notHere: 'Not in the low back and not behind the knees.', comeOut: 'Walk the hands back and sit up with a long back.' },
    mistakes: ['She pulls herself down by the feet.', 'The pelvis rolls back and all the bend is in the back.'],
    ladder: [
      {
        id: 'seated-forward-fold.bent-knees', name: 'knees bent and wide, back long', words: ['bent knees', 'knees bent', 'knees wide'], level: 'sitting', breath: 'natural', support: 'none',
        props: [{ kind: 'blanket', count: 2, heightCm: 6, small: true, under: ['sitR', 'sitL'], where: 'under the front edge of the sitting bones' }],
        frames: [{
          symmetric: true, posture: { pitch: 14, lumbar: 8, thorax: 6, neck: 2, hip: [98, 20, 5], knee: 48, ankle: -5, shoulder: [68, 5, 0], elbow: 12, forearm: 60 },
          on: [[6, 'sit'], ['floor', 'sole']], at: [['palmMidR', 'calfR', { gapCm: 7 }], ['ankleR', [null, null, 26], { weight: 0.6 }]], free: 'legs arms',
        }],
        view: [16, 14], declared: stretching(0, 0), cues: ['Sit up on the blanket, knees bent.', 'Hinge forward with a long back; hands on the shins.'],
      },
      {
        id: 'seated-forward-fold.full', name: 'hands to the feet', words: ['full'], level: 'sitting', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 35, lumbar: 30, thorax: 20, neck: 15, hip: [115, 4, 0], knee: 3, ankle: 5, shoulder: [110, 5, 0], elbow: 15 },
          on: [['floor', 'sit heelBack']], at: [['palmMidR', 'footOutR', { gapCm: 2.5 }]], free: 'legs arms spine',
        }],
        view: [10, 14], declared: stretching(0, 0), cues: ['Lengthen first, then fold.', 'Hands where they reach.'],
      },
    ],
  },
];

export const restPoses: readonly Pose[] = [
  {
    id: 'final-rest', family: 'rest', name: 'Final rest', sanskrit: 'Śavāsana', aliases: ['lie down', 'rest lying', 'savasana', 'shavasana', 'corpse', 'rest', 'relaxation', 'closing rest'],
    purposes: [{ action: 'rest', region: 'whole' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 50, least: 10, most: 120 }, usual: 'final-rest.flat',
    meaning: 'The pose of a body at rest, lying still.', parts: ['whole'], place: ['rest'], before: [], after: [],
    guide: { setUp: 'Arrange everything first: head, knees, warmth.', look: 'Eyes closed or half open.', feel: 'As weight given to the floor.', notHere: 'Nowhere as strain; move if anything hurts.', comeOut: 'Deepen the breath, roll to one side, stay there, then push up with the hands.' },
    mistakes: ['It is cut short because the class runs late.', 'She lies flat although her back or her breath asks for a prop.'],
    ladder: [
      {
        id: 'final-rest.chair', name: 'sitting on a chair', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: [CHAIR], support: 'trunk',
        frames: [SITTING_TALL], view: [38, 12], declared: resting(0, 0, { eyesClosed: true }), cues: ['Lean back, feet on the floor.', 'Eyes closed or resting on one place.'],
      },
      {
        id: 'final-rest.side', name: 'on the side, bolster between the knees', words: ['side', 'on the side', 'side lying'], level: 'side-lying', breath: 'natural', support: 'trunk',
        props: [{ kind: 'bolster', heightCm: 13, baseCm: 8, lengthCm: 52, under: ['kneeInR', 'footInR'], where: 'between knees and feet' },
          { kind: 'blanket', count: 4, heightCm: 10, small: true, under: ['templeL'], where: 'under the head' }],
        frames: [{
          posture: { roll: -90, yaw: 90, hip: [50, 0, 0], knee: 70, shoulderL: [80, -5, 0], shoulderR: [40, 5, 0], elbowL: 95, elbowR: 55, protractionL: 28 },
          on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR'], [10, 'templeL'], [21, 'kneeInR footInR']],
          face: [['C7', AHEAD, ACROSS], ['head', UP, [1, 0, null], 0.5]], at: [['kneeInR', 'kneeInL', { off: [0, null, 0], weight: 0.4 }]], free: 'hip ankle inversion arms bladeL side~3 neckSide',
        }],
        view: [-14, 30], declared: resting(0, 0, { eyesClosed: true }), cues: ['Lie on the side you like, bolster between the knees.', 'Head on the blankets, so that the neck is straight.'],
      },
      {
        id: 'final-rest.propped', name: 'propped up, half sitting', words: ['propped', 'reclined'], level: 'sitting', breath: 'natural', support: 'trunk',
        props: [{ kind: 'bolster', heightCm: 18, baseCm: 3, lengthCm: 66, along: [-0.79, 0.61, 0], under: ['midBack'], where: 'under the back, its far end on a block' },
          { kind: 'blanket', count: 3, heightCm: 12, small: true, under: ['calfR', 'calfL'], where: 'rolled, under the knees' }],
        frames: [{
          symmetric: true, posture: { pitch: -52, lumbar: 6, neck: 4, hip: [42, 6, 10], knee: 26, shoulder: [-12, 24, 25] },
          on: [['floor', 'buttock heelBack'], [25.5, 'midBack'], [44.5, 'headBack']], free: 'legs neck spine',
        }],
        view: [20, 16], declared: resting(0, 0, { eyesClosed: true }), cues: ['Sit against the bolster and lean back, a third of the way up.', 'Arms beside you, palms up.'],
      },
      {
        id: 'final-rest.prone', name: 'on the belly, head on the hands', words: ['prone', 'belly', 'crocodile'], level: 'prone', breath: 'natural', props: [], support: 'trunk',
        frames: [{
          symmetric: true, posture: { pitch: 88, lumbar: -4, thorax: -4, neck: -4, hip: [-5, 9, 0], ankle: -55, shoulder: [115, 25, -20], elbow: 110, forearm: 80 },
          on: [['floor', 'pubis belly knee instep elbow'], [4, 'forehead']], at: [['knucklesR', 'forehead', { off: [1, -3, 4] }]],
          face: [['handR', [0, 0, -1], [null, -1, null], 0.3]], free: 'arms legs spine neck',
        }],
        view: [28, 18], declared: resting(0, 0, { eyesClosed: true }), cues: ['Forehead on the back of the hands.', 'Feet apart, heels falling outwards.'],
      },
      rung('final-rest.hands-on-belly', 'flat, hands on the belly', 'hands on the belly|arms close', 'lying', resting(0, 0, { eyesClosed: true }), {
        symmetric: true, posture: { pitch: -90, hip: [2, 10, 20], ankle: -20, ...HANDS_ON_BELLY.arms }, on: [['floor', 'sacrum midBack headBack heelBack elbow?']], at: HANDS_ON_BELLY.at, ...HANDS_ON_BELLY.held,
      }, [26, 26], ['Elbows on the floor beside you, hands on the belly.', 'Nothing to do.'], { support: 'trunk' }),
      {
        id: 'final-rest.knees-raised', name: 'knees over a bolster', words: ['bolster', 'knees raised', 'knees over a bolster'], level: 'lying', breath: 'natural', support: 'trunk',
        props: [{ kind: 'bolster', heightCm: 20, lengthCm: 66, along: [0, 0, 1], under: ['kneeR', 'kneeL'], where: 'under the knees' }],
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [30, 8, 10], knee: 52, ankle: -15, shoulder: [-5, 28, 40], forearm: -30 },
          on: [['floor', 'sacrum midBack headBack heelBack handBack'], [20, 'knee']], free: 'legs arms neck',
        }],
        view: [22, 20], declared: resting(0, 0, { eyesClosed: true }), cues: ['Bolster under the knees, low back at ease.', 'Arms a little away, palms up.'],
      },
      {
        id: 'final-rest.flat', name: 'flat on the back', words: ['flat', 'on the back'], level: 'lying', breath: 'natural', props: [], support: 'trunk',
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [2, 10, 20], ankle: -20, shoulder: [-5, 28, 40], forearm: -30 },
          on: [['floor', 'sacrum midBack headBack heelBack handBack']], free: 'hip arms neck',
        }],
        view: [26, 26], declared: resting(0, 0, { eyesClosed: true }), cues: ['Legs a little apart, arms away, palms up.', 'Nothing to do.'],
      },
      {
        id: 'final-rest.eye-pillow', name: 'flat, with an eye pillow', words: ['eye pillow', 'eye bag', 'eyes covered'], level: 'lying', breath: 'natural', props: [], support: 'trunk',
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [2, 10, 20], ankle: -20, shoulder: [-5, 28, 40], forearm: -30 },
          on: [['floor', 'sacrum midBack headBack heelBack handBack']], free: 'hip arms neck',
        }],
        view: [26, 26], declared: resting(0, 0, { eyesClosed: true, eyeContact: true }), cues: ['Legs a little apart, arms away, palms up.', 'The pillow lies lightly; without it is as good.'],
      },
      rung('final-rest.hands-behind-neck', 'on the belly, hands behind the neck', 'hands behind the neck', 'prone', resting(0, 0, { eyesClosed: true }), vary(PRONE, { shoulder: [70, 62, 30], elbow: 138, forearm: 40, neck: -2 }, { on: [['floor', 'pubis belly knee instep elbow?'], [2.5, 'forehead']], at: bothAt(['palmMidR', 'neckBack', { gapCm: 6, weight: 0.6 }]), free: 'arms legs lumbar neck', apart: 'handR-head handL-head forearmR-head forearmL-head handR-handL upperArmR-head upperArmL-head' }), [36, 26], ['Forehead on a blanket, hands behind the neck.'], { props: [blankets(1, 'forehead', 'under the forehead')], support: 'trunk' }),
    ],
  },
];
