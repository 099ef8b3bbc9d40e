import {
  type Condition,
  ACUTE,
  ask,
  at,
  below,
  CLEARED,
  clear,
  condition,
  from,
  handInBalance,
  held,
  healing,
  is,
  limit,
  noJumping,
  noNeckLoad,
  notAt,
  OPERATED,
  over,
  phased,
  SETTLED,
  SEVERITY,
  SIDE,
  staged,
  unsupported,
  watch,
  PHASE,
  need,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, heldCondition } from '../../src/authoring/holds.js';
import { notCarriedBy, published } from '../published.js';

/** What is known of the bones; WHO 1994: osteoporosis from a T-score of -2.5 down. */
function boneGrade(bone: unknown, score: number): 'spine fracture' | 'osteoporosis' | 'osteopenia' | 'not known' {
  if (bone === 'spine fracture') return 'spine fracture';
  if (bone === 'osteoporosis' || score <= -2.5) return 'osteoporosis';
  return bone === 'osteopenia' || score < -1 ? 'osteopenia' : 'not known';
}

const toldSeverity = (severity: unknown): string => (severity === 'mild' || severity === 'severe' ? severity : 'moderate');

/** Common orthopaedic classes: 10, 25, 40 degrees. */
function cobbSeverity(degrees: number): string {
  if (degrees >= 40) return 'severe';
  return degrees >= 25 ? 'moderate' : 'mild';
}

const BONE = published('brooke-wavell-2022', 'what is loaded and at the end of the range is common practice');
const SINAKI = published('sinaki-1984', 'sit-up type flexion in women who had spinal osteoporosis');

export const lowBoneDensity: Condition = condition({
  id: 'low-bone-density',
  name: 'Low bone density',
  group: 'back',
  aliases: ['osteoporosis', 'osteopenia', 'thin bones', 'bone loss', 'vertebral fracture', 'spine fracture'],
  fields: [
    {
      key: 'bone',
      label: 'Grade',
      type: 'choice',
      choices: ['osteopenia', 'osteoporosis', 'spine fracture'],
      question: 'Osteopenia, osteoporosis, or a fracture of the spine? T-score?',
    },
    { key: 'tScore', label: 'T-score', type: 'text', question: 'The T-score, if known, like -2.6.' },
  ],
  well: 'Standing strength, hip hinge, back extension, balance with support, slow upright turns.',
  warnings: ['back-after-fall', 'night-pain'],
  say: 'Bend in the hips, not in the waist. Strong, not scared.',
  refer: 'Sudden back pain or loss of height: the doctor.',
  stage: ({ details }) => {
    const score = typeof details.tScore === 'string' ? Number(details.tScore.replace(',', '.').replace('−', '-')) : NaN;

    const grade = boneGrade(details.bone, score);
    return staged(grade === 'not known' ? 'grade not known' : grade, { grade: grade === 'not known' ? 'osteoporosis' : grade }, [
      ...(grade === 'not known'
        ? [ask('Low bone density: ask whether it is osteopenia or osteoporosis, and about fractures. Read as osteoporosis until then.')]
        : []),
      ...(details.bone === 'osteopenia' && score <= -2.5
        ? [ask('Called osteopenia, but a T-score of -2.5 or lower is osteoporosis: ask again. Read as osteoporosis until then.')]
        : []),
    ]);
  },
  rules: [
    limit('loaded-flexion', [over('lumbarFlexionUse', 0.6), over('spineLoad', 0.1)], 'No loaded deep rounding of the low back.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: SINAKI,
    }),
    limit('end-range-flexion', over('lumbarFlexionUse', 0.8), 'The low back does not round to the end.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: published('sinaki-2013', 'three people, some with low bone density only'),
    }),
    limit('thoracic-flexion', over('thoracicFlexionUse', 0.8), 'The upper back does not round to the end: that is where bones give.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: SINAKI,
    }),
    limit('curl', [over('abdominalLoad', 1), over('thoracicFlexionUse', 0.3), at('lying')], 'Head and shoulders are not curled up from the floor.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: SINAKI,
    }),
    limit('forced', [over('lumbarFlexionUse', 0.9), over('thoracicFlexionUse', 1)], 'No forced end of rounding.', {
      when: [is('grade', 'osteopenia')],
      house: { topic: 'osteopenia-flexion', positions: ['no-forced-end-range'] },
      evidence: BONE,
    }),
    limit('osteopenia-careful', over('lumbarFlexionUse', 0.8), 'Your view: osteopenia is treated as osteoporosis.', {
      when: [is('grade', 'osteopenia')],
      house: { topic: 'osteopenia-flexion', positions: ['as-osteoporosis'] },
      evidence: SINAKI,
    }),
    limit('flexion-rotation', [over('lumbarFlexionUse', 0.2), over('lumbarTwistUse', 0.5)], 'No rounding together with turning.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: BONE,
    }),
    limit('flexion-rotation-chest', [over('thoracicFlexionUse', 0.6), over('thoracicTwistUse', 0.5)], 'No rounding together with turning in the upper back.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: BONE,
    }),
    limit('twist-end', over('thoracicTwistUse', 0.9), 'No turning to the end of the range.', {
      when: [is('grade', 'osteoporosis', 'spine fracture')],
      evidence: BONE,
    }),
    noNeckLoad('Bones of the neck are thin too', 'limit', { evidence: published('hector-2015', 'what the head carries; the rule is common practice') }),
    limit('fracture-flexion', over('lumbarFlexionUse', 0.4), 'After a fracture of the spine rounding stays small.', {
      when: [is('grade', 'spine fracture')],
      evidence: SINAKI,
    }),
    limit('fracture-impact', over('jumping', 0), 'No jumping after a fracture of the spine.', {
      when: [is('grade', 'spine fracture')],
      evidence: published('giangregorio-2014'),
    }),
    handInBalance('A fall is the danger', {
      when: [is('grade', 'spine fracture')],
      evidence: notCarriedBy('sherrington-2019', 'balance is to be a challenge; the hand is for who has broken a bone'),
    }),
    need('support-in-reach', [over('oneLeg', 0), unsupported], 'A balance has something to hold within reach; the balance itself stays.', {
      when: [is('grade', 'osteoporosis')],
      adds: { prop: 'chair', where: 'within reach' },
      cue: 'A chair back or the wall within reach.',
      evidence: published('sherrington-2019', 'balance work lowers falls; the support in reach is common practice'),
    }),
  ],
});

export const sciatica: Condition = condition({
  id: 'sciatica',
  name: 'Sciatica',
  group: 'back',
  aliases: ['leg pain from the back', 'nerve pain in the leg', 'sciatic'],
  maybe: ['pinched nerve', 'trapped nerve', 'radiculopathy', 'piriformis', 'piriformis syndrome'],
  fields: [PHASE, SIDE],
  stage: phased('Sciatica', (_, acute) => (acute ? [ask('Ask today: does the leg pain move up towards the back (go on) or down the leg (stop)?')] : [])),
  well: 'Bent-knee work, small back bends if they ease, hips with soft knees, walking, rest with calves raised.',
  warnings: ['saddle', 'both-legs', 'leg-weakness', 'night-pain'],
  say: 'Up towards the back is good, down the leg is stop.',
  refer: 'Weakness, numbness or no change in six weeks.',
  rules: [
    limit('straight-leg', over('hipFlexionWithKneeStraight', 80), 'No straight leg to the end of its range: it pulls the nerve.', { limb: 'affected' }),
    limit('straight-leg-acute', over('hipFlexionWithKneeStraight', 60), 'While acute the knee stays soft in every hamstring stretch.', {
      when: [ACUTE],
      limb: 'affected',
    }),
    limit('flexion', over('lumbarFlexionUse', 0.6), 'While acute the low back does not round deeply.', {
      when: [ACUTE],
      evidence: published('long-2004', 'unless rounding is what eases'),
    }),
    limit('slump', [over('lumbarFlexionUse', 0.4), over('hipFlexionWithKneeStraight', 60)], 'No slump with straight legs: it pulls the nerve at both ends.'),
    watch('direction', over('lumbarExtensionUse', 0.5), 'Back bends ease some and not others.', {
      cue: 'Go on only if the leg pain moves up.',
      evidence: published('long-2004'),
    }),
    limit('outer-hip', [over('hipFlexion', 80), over('hipRotationOut', 50)], 'While acute no deep outer-hip stretch on that side.', {
      when: [ACUTE],
      limb: 'affected',
    }),
  ],
});

export const lowBackPain: Condition = condition({
  id: 'low-back-pain',
  name: 'Low back pain',
  group: 'back',
  aliases: ['back pain', 'lumbago', 'non-specific low back pain', 'sore back'],
  fields: [PHASE],
  stage: phased('Low back pain'),
  well: 'Almost everything: keep moving; small waves, bridge, small supported twist several times a day, standing and walking.',
  warnings: ['saddle', 'both-legs', 'night-pain', 'back-after-fall'],
  say: 'Sore is not the same as harmed; keep moving.',
  refer: 'The signs above; no better after six weeks.',
  rules: [
    limit('loaded-flexion', [over('lumbarFlexionUse', 0.7), notAt('lying')], 'In the acute days no deep rounding under load, knees bent.', {
      when: [ACUTE],
      evidence: { kind: 'common-practice', source: 'common practice for the acute days only; NICE NG59 sets no limits on bending, from memory' },
    }),
    limit('straight-legs', [over('hipFlexionWithKneeStraight', 85)], 'In the acute days knees stay soft.', { when: [ACUTE], limb: 'each' }),
    limit('deep-extension', over('lumbarExtensionUse', 0.9), 'In the acute days no deep back bend.', { when: [ACUTE] }),
    limit('roll-up', over('abdominalLoad', 2), 'In the acute days no sit-ups or lowering of both legs.', { when: [ACUTE] }),
    watch('twist', over('lumbarTwistUse', 0.8), 'Twists small and supported.', {
      when: [ACUTE],
      cue: 'Small, with something under the knees.',
      evidence: published('nice-ng59', 'stay active; the cue is common practice'),
    }),
    watch('keep-moving', [over('lumbarFlexionUse', 0.6), over('spineLoad', 0.1)], 'Long-standing pain: bending is allowed and good, with easy breath.', {
      when: [SETTLED],
      cue: 'Bend and straighten easily; sore is not harmed.',
      evidence: published('qaseem-2017'),
    }),
  ],
});

export const spinalStenosis: Condition = condition({
  id: 'spinal-stenosis',
  name: 'Spinal stenosis',
  group: 'back',
  aliases: ['lumbar stenosis', 'narrow spinal canal'],
  maybe: ['stenosis'],
  fields: [SEVERITY],
  well: 'Rounding: knees to chest, child’s pose on a bolster, chair folds, bridge with a tilt, sitting and leaning forward on support.',
  warnings: ['saddle', 'both-legs', 'leg-weakness'],
  say: 'Lean forward when the legs tire.',
  refer: 'Legs that give way, or shorter and shorter walks.',
  rules: [
    limit('extension', over('lumbarExtensionUse', 0.2), 'Hollowing narrows the canal: the low back stays flat or rounded.'),
    limit('prone', [at('prone'), over('lumbarExtension', 2)], 'No back bends on the belly.'),
    limit('standing-still', [held(120), { still: true }, at('standing')], 'No long standing still; lean on the chair.'),
    watch('prefers', over('lumbarFlexionUse', 0.5), 'Rounding opens the canal.', {
      cue: 'Let the low back round; this is your direction.',
      evidence: published('ammendolia-2022', 'exercise with others helped; bending as relief is common practice'),
    }),
  ],
});

export const slippedVertebra: Condition = condition({
  id: 'spondylolisthesis',
  name: 'Spondylolisthesis',
  group: 'back',
  aliases: ['slipped vertebra', 'slip', 'spondylolysis'],
  fields: [{ key: 'unstable', label: 'Unstable or over a quarter', type: 'boolean', question: 'Is the slip unstable or larger than a quarter (grade two)?' }],
  well: 'Neutral strength, bridge without hollowing, opposite arm and leg low, chair work.',
  warnings: ['saddle', 'both-legs'],
  say: 'Long and neutral; tighten the belly a little first.',
  refer: 'Legs weaker or pain that grows: the spine clinic.',
  stage: ({ details }) =>
    staged(
      details.unstable === false ? 'stable' : 'unstable or not known',
      { unstable: details.unstable !== false },
      details.unstable === undefined ? [ask('Spondylolisthesis: ask whether it is stable. Read as unstable until then.')] : [],
    ),
  rules: [
    limit('extension', over('lumbarExtensionUse', 0.2), 'Hollowing pushes the vertebra forward.', { evidence: published('sinaki-1989') }),
    limit('extension-moment', [over('lowBackMoment', 0.015), over('lumbarExtension', 3)], 'No back bend against weight.', {}),
    limit('end-flexion', over('lumbarFlexionUse', 0.6), 'A large or unstable slip wants neutral: no end range either way.', { when: [is('unstable', true)] }),
    limit('twist', over('lumbarTwistUse', 0.6), 'No deep turning of the low back.', { when: [is('unstable', true)] }),
    noJumping('With a slip'),
    watch('brace', over('isometric', 1), 'The deep muscles hold it.', {
      cue: 'Draw the low belly in gently before you move.',
      evidence: published('osullivan-1997'),
    }),
  ],
});

export const facetPain: Condition = condition({
  id: 'facet-pain',
  name: 'Facet joint pain',
  group: 'back',
  aliases: ['facet joints', 'facet syndrome'],
  fields: [SIDE],
  well: 'Rounding, hinging, sitting, side lying, gentle waves.',
  warnings: ['night-pain'],
  say: 'Round a little when it catches.',
  refer: 'A physiotherapist where it stays.',
  stage: ({ details }) => staged(String(details.side ?? '')),
  rules: [
    limit('extension', over('lumbarExtensionUse', 0.5), 'Back bends stay small.'),
    limit('prone-high', [at('prone'), over('thoracicExtensionUse', 0.9)], 'No high back bends on the belly.'),
  ],
});

export const stressFracture: Condition = condition({
  id: 'spine-stress-fracture',
  name: 'Stress fracture of the spine in the young',
  group: 'back',
  aliases: ['pars fracture', 'pars stress fracture', 'teenage back pain on extension'],
  fields: [CLEARED],
  well: 'Neutral strength, hips, hamstrings with soft knees, breath.',
  clearance: 'The sports doctor.',
  warnings: ['night-pain'],
  say: 'No back bends until the doctor says so.',
  refer: 'Back pain on bending back in a young athlete: the doctor first.',
  stage: ({ details }) =>
    staged(
      details.cleared === true ? 'cleared' : 'not cleared',
      { cleared: details.cleared === true },
      details.cleared === true ? [] : [clear('Stress fracture: the sports doctor’s word first.')],
    ),
  rules: [
    limit('extension', over('lumbarExtension', 3), 'No back bends.', { when: [is('cleared', false)] }),
    limit('extension-cleared', over('lumbarExtensionUse', 0.6), 'Back bends come back slowly.', { when: [is('cleared', true)] }),
    limit('twist', over('lumbarTwistUse', 0.7), 'No deep turning of the low back.'),
    noJumping('With a stress fracture'),
  ],
});

export const scoliosis: Condition = condition({
  id: 'scoliosis',
  name: 'Scoliosis',
  group: 'back',
  aliases: ['curved spine', 'curvature of the spine'],
  fields: [
    { key: 'cobb', label: 'Cobb degrees', type: 'number', question: 'How many degrees (Cobb), and when measured?' },
    SEVERITY,
    { key: 'curve', label: 'Curve', type: 'text', question: 'Which curve: thoracic, thoracolumbar, lumbar; apex; to which side?' },
    CLEARED,
  ],
  well: 'Length before movement, hinging at the hips, breathing into the hollow side, strength both sides, balance.',
  clearance: 'From 40 degrees: the spine clinic or a physiotherapist who works with curves.',
  warnings: ['night-pain', 'leg-weakness'],
  say: 'Grow long first; the curve is stiff, its neighbours do the moving.',
  refer: 'A curve that grows, or breath that gets short.',
  stage: ({ details }) => {
    const cobb = typeof details.cobb === 'number' ? details.cobb : undefined;
    const grade = cobb === undefined ? toldSeverity(details.severity) : cobbSeverity(cobb);
    return staged(cobb === undefined ? 'degrees not known' : `${cobb} degrees, ${grade} (common orthopaedic classes: 10, 25, 40)`, { grade }, [
      ...(cobb === undefined ? [ask(`Scoliosis: ask for the Cobb degrees. Read as ${grade} until then.`)] : []),
      ...(grade === 'severe' && details.cleared !== true ? [clear('Scoliosis of 40 degrees and more: the spine clinic’s word first.')] : []),
    ]);
  },
  rules: [
    ...(['sideBendUse', 'lumbarFlexionUse', 'lumbarExtensionUse', 'thoracicTwistUse', 'lumbarTwistUse', 'thoracicFlexionUse'] as const).flatMap(
      (measure, i) => {
        const [id, words] = [
          ['side-bend', 'side bends'],
          ['flexion', 'rounding'],
          ['extension', 'back bends'],
          ['twist', 'turning of the chest'],
          ['twist-low', 'turning of the low back'],
          ['upper-flexion', 'rounding of the upper back'],
        ][i]!;
        // Working split of the measures: the small ranges of chest and low back turn need room to be usable
        // at all.
        const room = measure === 'lumbarExtensionUse' || measure === 'lumbarTwistUse' ? 0.2 : 0;
        return [
          limit(`${id!}-moderate`, over(measure, 0.6 + room), `A moderate curve: ${words!} stay short of the end.`, {
            when: [is('grade', 'moderate')],
            evidence: { kind: 'common-practice', source: 'common practice; no trial sets a limit (SOSORT 2016 on classes, from memory)' },
          }),
          limit(`${id!}-severe`, over(measure, 0.4 + room), `A severe curve: ${words!} stay small.`, { when: [is('grade', 'severe')] }),
        ];
      },
    ),
    watch('length', over('sideBend', 15), 'Length before movement.', {
      cue: 'Grow long, then bend; the same dose both sides.',
      house: { topic: 'scoliosis-asymmetry', positions: ['same-both-sides'] },
      evidence: notCarriedBy('sosort-2016', 'it recommends exercise specific to the curve, which needs training'),
    }),
    watch('towards', over('sideBend', 15), 'Your view: more towards the opening of the curve, as the physiotherapist showed.', {
      cue: 'A little longer on the side the physiotherapist named.',
      house: { topic: 'scoliosis-asymmetry', positions: ['towards-curve-guided'] },
      evidence: published('sosort-2016'),
    }),
  ],
});

export const spinalFusion: Condition = heldCondition(
  {
    dated: 'operatedOn',
    awayDays: 28,
    overWeeks: 52,
    waits: 'The surgeon says what the spine may bear.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 12, opens: ['floor', 'balance', 'hands', 'moderate-effort'] },
      { fromWeek: 26, opens: EVERYTHING },
    ],
  },
  {
    id: 'spinal-fusion',
    name: 'Spinal fusion, rods',
    group: 'back',
    aliases: ['fusion', 'fused spine', 'rods in the back', 'harrington rods'],
    fields: [OPERATED, { key: 'levels', label: 'Levels', type: 'text', question: 'From which level to which (T4 to L2)?' }, CLEARED],
    well: 'Hips, shoulders, balance, standing and chair work with the trunk as one piece.',
    clearance: 'The surgeon, for what and from when.',
    warnings: ['wound-trouble', 'both-legs'],
    say: 'The trunk moves as one piece; the hips do the bending.',
    refer: 'New leg pain or numbness: the spine clinic.',
    stage: healing('Spinal fusion', 12, 'the surgeon'),
    rules: [
      limit('bend', over('lumbarFlexionUse', 0.2), 'Under twelve weeks no bending.', { when: [below('weeks', 12)] }),
      limit('extend', over('lumbarExtensionUse', 0.4), 'Under twelve weeks no back bend.', { when: [below('weeks', 12)] }),
      limit('turn', over('thoracicTwistUse', 0.2), 'Under twelve weeks no turning.', { when: [below('weeks', 12)] }),
      limit('bend-later', over('lumbarFlexionUse', 0.4), 'Nothing is asked of the fused part; its neighbours up to 0.4 of their range.', {
        when: [from('weeks', 12)],
      }),
      limit('extend-later', over('lumbarExtensionUse', 0.4), 'Back bends are asked of hips and shoulders.', { when: [from('weeks', 12)] }),
      limit('turn-later', over('thoracicTwistUse', 0.4), 'Turns stay small; hips and shoulders help.', { when: [from('weeks', 12)] }),
      limit('twist-low', over('lumbarTwistUse', 0.4), 'The low back does not turn.'),
      limit('side', over('sideBendUse', 0.4), 'Side bends stay small.'),
      noNeckLoad('With rods'),
      noJumping('With rods'),
    ],
  },
);

export const ankylosing: Condition = condition({
  id: 'ankylosing-spondylitis',
  name: 'Ankylosing spondylitis',
  group: 'back',
  aliases: ['axial spondyloarthritis', 'as', 'bechterew', 'axspa'],
  fields: [{ key: 'fused', label: 'Neck or back fused', type: 'boolean', question: 'Is part of the spine fused?' }],
  well: 'Extension and opening of the chest, breath into the ribs, turning by own range, warm slow mornings.',
  warnings: ['back-after-fall', 'eye-pain'],
  say: 'Slow and often; mornings take longer.',
  refer: 'A fall counts as a fracture until shown otherwise.',
  stage: ({ details }) =>
    staged(
      details.fused === false ? 'not fused' : 'fused or not known',
      { fused: details.fused !== false },
      details.fused === undefined ? [ask('Ankylosing spondylitis: ask whether neck or back are fused.')] : [],
    ),
  rules: [
    noNeckLoad('A stiff neck breaks'),
    limit('neck-extension', over('neckExtensionUse', 0.6), 'A fused neck does not bend back far.', { when: [is('fused', true)] }),
    limit('fall', [over('oneLeg', 0), unsupported], 'No fall: a hand on something in balances.', { when: [is('fused', true)] }),
    limit('flexion-load', over('lumbarFlexionUse', 0.9), 'No deep rounding: the disease bends forward by itself.'),
    limit('inverted', over('inverted', 0), 'No full inversions on a stiff neck.'),
    noJumping('With a fused spine', { when: [is('fused', true)] }),
  ],
});

export const BACK: readonly Condition[] = [
  lowBoneDensity,
  sciatica,
  lowBackPain,
  spinalStenosis,
  slippedVertebra,
  facetPain,
  stressFracture,
  scoliosis,
  spinalFusion,
  ankylosing,
];
