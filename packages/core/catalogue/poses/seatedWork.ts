import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, block, bothAim, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { CHAIR_HANDS, CROSSED, CROSSED_FREE, STAFF } from './bases.js';
import { ACROSS, AHEAD, CHAIR, hatha, PELVIS_AHEAD, resting, sitting, stretching, strong, UP } from './common.js';

const seat = (count: number) => ({ props: [blankets(count, 'sitR sitL', 'under the sitting bones')] }), linked = { breath: 'linked' } as const;
const FLOOR_SEAT = bothAt(['sitR', [0, null, null]]);
const butterfly = (pitch: number, lumbar: number, surface: number, more: Partial<Shape> = {}): Shape => ({
  symmetric: true, posture: { pitch, lumbar, hip: [78 + pitch / 2, 44, 52], knee: 118, ankle: -10, shoulder: [30 + pitch, 8, 0], elbow: 30, forearm: 40 }, on: [[surface, 'sit'], ['floor', 'footOut']],
  at: bothAt(['ankleR', [30, null, 3], { weight: 0.6 }], ['palmMidR', 'ankleR', { gapCm: 6 }], ['sitR', [0, null, null]]), face: [['T8', UP, [Math.sin(((pitch + lumbar) * Math.PI) / 180), Math.cos(((pitch + lumbar) * Math.PI) / 180), 0], 0.6]],
  free: 'legs arms', apart: 'footR-footL handR-shankR handL-shankL handR-handL handR-shankL handL-shankR', ...more,
});
/** Right leg straight ahead, left leg folded in; trunk over the right leg. */
const overOneLeg = (left: Shape['posture'], pitch: number, lumbar: number, more: Partial<Shape> & { surface: number; foot: string }): Shape => {
  const { surface, foot, ...rest } = more;
  return {
    posture: { pitch, lumbar, thorax: lumbar / 3, neck: 2, hipR: [86 + pitch / 2, 6, 0], kneeR: 4, ankleR: 2, shoulder: [60 + pitch, 4, 0], elbow: 18, forearm: 40, ...left },
    on: [[surface, 'sit'], ['floor', `heelBackR ${foot}`]], at: [...FLOOR_SEAT, ['palmMidR', 'shinR', { gapCm: 5 }], ['palmMidL', 'shinR', { gapCm: 6 }]],
    face: [['pelvis', ACROSS, [0, 0, 1], 0.4]], free: 'legs arms', apart: 'handR-handL handR-shankR handL-shankR footL-thighR shankL-thighR', ...rest,
  };
};
const FOOT_TO_THIGH: Shape['posture'] = { hipL: [60, 54, 60], kneeL: 128, ankleL: -25 };

const turned = (posture: Shape['posture'], more: Partial<Shape>): Shape => ({ posture, on: [['floor', 'sit']], face: [['T8', UP, UP, 0.8], ['pelvis', AHEAD, [null, null, 0], 0.4]], free: 'legs arms', ...more });

export const seatedWorkPoses: readonly Pose[] = [
  {
    id: 'easy-seat', family: 'seated', name: 'Easy seat', sanskrit: 'Sukhāsana', aliases: ['sukhasana', 'cross-legged', 'easy pose', 'sitting cross-legged', 'half lotus seat'],
    meaning: 'A happy seat: shins crossed, sitting high enough.', parts: ['outer hip', 'whole'], place: ['opening', 'work', 'closing'], before: [], after: ['staff'],
    purposes: [to('settle', 'whole'), to('open', 'outer hip')], energy: 'settling', hold: breaths(8, 1, 40), usual: 'easy-seat.blankets',
    guide: { setUp: 'Sit so high that the knees are below the hips.', look: 'Straight ahead or closed.', feel: 'As weight in the sitting bones.', notHere: 'Not in knees or ankles.', comeOut: 'Change the crossing, then stretch the legs.' },
    mistakes: ['The seat is too low and the back slumps.'],
    ladder: [
      rung('easy-seat.chair', 'on a chair, ankles crossed', 'chair|seated', 'chair', sitting(0, 0), { ...vary(CHAIR_HANDS, { hip: [80, 14, 15], kneeR: 95, kneeL: 95 }, { sided: true, on: [['seat', 'sit thighMid']] }), aim: [], at: [...bothAt(['sitR', [-4, null, null]], ['palmMidR', 'thighTopR', { gapCm: 1 }]), ['ankleR', [22, 10, -6]], ['ankleL', [15, 8, 6]]], apart: 'shankR-shankL footR-shankL footL-shankR footR-footL' }, [48, 12], ['Ankles crossed, sit tall.'], { props: [CHAIR] }),
      rung('easy-seat.bolster', 'high, on a bolster', 'bolster|high', 'sitting', sitting(0, 0), { ...CROSSED, on: [[18, 'sit'], ['floor', 'footOut']] }, [48, 14], ['Sit high on the bolster, knees below the hips.'], { props: [{ kind: 'bolster', heightCm: 18, lengthCm: 60, along: [0, 0, 1], under: ['sitR', 'sitL'], where: 'across, under the seat' }] }),
      rung('easy-seat.blankets', 'on blankets', 'blankets|full', 'sitting', sitting(0, 0), CROSSED, [48, 14], ['Sit on the front edge of the blankets.'], seat(4)),
    ],
  },
  {
    id: 'staff', family: 'seated', name: 'Staff', sanskrit: 'Daṇḍāsana', aliases: ['dandasana', 'sitting tall with straight legs', 'long sitting'],
    meaning: 'Straight as a staff: sitting with the legs ahead.', parts: ['hamstrings', 'whole'], place: ['warm-up', 'work'], before: [], after: ['easy-seat'],
    purposes: [to('open', 'hamstrings'), to('strengthen', 'low back')], energy: 'neutral', hold: breaths(5, 1, 10), usual: 'staff.blanket',
    guide: { setUp: 'Sit on a folded edge, legs ahead, hands beside you.', look: 'Straight ahead.', feel: 'Behind the thighs and up the back.', notHere: 'Not behind the knees.', comeOut: 'Bend the knees.' },
    mistakes: ['The pelvis rolls back.'],
    ladder: [
      rung('staff.knees-raised', 'knees over a rolled blanket', 'knees raised|rolled blanket', 'sitting', stretching(0, 1), vary(STAFF, { hip: [84, 5, 0], knee: 32 }, { on: [[10, 'sit'], ['floor', 'heelBack'], [14, 'calf?']], free: 'legs' }), [16, 14], ['Rolled blanket under the knees, sit high.'], { props: [blankets(4, 'sitR sitL', 'under the sitting bones'), { kind: 'bolster', heightCm: 12, lengthCm: 50, along: [0, 0, 1], under: ['calfR', 'calfL'], where: 'rolled, under the knees' }], support: 'hand' }),
      rung('staff.blanket', 'on a blanket', 'blanket|full', 'sitting', stretching(0, 1), STAFF, [16, 14], ['Sit on the folded edge, legs ahead.'], { ...seat(2), support: 'hand' }),
    ],
  },
  {
    id: 'butterfly', family: 'seated', name: 'Butterfly', sanskrit: 'Baddha Koṇāsana', aliases: ['baddha konasana', 'bound angle', 'cobbler', 'soles together', 'bhadrasana'],
    meaning: 'Soles together, knees to the sides like wings.', parts: ['inner thigh', 'pelvic floor'], place: ['warm-up', 'work', 'closing'], before: ['easy-seat'], after: ['staff'],
    purposes: [to('open', 'inner thigh'), to('settle', 'pelvic floor')], energy: 'settling', hold: breaths(6, 1, 20), usual: 'butterfly.blankets',
    guide: { setUp: 'Sit high, soles together, a hand or more from the body.', look: 'Straight ahead.', feel: 'In the inner thighs.', notHere: 'Not inside the knees.', comeOut: 'Close the knees with the hands.' },
    mistakes: ['The knees are pushed down.'],
    ladder: [
      rung('butterfly.blocks', 'blocks under the thighs', 'blocks|blocks under the knees', 'sitting', stretching(0, 0), butterfly(0, 0, 15, { on: [[15, 'sit'], ['floor', 'footOut'], [23, 'thighMid']] }), [60, 14], ['Sit high, blocks under the thighs.'], { props: [{ kind: 'blanket', count: 6, heightCm: 15, small: true, under: ['sitR', 'sitL'], where: 'under the sitting bones' }, block(20, 'thighMidR', 'under the right thigh', 'across'), block(20, 'thighMidL', 'under the left thigh', 'across')] }),
      rung('butterfly.blankets', 'on blankets', 'blankets|upright', 'sitting', stretching(0, 0), butterfly(0, 0, 10), [60, 14], ['Sit on the blankets, soles together, hands on the ankles.'], seat(4)),
      rung('butterfly.fold', 'leaning forward', 'fold|forward|full', 'sitting', stretching(0, 0), butterfly(28, 8, 5), [48, 16], ['Hinge forward with a long back.'], seat(2)),
    ],
  },
  {
    id: 'head-to-knee', family: 'seated', name: 'Head-to-knee fold', sanskrit: 'Jānu Śīrṣāsana', aliases: ['janu sirsasana', 'janu shirshasana', 'head to knee', 'one leg forward fold'],
    meaning: 'Folding over one straight leg.', parts: ['hamstrings', 'low back'], place: ['work', 'closing'], before: ['staff'], after: ['seated-twist'],
    purposes: [to('open', 'hamstrings', 'flexion'), to('settle', 'whole')], energy: 'settling', hold: breaths(5, 1, 12), side: 'the straight leg', usual: 'head-to-knee.blanket',
    guide: { setUp: 'Sit on a folded edge, one foot to the inner thigh.', in: 'Lengthen.', out: 'Hinge over the straight leg.', look: 'To the foot.', feel: 'Behind the straight leg.', notHere: 'Not in the low back or the bent knee.', comeOut: 'Walk the hands back.' },
    mistakes: ['The back rounds to reach the foot.'],
    ladder: [
      rung('head-to-knee.upright', 'back long, hands on the shin', 'upright|long back', 'sitting', stretching(0, 0), overOneLeg(FOOT_TO_THIGH, 10, 2, { surface: 10, foot: 'footOutL' }), [24, 16], ['Sit high, hands on the shin, back long.'], seat(4)),
      rung('head-to-knee.chair', 'head on a chair seat', 'chair|head supported', 'sitting', resting(0, 0), overOneLeg({ ...FOOT_TO_THIGH, shoulder: [110, 20, -20], elbow: 95, forearm: 70 }, 34, 10, { surface: 10, foot: 'footOutL', on: [[10, 'sit'], ['floor', 'heelBackR footOutL'], ['seat', 'elbow wrist?'], [53, 'forehead']], at: [...FLOOR_SEAT, ...bothAt(['elbowR', [46, null, 20], { weight: 0.4 }])], free: 'legs arms spine~3 neck', apart: 'handR-handL forearmR-forearmL forearmR-head forearmL-head handR-head handL-head footL-thighR shankL-thighR' }), [24, 14], ['Arms and forehead on the chair seat over the leg.'], { props: [...seat(4).props, { kind: 'chair', x: 62, faces: -1, where: 'over the straight leg' }], support: 'trunk' }),
      rung('head-to-knee.blanket', 'folding', 'blanket|full', 'sitting', stretching(0, 0), overOneLeg(FOOT_TO_THIGH, 24, 24, { surface: 5, foot: 'footOutL' }), [22, 16], ['Fold over the straight leg, hands where they reach.'], seat(2)),
    ],
  },
  {
    id: 'hip-cradle', family: 'seated', name: 'Hip cradle', aliases: ['cradle the leg', 'rock the baby', 'leg cradle', 'baby cradle'],
    meaning: 'One shin held level like a baby in the arms.', parts: ['outer hip'], place: ['work'], before: ['butterfly'], after: ['staff'],
    purposes: [to('open', 'outer hip'), to('mobilise', 'outer hip')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the cradled leg', usual: 'hip-cradle.floor',
    guide: { setUp: 'Sit tall, hold one shin level.', look: 'Straight ahead.', feel: 'In the outer hip.', notHere: 'Not in the knee.', comeOut: 'Lower the leg with both hands.' },
    mistakes: ['The back rounds to lift the leg.'],
    ladder: [
      rung('hip-cradle.floor', 'sitting on a blanket', 'floor|full', 'sitting', stretching(0, 1), {
        posture: { pitch: -2, hipR: [96, 34, 56], kneeR: 100, ankleR: 5, hipL: [84, 8, 0], kneeL: 30, shoulder: [40, 2, -20], elbow: 70, forearm: 30 }, on: [[10, 'sit'], ['floor', 'heelBackL']],
        at: [...FLOOR_SEAT, ['ankleR', [24, 42, -10], { weight: 0.6 }], ['palmMidR', 'shinR', { gapCm: 6 }], ['palmMidL', 'ankleR', { gapCm: 6 }]], face: [['T8', UP, UP, 0.6], ['pelvis', ACROSS, ACROSS, 0.4]], free: 'legs arms', apart: 'handR-shankR handL-shankR forearmR-shankR forearmL-shankR handR-thighR forearmR-thighR handL-footR forearmL-thighR handL-thighR handR-handL forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso',
      }, [52, 14], ['Hold knee and ankle, shin level.', 'Rock a little from side to side.'], seat(4)),
    ],
  },
  {
    id: 'half-lotus-fold', family: 'seated', name: 'Half-lotus fold', sanskrit: 'Ardha Baddha Padma Paścimottānāsana', aliases: ['ardha baddha padma paschimottanasana', 'half lotus forward fold', 'half bound lotus fold'],
    meaning: 'Folding over one leg, the other foot on its thigh.', parts: ['outer hip', 'hamstrings'], place: ['work'], before: ['hip-cradle'], after: ['staff'],
    purposes: [to('open', 'hamstrings', 'flexion'), to('open', 'outer hip')], energy: 'settling', hold: breaths(4, 1, 8), side: 'the straight leg', usual: 'half-lotus-fold.upright',
    guide: { setUp: 'One foot on the other thigh, high up.', out: 'Hinge forward a little.', look: 'To the foot.', feel: 'In the outer hip of the folded leg and behind the straight one.', notHere: 'Never in the knee.', comeOut: 'Lift the foot down with the hands.' },
    mistakes: ['The knee is forced to the floor.'],
    ladder: [
      rung('half-lotus-fold.upright', 'upright, hands on the shin', 'upright|half', 'sitting', stretching(0, 0), overOneLeg({ hipL: [62, 46, 62], kneeL: 126, ankleL: -25 }, 8, 2, { surface: 10, foot: 'heelBackR', touch: [['ankleL', 'thighR']], on: [[10, 'sit'], ['floor', 'heelBackR']] }), [34, 18], ['Foot on the thigh, back long.'], seat(4)),
      rung('half-lotus-fold.full', 'folding', 'full', 'sitting', stretching(0, 0), overOneLeg({ hipL: [66, 46, 62], kneeL: 128, ankleL: -25 }, 22, 24, { surface: 5, foot: 'heelBackR', touch: [['ankleL', 'thighR']], on: [[5, 'sit'], ['floor', 'heelBackR']], apart: 'handR-handL handR-shankR handL-shankR footL-thighR shankL-thighR thighR-torso thighL-torso' }), [26, 18], ['Foot on the thigh, fold as far as the knee likes.'], seat(2)),
    ],
  },
  {
    id: 'half-hero-fold', family: 'seated', name: 'Half-hero fold', sanskrit: 'Triaṅga Mukhaikapāda Paścimottānāsana', aliases: ['trianga mukhaikapada paschimottanasana', 'one leg hero fold', 'half hero forward fold', 'krounchasana prep'],
    meaning: 'Folding over one straight leg, the other shin folded back.', parts: ['hamstrings', 'front hip'], place: ['work'], before: ['hero', 'staff'], after: ['staff'],
    purposes: [to('open', 'hamstrings', 'flexion'), to('open', 'front hip')], energy: 'settling', hold: breaths(4, 1, 8), side: 'the straight leg', usual: 'half-hero-fold.block',
    guide: { setUp: 'One shin folded back beside the hip, sit level.', out: 'Hinge forward.', look: 'To the foot.', feel: 'Behind the straight leg.', notHere: 'Not in the bent knee.', comeOut: 'Lean away and stretch the leg.' },
    mistakes: ['One hip hangs in the air.'],
    ladder: [
      rung('half-hero-fold.block', 'seat on a block, upright', 'block|upright', 'sitting', stretching(0, 0), overOneLeg({ hipL: [76, 8, -16], kneeL: 152, ankleL: -50 }, 6, 0, { surface: 10, foot: 'instepL' }), [20, 14], ['Sit on the block, one shin folded back.'], { props: [block(10, 'sitR sitL', 'under the seat')] }),
      rung('half-hero-fold.full', 'folding', 'full', 'sitting', stretching(0, 0), overOneLeg({ hipL: [80, 8, -16], kneeL: 152, ankleL: -50 }, 24, 24, { surface: 5, foot: 'instepL' }), [20, 14], ['Fold over the straight leg.'], seat(2)),
    ],
  },
  {
    id: 'seated-straddle', family: 'seated', name: 'Wide-legged seat', sanskrit: 'Upaviṣṭa Koṇāsana', aliases: ['upavistha konasana', 'seated straddle', 'wide leg seated fold', 'legs wide'],
    meaning: 'Sitting with the legs wide.', parts: ['inner thigh', 'hamstrings'], place: ['work', 'closing'], before: ['butterfly'], after: ['staff'],
    purposes: [to('open', 'inner thigh'), to('open', 'hamstrings')], energy: 'settling', hold: breaths(5, 1, 10), usual: 'seated-straddle.upright',
    guide: { setUp: 'Sit on a folded edge, legs wide, kneecaps up.', out: 'Hinge forward a little.', look: 'Straight ahead.', feel: 'Inside the thighs.', notHere: 'Not inside the knees.', comeOut: 'Lift the knees with the hands and bring the legs together.' },
    mistakes: ['The knees roll inwards.'],
    ladder: [
      rung('seated-straddle.upright', 'upright, hands behind', 'upright|hands behind', 'sitting', stretching(0, 0), { symmetric: true, posture: { hip: [82, 38, 4], knee: 6, shoulder: [-20, 16, 0], elbow: 10, forearm: 80, wrist: 60 }, on: [[10, 'sit'], ['floor', 'heelBack']], at: FLOOR_SEAT, face: [['T8', UP, UP]], free: 'hip ankle' }, [56, 16], ['Sit high, legs wide, hands behind you.'], { ...seat(4), support: 'hand' }),
      rung('seated-straddle.fold', 'hands walking ahead', 'fold|full', 'sitting', stretching(0, 0), { symmetric: true, posture: { pitch: 26, lumbar: 10, hip: [98, 40, 6], knee: 6, shoulder: [84, 6, 0], elbow: 10, forearm: 80, wrist: 30 }, on: [[5, 'sit'], ['floor', 'heelBack palm?']], at: FLOOR_SEAT, free: 'hip ankle arms' }, [50, 18], ['Walk the hands ahead with a long back.'], seat(2)),
    ],
  },
  {
    id: 'half-lord-twist', family: 'seated', name: 'Half lord of the fishes', sanskrit: 'Ardha Matsyendrāsana', aliases: ['ardha matsyendrasana', 'seated spinal twist', 'sitting twist on the floor', 'marichyasana', 'half spinal twist'],
    meaning: 'Matsyendra’s twist, half of it: one knee up, turning.', parts: ['upper back', 'outer hip'], place: ['work', 'closing'], before: ['cat-cow'], after: ['staff'],
    purposes: [to('mobilise', 'upper back', 'twist'), to('open', 'outer hip')], energy: 'neutral', hold: breaths(4, 1, 8), side: 'the side she turns to', usual: 'half-lord-twist.hug',
    guide: { setUp: 'Sit tall, one foot crossed over the other leg.', in: 'Grow taller.', out: 'Turn from the ribs.', look: 'Over the shoulder only as far as is easy.', feel: 'Between the ribs and in the outer hip.', notHere: 'Not in the low back.', comeOut: 'Back through the middle, one full breath.' },
    mistakes: ['The arm levers the turn.'],
    ladder: [
      rung('half-lord-twist.open', 'away from the knee, open', 'open', 'sitting', stretching(0, 0), turned({ hipL: [104, -2, 0], kneeL: 96, hipR: [84, 6, 0], kneeR: 4, twist: 34, neckTwist: 24, shoulderR: [-28, 26, 0], elbowR: 10, shoulderL: [30, -4, -20], elbowL: 50, forearm: 60 }, { on: [[10, 'sit'], ['floor', 'heelBackR soleL']], at: [...FLOOR_SEAT, ['soleMidL', [36, null, -9], { weight: 0.5 }], ['palmMidL', 'kneeL', { gapCm: 8, weight: 0.5 }], ['palmMidR', [-22, 6, 26], { weight: 0.4 }]] }), [40, 16], ['One foot down beside the straight leg, turn away from it.', 'Chest open.'], { ...seat(4), support: 'hand' }),
      rung('half-lord-twist.hug', 'hugging the knee', 'hug|full', 'sitting', stretching(0, 1, { closedTwist: true }), turned({ hipR: [104, -10, 0], kneeR: 112, hipL: [84, 6, 0], kneeL: 4, twist: 36, neckTwist: 26, shoulderR: [-30, 26, 0], elbowR: 10, shoulderL: [46, -10, -20], elbowL: 90, forearm: 40 }, { on: [[10, 'sit'], ['floor', 'heelBackL soleR']], at: [...FLOOR_SEAT, ['soleMidR', [34, null, -16], { weight: 0.5 }], ['elbowL', 'kneeR', { gapCm: 7, weight: 0.6 }], ['palmMidR', [-22, 6, 26], { weight: 0.4 }]], apart: 'thighR-thighL footR-thighL footR-shankL shankR-thighL shankR-shankL forearmL-thighR upperArmL-thighR handL-thighR forearmL-shankR handL-shankR forearmL-torso handL-torso' }), [52, 16], ['One foot over the other leg, hug the knee.', 'Turn as you breathe out.'], { ...seat(4), support: 'hand' }),
    ],
  },
  {
    id: 'cow-face-legs', family: 'seated', name: 'Cow-face legs', sanskrit: 'Gomukhāsana', aliases: ['gomukhasana', 'cow face', 'legs stacked', 'stacked knees', 'shoelace'],
    meaning: 'A cow’s face: one knee stacked on the other.', parts: ['outer hip'], place: ['work'], before: ['butterfly'], after: ['staff'],
    purposes: [to('open', 'outer hip'), to('settle', 'pelvic floor')], energy: 'settling', hold: breaths(5, 1, 10), side: 'the upper leg', usual: 'cow-face-legs.blankets',
    guide: { setUp: 'Sit high, one knee over the other, feet to the sides.', look: 'Straight ahead.', feel: 'In both outer hips.', notHere: 'Not in the knees.', comeOut: 'Lift the upper knee with the hands.' },
    mistakes: ['The hips tilt to one side.'],
    ladder: [
      rung('cow-face-legs.chair', 'on a chair, one thigh over the other', 'chair|seated', 'chair', sitting(0, 0), { ...vary(CHAIR_HANDS, { hipR: [92, -14, 5], kneeR: 90, hipL: [82, 0, 0] }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL']], touch: [['calfR', 'thighL', -1]], apart: 'thighR-thighL shankR-thighL shankR-shankL thighR-shankL footR-shankL' }), aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] }, [48, 12], ['One thigh over the other, sit tall.'], { props: [CHAIR] }),
      rung('cow-face-legs.blankets', 'on blankets', 'blankets|full', 'sitting', stretching(0, 0), {
        posture: { pitch: 4, hipR: [92, -22, 20], kneeR: 122, hipL: [78, -14, 20], kneeL: 126, ankle: -35, shoulder: [26, 8, 0], elbow: 45, forearm: 60 }, on: [[15, 'sit'], ['floor', 'ankleOut kneeOutL?']],
        at: [...FLOOR_SEAT, ['kneeR', [38, null, 0], { weight: 0.4 }], ['ankleR', [12, null, -28], { weight: 0.5 }], ['ankleL', [12, null, 28], { weight: 0.5 }], ...bothAt(['palmMidR', 'thighTopR', { gapCm: 1, weight: 0.5 }])], face: [['T8', UP, UP, 0.6], ['pelvis', ACROSS, ACROSS, 0.4]], free: 'legs arms', apart: 'thighR-thighL shankR-shankL thighR-shankL thighL-shankR shankR-pelvis shankL-pelvis footR-pelvis footL-pelvis footR-thighL footL-thighR footR-shankL footL-shankR handR-handL handL-thighR handR-thighL forearmR-forearmL',
      }, [60, 16], ['Sit high, one knee over the other.', 'Feet beside the hips.'], { props: [{ kind: 'blanket', count: 6, heightCm: 15, small: true, under: ['sitR', 'sitL'], where: 'under the sitting bones' }] }),
    ],
  },
  {
    id: 'boat', family: 'seated', name: 'Boat', sanskrit: 'Nāvāsana', aliases: ['navasana', 'paripurna navasana', 'half boat', 'ardha navasana'],
    meaning: 'A boat: balancing on the seat, trunk and legs lifted.', parts: ['belly', 'front hip'], place: ['work'], before: ['staff'], after: ['knees-to-chest'],
    purposes: [to('strengthen', 'belly'), to('strengthen', 'front hip')], energy: 'lifting', hold: breaths(3, 1, 6), usual: 'boat.shins-level',
    guide: { setUp: 'Sit, hands behind the thighs, lean back with a long back.', look: 'Ahead, to the knees.', feel: 'In belly and hips.', notHere: 'Not in the low back or neck.', comeOut: 'Feet down, fold a little.' },
    mistakes: ['The back rounds.', 'The breath is held.'],
    ladder: [
      rung('boat.chair', 'on a chair, one knee lifted', 'chair|seated', 'chair', stretching(1, 1), { ...vary(CHAIR_HANDS, { pitch: -8, hipR: [104, 4, 0], kneeR: 92 }, { sided: true, on: [['seat', 'sit'], ['floor', 'soleL']], free: 'legL arms' }), at: [...bothAt(['sitR', [2, null, null]]), ['palmMidR', 'kneeR', { gapCm: 7 }], ['palmMidL', 'thighTopL', { gapCm: 1 }]], face: [['T8', UP, [-0.16, 0.98, 0], 0.6], ...PELVIS_AHEAD], aim: [['kneeL', 'ankleL', [0, -1, 0], 0.5]] }, [34, 12], ['Lean back a little, one knee lifted.', 'Half way through, the other knee.'], { props: [CHAIR], alternates: true }),
      rung('boat.toes-down', 'toes down, hands behind the thighs', 'toes down|easy', 'sitting', hatha(2, 2), { symmetric: true, posture: { pitch: -24, lumbar: 6, hip: [70, 4, 0], knee: 92, shoulder: [46, 4, 0], elbow: 30, forearm: 40 }, on: [['floor', 'sit ball']], at: bothAt(['palmMidR', 'thighMidR', { gapCm: 8 }]), face: [['T8', UP, [-0.34, 0.94, 0], 0.6]], free: 'legs arms', apart: 'handR-thighR handL-thighL forearmR-thighR forearmL-thighL' }, [14, 12], ['Hands behind the thighs, toes down, lean back.']),
      rung('boat.shins-level', 'shins level', 'shins level|half', 'sitting', hatha(3, 3), { symmetric: true, posture: { pitch: -30, lumbar: 8, hip: [92, 2, 0], knee: 76, shoulder: [58, 6, 0], elbow: 6, forearm: 20 }, on: [['floor', 'sit buttock']], face: [['T8', UP, [-0.5, 0.87, 0], 0.4]], balance: 'sitR sitL buttockR buttockL', free: 'hip' }, [14, 12], ['Shins level, arms ahead.', 'Keep breathing.']),
      rung('boat.full', 'legs straight', 'full|straight', 'sitting', strong(3, 3), { symmetric: true, posture: { pitch: -36, lumbar: 8, hip: [88, 1, 0], knee: 2, shoulder: [64, 6, 0], elbow: 4, forearm: 20 }, on: [['floor', 'sit buttock']], balance: 'sitR sitL buttockR buttockL', free: 'hip' }, [14, 12], ['Legs straight, breastbone lifted.', 'Keep breathing.']),
    ],
  },
  {
    id: 'pigeon', family: 'seated', name: 'Pigeon', sanskrit: 'Eka Pāda Rājakapotāsana', aliases: ['eka pada rajakapotasana', 'sleeping pigeon', 'half pigeon', 'pigeon with the head supported', 'kapotasana'],
    meaning: 'One shin across in front, the other leg long behind.', parts: ['outer hip', 'front hip'], place: ['work', 'closing'], before: ['low-lunge', 'supine-figure-four'], after: ['childs-pose'],
    purposes: [to('open', 'outer hip'), to('open', 'front hip')], energy: 'settling', hold: breaths(6, 1, 12), side: 'the front leg', usual: 'pigeon.folded',
    guide: { setUp: 'From all fours slide one knee to its wrist; something under that hip.', look: 'Down or closed.', feel: 'In the outer hip of the front leg.', notHere: 'Never in the front knee.', comeOut: 'Press the hands, slide the knee back.' },
    mistakes: ['The hip rolls to the side without support.'],
    ladder: [
      rung('pigeon.head-supported', 'folded, head supported, block under the hip', 'head supported|supported', 'sitting', resting(0, 0), {
        posture: { pitch: 74, lumbar: 4, thorax: 4, hipR: [118, 32, 55], kneeR: 92, ankleR: 5, hipL: [4, 4, 0], kneeL: 6, ankleL: -50, shoulder: [120, 20, -20], elbow: 90, forearm: 80 }, on: [['floor', 'kneeOutR footOutR? instepL kneeL elbow'], [12, 'hipJR'], [15, 'forehead']],
        at: [['kneeR', [26, null, 16], { weight: 0.6 }], ...bothAt(['elbowR', [44, null, 20], { weight: 0.3 }])], face: [['pelvis', ACROSS, [0, -0.05, 1], 0.8]], aim: [['hipJL', 'kneeL', [-1, null, 0], 0.4]], free: 'legs arms spine~3 neck', apart: 'thighR-torso shankR-torso handR-handL forearmR-forearmL forearmR-head forearmL-head handR-head handL-head forearmR-shankR forearmL-shankR handR-shankR handL-shankR forearmR-thighR upperArmR-thighR handR-thighR footR-thighL shankR-thighL',
      }, [40, 20], ['Block under the hip, forehead on a block or the hands.'], { props: [block(12, 'hipJR', 'under the front hip'), block(15, 'forehead', 'under the forehead')], support: 'trunk' }),
      rung('pigeon.folded', 'leaning on the forearms', 'folded|forearms', 'sitting', stretching(0, 0), {
        posture: { pitch: 62, lumbar: -2, hipR: [104, 32, 52], kneeR: 90, ankleR: 5, hipL: [0, 4, 0], kneeL: 6, ankleL: -50, shoulder: [90, 8, 0], elbow: 88, forearm: 85, neck: -4 }, on: [['floor', 'kneeOutR footOutR? instepL kneeL elbow palm'], [12, 'hipJR']],
        at: [['kneeR', [26, null, 16], { weight: 0.6 }], ...bothAt(['elbowR', [48, null, 17], { weight: 0.3 }])], face: [['pelvis', ACROSS, [0, -0.05, 1], 0.8]], aim: [['hipJL', 'kneeL', [-1, null, 0], 0.4]], free: 'legs arms spine~4', apart: 'thighR-torso shankR-torso forearmR-shankR forearmL-shankR handR-shankR handL-shankR forearmR-thighR upperArmR-thighR handR-thighR footR-thighL shankR-thighL',
      }, [34, 16], ['Block under the hip, lean on the forearms.'], { props: [block(12, 'hipJR', 'under the front hip')] }),
      rung('pigeon.upright', 'on the hands', 'upright|full', 'sitting', hatha(0, 1), {
        posture: { pitch: 46, lumbar: -16, thorax: -12, neck: -6, hipR: [88, 32, 55], kneeR: 82, ankleR: 5, hipL: [-14, 4, 0], kneeL: 6, ankleL: -50, shoulder: [26, 10, 0], elbow: 12, forearm: 80, wrist: 70 }, on: [['floor', 'kneeOutR footOutR? instepL kneeL palm'], [12, 'hipJR']],
        at: [['kneeR', [28, null, 16], { weight: 0.6 }], ...bothAt(['palmMidR', [30, null, 24], { weight: 0.3 }])], face: [['pelvis', ACROSS, [0, -0.05, 1], 0.8]], free: 'legs arms spine~4', apart: 'forearmR-shankR handR-shankR forearmR-thighR upperArmR-thighR handR-thighR footR-thighL shankR-thighL shankR-torso thighR-torso',
      }, [30, 14], ['Block under the hip, hands down, breastbone up.'], { props: [block(12, 'hipJR', 'under the front hip')] }),
    ],
  },
  {
    id: 'ninety-ninety', family: 'seated', name: 'Ninety-ninety', aliases: ['90/90', 'hips side to side', '90 90 hips', 'shin box', 'deer'],
    meaning: 'Both knees at right angles, hips roll from side to side.', parts: ['outer hip', 'inner thigh'], place: ['warm-up', 'work'], before: ['butterfly'], after: ['staff'],
    purposes: [to('mobilise', 'outer hip'), to('open', 'outer hip')], energy: 'neutral', hold: rounds(4, 2, 8, 2), usual: 'ninety-ninety.hands-behind',
    guide: { setUp: 'Sit with the feet wide, hands behind.', in: 'Knees up.', out: 'Both knees to one side.', look: 'Straight ahead.', feel: 'Deep in both hips.', notHere: 'Not in the knees.', comeOut: 'Knees up, legs long.' },
    mistakes: ['The knees are forced down.'],
    ladder: [
      rung('ninety-ninety.hands-behind', 'hands behind', 'hands behind|full', 'sitting', stretching(0, 0), ([1, -1] as const).map((k): Shape => {
        const front = k > 0 ? 'R' : 'L', rear = k > 0 ? 'L' : 'R';
        return {
          posture: { pitch: -8, [`hip${front}`]: [74, 46, 50], [`knee${front}`]: 92, [`hip${rear}`]: [62, 16, -38], [`knee${rear}`]: 92, ankle: 0, shoulder: [-36, 18, 0], elbow: 8, forearm: 90, wrist: 60 }, on: [[5, 'sit'], ['floor', `kneeOut${front} ankleOut${front}? kneeIn${rear} footIn${rear}? palmMid?`]],
          at: FLOOR_SEAT, face: [['T8', UP, [-0.1, 0.99, 0], 0.5], ['pelvis', ACROSS, ACROSS, 0.3]], free: 'legs arms spine~4', apart: 'footR-thighL footL-thighR footR-shankL footL-shankR shankR-thighL shankL-thighR shankR-shankL',
        };
      }), [62, 18], ['Feet wide, roll both knees to one side and the other.'], { ...seat(2), support: 'hand', ...linked }),
    ],
  },
  {
    id: 'reverse-table', family: 'seated', name: 'Reverse table', sanskrit: 'Ardha Pūrvottānāsana', aliases: ['ardha purvottanasana', 'crab', 'reverse tabletop', 'upward plank', 'purvottanasana'],
    meaning: 'A table the other way up: chest and hips to the ceiling.', parts: ['chest', 'shoulders', 'front hip'], place: ['work'], before: ['staff'], after: ['seated-forward-fold'],
    purposes: [to('strengthen', 'shoulders'), to('open', 'chest')], energy: 'lifting', hold: breaths(3, 1, 6), usual: 'reverse-table.low',
    guide: { setUp: 'Sit, feet flat, hands behind.', in: 'Lift the hips.', look: 'Ahead to the knees, or up with the neck long.', feel: 'Across the chest and in the buttocks.', notHere: 'Not in wrists, shoulders or neck.', comeOut: 'Lower the seat.' },
    mistakes: ['The head drops back.'],
    ladder: [
      rung('reverse-table.low', 'hips half way', 'low|half', 'sitting', hatha(1, 2), { symmetric: true, posture: { pitch: -52, hip: [40, 4, 0], knee: 92, neck: 20, shoulder: [-44, 10, 0], forearm: 90, wrist: 80 }, on: [['floor', 'palm sole']], at: bothAt(['sitR', [null, 16, null], { weight: 0.6 }]), free: 'arms legs' }, [14, 12], ['Hands behind, lift the hips half way.']),
      rung('reverse-table.full', 'hips level', 'full|crab', 'all-fours', strong(1, 3), { symmetric: true, posture: { pitch: -84, hip: [2, 4, 0], knee: 88, neck: 12, lumbar: -4, thorax: -4, shoulder: [-66, 10, 0], forearm: 90, wrist: 80 }, on: [['floor', 'palm sole']], aim: bothAim(['kneeR', 'ankleR', [0, -1, null], 0.5]), free: 'arms legs' }, [14, 12], ['Hips level with the knees, neck long.']),
    ],
  },
  {
    id: 'gentle-fold-bolster', family: 'seated', name: 'Fold over a bolster', aliases: ['supported forward fold', 'seated fold over a bolster', 'restorative forward fold', 'fold onto a bolster'],
    meaning: 'Cross-legged, the trunk rests forward on something high.', parts: ['low back', 'outer hip'], place: ['closing', 'rest'], before: ['easy-seat'], after: ['final-rest'],
    purposes: [to('settle', 'whole'), to('open', 'low back', 'flexion')], energy: 'settling', hold: breaths(8, 2, 30), usual: 'gentle-fold-bolster.chair',
    guide: { setUp: 'Sit high, something as high as it takes in front.', look: 'Eyes closed.', feel: 'As breath in the back.', notHere: 'Not as a pull in back or neck.', comeOut: 'Push up with the hands, the head last.' },
    mistakes: ['The support is too low.'],
    ladder: [
      rung('gentle-fold-bolster.chair', 'arms and head on a chair seat', 'chair', 'sitting', resting(0, 0), {
        ...vary(CROSSED_FREE, { pitch: 22, lumbar: 12, thorax: 6, neck: 10, shoulder: [92, 22, -30], elbow: 95, forearm: 70 }, { on: [[10, 'sit'], ['floor', 'footOut'], ['seat', 'elbow wrist?'], [53, 'forehead']], at: bothAt(['elbowR', [42, null, 22], { weight: 0.4 }]), free: 'legs arms spine~3 neck', apart: `${CROSSED_FREE.apart} handR-handL forearmR-forearmL forearmR-head forearmL-head handR-head handL-head` }), face: [['pelvis', AHEAD, [null, null, 0]]],
      }, [34, 14], ['Arms and forehead on the chair seat.'], { props: [blankets(4, 'sitR sitL', 'under the sitting bones'), { kind: 'chair', x: 56, faces: -1, where: 'in front, its seat towards you' }], support: 'trunk' }),
    ],
  },
];
