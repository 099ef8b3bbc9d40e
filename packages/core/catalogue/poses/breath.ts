import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, block, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { BACK_KNEES, CHAIR_FREE, CHAIR_HANDS, CROSSED, CROSSED_FREE, FOREARM_TABLE, KNEEL, KNEEL_FREE, SIDE } from './bases.js';
import { CHAIR, resting, sitting, stretching, UP } from './common.js';

const chair = { props: [CHAIR] }, seat = { props: [blankets(4, 'sitR sitL', 'under the sitting bones')] }, heels = { props: [block(10, 'sitR sitL', 'under the seat, between the heels')] };
const shut = { eyesClosed: true } as const;

/** One hand on the breastbone, one on the belly. */
const HANDS_CHEST_BELLY: Partial<Shape> = { sided: true, free: 'legs arms', touch: [['palmMidR', 'torso'], ['palmMidL', 'torso']], apart: 'forearmR-torso forearmL-torso handR-torso handL-torso forearmR-forearmL handR-handL' } as Partial<Shape>;
const chestAndBelly = (base: Shape): Shape => vary(base, { shoulderR: [38, -8, -40], elbowR: 112, forearmR: 40, shoulderL: [14, 2, -40], elbowL: 88, forearmL: 20 }, {
  ...HANDS_CHEST_BELLY, apart: `${base.apart ?? ''} ${HANDS_CHEST_BELLY.apart}`,
  at: [['palmMidR', 'chest', { gapCm: 3, weight: 0.4 }], ['palmMidL', 'belly', { gapCm: 3, weight: 0.4 }]],
});
const ribs = (base: Shape): Shape => vary(base, { shoulder: [22, 18, -20], elbow: 102, forearm: 20 }, {
  free: 'legs arms', touch: [['palmMid', 'torso']], at: bothAt(['palmMidR', 'ribR', { gapCm: 8, weight: 0.4 }]), apart: `${base.apart ?? ''} forearmR-torso forearmL-torso handR-torso handL-torso`,
});
const ribsLying: Shape = { ...ribs(BACK_KNEES), on: [['floor', 'sacrum midBack headBack sole elbow?']] };
const nose = (base: Shape): Shape => vary(base, { shoulderR: [58, 8, -25], elbowR: 138, forearmR: 30 }, {
  sided: true, free: 'legs arms', at: [['tipsR', 'chin', { off: [3, 3, 1] }], ['palmMidL', 'thighTopL', { gapCm: 1 }]], apart: `${base.apart ?? ''} handR-head forearmR-torso`,
});
const overEars = (base: Shape): Shape => vary(base, { shoulder: [72, 38, 10], elbow: 140, forearm: 30 }, {
  free: 'legs arms', at: bothAt(['tipsR', 'templeR', { gapCm: 3 }]), apart: `${base.apart ?? ''} handR-head handL-head forearmR-head forearmL-head`,
});
const overEyes = (base: Shape): Shape => vary(base, { neck: 10, shoulder: [92, 12, -10], elbow: 142, forearm: 10 }, {
  free: 'legs arms', at: bothAt(['palmMidR', 'eyes', { off: [3, 0, 4] }]), apart: `${base.apart ?? ''} handR-head handL-head forearmR-head forearmL-head handR-handL forearmR-forearmL`,
});

export const breathPoses: readonly Pose[] = [
  {
    id: 'three-part-breath', family: 'breath', name: 'Three-part breath', sanskrit: 'Dīrgha Prāṇāyāma', aliases: ['dirga pranayama', 'full breath', 'belly ribs chest breath', 'complete breath'],
    meaning: 'Long breath: into belly, ribs and chest, and out again.', parts: ['chest', 'belly'], place: ['opening', 'closing'], before: ['seated-breath'], after: ['seated-breath'],
    purposes: [to('breathe', 'chest'), to('settle', 'whole')], energy: 'settling', hold: breaths(8, 3, 20), usual: 'three-part-breath.chair',
    guide: { setUp: 'Sit tall, one hand on the breastbone, one on the belly.', in: 'Belly, then ribs, then collarbones.', out: 'Collarbones, ribs, belly; no pause is needed.', look: 'Eyes soft or closed.', feel: 'As movement under both hands.', notHere: 'Not as strain in the throat or dizziness.', comeOut: 'Let the breath go back to its own way.' },
    mistakes: ['The breath is pulled in so far that the shoulders rise.', 'A hold creeps in at the top.'],
    ladder: [
      rung('three-part-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0, shut), chestAndBelly(CHAIR_FREE), [50, 10], ['One hand on the breastbone, one on the belly.', 'Let the breath fill from below.'], { ...chair, breath: 'slow' }),
      rung('three-part-breath.kneeling', 'kneeling, seat on a block', 'kneeling|hero', 'kneeling', sitting(0, 0, shut), chestAndBelly(KNEEL_FREE), [50, 10], ['Sit back on the block.', 'One hand on the breastbone, one on the belly.'], { ...heels, breath: 'slow' }),
      rung('three-part-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor|easy seat', 'sitting', sitting(0, 0, shut), chestAndBelly(CROSSED_FREE), [55, 14], ['Sit high enough that the knees drop below the hips.', 'One hand on the breastbone, one on the belly.'], { ...seat, breath: 'slow' }),
    ],
  },
  {
    id: 'long-out-breath', family: 'breath', name: 'Long out-breath', aliases: ['lengthened exhale', 'long exhale', 'extended out breath', 'slow breath', 'calming breath'],
    meaning: 'The out-breath a little longer than the in-breath, never held.', parts: ['chest', 'whole'], place: ['opening', 'closing'], before: ['seated-breath'], after: ['seated-breath'],
    purposes: [to('breathe', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(8, 3, 30), usual: 'long-out-breath.chair',
    guide: { setUp: 'Sit or lie so that the belly is free.', in: 'Let it come by itself.', out: 'A little longer than the in-breath, as through a straw if you like.', look: 'Eyes closed or resting.', feel: 'As the shoulders sinking.', notHere: 'Not as hunger for air: then shorten it.', comeOut: 'Stop counting and wait three breaths.' },
    mistakes: ['The breath is counted against the person’s own length.', 'It is held at either end.'],
    ladder: [
      rung('long-out-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0, shut), CHAIR_HANDS, [38, 12], ['Hands on the thighs, feet on the floor.', 'Breathe out a little longer than in.'], { ...chair, breath: 'slow' }),
      rung('long-out-breath.side', 'lying on the side', 'side', 'side-lying', resting(0, 0, shut), vary(SIDE, {}, { on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR'], [10, 'templeL']] }), [-14, 30], ['Lie on the side, head on the blankets.', 'Breathe out a little longer than in.'], { props: [blankets(4, 'templeL', 'under the head')], breath: 'slow', support: 'trunk' }),
      rung('long-out-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0, shut), CROSSED, [48, 14], ['Sit high enough that the knees drop below the hips.', 'Breathe out a little longer than in.'], { ...seat, breath: 'slow' }),
      rung('long-out-breath.lying', 'on the back, knees bent', 'lying|back|knees bent', 'lying', resting(0, 0, shut), ribsLying, [24, 24], ['Feet flat, hands on the ribs.', 'Breathe out a little longer than in.'], { breath: 'slow', support: 'trunk' }),
    ],
  },
  {
    id: 'rib-breath', family: 'breath', name: 'Rib breath', aliases: ['side rib breathing', 'hands on the ribs breath', 'umbrella breath', 'breathing into the back'],
    meaning: 'Breath into the sides and back of the ribs, as an umbrella opens.', parts: ['chest', 'upper back'], place: ['opening', 'warm-up'], before: [], after: [],
    purposes: [to('breathe', 'chest'), to('mobilise', 'chest')], energy: 'neutral', hold: breaths(6, 3, 15), usual: 'rib-breath.chair',
    guide: { setUp: 'Hands round the lower ribs, thumbs behind.', in: 'The ribs push the hands apart.', out: 'The hands follow the ribs in.', look: 'Straight ahead.', feel: 'Under both hands alike.', notHere: 'Not in the neck and shoulders.', comeOut: 'Let the hands sink and breathe as you like.' },
    mistakes: ['The shoulders do the work.', 'The hands squeeze.'],
    ladder: [
      rung('rib-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0), ribs(CHAIR_FREE), [60, 10], ['Hands on the sides of the ribs.', 'Breathe wide.'], chair),
      rung('rib-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0), ribs(CROSSED_FREE), [60, 12], ['Hands on the sides of the ribs.', 'Breathe wide.'], seat),
      rung('rib-breath.lying', 'on the back, knees bent', 'lying|back', 'lying', resting(0, 0), ribsLying, [24, 24], ['Feet flat, hands on the sides of the ribs.', 'Breathe wide into the floor.'], { support: 'trunk' }),
    ],
  },
  {
    id: 'alternate-nostril-breath', family: 'breath', name: 'Alternate-nostril breath', sanskrit: 'Nāḍī Śodhana', aliases: ['nadi shodhana', 'anuloma viloma', 'alternate nostril breathing', 'channel cleaning breath'],
    meaning: 'Clearing the channels: one nostril, then the other, without holding.', parts: ['whole'], place: ['opening', 'closing'], before: ['seated-breath'], after: ['seated-breath'],
    purposes: [to('breathe', 'whole'), to('settle', 'whole')], energy: 'settling', hold: rounds(6, 3, 20, 2), usual: 'alternate-nostril-breath.chair',
    guide: { setUp: 'Sit tall; thumb and ring finger rest beside the nose.', in: 'Through one side, the other softly closed.', out: 'Through the other side; then in on that side.', look: 'Eyes closed.', feel: 'As an even, quiet stream.', notHere: 'Not as pushing; with a blocked nose leave the fingers off.', comeOut: 'Lower the hand and breathe through both.' },
    mistakes: ['The nose is pressed shut hard.', 'The breath is held at the change.', 'The arm is held up until the shoulder aches.'],
    ladder: [
      rung('alternate-nostril-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0, shut), nose(CHAIR_FREE), [50, 10], ['Elbow close to the ribs or on a cushion.', 'Change sides after each in-breath.'], { ...chair, breath: 'slow' }),
      rung('alternate-nostril-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0, shut), nose(CROSSED_FREE), [55, 12], ['Elbow close to the ribs.', 'Change sides after each in-breath.'], { ...seat, breath: 'slow' }),
    ],
  },
  {
    id: 'box-breath', family: 'breath', name: 'Box breath', sanskrit: 'Sama Vṛtti', aliases: ['sama vritti', 'square breath', 'four-part breath', 'breath holding', 'kumbhaka', 'antara kumbhaka', 'breath retention'],
    meaning: 'Equal turning: in, held, out, held, each for the same count.', parts: ['chest'], place: ['opening', 'closing'], before: ['long-out-breath'], after: ['seated-breath'],
    purposes: [to('breathe', 'chest')], energy: 'neutral', hold: breaths(4, 1, 10), usual: 'box-breath.chair',
    guide: { setUp: 'Sit tall, hands on the thighs.', in: 'For four counts; then hold for four.', out: 'For four counts; then wait for four.', look: 'One spot, or closed.', feel: 'As evenness.', notHere: 'Not as pressure in head, chest or eyes.', comeOut: 'Let the holds go first, then the counting.' },
    mistakes: ['Someone who should not hold the breath joins in.', 'The holds become a contest.'],
    ladder: [
      rung('box-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0, shut), CHAIR_HANDS, [38, 12], ['Hands on the thighs.', 'Leave the holds out whenever you like.'], { ...chair, breath: 'held' }),
      rung('box-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0, shut), CROSSED, [48, 14], ['Sit high enough that the knees drop below the hips.', 'Leave the holds out whenever you like.'], { ...seat, breath: 'held' }),
    ],
  },
  {
    id: 'shining-skull-breath', family: 'breath', name: 'Shining-skull breath', sanskrit: 'Kapālabhāti', aliases: ['kapalabhati', 'skull shining breath', 'bellows breath', 'bhastrika', 'breath of fire', 'rapid breath'],
    meaning: 'Quick out-breaths from the belly, the in-breath by itself.', parts: ['belly'], place: ['opening'], before: ['seated-breath'], after: ['seated-breath'],
    purposes: [to('breathe', 'belly')], energy: 'lifting', hold: breaths(4, 1, 8), usual: 'shining-skull-breath.cross-legged',
    guide: { setUp: 'Sit tall, hands on the thighs.', in: 'By itself.', out: 'Quick, from the low belly, through the nose.', look: 'Closed or on one spot.', feel: 'As warmth in the belly.', notHere: 'Not as dizziness or pressure in the head.', comeOut: 'Stop, and let three slow breaths come.' },
    mistakes: ['The shoulders pump.', 'It goes on although someone is dizzy.'],
    ladder: [
      rung('shining-skull-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(1, 1, shut), CHAIR_HANDS, [38, 12], ['Hands on the thighs.', 'Twenty at most, then rest.'], { ...chair, breath: 'rapid' }),
      rung('shining-skull-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(1, 1, shut), CROSSED, [48, 14], ['Sit high enough that the knees drop below the hips.', 'Twenty at most, then rest.'], { ...seat, breath: 'rapid' }),
    ],
  },
  {
    id: 'humming-breath', family: 'breath', name: 'Humming breath', sanskrit: 'Bhrāmarī', aliases: ['bhramari', 'bee breath', 'humming bee'],
    meaning: 'Humming out like a bee.', parts: ['whole'], place: ['opening', 'closing'], before: ['seated-breath'], after: ['seated-breath'],
    purposes: [to('breathe', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(5, 2, 12), usual: 'humming-breath.chair',
    guide: { setUp: 'Sit tall, lips closed, teeth apart.', in: 'Through the nose, in your own time.', out: 'Hum on one tone as long as it is easy.', look: 'Eyes closed.', feel: 'As a buzz in face and chest.', notHere: 'Not as pressure in the ears or the eyes.', comeOut: 'Stay quiet for two breaths and listen.' },
    mistakes: ['The tone is pressed to the end of the breath.', 'The fingers push into the ears.'],
    ladder: [
      rung('humming-breath.chair-hands-down', 'on a chair, hands down', 'hands down|simple', 'chair', sitting(0, 0, shut), CHAIR_HANDS, [38, 12], ['Hands on the thighs.', 'Hum softly as you breathe out.'], { ...chair, breath: 'slow' }),
      rung('humming-breath.chair', 'on a chair, fingers at the ears', 'chair|seated', 'chair', sitting(0, 0, shut), overEars(CHAIR_FREE), [60, 8], ['Fingertips in front of the ears, no pressing.', 'Hum softly as you breathe out.'], { ...chair, breath: 'slow' }),
      rung('humming-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0, shut), overEars(CROSSED_FREE), [60, 12], ['Fingertips in front of the ears, no pressing.', 'Hum softly as you breathe out.'], { ...seat, breath: 'slow' }),
    ],
  },
  {
    id: 'victory-breath', family: 'breath', name: 'Whispering breath', sanskrit: 'Ujjāyī', aliases: ['ujjayi', 'victory breath', 'ocean breath', 'sea sound breath'],
    meaning: 'Victorious: a soft whisper in the throat, like the sea far off.', parts: ['chest'], place: ['opening', 'warm-up'], before: ['seated-breath'], after: [],
    purposes: [to('breathe', 'chest'), to('settle', 'whole')], energy: 'neutral', hold: breaths(8, 3, 30), usual: 'victory-breath.chair',
    guide: { setUp: 'Sit tall; breathe out once as if misting a glass, then close the lips.', in: 'With a trace of that sound.', out: 'With a little more of it.', look: 'Eyes soft.', feel: 'As coolness at the back of the throat.', notHere: 'Not as a tight throat.', comeOut: 'Let the sound go.' },
    mistakes: ['The sound is so loud that the throat is tight.'],
    ladder: [
      rung('victory-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0), CHAIR_HANDS, [38, 12], ['A whisper in the throat, mouth closed.'], { ...chair, breath: 'slow' }),
      rung('victory-breath.kneeling', 'kneeling, seat on a block', 'kneeling', 'kneeling', sitting(0, 0), KNEEL, [38, 12], ['A whisper in the throat, mouth closed.'], { ...heels, breath: 'slow' }),
      rung('victory-breath.cross-legged', 'cross-legged on blankets', 'cross legged|floor', 'sitting', sitting(0, 0), CROSSED, [48, 14], ['A whisper in the throat, mouth closed.'], { ...seat, breath: 'slow' }),
    ],
  },
  {
    id: 'pelvic-floor-breath', family: 'breath', name: 'Pelvic floor breath', aliases: ['pelvic floor lift', 'pelvic floor breathing', 'mula bandha soft', 'kegel breath'],
    meaning: 'The pelvic floor lets go with the in-breath and lifts softly with the out-breath.', parts: ['pelvic floor', 'belly'], place: ['opening', 'warm-up', 'work'], before: ['rib-breath'], after: ['final-rest'],
    purposes: [to('strengthen', 'pelvic floor'), to('breathe', 'belly')], energy: 'neutral', hold: breaths(5, 3, 15), usual: 'pelvic-floor-breath.lying',
    guide: { setUp: 'Lie or sit so that belly and seat can be soft; jaw loose.', in: 'Let the pelvic floor widen.', out: 'Draw it gently up and in, then the deepest belly layer.', look: 'Eyes closed or to the ceiling.', feel: 'Between sitting bones, pubic bone and tail.', notHere: 'Not in the buttocks, the thighs or the jaw.', comeOut: 'Let go completely for two breaths.' },
    mistakes: ['Everything is gripped at once.', 'The letting go is left out.'],
    ladder: [
      rung('pelvic-floor-breath.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 0), CHAIR_HANDS, [38, 12], ['Sit on both sitting bones.', 'Lift as you breathe out, let go as you breathe in.'], chair),
      rung('pelvic-floor-breath.forearms', 'on forearms and knees', 'forearms|knees', 'all-fours', stretching(0, 0), FOREARM_TABLE, [14, 12], ['Elbows under the shoulders: the weight is off the pelvic floor.', 'Lift as you breathe out, let go as you breathe in.']),
      rung('pelvic-floor-breath.side', 'lying on the side', 'side', 'side-lying', resting(0, 0), vary(SIDE, {}, { on: [['floor', 'trochanterL shoulderJL kneeOutL ankleOutL wristL palmR'], [10, 'templeL']] }), [-14, 30], ['Knees bent, head on the blankets.', 'Lift as you breathe out, let go as you breathe in.'], { props: [blankets(4, 'templeL', 'under the head')], support: 'trunk' }),
      rung('pelvic-floor-breath.lying', 'on the back, knees bent', 'lying|back', 'lying', resting(0, 0), BACK_KNEES, [24, 24], ['Feet flat, belly soft.', 'Lift as you breathe out, let go as you breathe in.'], { support: 'trunk' }),
    ],
  },
  {
    id: 'lion', family: 'breath', name: 'Lion', sanskrit: 'Siṃhāsana', aliases: ['simhasana', 'lion breath', 'roaring lion'],
    meaning: 'A lion’s face: mouth wide, tongue out, a breath out with sound.', parts: ['neck', 'whole'], place: ['opening', 'warm-up', 'work'], before: [], after: ['seated-breath'],
    purposes: [to('breathe', 'whole'), to('open', 'neck')], energy: 'lifting', hold: rounds(3, 1, 5), usual: 'lion.kneeling',
    guide: { setUp: 'Hands on the knees, fingers wide.', in: 'Through the nose.', out: 'Open mouth and eyes wide, tongue out, a long hah.', look: 'Up with the eyes only, or straight ahead.', feel: 'In face, jaw and throat.', notHere: 'Not as a scratch in the throat.', comeOut: 'Close the mouth and smile.' },
    mistakes: ['The head is thrown back.'],
    ladder: [
      rung('lion.chair', 'on a chair', 'chair|seated', 'chair', sitting(0, 1), vary(CHAIR_HANDS, { pitch: 8, thorax: -3 }, { face: [['T8', UP, [0.1, 0.99, 0], 0.3]] }), [46, 10], ['Hands on the thighs, fingers wide.', 'Breathe out with a long hah.'], chair),
      rung('lion.kneeling', 'kneeling, seat on a block', 'kneeling', 'kneeling', sitting(0, 1), KNEEL, [46, 10], ['Hands on the thighs, fingers wide.', 'Breathe out with a long hah.'], heels),
    ],
  },
  {
    id: 'palming', family: 'breath', name: 'Palming', aliases: ['palms over the eyes', 'cupped eyes', 'eye rest'],
    meaning: 'Warm hands cupped over closed eyes, without touching them.', parts: ['whole', 'neck'], place: ['opening', 'closing', 'rest'], before: ['eye-circles'], after: ['seated-breath'],
    purposes: [to('settle', 'whole'), to('rest', 'whole')], energy: 'settling', hold: breaths(6, 3, 15), usual: 'palming.table',
    guide: { setUp: 'Rub the palms warm and cup them over the eyes.', look: 'Into the dark.', feel: 'As warmth.', notHere: 'Not as pressure on the eyes.', comeOut: 'Open the eyes behind the hands, then the fingers, then lower the hands.' },
    mistakes: ['The heels of the hands press on the eyes.'],
    ladder: [
      rung('palming.table', 'elbows on a table', 'table|desk', 'chair', resting(0, 0, shut), vary(CHAIR_FREE, { pitch: 6, neck: 12, shoulder: [40, 10, 0], elbow: 140, forearm: 20 }, {
        on: [['seat', 'sit'], ['floor', 'sole'], [72, 'elbow']], at: bothAt(['palmMidR', 'eyes', { off: [3, 0, 4] }], ['elbowR', [17, null, 14], { weight: 0.5 }]), free: 'legs arms neck', apart: 'handR-head handL-head forearmR-head forearmL-head handR-handL forearmR-forearmL',
      }), [30, 10], ['Elbows on the table, cup the hands over the eyes.', 'Rest there and breathe.'], { props: [CHAIR, { kind: 'stool', heightCm: 72, x: 36, size: [50, 76], where: 'in front, a table or desk' }], support: 'trunk' }),
      rung('palming.chair', 'on a chair, elbows close', 'chair', 'chair', resting(0, 0, shut), overEyes(CHAIR_FREE), [38, 10], ['Elbows close to the ribs, cup the hands over the eyes.'], chair),
    ],
  },
];
