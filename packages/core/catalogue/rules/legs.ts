import {
  type Condition,
  ACUTE,
  ask,
  at,
  below,
  CLEARED,
  condition,
  from,
  handInBalance,
  healing,
  held,
  is,
  limit,
  need,
  noJumping,
  notAt,
  OPERATED,
  over,
  PHASE,
  phased,
  SIDE,
  sided,
  sidesOf,
  staged,
  still,
  watch,
  clear,
  weeksSince,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, heldCondition, type Hold } from '../../src/authoring/holds.js';
import { notCarriedBy, published } from '../published.js';

const padded = { prop: 'blanket', where: 'folded under the knees' };

export const kneeArthritis: Condition = condition({
  id: 'knee-arthritis',
  name: 'Knee arthritis',
  group: 'legs',
  aliases: ['sore knees', 'knee pain', 'osteoarthritis of the knee', 'gonarthrosis', 'bad knees'],
  maybe: ['osteoarthritis', 'arthritis'],
  fields: [PHASE, SIDE],
  stage: phased('Knee'),
  well: 'Squats to the chair, straight-leg lifts, bridge, standing strength: exercise is the treatment.',
  warnings: ['hot-joint', 'calf-swelling'],
  say: 'Some discomfort at first is no harm; it should be gone by morning.',
  refer: 'A knee that locks, gives way or swells.',
  rules: [
    need('padding', over('kneesShare', 0.15), 'Knees are padded, or kneeling is left out.', { adds: padded, cue: 'A folded blanket under the knees.' }),
    limit('deep-loaded', [over('kneeFlexion', 100), over('kneeLoad', 0.25)], 'Under load the knee bends to about 90 degrees.', {
      limb: 'affected',
      evidence: notCarriedBy('nice-ng226', 'exercise is the treatment; it sets no angle'),
    }),
    limit('heels', over('kneeFlexion', 140), 'No sitting on or between the heels.', { limb: 'affected' }),
    limit('pivot', [over('kneeFlexion', 80), over('hipRotationIn', 40), notAt('lying')], 'No turning of a bent knee outwards.', { limb: 'affected' }),
    limit('flare', [over('kneeFlexion', 60), over('oneLeg', 0)], 'While it flares no bent-knee balance.', { when: [ACUTE] }),
    watch('hyperextension', over('kneeHyperextension', 2), 'The knee is not locked back.', { limb: 'affected', cue: 'Soften the knee.' }),
  ],
});
export const meniscus: Condition = condition({
  id: 'meniscus-tear',
  name: 'Meniscus tear',
  group: 'legs',
  aliases: ['torn meniscus', 'meniscus', 'cartilage tear'],
  fields: [PHASE, SIDE],
  stage: phased('Meniscus'),
  well: 'Straight-leg strength, bridge, standing with small bends, upper body.',
  warnings: ['hot-joint'],
  say: 'Bend or turn, not both under load.',
  refer: 'A knee that locks.',
  rules: [
    limit('deep', [over('kneeFlexion', 90), over('kneeLoad', 0.25)], 'No load beyond 90 degrees.', { limb: 'affected' }),
    limit('twist', [over('kneeFlexion', 60), over('hipRotationOut', 55)], 'No bend together with a turn of the shin.', { limb: 'affected' }),
    limit('folded', over('kneeFlexion', 135), 'No full fold of the knee.', { limb: 'affected' }),
    noJumping('With a torn meniscus'),
    limit('kneel', [over('kneesShare', 0.3), held(60)], 'Kneeling stays short.', { when: [ACUTE] }),
  ],
});
/** A new joint in hip or knee. */
const NEW_JOINT: Hold = {
  dated: 'operatedOn',
  awayDays: 14,
  overWeeks: 26,
  waits: 'The surgical team says what the new joint may do.',
  usually: [
    { fromWeek: 0, opens: [] },
    { fromWeek: 6, opens: ['floor', 'balance', 'hands', 'moderate-effort'] },
    { fromWeek: 12, opens: EVERYTHING },
  ],
};

export const kneeReplacement: Condition = heldCondition(NEW_JOINT, {
  id: 'knee-replacement',
  name: 'Knee replacement',
  group: 'legs',
  aliases: ['new knee', 'tkr', 'knee prosthesis'],
  fields: [
    OPERATED,
    SIDE,
    CLEARED,
    {
      key: 'flexion',
      label: 'Bends to, degrees',
      type: 'number',
      question: 'How far does the knee bend (usual 110 to 120)?',
      range: { measure: 'kneeFlexion', inPlaceOf: 'flexion' },
    },
  ],
  well: 'Chair and standing strength, straight-leg lifts, balance with a hand.',
  clearance: 'The surgeon or physiotherapist, for what and from when.',
  warnings: ['hot-joint', 'calf-swelling', 'wound-trouble'],
  say: 'It clicks; that is the metal.',
  refer: 'Fever or a hot knee: the surgical team today.',
  stage: healing('Knee replacement', 6),
  rules: [
    limit('flexion', over('kneeFlexion', 120), 'A new knee usually bends to 110 or 120 degrees.', { limb: 'affected' }),
    limit('kneeling', over('kneesShare', 0.05), 'Your view: no kneeling on a new knee.', {
      house: { topic: 'kneeling-after-knee-replacement', positions: ['no'] },
    }),
    limit('kneeling-early', over('kneesShare', 0.05), 'Under twelve weeks no kneeling.', { when: [below('weeks', 12)] }),
    need('kneeling-padded', over('kneesShare', 0.05), 'Kneeling is uncomfortable, not harmful: padded.', {
      when: [from('weeks', 12)],
      house: { topic: 'kneeling-after-knee-replacement', positions: ['padded-once-healed'] },
      adds: padded,
      cue: 'A thick blanket under the knees; feeling may be odd.',
      evidence: published('jenkins-2008', 'partial knee replacements'),
    }),
    limit('deep-loaded', [over('kneeFlexion', 90), over('kneeLoad', 0.3)], 'Under load the knee bends to 90 degrees.', { limb: 'affected' }),
    limit('turned', [over('kneeFlexion', 90), over('hipRotationOut', 45)], 'No turning of the new knee while it is bent.', { limb: 'affected' }),
    noJumping('On a new knee'),
  ],
});
export const hipArthritis: Condition = condition({
  id: 'hip-arthritis',
  name: 'Hip arthritis',
  group: 'legs',
  aliases: ['sore hip', 'osteoarthritis of the hip', 'coxarthrosis'],
  maybe: ['osteoarthritis', 'arthritis'],
  fields: [PHASE, SIDE],
  stage: phased('Hip'),
  well: 'Bridge, side lying, standing strength with a hand, chair work, small circles.',
  warnings: ['hot-joint'],
  say: 'Groin pinch means less.',
  refer: 'Night pain or a shorter and shorter walk.',
  rules: [
    limit('pinch', [over('hipFlexion', 100), over('hipRotationIn', 20)], 'No deep bend turned in: it pinches.', { limb: 'affected' }),
    limit('wide', over('hipAbduction', 50), 'Thighs apart as far as is free of pain; not known, 50 degrees.', { limb: 'affected' }),
    limit('rotation', over('hipRotationOut', 55), 'Not turned out to the end.', { limb: 'affected' }),
    limit('deep', over('hipFlexion', 120), 'Not folded to the end.', { when: [ACUTE], limb: 'affected' }),
    noJumping('With a sore hip'),
    watch('one-leg', over('oneLeg', 0), 'One-legged standing loads the hip.', {
      cue: 'A hand on the wall takes the load off.',
      evidence: published('nice-ng226'),
    }),
  ],
});
export const hipReplacement: Condition = heldCondition(NEW_JOINT, {
  id: 'hip-replacement',
  name: 'Hip replacement',
  group: 'legs',
  aliases: ['new hip', 'thr', 'hip prosthesis'],
  fields: [
    OPERATED,
    SIDE,
    {
      key: 'approach',
      label: 'Approach',
      type: 'choice',
      choices: ['posterior', 'anterior'],
      question: 'From behind (posterior) or from the front (anterior)?',
    },
    { key: 'released', label: 'Precautions lifted', type: 'boolean', question: 'Has the surgeon lifted the precautions?' },
    CLEARED,
  ],
  well: 'Standing with a hand, bridge, chair high enough, ankles, upper body.',
  clearance: 'The surgeon or physiotherapist, for what and from when.',
  warnings: ['hip-out', 'calf-swelling', 'wound-trouble'],
  say: 'Knees a little apart, feet straight ahead.',
  refer: 'Sudden pain with the leg turned: emergency.',
  stage: ({ details, on }) => {
    const weeks = weeksSince(details.operatedOn, on);
    const approach = details.approach === 'anterior' || details.approach === 'posterior' ? details.approach : 'both';
    return staged(
      `${weeks === undefined ? 'date not known' : `${weeks} weeks after`}, ${approach === 'both' ? 'approach not known' : approach}`,
      { weeks: weeks ?? 0, approach, released: details.released === true },
      [
        ...(weeks === undefined ? [ask('Hip replacement: ask when it was.')] : []),
        ...(approach === 'both' ? [ask('Hip replacement: ask from behind or from the front. Both sets are kept until then.')] : []),
        ...((weeks ?? 0) < 6 && details.cleared !== true ? [clear('Hip replacement under six weeks: the surgical team says what is allowed.')] : []),
      ],
      { sides: sidesOf(details) },
    );
  },
  rules: (() => {
    const EARLY = notCarriedBy('crompton-2020', 'precautions did not lower dislocation; kept to twelve weeks, or as the surgeon says');
    const early = [below('weeks', 12), is('released', false)] as const;
    const behind = is('approach', 'posterior', 'both');
    const front = is('approach', 'anterior', 'both');
    return [
      limit('flexion', over('hipFlexion', 95), 'To twelve weeks the hip bends to about 90 degrees.', {
        when: [...early, behind],
        limb: 'affected',
        evidence: EARLY,
      }),
      // Knees that touch are in by so much, and cross nothing.
      limit('crossing', over('hipAdduction', 5), 'To twelve weeks the leg does not cross the midline.', {
        when: [...early, behind],
        limb: 'affected',
        evidence: EARLY,
      }),
      limit('inward', over('hipRotationIn', 15), 'To twelve weeks the leg does not turn in.', { when: [...early, behind], limb: 'affected', evidence: EARLY }),
      limit('extension-out', [over('hipExtension', 8), over('hipRotationOut', 10)], 'To twelve weeks not back and turned out together.', {
        when: [...early, front],
        limb: 'affected',
        evidence: EARLY,
      }),
      limit('combination', [over('hipFlexion', 95), over('hipRotationIn', 15)], 'Afterwards only the combination stays out: deep bend, turned in.', {
        when: [from('weeks', 12)],
        house: { topic: 'hip-precautions', positions: ['keep-the-combination', 'keep'] },
        limb: 'affected',
        evidence: EARLY,
      }),
      limit('keep-flexion', over('hipFlexion', 95), 'Your view: precautions are kept after twelve weeks too.', {
        when: [from('weeks', 12), is('released', false)],
        house: { topic: 'hip-precautions', positions: ['keep'] },
        limb: 'affected',
        evidence: EARLY,
      }),
      limit('cross-late', [over('hipAdduction', 10), over('hipFlexion', 90)], 'A crossed leg stays low.', {
        when: [from('weeks', 12)],
        house: { topic: 'hip-precautions', positions: ['keep-the-combination', 'keep'] },
        limb: 'affected',
        evidence: EARLY,
      }),
      handInBalance('On a new hip', { when: [below('weeks', 26)] }),
      noJumping('On a new hip'),
    ];
  })(),
});
export const hipImpingement: Condition = condition({
  id: 'hip-impingement',
  name: 'Hip impingement, labral tear',
  group: 'legs',
  aliases: ['fai', 'femoroacetabular impingement', 'labral tear of the hip'],
  fields: [SIDE],
  stage: sided(),
  well: 'Bridge, standing, side-lying strength, wide stances, prone work.',
  warnings: [],
  say: 'Make room: knees a little wider, less deep.',
  refer: 'A hip that catches or locks.',
  rules: [
    limit('pinch', [over('hipFlexion', 90), over('hipRotationIn', 20)], 'No bend over 90 degrees turned in.', { limb: 'affected' }),
    limit('crossed', [over('hipFlexion', 90), over('hipAdduction', 5)], 'No bend over 90 degrees with the thigh across.', { limb: 'affected' }),
    limit('deep', over('hipFlexion', 125), 'Not folded to the end.', { limb: 'affected' }),
    watch('squat', at('squatting'), 'Deep squats pinch.', { cue: 'Sit on a block; feet wider.' }),
  ],
});
export const glutealTendon: Condition = condition({
  id: 'gluteal-tendon',
  name: 'Gluteal tendon pain',
  group: 'legs',
  aliases: ['trochanteric bursitis', 'greater trochanteric pain', 'gluteal tendinopathy'],
  fields: [SIDE],
  stage: sided(),
  well: 'Bridge, standing with level hips, chair work, slow side strength without lying on it.',
  warnings: ['night-pain'],
  say: 'Hips level; no crossed legs.',
  refer: 'A physiotherapist for slow loading.',
  rules: [
    limit('crossed', over('hipAdduction', 5), 'The thigh does not cross: it presses the tendon.', { limb: 'affected' }),
    limit('figure-four', [over('hipRotationOut', 45), over('hipFlexion', 80)], 'No strong figure four.', { limb: 'affected' }),
    limit('lying', at('side-lying'), 'Not lying on that side: rest on the back or the belly.'),
    limit('one-leg', [over('oneLeg', 0), held(30)], 'One-legged standing stays short and level.'),
  ],
});
export const hamstringTendon: Condition = condition({
  id: 'hamstring-tendon',
  name: 'High hamstring tendon pain',
  group: 'legs',
  aliases: ['hamstring tendinopathy', 'sitting bone pain', 'yoga butt'],
  fields: [SIDE],
  stage: sided(),
  well: 'Bridge with slow holds, standing with soft knees, back bends, upper body.',
  warnings: [],
  say: 'Bend the knee; load slowly.',
  refer: 'A physiotherapist for slow loading; a pop or bruise: soon.',
  rules: [
    limit('stretch', over('hipFlexionWithKneeStraight', 60), 'No long stretch with the knee straight.', { limb: 'affected' }),
    limit('fold', [over('hipFlexion', 100), over('isometric', 1), at('standing')], 'No deep loaded hinge.', { limb: 'affected' }),
    watch('sit', [at('sitting'), still, held(120)], 'Hard sitting presses on it.', { cue: 'A cushion under the thighs, not the sitting bone.' }),
  ],
});
export const ankleSprain: Condition = condition({
  id: 'ankle',
  name: 'Ankle or foot pain',
  group: 'legs',
  aliases: ['ankle sprain', 'sprained ankle', 'achilles tendon', 'foot pain', 'achilles'],
  fields: [PHASE, SIDE],
  stage: phased('Ankle'),
  well: 'Sitting, lying and kneeling on padding; standing on both feet.',
  warnings: ['calf-swelling'],
  say: 'Both feet, even weight.',
  refer: 'Cannot take four steps: an X-ray.',
  rules: [
    limit('one-leg', over('oneLeg', 0), 'While acute no one-legged standing.', { when: [ACUTE] }),
    limit('tiptoe', [over('heelsLifted', 0), held(20)], 'No long tiptoe.'),
    noJumping('With a sore ankle'),
    limit('deep', [over('ankleFlexion', 30), at('standing', 'squatting')], 'No deep bend of a loaded ankle while acute.', { when: [ACUTE], limb: 'affected' }),
    handInBalance('A sprained ankle is unsteady'),
  ],
});
export const plantarHeel: Condition = condition({
  id: 'plantar-heel-pain',
  name: 'Heel pain (plantar)',
  group: 'legs',
  aliases: ['plantar fasciitis', 'heel spur', 'plantar'],
  fields: [SIDE],
  stage: sided(),
  well: 'Calf and toe stretches, slow heel raises, everything off the feet.',
  warnings: [],
  say: 'Warm the foot before the first step.',
  refer: 'Pain at rest or at night.',
  rules: [
    limit('tiptoe', [over('heelsLifted', 0), held(45)], 'No long tiptoe.'),
    noJumping('With heel pain'),
    watch('standing', [at('standing'), still, held(90)], 'Long standing is sore.', { cue: 'A folded mat under the heels.' }),
  ],
});
export const LEGS: readonly Condition[] = [
  kneeArthritis,
  meniscus,
  kneeReplacement,
  hipArthritis,
  hipReplacement,
  hipImpingement,
  glutealTendon,
  hamstringTendon,
  ankleSprain,
  plantarHeel,
];
