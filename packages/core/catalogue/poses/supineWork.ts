import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, block, bothAim, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { BACK_FLAT, BACK_KNEES, BACK_SHINS_LEVEL, CHAIR_FREE, CHAIR_HANDS, STAND } from './bases.js';
import { ACROSS, CHAIR, hatha, resting, sitting, stretching, UP } from './common.js';

const linked = { breath: 'linked' } as const, lyingDown = { support: 'trunk' } as const, breathing = { breath: 'linked', support: 'trunk' } as const;
const HEAD = { props: [blankets(1, 'headBack', 'under the head')] };
/** On the back; `on` says what lies down. */
const back = (posture: Shape['posture'], on: string, more: Partial<Shape> = {}): Shape => ({
  posture: { pitch: -90, shoulder: [-4, 24, 30], forearm: -20, ...posture }, on: [['floor', on]], face: [['pelvis', ACROSS, ACROSS, 0.6], ['C7', ACROSS, ACROSS, 0.6]], free: 'legs arms neck', ...more,
});
const roll = (thickCm: number): { props: [{ kind: 'roll'; thickCm: number; between: readonly [string, string]; lengthCm: number; where: string }] } =>
  ({ props: [{ kind: 'roll', thickCm, between: ['thighInR', 'thighInL'], lengthCm: 32, where: 'between the thighs, as thick as the hips are wide' }] });
const bridge = (hip: number, knee: number, height: number, lumbar: number): Shape => ({
  symmetric: true, posture: { pitch: -90 - height, lumbar, thorax: -2, neck: 20 + height, hip: [hip, 4, 0], knee, shoulder: [10 + height / 2, 12, 0], forearm: 90 },
  on: [['floor', 'sole shoulderJ headBack palm?']], at: bothAt(['hipJR', [null, height, null], { weight: 0.6 }]), aim: bothAim(['kneeR', 'ankleR', [0, -1, null], 0.6]), free: 'legs arms neck thorax lumbar~8',
});
const twisted = (posture: Shape['posture'], on: Shape['on'], more: Partial<Shape> = {}): Shape => ({
  posture: { pitch: -90, roll: 48, twist: -42, neckTwist: -40, shoulder: [5, 85, 40], ...posture }, on,
  face: [['C7', [1, 0, 0], UP, 0.6], ['C7', UP, [-1, 0, 0], 0.6]], free: 'twist hip.abduction hip.flexion~3 arms blade neck', ...more,
});

export const supineWorkPoses: readonly Pose[] = [
  {
    id: 'knees-to-chest', family: 'supine', name: 'Knees to chest', sanskrit: 'Apānāsana', aliases: ['apanasana', 'knees in', 'hug the knees', 'pavanamuktasana', 'wind relieving', 'feet wide with knees in'],
    meaning: 'Lying down, both knees drawn in.', parts: ['low back', 'outer hip'], place: ['warm-up', 'work', 'closing'], before: ['constructive-rest'], after: ['final-rest'],
    purposes: [to('open', 'low back', 'flexion'), to('settle', 'low back')], energy: 'settling', hold: breaths(5, 1, 12), usual: 'knees-to-chest.both',
    guide: { setUp: 'Lie down, draw one knee in and then the other.', in: 'Let the knees float away.', out: 'Draw them in.', look: 'To the ceiling.', feel: 'In the low back.', notHere: 'Not in the groins or knees.', comeOut: 'One foot down and then the other.' },
    mistakes: ['The head is lifted to the knees.'],
    ladder: [
      rung('knees-to-chest.one-chair', 'on a chair, one knee', 'chair|seated', 'chair', sitting(0, 0), { ...vary(CHAIR_FREE, { hipR: [108, 6, 0], kneeR: 110, shoulder: [44, 2, 0], elbow: 60, forearm: 60 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL']], free: 'legL hipR arms', apart: 'handR-shankR handL-shankR handR-handL handR-thighR handL-thighR' }), at: [...bothAt(['sitR', [-6, null, null]]), ['palmMidR', 'shinR', { gapCm: 3 }], ['palmMidL', 'shinR', { gapCm: 4 }]], aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] }, [36, 12], ['Draw one knee towards you, stay tall.', 'Half way through, the other knee.'], { props: [CHAIR], alternates: true }),
      rung('knees-to-chest.one', 'one knee, other foot down', 'one|one knee|single', 'lying', stretching(0, 0), back({ hipR: [118, 8, 0], kneeR: 120, hipL: [52, 4, 0], kneeL: 96, shoulder: [40, 8, 0], elbow: 50, forearm: 60 }, 'sacrum midBack headBack soleL', { at: [['palmMidR', 'shinR', { gapCm: 3 }], ['palmMidL', 'shinR', { gapCm: 4 }], ['ankleL', [null, null, -9], { weight: 0.5 }]], apart: 'handR-shankR handL-shankR handR-handL handL-thighR' }), [16, 16], ['Draw one knee in, the other foot stays down.', 'The head stays down.', 'Half way through, the other knee.'], { ...lyingDown, alternates: true }),
      rung('knees-to-chest.wide', 'both knees wide, beside the belly', 'wide|knees wide|beside the belly', 'lying', stretching(0, 0), back({ hip: [116, 34, 10], knee: 122, lumbar: 6, shoulder: [52, 26, 0], elbow: 44, forearm: 50 }, 'sacrum midBack headBack', { symmetric: true, at: bothAt(['palmMidR', 'shinR', { gapCm: 3 }]), aim: bothAim(['hipJR', 'kneeR', [null, 0.75, 0.45], 0.5]), apart: 'handR-shankR handL-shankL' }), [60, 20], ['Knees as wide as they like, hands on the shins.', 'The head stays down.'], lyingDown),
      rung('knees-to-chest.both', 'both knees, a little apart', 'both|full', 'lying', stretching(0, 0), back({ hip: [122, 12, 0], knee: 128, lumbar: 6, shoulder: [44, 14, 0], elbow: 40, forearm: 60 }, 'sacrum midBack headBack', { symmetric: true, at: bothAt(['palmMidR', 'shinR', { gapCm: 3 }]), apart: 'handR-shankR handL-shankL' }), [20, 16], ['Hands on the shins, draw both knees in.', 'The head stays down.'], lyingDown),
      rung('knees-to-chest.head-lifted', 'chin to the knees', 'chin to the chest|head lifted|curled', 'lying', hatha(2, 1), back({ hip: [130, 8, 0], knee: 132, lumbar: 22, thorax: 22, neck: 26, shoulder: [50, 14, 0], elbow: 50, forearm: 60 }, 'sacrum lowBack', { symmetric: true, at: bothAt(['palmMidR', 'shinR', { gapCm: 3 }]), balance: 'sacrum lowBack', free: 'legs arms spine~3', apart: 'handR-shankR handL-shankL thighR-torso thighL-torso' }), [16, 14], ['Hug the knees, lift the head towards them.'], lyingDown),
    ],
  },
  {
    id: 'happy-baby', family: 'supine', name: 'Happy baby', sanskrit: 'Ānanda Bālāsana', aliases: ['ananda balasana', 'half happy baby', 'dead bug pose'],
    meaning: 'A baby holding its feet.', parts: ['inner thigh', 'pelvic floor', 'low back'], place: ['work', 'closing'], before: ['knees-to-chest'], after: ['knees-to-chest'],
    purposes: [to('open', 'inner thigh'), to('settle', 'pelvic floor')], energy: 'settling', hold: breaths(5, 1, 12), usual: 'happy-baby.shins',
    guide: { setUp: 'Lie down, knees wide, soles to the ceiling.', look: 'To the ceiling, jaw loose.', feel: 'In the inner thighs and the pelvic floor letting go.', notHere: 'Not as a pull in the low back or knees.', comeOut: 'Let go, knees together, feet down.' },
    mistakes: ['The tail lifts off the floor.', 'The head pokes up.'],
    ladder: [
      rung('happy-baby.chair', 'sitting on a chair, legs wide, leaning ahead', 'chair', 'chair', sitting(0, 0), { ...vary(CHAIR_HANDS, { pitch: 20, hip: [92, 38, 24], knee: 92, elbow: 40, shoulder: [40, 14, -10] }, { at: bothAt(['ankleR', [24, null, 38]]) }), face: [['T8', UP, [0.34, 0.94, 0], 0.6]], aim: [], at: bothAt(['sitR', [0, null, null]], ['ankleR', [24, null, 38]], ['palmMidR', 'kneeR', { gapCm: 7 }]) }, [64, 12], ['Legs wide, hands on the knees, lean ahead.'], { props: [CHAIR], support: 'hand' }),
      rung('happy-baby.half', 'one leg, other foot down', 'half|one leg', 'lying', stretching(0, 0), back({ hipR: [112, 36, 10], kneeR: 100, ankleR: 5, hipL: [52, 4, 0], kneeL: 96, shoulderR: [80, 24, 0], elbowR: 30, forearmR: 20 }, 'sacrum midBack headBack soleL handBackL?', { at: [['palmMidR', 'shinR', { gapCm: 4, weight: 0.8 }], ['ankleL', [null, null, -9], { weight: 0.5 }]], aim: [['kneeR', 'ankleR', [0.3, 0.95, null], 0.5]], apart: 'handR-shankR forearmR-shankR forearmR-thighR handR-thighR' }), [44, 20], ['One knee wide, hand on shin or foot.', 'The other foot stays down.', 'Half way through, the other leg.'], { ...lyingDown, alternates: true }),
      // Both thighs that far up roll the tail a little off the floor, whatever is said (common practice, no published source).
      rung('happy-baby.shins', 'hands on the shins', 'shins|hands on the shins', 'lying', stretching(0, 0), back({ hip: [108, 34, 8], lumbar: 8, knee: 102, ankle: 5, shoulder: [80, 20, 0], elbow: 26, forearm: 30 }, 'sacrum midBack headBack', { symmetric: true, at: bothAt(['palmMidR', 'shinR', { gapCm: 4 }]), aim: bothAim(['kneeR', 'ankleR', [0.25, 0.97, null], 0.5]), apart: 'handR-shankR handL-shankL forearmR-shankR forearmL-shankL handR-thighR handL-thighL forearmR-thighR forearmL-thighL' }), [58, 20], ['Knees wide, hands on the shins.', 'The tail stays heavy.'], lyingDown),
      rung('happy-baby.feet', 'holding the feet', 'feet|full', 'lying', stretching(0, 0), back({ hip: [122, 36, 8], knee: 96, lumbar: 4, ankle: 10, shoulder: [104, 16, 0], elbow: 14, forearm: 30 }, 'sacrum midBack headBack', { symmetric: true, at: bothAt(['palmMidR', 'footOutR', { gapCm: 3 }]), aim: bothAim(['kneeR', 'ankleR', [0.05, 1, null], 0.5]), apart: 'handR-shankR handL-shankL forearmR-shankR forearmL-shankL handR-thighR handL-thighL forearmR-thighR forearmL-thighL', free: 'legs arms neck lumbar' }), [58, 20], ['Hold the feet, soles to the ceiling.', 'Rock a little from side to side.'], lyingDown),
    ],
  },
  {
    id: 'constructive-rest', family: 'supine', name: 'Constructive rest', aliases: ['semi supine', 'knees bent rest', 'lying with bent knees', 'active rest'],
    meaning: 'On the back with the feet down: the back rests.', parts: ['low back', 'whole'], place: ['opening', 'warm-up', 'closing', 'rest'], before: [], after: ['pelvic-tilt'],
    purposes: [to('settle', 'low back'), to('rest', 'whole')], energy: 'settling', hold: breaths(8, 2, 60), usual: 'constructive-rest.floor',
    guide: { setUp: 'Feet a little wider than the hips, knees resting together or on a prop.', look: 'To the ceiling or closed.', feel: 'As weight of the back on the floor.', notHere: 'Not as work in the thighs.', comeOut: 'Roll to one side and push up.' },
    mistakes: ['The feet slide away.'],
    ladder: [
      rung('constructive-rest.calves-on-chair', 'calves on a chair', 'chair|calves', 'lying', resting(0, 0), { symmetric: true, posture: { pitch: -90, hip: [88, 5, 0], knee: 88, shoulder: [0, 34, 30] }, on: [['floor', 'sacrum midBack handBack?'], [2.5, 'headBack'], ['seat', 'calf']], at: bothAt(['kneeR', [3, null, null], { weight: 0.5 }]), free: 'legs arms neck' }, [14, 14], ['Calves on the chair seat, head on a blanket.'], { props: [{ kind: 'chair', x: 27, faces: -1, where: 'under the calves' }, blankets(1, 'headBack', 'under the head')], ...lyingDown }),
      rung('constructive-rest.head-raised', 'head on a blanket', 'head raised|blanket', 'lying', resting(0, 0), vary(BACK_KNEES, {}, { on: [['floor', 'sacrum midBack sole handBack?'], [2.5, 'headBack']] }), [22, 20], ['Feet flat, head on a folded blanket.'], { ...HEAD, ...lyingDown }),
      rung('constructive-rest.floor', 'flat', 'floor|full', 'lying', resting(0, 0), BACK_KNEES, [22, 20], ['Feet flat, arms where they are comfortable.'], lyingDown),
    ],
  },
  {
    id: 'pelvic-tilt', family: 'supine', name: 'Pelvic tilt', aliases: ['pelvic tilts', 'low back press', 'press the low back down', 'back press'],
    meaning: 'The pelvis rolls a little: the low back presses down and arches.', parts: ['low back', 'belly', 'pelvic floor'], place: ['opening', 'warm-up', 'work'], before: ['constructive-rest'], after: ['knees-to-chest'],
    purposes: [to('mobilise', 'low back'), to('strengthen', 'belly')], energy: 'neutral', hold: rounds(6, 3, 15), usual: 'pelvic-tilt.lying',
    guide: { setUp: 'On the back, feet flat.', in: 'Let the back arch a little.', out: 'Press the low back softly down.', look: 'To the ceiling.', feel: 'In the deep belly and low back.', notHere: 'Not in the buttocks or the jaw.', comeOut: 'Rest in the middle.' },
    mistakes: ['The buttocks squeeze and lift.'],
    ladder: [
      rung('pelvic-tilt.chair', 'on a chair', 'chair|seated', 'chair', sitting(1, 0), [vary(CHAIR_HANDS, { pitch: 6, lumbar: -6 }), vary(CHAIR_HANDS, { pitch: -10, lumbar: 12 }, { face: [['pelvis', UP, [-0.18, 0.98, 0], 0.6]] })], [18, 12], ['Roll over the sitting bones, forward and back.'], { props: [CHAIR], ...linked }),
      rung('pelvic-tilt.standing', 'standing at the wall', 'wall|standing', 'standing', hatha(1, 1), [
        { ...vary(STAND, { hip: [14, 3, 0], knee: 14, ankle: 8, lumbar: -5 }, { on: [['floor', 'sole']], at: bothAt(['soleMidR', [20, null, null]]), free: 'legs', balance: 'heelR ballR heelL ballL' }) },
        { ...vary(STAND, { hip: [8, 3, 0], knee: 14, ankle: 8, lumbar: 7 }, { on: [['floor', 'sole']], at: bothAt(['soleMidR', [20, null, null]]), free: 'legs', balance: 'heelR ballR heelL ballL' }) },
      ], [14, 8], ['Knees soft, roll the pelvis forward and back.'], linked),
      rung('pelvic-tilt.lying', 'on the back', 'lying|back|full', 'lying', stretching(1, 0), [vary(BACK_KNEES, { pitch: -86, lumbar: -7 }), vary(BACK_KNEES, { pitch: -98, lumbar: 9 }, { on: [['floor', 'lowBack midBack headBack sole handBack?']] })], [8, 12], ['Press the low back down as you breathe out.', 'Let it arch as you breathe in.'], breathing),
    ],
  },
  {
    id: 'pelvic-clock', family: 'supine', name: 'Pelvic clock', aliases: ['pelvis round the clock', 'imaginary clock', 'pelvic circles lying'],
    meaning: 'The pelvis rolls round an imaginary clock face.', parts: ['low back', 'pelvic floor'], place: ['warm-up', 'work'], before: ['pelvic-tilt'], after: ['knees-to-chest'],
    purposes: [to('mobilise', 'low back'), to('settle', 'pelvic floor')], energy: 'settling', hold: rounds(5, 2, 8), usual: 'pelvic-clock.lying',
    guide: { setUp: 'On the back, feet flat; twelve at the navel, six at the tail.', in: 'Round one half.', out: 'Round the other; then the other way.', look: 'Eyes closed.', feel: 'As small even weight shifts.', notHere: 'Not in the knees: they hardly move.', comeOut: 'Rest in the middle.' },
    mistakes: ['The knees do the circle.'],
    ladder: [
      rung('pelvic-clock.chair', 'on a chair', 'chair|seated', 'chair', sitting(1, 0), ([[6, 0, -6], [0, 6, 2], [-10, 0, 12], [0, -6, 2]] as const).map(([pitch, tip, lumbar]) => ({ ...vary(CHAIR_HANDS, { pitch, roll: tip, side: -tip, lumbar }, { sided: true }), face: [['T8', UP, UP, 0.6], ['pelvis', UP, [Math.sin((pitch * Math.PI) / 180), 1, Math.sin((tip * Math.PI) / 180)], 0.5]] }) as Shape), [34, 12], ['Round the clock over the sitting bones, both ways.'], { props: [CHAIR], ...linked }),
      rung('pelvic-clock.lying', 'on the back', 'lying|full', 'lying', stretching(1, 0), ([[-98, 0, 9], [-90, 5, 0], [-86, 0, -7], [-90, -5, 0]] as const).map(([pitch, tip, lumbar]) => back({ pitch, roll: tip, twist: -tip, lumbar, hip: [52, 4, 0], knee: 96 }, `${lumbar > 5 ? 'lowBack' : 'sacrum'} midBack headBack sole handBack?`, { at: bothAt(['ankleR', [null, null, 9], { weight: 0.5 }]), face: [['C7', ACROSS, ACROSS, 0.6]] })), [18, 22], ['Round the clock, five each way.'], breathing),
    ],
  },
  {
    id: 'knee-opening', family: 'supine', name: 'Open and close the knees', aliases: ['knees open and close with the breath', 'opening the knees', 'knee fall outs', 'bent knee fall out'],
    meaning: 'On the back, the knees open and close with the breath.', parts: ['inner thigh', 'pelvic floor'], place: ['warm-up', 'work'], before: ['pelvic-tilt'], after: ['knees-to-chest'],
    purposes: [to('mobilise', 'inner thigh'), to('settle', 'pelvic floor')], energy: 'settling', hold: rounds(6, 3, 12), usual: 'knee-opening.lying',
    guide: { setUp: 'On the back, feet flat and near each other.', in: 'The knees close.', out: 'The knees open: let go rather than grip.', look: 'Eyes closed, jaw loose.', feel: 'In the inner thighs.', notHere: 'Not as a pinch in the groin.', comeOut: 'Close the knees with the hands.' },
    mistakes: ['The low back hollows as the knees open.'],
    ladder: [
      rung('knee-opening.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0), [CHAIR_HANDS, { ...vary(CHAIR_HANDS, { hip: [80, 34, 20] }), aim: [], at: bothAt(['sitR', [-4, null, null]], ['ankleR', [32, null, 24]], ['palmMidR', 'thighTopR', { gapCm: 1 }]) }], [60, 12], ['Knees open as you breathe out, close as you breathe in.'], { props: [CHAIR], ...linked }),
      rung('knee-opening.lying', 'on the back', 'lying|full', 'lying', resting(0, 0), [vary(BACK_KNEES, {}, { at: bothAt(['ankleR', [null, null, 6], { weight: 0.5 }]) }), vary(BACK_KNEES, { hip: [48, 36, 34], knee: 100 }, { on: [['floor', 'sacrum midBack headBack footOut handBack?']], at: bothAt(['ankleR', [null, null, 4], { weight: 0.5 }]) })], [56, 26], ['Knees open as you breathe out, close as you breathe in.'], breathing),
    ],
  },
  {
    id: 'windscreen-wipers', family: 'supine', name: 'Windscreen wipers', aliases: ['knees side to side', 'knee rolls', 'rolling the knees', 'lying knee sways'],
    meaning: 'Feet wide, both knees roll from side to side.', parts: ['low back', 'outer hip'], place: ['warm-up', 'work', 'closing'], before: ['constructive-rest'], after: ['knees-to-chest'],
    purposes: [to('mobilise', 'low back', 'twist'), to('mobilise', 'outer hip')], energy: 'settling', hold: rounds(6, 2, 12, 2), usual: 'windscreen-wipers.lying',
    guide: { setUp: 'On the back, feet wider than the hips.', in: 'Knees to the middle.', out: 'Let them roll to one side.', look: 'To the ceiling.', feel: 'In the fronts and sides of the hips.', notHere: 'Not in the knees.', comeOut: 'Knees to the middle.' },
    mistakes: ['The knees are thrown.'],
    ladder: [
      rung('windscreen-wipers.lying', 'on the back, feet wide', 'lying|full', 'lying', resting(0, 0), ([1, -1] as const).map((k) => back({ roll: 10 * k, twist: -9 * k, hipR: [54, 6 + 16 * k, 22 * k], hipL: [54, 6 - 16 * k, -22 * k], knee: 96 }, `sacrum midBack headBack handBack? ${k > 0 ? 'footOutR footInL' : 'footOutL footInR'}`, { at: bothAt(['ankleR', [null, null, 20], { weight: 0.4 }]), face: [['C7', ACROSS, ACROSS, 0.8]], aim: [['hipJR', 'kneeR', [null, null, 0.4 * k], 0.4], ['hipJL', 'kneeL', [null, null, 0.4 * k], 0.4]] })), [60, 28], ['Feet wide, roll the knees from side to side.'], breathing),
    ],
  },
  {
    id: 'supine-figure-four', family: 'supine', name: 'Supine figure four', sanskrit: 'Sucirandhrāsana', aliases: ['sucirandhrasana', 'eye of the needle', 'lying figure four', 'reclined pigeon', 'supine pigeon'],
    meaning: 'Eye of the needle: one ankle on the other thigh, lying down.', parts: ['outer hip'], place: ['work', 'closing'], before: ['knees-to-chest'], after: ['knees-to-chest'],
    purposes: [to('open', 'outer hip'), to('settle', 'low back')], energy: 'settling', hold: breaths(5, 1, 10), side: 'the leg that is crossed', usual: 'supine-figure-four.foot-down',
    guide: { setUp: 'On the back, ankle on the other thigh.', look: 'To the ceiling.', feel: 'In the outer hip of the crossed leg.', notHere: 'Not in the knee.', comeOut: 'Uncross with a hand under the knee.' },
    mistakes: ['The head lifts to reach the leg.'],
    ladder: [
      rung('supine-figure-four.foot-down', 'other foot on the floor', 'foot down|easy', 'lying', stretching(0, 0), back({ hipR: [62, 38, 52], kneeR: 92, ankleR: 5, hipL: [52, 2, 0], kneeL: 96 }, 'sacrum midBack headBack soleL handBack?', { touch: [['ankleR', 'thighL']], aim: [['hipJR', 'kneeR', [0.5, null, 0.75], 0.3]], at: [['ankleR', 'kneeL', { gapCm: 12, weight: 0.4 }]], apart: 'footR-thighL shankR-thighL shankR-shankL footR-shankL thighR-shankL', free: 'legs arms neck' }), [46, 22], ['Ankle on the other thigh, foot down.'], lyingDown),
      rung('supine-figure-four.wall', 'other foot on the wall', 'wall', 'lying', stretching(0, 0), back({ hipR: [82, 38, 52], kneeR: 92, ankleR: 5, hipL: [86, 2, 0], kneeL: 90, ankleL: 0 }, 'sacrum midBack headBack handBack?', { on: [['floor', 'sacrum midBack headBack handBack?'], ['wall', 'soleL']], touch: [['ankleR', 'thighL']], at: [['ankleR', 'kneeL', { gapCm: 12, weight: 0.4 }], ['ankleL', [null, 42, -8], { weight: 0.6 }]], apart: 'footR-thighL shankR-thighL shankR-shankL footR-shankL thighR-shankL', face: [['footL', [1, 0, 0], [null, 1, 0], 0.4]] }), [-40, 16], ['One sole on the wall, ankle on that thigh.'], { props: [{ kind: 'wall', x: 44, where: 'under the foot' }], ...lyingDown }),
      rung('supine-figure-four.full', 'thigh drawn in', 'full|thigh held', 'lying', stretching(0, 0), back({ hipR: [92, 38, 52], kneeR: 92, ankleR: 5, hipL: [104, 4, 0], kneeL: 92, shoulder: [50, 4, 0], elbow: 40, forearm: 60 }, 'sacrum midBack headBack', { touch: [['ankleR', 'thighL']], at: [['ankleR', 'kneeL', { gapCm: 12, weight: 0.4 }], ['palmMidL', 'thighMidL', { gapCm: 8 }], ['palmMidR', 'shinL', { gapCm: 8, weight: 0.6 }]], apart: 'footR-thighL shankR-thighL shankR-shankL footR-shankL thighR-shankL handR-handL handR-shankR handL-shankR forearmR-shankR forearmL-shankR forearmR-thighL forearmL-thighL forearmR-thighR handR-thighR handR-thighL handL-thighL handR-shankL' }), [46, 20], ['Draw the thigh in, head and shoulders down.', 'A strap behind the thigh if the arms are short.'], lyingDown),
    ],
  },
  {
    id: 'supine-leg-stretch', family: 'supine', name: 'Supine leg stretch', sanskrit: 'Supta Pādāṅguṣṭhāsana', aliases: ['supta padangusthasana', 'reclined hand to big toe', 'lying hamstring stretch', 'leg up with a strap'],
    meaning: 'On the back, one leg up, a strap round the foot.', parts: ['hamstrings', 'calves'], place: ['work', 'closing'], before: ['knees-to-chest'], after: ['knees-to-chest'],
    purposes: [to('open', 'hamstrings'), to('settle', 'low back')], energy: 'settling', hold: breaths(5, 1, 10), side: 'the lifted leg', usual: 'supine-leg-stretch.strap',
    guide: { setUp: 'On the back, one foot down, strap round the other.', look: 'To the ceiling.', feel: 'Behind the thigh.', notHere: 'Not behind the knee; nothing shooting or tingling.', comeOut: 'Bend the knee and lower the foot.' },
    mistakes: ['The other hip lifts.', 'The shoulders climb along the strap.'],
    ladder: [
      rung('supine-leg-stretch.bent', 'knee soft, hands behind the thigh', 'bent|knee soft', 'lying', stretching(0, 0), back({ hipR: [84, 3, 0], kneeR: 40, hipL: [52, 4, 0], kneeL: 96, shoulder: [46, 4, 0], elbow: 40, forearm: 60 }, 'sacrum midBack headBack soleL', { at: [['palmMidR', 'thighMidR', { gapCm: 8 }], ['palmMidL', 'thighMidR', { gapCm: 9 }], ['ankleL', [null, null, -9], { weight: 0.5 }]], apart: 'handR-thighR handL-thighR handR-handL forearmR-thighR forearmL-thighR', free: 'legL hipR arms neck' }), [14, 16], ['Hands behind the thigh, knee soft.'], lyingDown),
      rung('supine-leg-stretch.strap', 'with a strap, other foot down', 'strap', 'lying', stretching(0, 0, { strap: true }), back({ hipR: [74, 3, 0], kneeR: 4, ankleR: 10, hipL: [52, 4, 0], kneeL: 96, shoulder: [44, 6, 0], elbow: 44, forearm: 60 }, 'sacrum midBack headBack soleL', { at: [['ankleL', [null, null, -9], { weight: 0.5 }]], free: 'legL neck' }), [14, 16], ['Strap round the foot, leg as straight as is easy.', 'Both hips heavy.'], { props: [{ kind: 'strap', through: ['palmMidR', 'ballR', 'palmMidL'], where: 'round the lifted foot' }], ...lyingDown }),
      rung('supine-leg-stretch.strap-leg-long', 'with a strap, other leg long', 'leg long|full', 'lying', stretching(0, 0, { strap: true }), back({ hipR: [78, 3, 0], kneeR: 2, ankleR: 10, hipL: [2, 4, 0], shoulder: [46, 6, 0], elbow: 44, forearm: 60 }, 'sacrum midBack headBack heelBackL', { free: 'legL neck' }), [14, 16], ['Strap round the foot, other leg long on the floor.'], { props: [{ kind: 'strap', through: ['palmMidR', 'ballR', 'palmMidL'], where: 'round the lifted foot' }], ...lyingDown }),
    ],
  },
  {
    id: 'knee-lift-into-hand', family: 'supine', name: 'Knee lift into the hand', aliases: ['supine knee lifts', 'knee to hand press', 'knee lifts to 90 degrees', 'toe taps'],
    meaning: 'On the back, one knee lifts upright and presses into the hand.', parts: ['belly', 'front hip'], place: ['work'], before: ['pelvic-tilt'], after: ['knees-to-chest'],
    purposes: [to('strengthen', 'belly'), to('strengthen', 'front hip')], energy: 'lifting', hold: rounds(4, 2, 10), side: 'the lifted knee', usual: 'knee-lift-into-hand.lying',
    guide: { setUp: 'On the back, feet flat.', in: 'Lower the foot.', out: 'Lift the knee upright and press it into the hand.', look: 'To the ceiling.', feel: 'In the deep belly.', notHere: 'Not in the low back: it stays quiet.', comeOut: 'Both feet down.' },
    mistakes: ['The breath is held while pressing.'],
    ladder: [
      rung('knee-lift-into-hand.toe-tap', 'without the hand', 'toe tap|easy', 'lying', stretching(1, 1), [BACK_KNEES, back({ hipR: [90, 4, 0], kneeR: 90, hipL: [52, 4, 0], kneeL: 96 }, 'sacrum midBack headBack soleL handBack?', { at: [['ankleL', [null, null, -9], { weight: 0.5 }]], aim: [['hipJR', 'kneeR', UP, 0.6], ['kneeR', 'ankleR', [1, 0, 0], 0.5]] })], [12, 14], ['One knee lifts upright and lowers.', 'The low back stays quiet.'], breathing),
      rung('knee-lift-into-hand.lying', 'pressing into the hand', 'lying|full', 'lying', stretching(1, 1), back({ hipR: [90, 4, 0], kneeR: 90, hipL: [52, 4, 0], kneeL: 96, shoulderR: [62, 6, 0], elbowR: 6, forearmR: 60, wristR: 40 }, 'sacrum midBack headBack soleL handBackL?', { at: [['palmMidR', 'kneeR', { off: [-7, 2, 0] }], ['ankleL', [null, null, -9], { weight: 0.5 }]], aim: [['hipJR', 'kneeR', UP, 0.6], ['kneeR', 'ankleR', [1, 0, 0], 0.5]], apart: 'handR-thighR forearmR-thighR' }), [12, 14], ['One knee upright, press it softly into the hand.', 'Keep breathing.'], lyingDown),
    ],
  },
  {
    id: 'shins-level', family: 'supine', name: 'Shins level', aliases: ['table top legs', 'legs up active', 'legs straight up lying', 'shins level then legs up', 'urdhva prasarita padasana'],
    meaning: 'On the back, thighs upright and shins level, then legs straight up, never lowered.', parts: ['belly', 'pelvic floor'], place: ['work'], before: ['pelvic-tilt'], after: ['knees-to-chest'],
    purposes: [to('strengthen', 'belly'), to('strengthen', 'pelvic floor')], energy: 'neutral', hold: breaths(5, 1, 8), usual: 'shins-level.shins',
    guide: { setUp: 'Lift one leg after the other.', look: 'To the ceiling.', feel: 'In the deepest belly layer.', notHere: 'Not as a dome along the middle of the belly; not in the low back.', comeOut: 'Bend the knees, one foot down and then the other.' },
    mistakes: ['The legs lower towards the floor.'],
    ladder: [
      rung('shins-level.one', 'one leg, other foot down', 'one|one leg', 'lying', stretching(1, 1), back({ hipR: [90, 4, 0], kneeR: 90, hipL: [52, 4, 0], kneeL: 96 }, 'sacrum midBack headBack soleL handBack?', { at: [['ankleL', [null, null, -9], { weight: 0.5 }]], aim: [['hipJR', 'kneeR', UP, 0.6], ['kneeR', 'ankleR', [1, 0, 0], 0.5]] }), [12, 14], ['One shin level, the other foot down.', 'Half way through, the other leg.'], { ...lyingDown, alternates: true }),
      rung('shins-level.shins', 'both shins level', 'shins', 'lying', hatha(2, 1), BACK_SHINS_LEVEL, [12, 14], ['Both shins level, low back heavy.'], lyingDown),
      rung('shins-level.legs-up', 'legs straight up', 'legs up|straight|full', 'lying', hatha(2, 1), vary(BACK_FLAT, { hip: [88, 3, 0], knee: 6, forearm: 60 }, { on: [['floor', 'sacrum midBack headBack palm?']], aim: bothAim(['hipJR', 'ankleR', [0.02, 1, 0], 0.8]), free: 'hip arms neck' }), [12, 14], ['Legs straight up, never lowered.', 'Sets of five breaths.'], lyingDown),
    ],
  },
  {
    id: 'roll-squeeze', family: 'supine', name: 'Roll between the thighs', aliases: ['roll between the thighs', 'blanket between the knees squeeze', 'adductor squeeze', 'ball squeeze'],
    meaning: 'A roll as thick as the hips are wide, pressed softly between the thighs.', parts: ['inner thigh', 'pelvic floor', 'belly'], place: ['warm-up', 'work'], before: ['pelvic-floor-breath'], after: ['constructive-rest'],
    purposes: [to('strengthen', 'pelvic floor'), to('strengthen', 'inner thigh')], energy: 'neutral', hold: breaths(5, 2, 10), usual: 'roll-squeeze.lying',
    guide: { setUp: 'A roll between the thighs, feet flat.', in: 'Let go.', out: 'Press the roll softly and draw the deep belly in.', look: 'To the ceiling.', feel: 'In the inner thighs and pelvic floor.', notHere: 'Not in the jaw or buttocks.', comeOut: 'Take the roll away and breathe.' },
    mistakes: ['It is squeezed hard.'],
    ladder: [
      rung('roll-squeeze.chair', 'on a chair', 'chair|seated', 'chair', sitting(1, 1), { ...CHAIR_HANDS, at: [...CHAIR_HANDS.at!, ...bothAt(['thighInR', [null, null, 6], { weight: 0.6 }])] }, [56, 12], ['Roll between the thighs, press as you breathe out.'], { props: [CHAIR, { kind: 'roll', thickCm: 12, between: ['thighInR', 'thighInL'], lengthCm: 26, where: 'between the thighs' }], ...linked }),
      rung('roll-squeeze.lying', 'on the back', 'lying|full', 'lying', stretching(1, 1), vary(BACK_KNEES, {}, { at: bothAt(['thighInR', [null, null, 6], { weight: 0.8 }]) }), [34, 22], ['Roll between the thighs, press as you breathe out.'], { ...roll(12), ...breathing }),
    ],
  },
  {
    id: 'bridge-pulse', family: 'supine', name: 'Bridge with the breath', sanskrit: 'Cakravākāsana', aliases: ['bridge pulses', 'bridge rolls', 'pelvic curl', 'small bridge with a roll', 'rolling bridge'],
    meaning: 'Rolling up to a small bridge and down with the breath.', parts: ['low back', 'front hip', 'pelvic floor'], place: ['warm-up', 'work'], before: ['pelvic-tilt'], after: ['knees-to-chest'],
    purposes: [to('strengthen', 'low back'), to('mobilise', 'low back')], energy: 'neutral', hold: rounds(5, 2, 12), usual: 'bridge-pulse.low',
    guide: { setUp: 'On the back, feet hip-wide.', in: 'Roll down.', out: 'Press the feet and lift a little.', look: 'To the ceiling.', feel: 'In buttocks and backs of the thighs.', notHere: 'Not in neck or knees.', comeOut: 'Rest with the knees together.' },
    mistakes: ['The ribs lift first and the back hollows.'],
    ladder: [
      rung('bridge-pulse.roll', 'with a roll between the thighs', 'roll', 'lying', hatha(1, 1), [vary(BACK_KNEES, { forearm: 60 }, { on: [['floor', 'sacrum midBack headBack sole palm?']], at: bothAt(['thighInR', [null, null, 6], { weight: 0.8 }]) }), { ...bridge(14, 86, 17, 2), at: bothAt(['hipJR', [null, 17, null], { weight: 0.6 }], ['thighInR', [null, null, 6], { weight: 0.8 }]) }], [20, 14], ['Press the roll, lift a little, roll down.'], { ...roll(12), ...breathing }),
      rung('bridge-pulse.low', 'low', 'low|small', 'lying', hatha(1, 1), [vary(BACK_KNEES, { forearm: 60 }, { on: [['floor', 'sacrum midBack headBack sole palm?']] }), bridge(14, 86, 17, 2)], [12, 12], ['Lift a little, roll down bone by bone.'], breathing),
      rung('bridge-pulse.full', 'to the full bridge', 'full', 'lying', hatha(1, 2), [vary(BACK_KNEES, { forearm: 60 }, { on: [['floor', 'sacrum midBack headBack sole palm?']] }), bridge(-5, 80, 25, -8)], [12, 12], ['Lift to the bridge, roll down bone by bone.'], breathing),
    ],
  },
  {
    id: 'fish', family: 'supine', name: 'Fish', sanskrit: 'Matsyāsana', aliases: ['matsyasana', 'supported fish', 'chest opening over a bolster', 'heart opening on a bolster'],
    meaning: 'A fish: the chest arches open.', parts: ['chest', 'upper back', 'neck'], place: ['work', 'closing', 'rest'], before: ['bridge'], after: ['knees-to-chest'],
    purposes: [to('open', 'chest', 'extension'), to('settle', 'whole')], energy: 'settling', hold: breaths(6, 1, 30), usual: 'fish.bolster',
    guide: { setUp: 'The support under the shoulder blades, the head held.', look: 'Eyes closed or to the ceiling.', feel: 'Across the chest.', notHere: 'Not in the throat, neck or low back.', comeOut: 'Roll to one side off the support.' },
    mistakes: ['The head hangs off the support.'],
    ladder: [
      rung('fish.blanket', 'over a rolled blanket, head on a blanket', 'blanket|low', 'lying', resting(0, 0), vary(BACK_KNEES, { thorax: -6 }, { on: [['floor', 'sacrum sole handBack?'], [6, 'midBack'], [5, 'headBack']], free: 'legs arms neck spine' }), [12, 14], ['Rolled blanket under the shoulder blades, head held.'], { props: [{ kind: 'bolster', heightCm: 6, lengthCm: 60, along: [0, 0, 1], under: ['midBack'], where: 'rolled blanket across, under the shoulder blades' }, blankets(2, 'headBack', 'under the head')], ...lyingDown }),
      rung('fish.bolster', 'along a bolster', 'bolster|supported', 'lying', resting(0, 0), { symmetric: true, posture: { pitch: -76, lumbar: -8, thorax: -6, neck: 6, hip: [14, 8, 15], knee: 6, ankle: -15, shoulder: [-26, 52, 40] }, on: [['floor', 'buttock heelBack handBack?'], [16, 'midBack'], [20, 'headBack']], free: 'legs neck spine arms' }, [20, 16], ['Bolster along the spine, the head held on it.', 'Arms wide.'], { props: [{ kind: 'bolster', heightCm: 16, lengthCm: 66, along: [1, 0, 0], under: ['midBack'], where: 'along the spine' }, blankets(1, 'headBack', 'on the bolster, under the head')], ...lyingDown }),
      rung('fish.full', 'crown light on the floor', 'full', 'lying', hatha(0, 2), { symmetric: true, posture: { pitch: -72, lumbar: -20, thorax: -24, neck: -40, hip: [-6, 3, 0], ankle: -30, shoulder: [-24, 8, 0], elbow: 80, forearm: 90 }, on: [['floor', 'buttock heelBack elbow palm? crown?']], at: [['midBack', [null, 13, null], { weight: 0.6 }]], free: 'hip arms neck spine~3' }, [8, 12], ['Press the forearms down, lift the chest, crown light.'], lyingDown),
    ],
  },
  {
    id: 'full-body-stretch', family: 'supine', name: 'Long stretch lying', sanskrit: 'Supta Tāḍāsana', aliases: ['full body stretch', 'supta tadasana', 'lying mountain', 'morning stretch'],
    meaning: 'Lying long, arms overhead.', parts: ['whole', 'side body', 'shoulders'], place: ['opening', 'warm-up', 'closing'], before: [], after: ['knees-to-chest'],
    purposes: [to('open', 'side body'), to('mobilise', 'shoulders')], energy: 'neutral', hold: breaths(2, 1, 5), usual: 'full-body-stretch.flat',
    guide: { setUp: 'Lie long, arms overhead as far as they rest.', in: 'Reach with hands and heels.', out: 'Let go.', look: 'To the ceiling.', feel: 'Along the sides.', notHere: 'Not as a hollow in the low back.', comeOut: 'Arms down, knees in.' },
    mistakes: ['The ribs jut out.'],
    ladder: [
      rung('full-body-stretch.knees-bent', 'knees bent', 'knees bent', 'lying', resting(0, 0), vary(BACK_KNEES, { shoulder: [166, 14, 0], forearm: 0, elbow: 6 }), [14, 16], ['Feet flat, arms overhead.'], lyingDown),
      rung('full-body-stretch.flat', 'legs long', 'flat|full', 'lying', stretching(0, 0), vary(BACK_FLAT, { hip: [2, 3, 0], shoulder: [168, 12, 0], forearm: 0, elbow: 4 }), [16, 16], ['Reach long from hands to heels.'], lyingDown),
    ],
  },
  {
    id: 'lying-side-bend', family: 'supine', name: 'Banana', aliases: ['lying side bend', 'banana pose', 'crescent lying', 'bananasana'],
    meaning: 'Lying like a crescent, one side long.', parts: ['side body'], place: ['closing', 'work'], before: ['full-body-stretch'], after: ['knees-to-chest'],
    purposes: [to('open', 'side body', 'side bend'), to('settle', 'whole')], energy: 'settling', hold: breaths(5, 2, 12), side: 'the side she bends towards', usual: 'lying-side-bend.floor',
    guide: { setUp: 'Lie long, walk feet and shoulders to one side.', look: 'To the ceiling.', feel: 'Along the long side.', notHere: 'Not as a pinch on the short side.', comeOut: 'Walk back to the middle.' },
    mistakes: ['One hip lifts.'],
    ladder: [
      rung('lying-side-bend.floor', 'arms overhead', 'floor|full', 'lying', resting(0, 0), back({ side: 24, hipR: [2, 14, 10], hipL: [2, -8, 10], shoulderR: [160, 16, 0], shoulderL: [170, 12, 0], neckSide: 6, ankle: -20 }, 'sacrum midBack headBack heelBack handBack?', { face: [['pelvis', ACROSS, ACROSS, 0.4]], free: 'hip arms neck' }), [30, 44], ['Walk feet and shoulders to one side.', 'Both hips stay heavy.'], lyingDown),
    ],
  },
  {
    id: 'curl', family: 'supine', name: 'Small curl', aliases: ['head lift', 'abdominal curl', 'crunch', 'half curl'],
    meaning: 'On the back, head and shoulder blades lift.', parts: ['belly', 'neck'], place: ['work'], before: ['pelvic-tilt'], after: ['constructive-rest'],
    purposes: [to('strengthen', 'belly', 'flexion'), to('strengthen', 'neck')], energy: 'lifting', hold: rounds(5, 2, 10), usual: 'curl.full',
    guide: { setUp: 'On the back, hands behind the head or on the thighs.', in: 'Lower.', out: 'Lift head and shoulders a little.', look: 'Over the knees.', feel: 'In the front of the belly.', notHere: 'Not as a dome along its middle; not in the neck.', comeOut: 'Rest the head.' },
    mistakes: ['The hands pull the head.', 'The breath is held.'],
    ladder: [
      rung('curl.full', 'hands to the thighs', 'full', 'lying', hatha(2, 2), [vary(BACK_KNEES, {}), vary(BACK_KNEES, { lumbar: 14, thorax: 22, neck: 26, shoulder: [34, 6, 0], forearm: 60 }, { on: [['floor', 'sacrum lowBack sole']], free: 'legs' })], [8, 12], ['Slide the hands up the thighs, lift head and shoulders.', 'Breathe out on the way up.'], breathing),
    ],
  },
  {
    id: 'supine-twist-crossed', family: 'supine', name: 'Supine twist, one leg across', aliases: ['one straight leg across', 'lying twist straight leg', 'jathara parivartanasana', 'belly turning pose', 'foot on the other knee twist'],
    meaning: 'Lying down, one leg crosses over to the side.', parts: ['outer hip', 'low back', 'chest'], place: ['work', 'closing'], before: ['supine-twist'], after: ['final-rest'],
    purposes: [to('mobilise', 'low back', 'twist'), to('open', 'outer hip')], energy: 'settling', hold: breaths(6, 2, 12), side: 'the side the leg goes to', usual: 'supine-twist-crossed.foot-on-knee',
    guide: { setUp: 'On the back, arms level with the shoulders.', out: 'Let the leg sink to its support.', look: 'Away from the leg.', feel: 'In the outer hip and across the chest.', notHere: 'Not as a pull in the low back; the far shoulder stays down.', comeOut: 'Bring the leg back with a hand.' },
    mistakes: ['The shoulder lifts.', 'The hand presses the knee down.'],
    ladder: [
      rung('supine-twist-crossed.foot-on-knee', 'foot on the other knee', 'foot on the knee|foot on the other knee', 'lying', stretching(0, 0), twisted({ roll: 56, hipL: [86, -18, 0], kneeL: 92, hipR: [4, 2, 10], kneeR: 4, ankleR: -15 }, [['floor', 'upperBack headBack? trochanterR? heelBackR? handBack'], [15, 'kneeInL']], { at: [['footInL', 'kneeR', { gapCm: 8, weight: 0.5 }]], apart: 'footL-thighR footL-shankR shankL-thighR', free: 'twist hip.abduction hip.flexion~3 legL~2 arms blade neck' }), [24, 46], ['One foot on the other knee, let it sink to the block.'], { props: [block(15, 'kneeInL', 'under the crossed knee')] }),
      rung('supine-twist-crossed.straight', 'one straight leg across', 'straight|full', 'lying', stretching(0, 0), twisted({ roll: 62, hipL: [72, -20, 0], kneeL: 6, hipR: [4, 2, 10], ankleR: -15 }, [['floor', 'upperBack headBack? trochanterR? heelBackR? handBack'], [15, 'ankleL']], { free: 'twist hip.abduction hip.flexion~3 arms blade neck lumbar~3', apart: 'thighR-thighL' }), [24, 46], ['One straight leg across, its foot on the block.'], { props: [block(15, 'ankleL', 'under the foot')] }),
    ],
  },
];
