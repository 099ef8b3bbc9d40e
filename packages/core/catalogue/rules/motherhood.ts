import {
  WEEKS_AFTER_BIRTH,
  type Condition,
  ask,
  below,
  CLEARED,
  clear,
  common,
  condition,
  handInBalance,
  held,
  is,
  know,
  limit,
  at,
  noJumping,
  notAt,
  over,
  staged,
  stop,
  SIDE,
  sided,
  unsupported,
  watch,
  weeksSince,
  freeBreath,
  summed,
} from '../../src/authoring/ruleWords.js';
import { notCarriedBy, published } from '../published.js';

/** Complications that stop exercise until cleared (ACOG CO 650, SOGC/CSEP: Mottola 2018; from memory). */
const PREGNANCY_COMPLICATIONS = [
  'ruptured membranes',
  'preterm labour',
  'unexplained bleeding',
  'low placenta after 26 weeks',
  'cervical insufficiency or stitch',
  'pre-eclampsia',
  'raised pressure',
  'growth restriction',
  'twins from 28 weeks',
  'triplets',
  'uncontrolled thyroid or diabetes',
] as const;

export const complicatedPregnancy: Condition = condition({
  id: 'complicated-pregnancy',
  name: 'Pregnancy with complications',
  group: 'life',
  aliases: ['high-risk pregnancy', 'preeclampsia', 'placenta praevia', 'cerclage', 'pregnancy complications'],
  fields: [{ key: 'complications', label: 'Which', type: 'list', question: `Which one? ${PREGNANCY_COMPLICATIONS.join(', ')}.` }, CLEARED],
  well: 'After the clearance: breath, arms, neck and shoulders, side lying, sitting and slow standing with a hand on something.',
  clearance: 'The midwife or doctor, in writing, before any class.',
  warnings: ['vaginal-bleeding', 'fluid-loss', 'contractions', 'belly-pain', 'fewer-movements', 'pregnancy-headache', 'belly-blow', 'dizzy'],
  say: 'Ask your midwife or doctor first; we begin again when they say yes.',
  refer: 'Pressure of 140 or 90 the same day; 160 or 110, or headache with vision change or pain under the ribs, at once.',
  stage: ({ details }) =>
    details.cleared === true
      ? staged('cleared', { cleared: true })
      : staged('not cleared', { cleared: false }, [stop('Pregnancy with complications: no class until the midwife or doctor has said yes.')]),
  rules: [
    limit('flat-lying', over('supine', 0), 'No flat lying.', {
      evidence: published('acog-co-804', 'for prolonged lying; none at all is the careful choice here'),
    }),
    limit('effort', over('met', 2.5), 'Effort stays light: up to 3 of 10.', {
      evidence: notCarriedBy('acog-co-804', 'it names no effort for those who are cleared; their team does'),
    }),
    limit('squat', [over('hipFlexion', 100), at('squatting', 'standing')], 'No deep squat.', {
      evidence: notCarriedBy('meah-2020', 'little of what is listed against exercise is carried by evidence; her team says what is hers'),
    }),
    limit('belly', over('abdominalLoad', 0), 'No work of the belly wall.', {}),
    limit('inverted', over('inverted', 0), 'No full inversions.', {}),
    limit('head-down', over('headBelowHeart', 5), 'The head stays level with the heart or above.', {}),
    limit('prone', at('prone'), 'Nothing lies on the belly.', {}),
    freeBreath('With complications'),
    noJumping('With complications'),
    handInBalance('With complications'),
  ],
});

export const pelvicGirdlePain: Condition = condition({
  id: 'pelvic-girdle-pain',
  name: 'Pelvic girdle or sacroiliac pain',
  group: 'life',
  aliases: ['pgp', 'spd', 'symphysis pain', 'si joint pain', 'sacroiliac pain', 'pelvic girdle'],
  fields: [SIDE],
  stage: sided(),
  well: 'Even weight on both legs, side lying with a pillow between the knees, all fours, sitting work, bridge, small pelvic tilts.',
  warnings: [],
  say: 'Stay inside what is free of pain; move both knees together.',
  refer: 'A physiotherapist where walking, turning in bed or stairs hurt.',
  rules: [
    limit('wide-standing', [over('hipAbduction', 30), at('standing', 'squatting')], 'Standing stays narrower than what hurts; not known, 30 degrees a side.', {
      evidence: notCarriedBy('vleeming-2008', 'stay active within what is free of pain; it sets no angle'),
    }),
    limit(
      'wide-lying',
      [over('hipAbduction', 45), at('lying', 'sitting', 'side-lying')],
      'Thighs open only as far as is free of pain; not known, 45 degrees.',
      { limb: 'each' },
    ),
    limit('one-leg', [over('oneLeg', 0), unsupported], 'One-legged standing has a hand on something, or is taken sitting.', {
      evidence: notCarriedBy('vleeming-2008', 'it does not speak of standing on one leg; leaflets of the professions do'),
    }),
    limit('twist', over('lumbarTwistUse', 0.6), 'The pelvis moves with the twist.', {}),
    limit('lunge', [over('hipExtension', 15), over('isometric', 1), at('standing')], 'No long lunges: the pelvis is pulled two ways.', { limb: 'each' }),
    noJumping('The pelvis is sore'),
    watch('even', [over('kneesShare', 0.2), over('hipFlexion', 90)], 'Even weight on both knees.', { cue: 'Weight even on both sides; small steps.' }),
  ],
});

/** So long a scar of the belly wall is spared, weeks: as after other operations of the belly. */
const SCAR_WEEKS = 12;

export const afterBirth: Condition = condition({
  id: 'after-birth',
  name: 'After birth',
  group: 'life',
  aliases: ['postnatal', 'postpartum', 'diastasis', 'belly separation', 'caesarean', 'c-section'],
  fields: [
    { key: 'gaveBirth', label: 'Gave birth on', type: 'date', question: 'When was the birth?' },
    { key: 'birthKind', label: 'Birth', type: 'choice', choices: ['vaginal', 'surgical'], question: 'Vaginal or by caesarean?' },
    CLEARED,
    { key: 'separationFingers', label: 'Belly separation, finger-widths', type: 'number', question: 'How many fingers fit between the belly muscles?' },
    { key: 'bleedingStill', label: 'Still bleeding', type: 'boolean', question: 'Is there still bleeding?' },
  ],
  well: 'Breath with the pelvic floor, pressing the low back down, shins level, bridge, side lying, all fours, shoulders and neck; the baby may lie beside.',
  clearance: 'Commonly from 6 weeks, from 8 to 12 after surgery: the midwife, doctor or pelvic health physiotherapist.',
  warnings: ['heavy-bleeding', 'wound-trouble', 'calf-swelling', 'pregnancy-headache', 'thoughts'],
  say: 'Stop for the baby whenever you like; take up the set again where you left it.',
  refer: 'A pelvic health physiotherapist for leaking, heaviness, pain or a gap that domes; pressure of 140 or 90 to six weeks: the same day.',
  stage: ({ details, person, on }) => {
    const weeks = weeksSince(details.gaveBirth, on);
    const again = person.today.bleeding === true && (weeks ?? 0) < WEEKS_AFTER_BIRTH;
    // Not known is read as the one with a scar.
    const surgical = details.birthKind !== 'vaginal';
    const cleared = details.cleared === true;
    const border = surgical ? 8 : 6;
    const gap = typeof details.separationFingers === 'number' ? details.separationFingers : undefined;
    const waiting =
      (weeks ?? 0) < border
        ? know(`Before the check (commonly ${border} weeks): breath, pelvic floor and gentle mobility only.`)
        : clear('After birth: ask whether the check has been done.');
    const alerts = [
      ...(again && (weeks ?? 0) >= 6
        ? [ask('Bleeding again after birth: fresh and heavy, with clots, or begun after being active is a stop; midwife or doctor today.')]
        : []),
      ...(weeks === undefined ? [ask('After birth: ask when it was. Read as the first weeks until then.')] : []),
      ...(details.birthKind === undefined && (weeks ?? 0) < SCAR_WEEKS
        ? [ask('After birth: ask whether it was by caesarean. Read as with a scar until then.')]
        : []),
      ...(gap === undefined ? [ask('After birth: ask for the belly separation. Read as open until then.')] : []),
      ...(cleared ? [] : [waiting]),
    ];
    return staged(
      weeks === undefined ? 'date not known' : `${weeks} weeks after`,
      {
        weeks: weeks ?? 0,
        cleared,
        early: !cleared,
        surgical,
        open: (gap ?? 3) > 2,
        bleeding: again || details.bleedingStill === true || (details.bleedingStill === undefined && (weeks ?? 0) < 6),
      },
      alerts,
    );
  },
  rules: [
    limit('early-effort', [over('isometric', 1), notAt('lying')], 'Before the check: breath, pelvic floor and gentle mobility; on the back a bridge is fine.', {
      when: [is('early', true)],
      evidence: published('acog-co-804', 'exercise is taken up again gradually when it is medically safe; the weeks and the measure are common practice'),
    }),
    limit('early-belly', over('abdominalLoad', 1), 'Before the check: only the deepest layer of the belly.', {
      when: [is('early', true)],
      evidence: published('acog-co-804', 'exercise is taken up again gradually when it is medically safe; the belly work is common practice'),
    }),
    limit('early-inverted', over('inverted', 0), 'Before the check: no full inversions.', { when: [is('early', true)] }),
    limit('early-back-bend', over('lumbarExtensionUse', 0.6), 'Before the check: only small back bends.', { when: [is('early', true)] }),
    limit('head-lift', over('abdominalLoad', 1), 'While the belly is separated: no head lift, plank or lowering of both legs.', {
      when: [is('open', true)],
      house: { topic: 'separated-belly-head-lift', positions: ['not-until-closed'] },
      evidence: notCarriedBy('gluppe-2021', 'curl-ups narrowed the gap while they lasted, and did not widen it'),
    }),
    watch('doming', over('abdominalLoad', 1), 'After clearance belly work is dosed by doming, not by width.', {
      when: [is('open', true)],
      house: { topic: 'separated-belly-head-lift', positions: ['deep-engagement-when-cleared'] },
      cue: 'Breathe out, draw in first; stop if the belly domes.',
      evidence: published('gluppe-2021', 'curl-ups did no harm; to dose them by doming is common practice'),
    }),
    limit('deep-back-bend', over('lumbarExtensionUse', 0.9), 'While the belly is separated no deep back bend: it pulls the gap.', { when: [is('open', true)] }),
    limit('double-leg', over('abdominalLoad', 2), 'Lowering both legs, boat and roll-ups wait until nothing domes.', { when: [is('open', true)] }),
    limit('knee-chest', [over('pelvisAboveHeart', 15), over('headBelowHeart', 5)], 'While there is bleeding no shape with the pelvis high and the chest low.', {
      when: [is('bleeding', true)],
      evidence: { kind: 'memory', source: 'rare old case reports of air drawn in, in the knee-chest shape; from memory' },
    }),
    limit('bleeding-inverted', over('inverted', 0), 'While there is bleeding no full inversions.', { when: [is('bleeding', true)], evidence: common }),
    limit('scar-belly', over('abdominalLoad', 0), 'Under six weeks after a caesarean no work of the belly wall.', {
      when: [is('surgical', true), below('weeks', 6)],
    }),
    limit('scar-belly-later', over('abdominalLoad', 1), 'To twelve weeks after a caesarean only light work of the belly wall.', {
      when: [is('surgical', true), below('weeks', SCAR_WEEKS)],
    }),
    limit('scar-pressed', over('bellyPressed', 0), 'Under twelve weeks after a caesarean nothing presses on the scar.', {
      when: [is('surgical', true), below('weeks', SCAR_WEEKS)],
    }),
    limit('scar-pulled', over('lumbarExtensionUse', 0.6), 'Under twelve weeks after a caesarean no pull on the scar.', {
      when: [is('surgical', true), below('weeks', SCAR_WEEKS)],
    }),
    noJumping('Under twelve weeks', { when: [below('weeks', 12)], evidence: published('goom-2019', 'guidance of experts, not a trial') }),
    freeBreath('After birth'),
    watch('joints', over('hipAbduction', 40), 'Joints stay loose for months.', { cue: 'Stay short of the end of the movement.' }),
  ],
});

export const menstruation: Condition = condition({
  id: 'menstruation',
  name: 'Menstruation',
  group: 'life',
  aliases: ['period', 'monthly', 'bleeding days'],
  fields: [],
  well: 'Whatever feels good; the comfort set: knees wide with the forehead on a block, butterfly, soles together over a bolster, small waves.',
  warnings: ['fainted'],
  say: 'Choose how still or how moving each step is.',
  refer: 'The doctor for bleeding far heavier than usual or pain that stops daily life.',
  rules: [
    limit('inverted', over('inverted', 0), 'Your view on bleeding days: no full inversions. Tradition; there is no evidence of harm.', {
      house: { topic: 'bleeding-inversion', positions: ['none'] },
      evidence: { kind: 'common-practice', source: 'tradition, no evidence of harm' },
    }),
    limit(
      'pelvis-up-sum',
      summed('pelvisUpTotal', 120),
      'Your view on bleeding days: the pelvis above the heart for two minutes in all at most. Tradition; there is no evidence of harm.',
      {
        house: { topic: 'bleeding-inversion', positions: ['few-breaths'] },
        evidence: { kind: 'common-practice', source: 'tradition, no evidence of harm' },
      },
    ),
    limit(
      'inverted-brief',
      [over('inverted', 0), held(28)],
      'Your view on bleeding days: upside down for a few breaths at most. Tradition; there is no evidence of harm.',
      {
        house: { topic: 'bleeding-inversion', positions: ['few-breaths'] },
        evidence: { kind: 'common-practice', source: 'tradition, no evidence of harm' },
      },
    ),
    watch('effort', over('isometric', 2), 'Energy is often lower.', { cue: 'Take the quiet way whenever you like.' }),
  ],
});
