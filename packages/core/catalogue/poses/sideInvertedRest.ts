import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, bothAim, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { BACK_KNEES, SIDE } from './bases.js';
import { AHEAD, resting, stretching, strong, UP } from './common.js';

const HEAD = { props: [blankets(4, 'templeL', 'under the head')], support: 'trunk' } as const, linked = { breath: 'linked' } as const;
const side = (posture: Shape['posture'], on = 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR', more: Partial<Shape> = {}): Shape => vary(SIDE, posture, { on: [['floor', on], [10, 'templeL']], ...more });

export const sidePoses: readonly Pose[] = [
  {
    id: 'side-lying-leg-lift', family: 'side-lying', name: 'Side-lying leg lift', sanskrit: 'Anantāsana', aliases: ['anantasana', 'side leg lift lying', 'lying hip abduction', 'clam', 'clamshell'],
    meaning: 'On the side, the upper knee or leg lifts.', parts: ['outer hip'], place: ['work'], before: ['knees-to-chest'], after: ['supine-figure-four'],
    purposes: [to('strengthen', 'outer hip'), to('strengthen', 'side body')], energy: 'neutral', hold: rounds(6, 3, 12), side: 'the upper leg', usual: 'side-lying-leg-lift.clam',
    guide: { setUp: 'On the side, knees bent, head on blankets.', in: 'Lower.', out: 'Lift.', look: 'Straight ahead.', feel: 'At the outside of the upper hip.', notHere: 'Not in the low back or groin.', comeOut: 'Rest, then roll over.' },
    mistakes: ['The pelvis rolls back.'],
    ladder: [
      rung('side-lying-leg-lift.clam', 'knee only, feet together', 'clam|knee', 'side-lying', stretching(0, 1), [side({}, 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR', { at: [['kneeInR', 'kneeInL', { off: [0, null, 0], weight: 0.4 }]] }), side({ hipR: [50, 26, 32] }, 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR', { at: [['footInR', 'footInL', { gapCm: 2, weight: 0.6 }]] })], [20, 34], ['Feet together, lift the upper knee and lower it.'], { ...HEAD, ...linked }),
      rung('side-lying-leg-lift.straight', 'upper leg long', 'straight|full', 'side-lying', stretching(0, 1), [side({ hipR: [2, 0, 0], kneeR: 2 }, 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR'), side({ hipR: [2, 26, 0], kneeR: 2 }, 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR', { free: 'hipL ankleL inversionL arms bladeL side~3 neckSide' })], [20, 34], ['Upper leg long, lift it a little and lower it.'], { ...HEAD, ...linked }),
    ],
  },
  {
    id: 'open-book', family: 'side-lying', name: 'Open book', aliases: ['side-lying twist', 'side lying chest opening', 'windmill lying', 'lying chest opener'],
    meaning: 'On the side, the upper arm opens like a page.', parts: ['chest', 'upper back', 'shoulders'], place: ['warm-up', 'work', 'closing'], before: ['cat-cow'], after: ['knees-to-chest'],
    purposes: [to('mobilise', 'upper back', 'twist'), to('open', 'chest')], energy: 'settling', hold: breaths(3, 1, 8), side: 'the arm that opens', usual: 'open-book.half',
    guide: { setUp: 'On the side, knees together on the floor or a block.', in: 'Open the upper arm.', out: 'Stay or close.', look: 'After the hand, if the neck likes it.', feel: 'Across chest and upper back.', notHere: 'Not in the low back: the knees stay stacked.', comeOut: 'Close the book, roll over.' },
    mistakes: ['The knees part and the low back twists.'],
    ladder: [
      rung('open-book.half', 'arm to the ceiling', 'half|small', 'side-lying', stretching(0, 0), side({ twist: 16, neckTwist: 14, hip: [80, 0, 0], knee: 90, shoulderR: [10, 86, 0], elbowR: 4, shoulderL: [86, -5, 0], elbowL: 10 }, 'trochanterL kneeOutL ankleOutL wristL?', { face: [['C7', AHEAD, [0, 0.3, 0.95], 0.6]], aim: [['shoulderJR', 'wristR', [0, 1, null], 0.5]], at: [['kneeInR', 'kneeInL', { off: [0, null, 0], weight: 0.4 }]], free: 'hip ankle inversion arms bladeL side~3 neckSide twist~2' }), [30, 34], ['Knees stacked, upper arm to the ceiling.'], HEAD),
      rung('open-book.open', 'arm opens behind to a bolster', 'open|full|bolster', 'side-lying', stretching(0, 0), {
        posture: { roll: -90, yaw: 90, twist: 44, neckTwist: 34, hip: [84, 0, 0], knee: 92, shoulderR: [0, 86, 40], elbowR: 4, shoulderL: [88, -5, 0], elbowL: 6 },
        on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL handBackL?'], [10, 'headBack?']], face: [['C7', AHEAD, [0, 0.72, 0.69], 0.6]], aim: [['shoulderJR', 'wristR', [null, 0.15, -0.95], 0.4]], at: [['kneeInR', 'kneeInL', { off: [0, null, 0], weight: 0.4 }], ['headBack', [null, 11, null], { weight: 0.4 }]], free: 'hip ankle inversion arms side neckSide neckTwist twist~2 lumbar~4',
      }, [30, 40], ['Knees stacked, open the arm behind you.', 'Something under it, if it hangs.'], { props: [blankets(4, 'headBack', 'under the head')], support: 'trunk' }),
    ],
  },
  {
    id: 'side-rest', family: 'side-lying', name: 'Side-lying rest', aliases: ['rest on the side', 'lying on the left side', 'recovery position rest'],
    meaning: 'On the side, well padded.', parts: ['whole'], place: ['closing', 'rest'], before: [], after: [],
    purposes: [to('rest', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(20, 3, 120), side: 'the side she lies on', usual: 'side-rest.hug',
    guide: { setUp: 'Lie on the side you like, head level, knees apart on something.', look: 'Eyes closed.', feel: 'As weight given away.', notHere: 'Not as pressure on shoulder or hip: roll a little forward.', comeOut: 'Push up with the upper hand.' },
    mistakes: ['The neck hangs to the floor.'],
    ladder: [
      rung('side-rest.hug', 'hugging a bolster', 'hug|bolster', 'side-lying', resting(0, 0, { eyesClosed: true }), {
        ...SIDE, posture: { ...SIDE.posture, shoulderR: [58, 8, 0], elbowR: 60, hipR: [70, 6, 0], kneeR: 80 },
        on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL wristL'], [10, 'templeL'], [18, 'kneeInR footInR?'], [18, 'elbowR?']],
      }, [-14, 32], ['Bolster lengthwise in front, upper leg and arm on it.'], { props: [blankets(4, 'templeL', 'under the head'), { kind: 'bolster', heightCm: 18, lengthCm: 80, along: [1, 0, 0], under: ['kneeInR', 'elbowR'], where: 'lengthwise in front, under knee and arm' }], support: 'trunk' }),
    ],
  },
];

export const invertedPoses: readonly Pose[] = [
  {
    id: 'headstand', family: 'inverted', name: 'Headstand', sanskrit: 'Śīrṣāsana', aliases: ['sirsasana', 'shirshasana', 'salamba sirsasana', 'head stand'],
    meaning: 'Standing on head and forearms.', parts: ['whole', 'neck', 'shoulders'], place: ['work'], before: ['dolphin'], after: ['childs-pose'],
    purposes: [to('invert', 'whole'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(5, 1, 15), usual: 'headstand.full',
    guide: { setUp: 'Forearms down, hands round the head, weight in the forearms.', look: 'Straight ahead.', feel: 'In the forearms and shoulders.', notHere: 'Not on the neck: then come down.', comeOut: 'Down with bent knees, rest with the head low.' },
    mistakes: ['She kicks up.', 'The neck carries the weight.'],
    ladder: [
      rung('headstand.feet-down', 'half way, feet on the floor', 'half|feet down', 'inverted', strong(1, 3), { symmetric: true, posture: { pitch: 140, neck: -4, hip: [104, 2, 0], knee: 8, ankle: 10, shoulder: [140, 8, 10], elbow: 118, forearm: 10 }, on: [['floor', 'elbow wrist? crown ball']], at: bothAt(['elbowR', [null, null, 18], { weight: 0.6 }], ['wristR', 'headBack', { gapCm: 10, weight: 0.4 }]), balance: 'elbowR elbowL crown ballR ballL', free: 'arms legs neck spine~4', apart: 'handR-head handL-head forearmR-head forearmL-head handR-handL forearmR-forearmL' }, [6, 10], ['Forearms down, walk the feet in, weight in the forearms.'], { entry: 'all-fours', exit: 'all-fours' }),
      rung('headstand.full', 'full', 'full', 'inverted', strong(2, 3), { symmetric: true, posture: { pitch: 180, neck: -6, hip: [2, 1, 0], ankle: -20, shoulder: [148, 8, 10], elbow: 122, forearm: 10 }, on: [['floor', 'elbow wrist? crown']], at: bothAt(['elbowR', [null, null, 18], { weight: 0.6 }], ['wristR', 'headBack', { gapCm: 10, weight: 0.4 }]), aim: bothAim(['hipJR', 'ankleR', UP]), face: [['pelvis', UP, [0, -1, 0]]], balance: 'crown elbowR elbowL', free: 'arms hip neck', apart: 'handR-head handL-head forearmR-head forearmL-head handR-handL forearmR-forearmL' }, [10, 8], ['One line, weight in the forearms.'], { entry: 'all-fours', exit: 'all-fours' }),
    ],
  },
  {
    id: 'wall-half-handstand', family: 'inverted', name: 'Half handstand at the wall', sanskrit: 'Ardha Adho Mukha Vṛkṣāsana', aliases: ['ardha adho mukha vrksasana', 'l shape handstand', 'l-shape at the wall', 'handstand'],
    meaning: 'Hands down, feet on the wall at hip height.', parts: ['shoulders', 'whole'], place: ['work'], before: ['downward-facing-dog'], after: ['childs-pose'],
    purposes: [to('invert', 'whole'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(3, 1, 6), usual: 'wall-half-handstand.wall',
    guide: { setUp: 'Hands a leg’s length from the wall, walk the feet up to hip height.', look: 'To the wall between the feet.', feel: 'In arms and shoulders.', notHere: 'Not in the wrists or as pressure in the head.', comeOut: 'Walk the feet down, rest with the head low.' },
    mistakes: ['The hands are too far from the wall.'],
    ladder: [
      rung('wall-half-handstand.wall', 'feet on the wall', 'wall|full', 'inverted', strong(2, 3), { symmetric: true, posture: { pitch: 180, yaw: 180, hip: [90, 2, 0], ankle: 0, shoulder: [172, 4, 0], forearm: 60, wrist: 80 }, on: [['floor', 'palm'], ['wall', 'sole']], at: bothAt(['ankleR', [null, 84, null], { weight: 0.6 }]), aim: bothAim(['wristR', 'shoulderJR', [0.04, 1, null], 0.5]), free: 'arms legs' }, [10, 10], ['Hands under the shoulders, feet on the wall at hip height.'], { props: [{ kind: 'wall', x: 84, where: 'behind the feet' }], support: 'hand', entry: 'all-fours', exit: 'all-fours' }),
    ],
  },
];

export const restorativePoses: readonly Pose[] = [
  {
    id: 'rest-on-props', family: 'rest', name: 'Rest on the props', aliases: ['rest after inversion', 'rest on the blankets', 'landing on the bolster'],
    meaning: 'After an inversion: lying with the back on the blankets, legs bent.', parts: ['whole', 'chest'], place: ['closing', 'rest'], before: ['shoulder-stand', 'plough'], after: ['final-rest'],
    purposes: [to('rest', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(10, 3, 60), usual: 'rest-on-props.blankets',
    guide: { setUp: 'Slide down until the pelvis lies on the floor or the bolster.', look: 'Eyes closed.', feel: 'As quiet in throat and chest.', notHere: 'Not as a bend in the neck.', comeOut: 'Roll to one side off the props.' },
    mistakes: ['She sits up at once.'],
    ladder: [
      rung('rest-on-props.blankets', 'back on two blankets, head on the floor', 'blankets|full', 'lying', resting(0, 0, { eyesClosed: true }), vary(BACK_KNEES, { thorax: -2 }, { on: [['floor', 'sole headBack handBack?'], [5, 'sacrum midBack']], free: 'legs arms neck spine~4' }), [16, 16], ['Slide down, back on the blankets, knees bent.'], { props: [{ kind: 'blanket', count: 2, heightCm: 5, under: ['midBack', 'sacrum'], where: 'under the back' }], support: 'trunk' }),
    ],
  },
  {
    id: 'supported-childs-pose', family: 'rest', name: 'Child’s pose over a bolster', sanskrit: 'Sālamba Bālāsana', aliases: ['supported childs pose', 'salamba balasana', 'child over a bolster', 'bolster childs pose'],
    meaning: 'Knees wide, the trunk resting along a bolster.', parts: ['low back', 'whole'], place: ['closing', 'rest'], before: ['childs-pose'], after: ['final-rest'],
    purposes: [to('rest', 'whole'), to('open', 'low back', 'flexion')], energy: 'settling', hold: breaths(12, 3, 40), usual: 'supported-childs-pose.bolster',
    guide: { setUp: 'Knees wide, bolster between them, lie along it.', look: 'Head to one side, half way to the other.', feel: 'As breath in the back.', notHere: 'Not in the knees.', comeOut: 'Push up with the hands.' },
    mistakes: ['The bolster is low and the head hangs.'],
    ladder: [
      rung('supported-childs-pose.bolster', 'trunk on a bolster', 'bolster|full', 'kneeling', resting(0, 0, { eyesClosed: true }), {
        symmetric: true, posture: { pitch: 64, lumbar: 16, thorax: 6, neck: 2, hip: [118, 34, 18], knee: 146, ankle: -58, shoulder: [96, 24, -10], elbow: 60, forearm: 80 },
        on: [['floor', 'knee instep elbow?'], [25, 'chest'], [24, 'forehead']], at: bothAt(['sitR', 'heelBackR', { gapCm: 10 }], ['kneeR', [null, null, 26], { weight: 0.5 }]), free: 'legs arms spine neck', apart: 'thighR-torso thighL-torso',
      }, [34, 18], ['Knees wide, lie along the bolster.'], { props: [{ kind: 'bolster', heightCm: 18, baseCm: 6, lengthCm: 66, along: [1, 0, 0], under: ['chest', 'forehead'], where: 'lengthwise between the knees, on a low block' }], support: 'trunk' }),
    ],
  },
  {
    id: 'couch-rest', family: 'rest', name: 'Rest on couch or bed', aliases: ['rest on the couch', 'rest on a bed', 'bed rest', 'lying on the couch'],
    meaning: 'Final rest at the height of a chair: no way to the floor.', parts: ['whole'], place: ['closing', 'rest'], before: ['seated-rest'], after: [],
    purposes: [to('rest', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(40, 5, 120), usual: 'couch-rest.couch',
    guide: { setUp: 'Sit on the edge, lie down over the side, pillow under the head.', look: 'Eyes closed.', feel: 'As weight given away.', notHere: 'Not as a hollow in the low back: raise the knees.', comeOut: 'Roll to the side, push up, sit for three breaths.' },
    mistakes: ['She lies flat although her breath asks for a raised back.'],
    ladder: [
      rung('couch-rest.couch', 'on the side on a couch', 'side', 'side-lying', resting(0, 0, { eyesClosed: true }), { ...SIDE, on: [[45, 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR'], [55, 'templeL']] }, [-14, 24], ['On the side, pillow under the head.'], { props: [{ kind: 'stool', heightCm: 45, x: 0, size: [190, 80], where: 'a couch or bed' }, { kind: 'blanket', count: 4, heightCm: 55, small: true, under: ['templeL'], where: 'under the head' }], support: 'trunk', entry: 'chair', exit: 'chair' }),
    ],
  },
];
