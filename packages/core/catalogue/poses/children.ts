import type { Shape } from '../../src/body/shape.js';
import type { Pose } from '../../src/poses/types.js';
import { blankets, bothAt, breaths, rounds, rung, to, vary } from './author.js';
import { CHAIR_FREE, CROSSED_FREE, ON_RIGHT, STAND, TABLE } from './bases.js';
import { ACROSS, CHAIR, hatha, resting, sitting, stretching, strong, UP } from './common.js';

const chair = { props: [CHAIR] }, linked = { breath: 'linked' } as const, seat = { props: [blankets(2, 'sitR sitL', 'under the sitting bones')] };
const wideStar: Shape = { symmetric: true, posture: { hip: [0, 26, 8], shoulder: [0, 100, 0] }, on: [['floor', 'sole']], at: bothAt(['ankleR', [null, null, 36]]), face: [['T8', UP, UP]], free: 'hip ankle inversion' };
const squat: Shape = {
  symmetric: true, posture: { pitch: 26, lumbar: 8, hip: [112, 34, 26], knee: 132, ankle: 26, shoulder: [70, 6, 0], elbow: 10, forearm: 60, wrist: 40 }, on: [['floor', 'sole palm?']],
  at: bothAt(['ankleR', [null, null, 18]], ['palmMidR', [22, null, 8], { weight: 0.4 }]), balance: 'heelR ballR heelL ballL', free: 'legs arms spine',
};

export const childrenPoses: readonly Pose[] = [
  {
    id: 'balloon-breath', family: 'children', name: 'Balloon breath', aliases: ['growing balloon', 'blow up a balloon', 'balloon breathing'],
    meaning: 'The hands show a balloon that grows with the breath.', parts: ['chest', 'belly'], place: ['opening', 'work', 'closing'], before: [], after: [],
    purposes: [to('breathe', 'whole'), to('settle', 'whole')], energy: 'settling', hold: breaths(3, 1, 5), usual: 'balloon-breath.cross-legged',
    guide: { setUp: 'Hands round a small balloon before the belly.', in: 'The balloon grows.', out: 'The air hisses out.', look: 'At the balloon.', feel: 'In the belly.', notHere: 'Not as holding on.', comeOut: 'Let the balloon fly away.' },
    mistakes: ['They compete for the longest breath.'],
    ladder: ([['chair', CHAIR_FREE, 'on a chair', 'chair|seated', 'chair', chair], ['cross-legged', CROSSED_FREE, 'sitting on the floor', 'cross legged|floor', 'sitting', { props: [blankets(4, 'sitR sitL', 'under the sitting bones')] }]] as const).map(([key, base, name, words, level, props]) =>
      rung(`balloon-breath.${key}`, name, words, level, sitting(0, 0), [
        vary(base, { shoulder: [34, 6, -10], elbow: 78, forearm: 0 }, { free: 'legs arms', at: bothAt(['palmMidR', [null, null, 5]]) }),
        vary(base, { shoulder: [86, 44, 10], elbow: 60, forearm: 0 }),
      ], [52, 12], ['A small balloon in your hands.', 'Breathe in: it grows. Breathe out: hiss.'], { ...props, ...linked })),
  },
  {
    id: 'candle-breath', family: 'children', name: 'Blow out the candles', aliases: ['candle breath', 'birthday candles', 'blowing out candles'],
    meaning: 'The head turns slowly and blows out a row of candles.', parts: ['neck', 'chest'], place: ['opening', 'work'], before: [], after: [],
    purposes: [to('breathe', 'whole'), to('mobilise', 'neck')], energy: 'neutral', hold: rounds(3, 1, 5), usual: 'candle-breath.floor',
    guide: { setUp: 'A row of candles all round you.', in: 'Breathe in at one side.', out: 'Blow gently as the head turns to the other.', look: 'Along the candles.', feel: 'At the sides of the neck.', notHere: 'Not as dizziness: then stop and breathe.', comeOut: 'Look straight ahead.' },
    mistakes: ['It becomes fast puffing.'],
    ladder: ([['chair', CHAIR_FREE, 'on a chair', 'chair|seated', 'chair', chair], ['floor', CROSSED_FREE, 'sitting on the floor', 'floor|cross legged', 'sitting', { props: [blankets(4, 'sitR sitL', 'under the sitting bones')] }]] as const).map(([key, base, name, words, level, props]) =>
      rung(`candle-breath.${key}`, name, words, level, sitting(0, 0), [vary(base, { neckTwist: 44 }, { sided: true }), vary(base, { neckTwist: -44 }, { sided: true })], [56, 12], ['Breathe in at one side, blow as you turn.'], { ...props, ...linked })),
  },
  {
    id: 'star', family: 'children', name: 'Star', sanskrit: 'Utthita Tāḍāsana', aliases: ['utthita tadasana', 'starfish', 'five pointed star', 'big star'],
    meaning: 'A star with five points.', parts: ['whole'], place: ['warm-up', 'work'], before: ['mountain'], after: ['mountain'],
    purposes: [to('strengthen', 'whole'), to('open', 'inner thigh')], energy: 'lifting', hold: breaths(3, 1, 5), usual: 'star.standing',
    guide: { setUp: 'Feet wide, arms wide.', look: 'Straight ahead.', feel: 'To the tips of fingers and toes.', notHere: 'Not in the shoulders.', comeOut: 'Small again, arms down.' },
    mistakes: ['The arms stay up while someone explains.'],
    ladder: [
      rung('star.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 0), { ...vary(CHAIR_FREE, { hip: [76, 32, 16], knee: 50, shoulder: [0, 92, 0] }, { on: [['seat', 'sit'], ['floor', 'heelBack']] }), aim: [], at: bothAt(['sitR', [0, null, null]]) }, [74, 12], ['Arms and legs wide.'], chair),
      rung('star.standing', 'standing', 'standing|full', 'standing', hatha(0, 1), wideStar, [80, 8], ['Feet wide, arms wide, shine.']),
    ],
  },
  {
    id: 'hop-and-freeze', family: 'children', name: 'Hop and freeze', aliases: ['hop five times', 'who is the quietest', 'hopping', 'jump and stop', 'bunny hops'],
    meaning: 'Five hops, then as still as can be.', parts: ['feet', 'whole'], place: ['warm-up', 'work'], before: ['mountain'], after: ['mountain'],
    purposes: [to('mobilise', 'whole'), to('balance', 'whole')], energy: 'lifting', hold: rounds(5, 2, 8), usual: 'hop-and-freeze.standing',
    guide: { setUp: 'Room round everybody.', in: 'Hop.', out: 'Land softly like a cat.', look: 'Straight ahead.', feel: 'The heart beating when it stops.', notHere: 'Not as a thud in the knees.', comeOut: 'Freeze: who is the quietest?' },
    mistakes: ['They land on stiff legs.'],
    ladder: [
      rung('hop-and-freeze.heels', 'heels bounce, toes stay', 'heels|no jumping', 'standing', hatha(0, 1, { impact: 'flowing' }), [vary(STAND, {}), vary(STAND, { ankle: -30 }, { on: [['floor', 'ball']], balance: 'ballR ballL' })], [40, 8], ['Bounce the heels five times, then freeze.'], linked),
      rung('hop-and-freeze.standing', 'hopping', 'hop|jump|full', 'standing', strong(0, 2, { impact: 'hopping' }), [vary(STAND, { pitch: 24, hip: [56, 4, 0], knee: 56, ankle: 20, shoulder: [-20, 14, 0] }, { free: 'legs', balance: 'heelR ballR heelL ballL', face: [['T8', UP, [0.36, 0.93, 0], 0.6]] }), vary(STAND, { ankle: -30, shoulder: [150, 16, 0] }, { on: [['floor', 'ball']], balance: 'ballR ballL' })], [34, 8], ['Hop five times, land softly, freeze.'], linked),
    ],
  },
  {
    id: 'body-part-balance', family: 'children', name: 'Balance on body parts', aliases: ['balance on two parts', 'balance on three parts', 'balance on four parts', 'balance numbers', 'how many parts'],
    meaning: 'A number is called: so many parts of the body on the floor.', parts: ['whole'], place: ['work'], before: ['star'], after: ['childs-pose'],
    purposes: [to('balance', 'whole'), to('strengthen', 'whole')], energy: 'lifting', hold: breaths(3, 1, 4), usual: 'body-part-balance.three',
    guide: { setUp: 'Call a number: 2, 3, 4 and 2 again.', look: 'At one still point.', feel: 'Which parts carry you?', notHere: 'Not on the neck.', comeOut: 'Land softly and shake.' },
    mistakes: ['It becomes a race.'],
    ladder: [
      rung('body-part-balance.four', 'four: hands and knees', 'four|4', 'all-fours', hatha(1, 1), TABLE, [14, 12], ['Four parts: hands and knees, or your own way.']),
      rung('body-part-balance.three', 'three: hands and one knee', 'three|3', 'all-fours', hatha(1, 1), {
        posture: { pitch: 88, neck: -10, hipR: [88, 0, 0], kneeR: 90, ankle: -50, hipL: [2, 0, 0], kneeL: 4, shoulder: [88, 0, 0], forearm: 70, wrist: 80 }, on: [['floor', 'palm kneeR instepR']],
        face: [['pelvis', ACROSS, ACROSS]], aim: [['hipJL', 'ankleL', [-1, 0.02, 0]], ['hipJR', 'kneeR', [null, -1, null]]], balance: 'palmMidL palmMidR kneeR kneeR', free: 'legs~2 arms~2',
      }, [8, 12], ['Three parts: two hands and a knee, or your own way.']),
      rung('body-part-balance.two-feet', 'two: both feet, low', 'two feet|two', 'squatting', hatha(0, 1), { ...squat, on: [['floor', 'sole']] , posture: { ...squat.posture, shoulder: [74, 20, 0] }, at: bothAt(['ankleR', [null, null, 18]]) , free: 'legs spine' }, [46, 10], ['Two parts: both feet, as low as you like.']),
      rung('body-part-balance.one', 'one: one foot', 'one|1|full', 'standing', hatha(0, 2), vary(ON_RIGHT, { hipL: [60, 10, 0], kneeL: 80, shoulder: [0, 84, 0] }), [52, 8], ['One part: one foot. Wobbling is allowed.']),
    ],
  },
  {
    id: 'frog-hop', family: 'children', name: 'Frog hop', aliases: ['hopping frog', 'jumping frog', 'frog jump', 'ribbit'],
    meaning: 'Squatting with hands between the feet.', parts: ['inner thigh', 'feet'], place: ['warm-up', 'work'], before: ['star'], after: ['childs-pose'],
    purposes: [to('open', 'inner thigh'), to('mobilise', 'whole')], energy: 'lifting', hold: rounds(3, 1, 6), usual: 'frog-hop.croak',
    guide: { setUp: 'Squat, hands on the floor between the feet.', in: 'Sit low.', out: 'Lift the seat, or hop.', look: 'Ahead for flies.', feel: 'In the legs.', notHere: 'Not in the knees.', comeOut: 'Sit down on the lily pad.' },
    mistakes: ['They hop on stiff legs.'],
    ladder: [
      rung('frog-hop.croak', 'lifting the seat', 'croak|no jumping', 'squatting', hatha(0, 1, { impact: 'flowing' }), [squat, { ...squat, posture: { ...squat.posture, pitch: 84, lumbar: 14, hip: [112, 24, 14], knee: 62, ankle: 12, shoulder: [86, 4, 0] }, on: [['floor', 'sole palm?']], at: bothAt(['ankleR', [null, null, 18]], ['hipJR', [-6, 62, null], { weight: 0.6 }]), free: 'legs arms' }], [40, 12], ['Sit low and croak, lift the seat, sit low.'], linked),
      rung('frog-hop.hop', 'hopping', 'hop|jump|full', 'squatting', strong(0, 2, { impact: 'jumping' }), [squat, vary(STAND, { ankle: -30, shoulder: [164, 16, 0] }, { on: [['floor', 'ball']], balance: 'ballR ballL' })], [40, 10], ['Hop up and land softly.'], linked),
    ],
  },
  {
    id: 'bear-walk', family: 'children', name: 'Bear', aliases: ['bear walk', 'walking like a bear', 'animal walk'],
    meaning: 'Walking on hands and feet.', parts: ['shoulders', 'hamstrings'], place: ['warm-up', 'work'], before: ['cat-cow'], after: ['childs-pose'],
    purposes: [to('strengthen', 'shoulders'), to('mobilise', 'whole')], energy: 'lifting', hold: rounds(4, 2, 10), usual: 'bear-walk.hands-and-feet',
    guide: { setUp: 'Hands and feet on the floor, knees soft.', in: 'One hand forward.', out: 'The other foot follows.', look: 'Between the hands.', feel: 'In shoulders and legs.', notHere: 'Not in the wrists.', comeOut: 'Sit down with a sigh.' },
    mistakes: ['They race.'],
    ladder: [
      rung('bear-walk.hands-and-knees', 'on hands and knees', 'knees|crawl', 'all-fours', hatha(1, 1), TABLE, [14, 12], ['Crawl slowly on hands and knees.'], linked),
      rung('bear-walk.hands-and-feet', 'on hands and feet', 'feet|full', 'all-fours', hatha(1, 2, { impact: 'flowing' }), { symmetric: true, posture: { pitch: 112, lumbar: 8, hip: [110, 8, 0], knee: 46, ankle: 18, shoulder: [128, 4, 0], forearm: 60, wrist: 60 }, on: [['floor', 'palm ball']], at: bothAt(['palmMidR', 'ballR', { gapCm: 74, weight: 0.5 }]), free: 'arms legs' }, [6, 12], ['Hands and feet, knees soft, walk slowly.'], linked),
    ],
  },
  {
    id: 'tall-and-small', family: 'children', name: 'Tall and small', aliases: ['giraffe', 'giraffe and mouse', 'grow and shrink', 'seed to flower', 'sprout'],
    meaning: 'As small as a seed, as tall as a tree.', parts: ['whole', 'shoulders'], place: ['warm-up', 'work'], before: ['mountain'], after: ['mountain'],
    purposes: [to('mobilise', 'whole'), to('strengthen', 'whole')], energy: 'lifting', hold: rounds(3, 1, 5), usual: 'tall-and-small.squat',
    guide: { setUp: 'Curl up small.', in: 'Grow.', out: 'Shrink.', look: 'Where you are going.', feel: 'In the legs.', notHere: 'Not in the knees.', comeOut: 'Stand in between.' },
    mistakes: ['It is so quick that nobody feels it.'],
    ladder: [
      rung('tall-and-small.chair', 'on a chair', 'chair|seated', 'chair', stretching(0, 0), [vary(CHAIR_FREE, { pitch: 40, lumbar: 14, hip: [112, 8, 0], shoulder: [60, 6, 0] }, { face: [['T8', UP, [0.75, 0.66, 0], 0.6]] }), vary(CHAIR_FREE, { shoulder: [166, 16, 0] })], [30, 12], ['Small on the chair, tall on the chair.'], { ...chair, ...linked }),
      rung('tall-and-small.squat', 'from squatting to tiptoe', 'squat|full', 'standing', hatha(0, 2, { heelsLifted: true }), [{ ...squat, on: [['floor', 'sole']], posture: { ...squat.posture, pitch: 34, lumbar: 20, neck: 20 }, at: bothAt(['ankleR', [null, null, 12]]), free: 'legs arms spine' }, vary(STAND, { ankle: -30, shoulder: [168, 14, 0] }, { on: [['floor', 'ball']], balance: 'ballR ballL' })], [36, 8], ['Small as a seed, tall as a tree.'], linked),
    ],
  },
  {
    id: 'rag-doll', family: 'children', name: 'Rag doll', aliases: ['ragdoll', 'flop', 'hanging like a doll', 'elephant trunk'],
    meaning: 'Flopping forward from the hips like a cloth doll.', parts: ['hamstrings', 'low back'], place: ['work', 'closing'], before: ['mountain'], after: ['mountain'],
    purposes: [to('settle', 'low back'), to('open', 'hamstrings', 'flexion')], energy: 'settling', hold: breaths(3, 1, 5), usual: 'rag-doll.standing',
    guide: { setUp: 'Knees soft, let arms and head go.', look: 'Between the legs.', feel: 'As heavy arms.', notHere: 'Not as a spinning head.', comeOut: 'Roll up slowly, head last, and wait.' },
    mistakes: ['They come up fast.'],
    ladder: [
      rung('rag-doll.chair', 'over the thighs on a chair', 'chair|seated', 'chair', stretching(0, 0), {
        symmetric: true, posture: { pitch: 55, y: 53, lumbar: 34, thorax: 22, neck: 15, hip: [120, 18, 5], knee: 85, shoulder: [85, 5, 0], wrist: 10 }, on: [['seat', 'sit'], ['floor', 'sole tips?']],
        at: bothAt(['sitR', [-2, null, null]], ['ankleR', [null, null, 15], { weight: 0.5 }]), free: 'legs arms', apart: 'thighR-torso thighL-torso',
      }, [20, 12], ['Flop over the legs.'], chair),
      rung('rag-doll.standing', 'standing', 'standing|full', 'standing', stretching(0, 1, { hang: true }), { symmetric: true, posture: { pitch: 84, lumbar: 38, thorax: 22, neck: 14, hip: [92, 6, 0], knee: 26, ankle: 8, shoulder: [112, 6, 0], elbow: 30 }, on: [['floor', 'sole']], at: bothAt(['hipJR', [null, 79, null], { weight: 0.6 }]), balance: 'heelR ballR', free: 'hip ankle knee', apart: 'thighR-torso thighL-torso handR-handL' }, [14, 10], ['Knees soft, flop forward.', 'Roll up slowly.']),
    ],
  },
  {
    id: 'rowing', family: 'children', name: 'Rowing boat', aliases: ['row your boat', 'rowing', 'boat for two'],
    meaning: 'Rowing: leaning back and forward on the seat.', parts: ['belly', 'low back'], place: ['warm-up', 'work'], before: ['butterfly'], after: ['childs-pose'],
    purposes: [to('mobilise', 'low back'), to('strengthen', 'belly')], energy: 'lifting', hold: rounds(4, 2, 8), usual: 'rowing.floor',
    guide: { setUp: 'Sit, knees bent, hold the oars.', in: 'Lean back.', out: 'Reach forward.', look: 'Ahead over the water.', feel: 'In the belly.', notHere: 'Not in the low back.', comeOut: 'Ship the oars.' },
    mistakes: ['They throw themselves back.'],
    ladder: [
      rung('rowing.floor', 'sitting on the floor', 'floor|full', 'sitting', stretching(1, 1), [
        { symmetric: true, posture: { pitch: 24, lumbar: 12, hip: [104, 6, 0], knee: 62, shoulder: [70, 6, 0], elbow: 10, forearm: 70 }, on: [[5, 'sit'], ['floor', 'heelBack']], at: bothAt(['sitR', [0, null, null]]), face: [['T8', UP, [0.55, 0.83, 0], 0.6]], free: 'legs' },
        { symmetric: true, posture: { pitch: -14, lumbar: 4, hip: [66, 6, 0], knee: 62, shoulder: [34, 10, 0], elbow: 84, forearm: 70 }, on: [[5, 'sit'], ['floor', 'heelBack']], at: bothAt(['sitR', [0, null, null]]), face: [['T8', UP, [-0.18, 0.98, 0], 0.6]], free: 'legs' },
      ], [20, 12], ['Row: reach forward, lean back.'], { ...seat, ...linked }),
    ],
  },
  {
    id: 'listening', family: 'children', name: 'Listening', aliases: ['listen to the chime', 'hand up while it sounds', 'quiet ears', 'listening game'],
    meaning: 'Listening to a chime until it is gone.', parts: ['whole'], place: ['opening', 'closing', 'rest'], before: [], after: [],
    purposes: [to('settle', 'whole'), to('rest', 'whole')], energy: 'settling', hold: breaths(4, 1, 10), usual: 'listening.floor',
    guide: { setUp: 'Sit or lie, eyes closed or on one spot.', look: 'Eyes closed.', feel: 'How far away the sound goes.', notHere: 'Not as a test.', comeOut: 'Open the eyes, tell one thing you heard.' },
    mistakes: ['The chime sounds before it is quiet.'],
    ladder: [
      rung('listening.floor', 'sitting, one hand up', 'floor', 'sitting', sitting(0, 0, { eyesClosed: true }), vary(CROSSED_FREE, { shoulderR: [60, 30, 20], elbowR: 100, shoulderL: [22, 8, 0], elbowL: 50, forearmL: 50 }, { sided: true, free: 'legs armL', at: [['palmMidL', 'thighTopL', { gapCm: 1 }]] }), [54, 12], ['One hand up while it sounds.'], { props: [blankets(4, 'sitR sitL', 'under the sitting bones')] }),
      rung('listening.curled', 'curled up like a stone', 'curled|stone|mouse', 'kneeling', resting(0, 0), { symmetric: true, posture: { pitch: 78, lumbar: 34, thorax: 22, neck: 12, hip: [128, 10, 5], knee: 152, ankle: -60, shoulder: [-20, 14, 0], elbow: 10, forearm: -30 }, on: [['floor', 'knee instep forehead handBack?']], at: bothAt(['sitR', 'heelBackR', { gapCm: 8 }]), free: 'legs arms spine neck', apart: 'thighR-torso thighL-torso forearmR-shankR forearmL-shankL handR-shankR handL-shankL' }, [26, 20], ['Curl up small and listen.']),
    ],
  },
];
