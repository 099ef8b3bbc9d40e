import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, bothAim, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { PRONE } from './bases.js';
import { ACROSS, hatha, resting, stretching, strong } from './common.js';

const linked = { breath: 'linked' } as const;
const FOREHEAD_ON_HANDS: Pick<Shape, 'at' | 'face'> = { at: bothAt(['knucklesR', 'forehead', { off: [1, -3, 4] }]), face: [['handR', [0, 0, -1], [null, -1, null], 0.3], ['handL', [0, 0, 1], [null, -1, null], 0.3]] };

export const proneWorkPoses: readonly Pose[] = [
  {
    id: 'crocodile', family: 'prone', name: 'Crocodile', sanskrit: 'Makarāsana', aliases: ['makarasana', 'prone rest', 'chin in the palms', 'lying on the belly'],
    meaning: 'A crocodile at rest: belly down, head on hands.', parts: ['low back', 'whole'], place: ['work', 'closing', 'rest'], before: ['locust'], after: ['childs-pose'],
    purposes: [to('settle', 'low back'), to('rest', 'whole')], energy: 'settling', hold: breaths(10, 2, 40), usual: 'crocodile.forehead',
    guide: { setUp: 'Belly down, legs a little apart.', look: 'Eyes closed or ahead.', feel: 'As breath in low back and belly.', notHere: 'Not as a pinch in the low back: lower the head.', comeOut: 'Hands beside the chest, push up to all fours.' },
    mistakes: ['The chin pushes up.'],
    ladder: [
      rung('crocodile.forehead', 'forehead on the hands', 'forehead|low', 'prone', resting(0, 0), { ...vary(PRONE, { neck: -4, shoulder: [115, 25, -20], elbow: 110, forearm: 80 }, { on: [['floor', 'pubis belly knee instep elbow'], [4, 'forehead']], free: 'arms legs spine neck', ...FOREHEAD_ON_HANDS }) }, [28, 18], ['Forehead on the back of the hands.', 'Feet apart, heels falling outwards.'], { support: 'trunk' }),
      rung('crocodile.chin-in-palms', 'chin in the palms', 'chin in the palms|palms|high', 'prone', resting(0, 0), {
        ...vary(PRONE, { pitch: 86, lumbar: -18, thorax: -14, neck: -18, shoulder: [92, 14, -10], elbow: 128, forearm: 10, wrist: 40 }, { on: [['floor', 'pubis knee instep elbow']], at: bothAt(['elbowR', [null, null, 22], { weight: 0.6 }], ['palmMidR', 'chin', { gapCm: 6 }]), free: 'arms legs spine~3 neck', apart: 'handR-head handL-head forearmR-head forearmL-head handR-handL' }),
      }, [26, 14], ['Elbows a little wider than the shoulders, chin in the palms.', 'Let the belly be heavy.'], { support: 'trunk' }),
      rung('crocodile.hands-behind-neck', 'hands behind the neck', 'hands behind the neck', 'prone', resting(0, 0), {
        ...vary(PRONE, { shoulder: [70, 62, 30], elbow: 138, forearm: 40, neck: -2 }, { on: [['floor', 'pubis belly knee instep elbow?'], [2.5, 'forehead']], at: bothAt(['palmMidR', 'neckBack', { gapCm: 6, weight: 0.6 }]), free: 'arms legs lumbar neck', apart: 'handR-head handL-head forearmR-head forearmL-head handR-handL upperArmR-head upperArmL-head' }),
      }, [36, 26], ['Forehead on a blanket, hands behind the neck.', 'Let the shoulders be heavy.'], { props: [blankets(1, 'forehead', 'under the forehead')], support: 'trunk' }),
    ],
  },
  {
    id: 'prone-opposite-arm-leg', family: 'prone', name: 'Prone opposite arm and leg', aliases: ['opposite arm and leg prone', 'prone cross lift', 'swimmer', 'half locust opposite'],
    meaning: 'Belly down, one arm and the other leg lift a little.', parts: ['low back', 'upper back', 'shoulders'], place: ['work'], before: ['crocodile'], after: ['crocodile'],
    purposes: [to('strengthen', 'low back', 'extension'), to('strengthen', 'upper back')], energy: 'lifting', hold: breaths(3, 1, 6), side: 'the lifted arm', usual: 'prone-opposite-arm-leg.full',
    guide: { setUp: 'Belly down, forehead low, arms ahead.', in: 'Lift arm and leg, the same height each time.', out: 'Lower.', look: 'To the floor.', feel: 'Beside the spine and in the buttock.', notHere: 'Not as a pinch; the trunk does not roll.', comeOut: 'Rest with the head on the hands.' },
    mistakes: ['The pelvis rolls to lift higher.'],
    ladder: [
      rung('prone-opposite-arm-leg.leg-only', 'leg only, head on the hands', 'leg only|leg', 'prone', hatha(1, 1), { ...vary(PRONE, { hipL: [-14, 4, 0], neck: -4, shoulder: [115, 25, -20], elbow: 110, forearm: 80 }, { sided: true, on: [['floor', 'pubis belly kneeR instepR elbow'], [4, 'forehead']], free: 'arms legR spine~4 neck', ...FOREHEAD_ON_HANDS }), }, [16, 14], ['Forehead on the hands, one leg long and a little up.'], { support: 'trunk' }),
      rung('prone-opposite-arm-leg.full', 'arm and leg', 'full', 'prone', hatha(1, 2), vary(PRONE, { lumbar: -8, thorax: -6, neck: -4, hipL: [-14, 4, 0], shoulderR: [176, 12, 0], shoulderL: [120, 30, -10], elbowL: 80, forearmL: 85 }, { sided: true, on: [['floor', 'pubis belly kneeR instepR palmL?']], free: 'legR armL lumbar', face: [['pelvis', ACROSS, ACROSS], ['C7', ACROSS, ACROSS]] }), [16, 14], ['One arm and the other leg long and a little up.', 'Trunk level, the same height each time.'], linked),
    ],
  },
  {
    id: 'half-frog', family: 'prone', name: 'Half frog, lying', aliases: ['half frog prone', 'prone half frog', 'knee to the side on the belly', 'lizard rest'],
    meaning: 'Belly down, one knee drawn up to the side.', parts: ['inner thigh', 'outer hip'], place: ['work', 'closing', 'rest'], before: ['crocodile'], after: ['crocodile'],
    purposes: [to('open', 'inner thigh'), to('settle', 'whole')], energy: 'settling', hold: breaths(8, 2, 20), side: 'the bent leg', usual: 'half-frog.floor',
    guide: { setUp: 'Belly down, draw one knee up along the floor.', look: 'Away from the knee or closed.', feel: 'In the inner thigh and groin.', notHere: 'Not in the knee or the low back.', comeOut: 'Slide the leg down and change.' },
    mistakes: ['The knee is forced high.'],
    ladder: [
      rung('half-frog.floor', 'cheek on the hands', 'floor|full', 'prone', resting(0, 0), {
        posture: { pitch: 89, lumbar: -3, hipR: [30, 62, 50], kneeR: 92, ankleR: -30, hipL: [-4, 6, 0], ankleL: -55, shoulder: [115, 25, -20], elbow: 110, forearm: 80, neckTwist: -58, neck: -2 },
        on: [['floor', 'pubis belly kneeL instepL kneeInR footInR? elbow'], [5, 'templeR']], at: bothAt(['knucklesR', 'templeR', { off: [0, -4, 3], weight: 0.5 }]), face: [['pelvis', ACROSS, ACROSS, 0.6], ['C7', ACROSS, ACROSS, 0.6]], aim: [['hipJR', 'kneeR', [-0.12, null, 0.99], 0.8]], free: 'hip ankle inversion arms lumbar neck neckTwist neckSide', apart: 'handR-handL handR-head handL-head forearmR-forearmL forearmR-head forearmL-head',
      }, [60, 40], ['Draw one knee up to the side, cheek on the hands.'], { support: 'trunk' }),
    ],
  },
  {
    id: 'heel-kicks', family: 'prone', name: 'Heel kicks', aliases: ['heel kicks one at a time', 'prone leg bends', 'kicking the seat'],
    meaning: 'Belly down, one heel and then the other swings to the seat.', parts: ['front hip', 'hamstrings'], place: ['warm-up', 'work'], before: ['crocodile'], after: ['crocodile'],
    purposes: [to('mobilise', 'front hip'), to('settle', 'low back')], energy: 'neutral', hold: rounds(10, 4, 20), usual: 'heel-kicks.floor',
    guide: { setUp: 'Belly down, forehead on the hands.', in: 'One heel to the seat.', out: 'Change.', look: 'Down, eyes soft.', feel: 'In the fronts of the thighs and as a soft shaking of the pelvis.', notHere: 'Not in the knees.', comeOut: 'Let both feet sink.' },
    mistakes: ['It is done with force.'],
    ladder: [
      rung('heel-kicks.floor', 'forehead on the hands', 'floor', 'prone', stretching(0, 0), (['R', 'L'] as const).map((side) => ({ ...vary(PRONE, { [`knee${side}`]: 96, [`ankle${side}`]: -10, neck: -4, shoulder: [115, 25, -20], elbow: 110, forearm: 80 }, { sided: true, on: [['floor', `pubis belly knee instep${side === 'R' ? 'L' : 'R'} elbow`], [4, 'forehead']], free: `arms hip ankle${side === 'R' ? 'L' : 'R'} spine~4 neck`, ...FOREHEAD_ON_HANDS }) })), [16, 14], ['One heel swings to the seat, then the other.'], { support: 'trunk', ...linked }),
    ],
  },
  {
    id: 'bow', family: 'prone', name: 'Bow', sanskrit: 'Dhanurāsana', aliases: ['dhanurasana', 'bow pose'],
    meaning: 'A drawn bow: hands hold the ankles, belly down.', parts: ['front hip', 'chest'], place: ['work'], before: ['locust'], after: ['childs-pose'],
    purposes: [to('open', 'front hip', 'extension'), to('open', 'chest')], energy: 'lifting', hold: breaths(3, 1, 5), usual: 'bow.full',
    guide: { setUp: 'Belly down, bend the knees, take the ankles.', in: 'Press the feet back.', out: 'Stay.', look: 'Ahead on the floor.', feel: 'In the front of thighs and chest.', notHere: 'Not in the knees or the low back.', comeOut: 'Let go one foot at a time.' },
    mistakes: ['The arms pull and the knees go wide.'],
    ladder: [
      rung('bow.half', 'one leg, the other arm under the forehead', 'half|one leg', 'prone', hatha(1, 1, { bind: true }), {
        ...vary(PRONE, { lumbar: -8, thorax: -4, neck: -4, hipR: [-10, 2, 0], kneeR: 112, ankleR: -25, shoulderR: [-44, 8, 0], elbowR: 6, shoulderL: [125, 24, -20], elbowL: 104, forearmL: 80 }, { sided: true, on: [['floor', 'pubis belly kneeL instepL elbowL'], [3, 'forehead']], at: [['palmMidR', 'instepR', { gapCm: 4 }], ['knucklesL', 'forehead', { off: [2, -2, -2], weight: 0.5 }]], free: 'legs arms spine~3 neck', apart: 'handR-shankR forearmR-shankR handR-pelvis forearmR-pelvis handR-thighR forearmR-thighR footR-pelvis handL-head forearmL-head' }),
      }, [12, 14], ['Hold one foot, press it back a little.', 'Half way through, the other foot.'], { support: 'trunk', alternates: true }),
      rung('bow.full', 'both legs', 'full', 'prone', strong(1, 2, { bind: true }), {
        symmetric: true, posture: { pitch: 90, lumbar: -30, thorax: -26, neck: -16, hip: [-24, 8, 0], knee: 104, ankle: -20, shoulder: [-62, 8, 0], elbow: 2 }, on: [['floor', 'pubis belly']], at: bothAt(['palmMidR', 'ankleR', { gapCm: 5 }]), free: 'legs arms spine~2', apart: 'handR-shankR forearmR-shankR handL-shankL forearmL-shankL handR-footR handL-footL',
      }, [10, 12], ['Hold the ankles, press the feet back.', 'Keep breathing.']),
    ],
  },
  {
    id: 'upward-facing-dog', family: 'prone', name: 'Upward-facing dog', sanskrit: 'Ūrdhva Mukha Śvānāsana', aliases: ['urdhva mukha svanasana', 'up dog', 'upward dog', 'updog'],
    meaning: 'A dog looking up: chest open, legs off the floor.', parts: ['chest', 'front hip', 'wrists'], place: ['work'], before: ['cobra'], after: ['downward-facing-dog'],
    purposes: [to('open', 'chest', 'extension'), to('strengthen', 'shoulders')], energy: 'lifting', hold: breaths(2, 1, 5), usual: 'upward-facing-dog.full',
    guide: { setUp: 'Hands beside the ribs, press into hands and insteps.', in: 'Lift the breastbone.', look: 'Straight ahead.', feel: 'Across the chest and the front of the hips.', notHere: 'Not in the low back or the wrists.', comeOut: 'Lower, or lift the hips back.' },
    mistakes: ['The shoulders hang at the ears.', 'The head drops back.'],
    ladder: [
      rung('upward-facing-dog.chair', 'hands on a chair seat', 'chair', 'standing', hatha(0, 2), { symmetric: true, posture: { pitch: 38, lumbar: -14, thorax: -10, neck: -8, hip: [-12, 3, 0], ankle: 0, shoulder: [32, 8, 0], forearm: 70, wrist: 70 }, on: [['floor', 'ball'], ['seat', 'palm']], at: bothAt(['palmMidR', [60, null, 17], { weight: 0.6 }], ['ballR', [-66, null, null], { weight: 0.3 }]), free: 'legs arms spine~4' }, [10, 10], ['Hands on the chair seat, hips forward, chest up.'], { props: [{ kind: 'chair', x: 68, faces: -1, where: 'in front, its seat towards you, against a wall' }], support: 'hand' }),
      rung('upward-facing-dog.full', 'full', 'full', 'prone', strong(1, 3), { symmetric: true, posture: { pitch: 62, lumbar: -30, thorax: -26, neck: -14, hip: [-18, 4, 0], knee: 0, ankle: -58, shoulder: [18, 8, 0], forearm: 70, wrist: 80 }, on: [['floor', 'palm instep']], at: bothAt(['kneeR', [null, 9, null], { weight: 0.6 }]), aim: bothAim(['shoulderJR', 'wristR', [0.05, -1, null], 0.4]), free: 'arms hip ankle spine~3' }, [10, 12], ['Press hands and insteps, thighs off the floor.']),
    ],
  },
  {
    id: 'low-chest-lift', family: 'prone', name: 'Low chest lifts', aliases: ['prone chest lift', 'small chest lifts', 'baby cobra lifts', 'chest lifts looking forward'],
    meaning: 'Belly down, the chest lifts a hand high and sinks.', parts: ['upper back', 'low back'], place: ['warm-up', 'work'], before: ['crocodile'], after: ['crocodile'],
    purposes: [to('strengthen', 'upper back', 'extension'), to('mobilise', 'upper back')], energy: 'neutral', hold: rounds(5, 2, 8), usual: 'low-chest-lift.floor',
    guide: { setUp: 'Belly down, hands beside the ribs.', in: 'Lift the chest a hand.', out: 'Lower it.', look: 'Ahead on the floor, not up.', feel: 'Between the shoulder blades.', notHere: 'Not in the low back or the neck.', comeOut: 'Rest on the hands.' },
    mistakes: ['The arms do the work.'],
    ladder: [
      rung('low-chest-lift.bolster', 'chest over a rolled blanket', 'blanket|bolster', 'prone', stretching(0, 1), [
        vary(PRONE, { lumbar: -4, thorax: -2, neck: 4, shoulder: [40, 40, 0], elbow: 100, forearm: 80, wrist: 40 }, { on: [['floor', 'pubis knee instep palm?'], [10, 'chest']], free: 'legs arms spine' }),
        vary(PRONE, { lumbar: -8, thorax: -10, neck: -2, shoulder: [30, 34, 0], elbow: 96, forearm: 80, wrist: 50 }, { on: [['floor', 'pubis belly knee instep palm?']], free: 'legs arms spine~4' }),
      ], [18, 13], ['Chest over the rolled blanket.', 'Lift and lower with the breath.'], { props: [{ kind: 'bolster', heightCm: 10, lengthCm: 50, along: [0, 0, 1], under: ['chest'], where: 'rolled blanket under the chest' }], support: 'trunk', ...linked }),
      rung('low-chest-lift.floor', 'hands light beside the ribs', 'floor|full', 'prone', stretching(0, 1), [
        vary(PRONE, { lumbar: -2, thorax: 0, shoulder: [30, 34, 0], elbow: 120, forearm: 80, wrist: 60 }, { on: [['floor', 'pubis belly knee instep forehead palm?']], free: 'legs arms spine~3 neck' }),
        vary(PRONE, { pitch: 87, lumbar: -11, thorax: -10, neck: -6, shoulder: [-12, 16, 0], elbow: 115, forearm: 85, wrist: 60 }, { on: [['floor', 'pubis belly knee instep palm?']], at: bothAt(['palmMidR', 'chest', { off: [2, null, 19], weight: 0.6 }]), free: 'arms legs' }),
      ], [18, 13], ['Hands light, lift the chest a hand, lower it.'], linked),
    ],
  },
];
