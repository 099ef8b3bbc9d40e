import {
  dateOfWeek,
  dueDateFrom,
  gestationOn,
  daysBetween,
  spokenDate,
  type Alert,
  type Condition,
  type Stage,
  common,
} from '../../src/authoring/ruleWords.js';
import { notCarriedBy, published } from '../published.js';

/** Weeks at which something changes, for the notice before class. */
const BORDERS: readonly (readonly [number, string])[] = [
  [14, 'no lying on the belly'],
  [20, 'no long flat lying'],
  [28, 'third trimester'],
];

function stage(dueDate: string | undefined, cleared: boolean, complications: readonly string[], on: string): Stage {
  const alerts: Alert[] = [];
  if (complications.length && !cleared) {
    alerts.push({ kind: 'stop', text: `Pregnancy with ${complications.join(', ')}: no class until the midwife or doctor has said yes.` });
  }
  if (!dueDate) {
    alerts.push({ kind: 'ask', text: 'Ask for the due date. Until it is known, the most careful stage of pregnancy is used.' });
    return { label: 'week not known', facts: { week: 40, trimester: 3, known: false }, alerts };
  }
  const { days, weeks, rest, trimester } = gestationOn(dueDate, on);
  if (days >= 294) alerts.push({ kind: 'ask', text: 'Past 42 weeks: ask for the due date again, or whether the baby has been born.' });
  alerts.push({ kind: 'stage', text: `${weeks} weeks and ${rest} ${rest === 1 ? 'day' : 'days'}.` });
  for (const [week, what] of BORDERS) {
    const date = dateOfWeek(dueDate, week);
    const ahead = daysBetween(on, date);
    if (ahead > 0 && ahead <= 14) alerts.push({ kind: 'stage', text: `Week ${week} from ${spokenDate(date)}: ${what}.` });
  }
  return { label: `week ${weeks}`, facts: { week: days / 7, trimester, known: true }, alerts };
}

export const pregnancy: Condition = {
  id: 'pregnancy',
  name: 'Pregnancy',
  aliases: ['pregnant', 'expecting', 'prenatal', 'antenatal'],
  group: 'life',
  well: 'Standing with the feet wide, all fours, sitting, side lying, squats where nothing speaks against them, breath, pelvic floor, short dog and half folds.',
  warnings: ['vaginal-bleeding', 'fluid-loss', 'contractions', 'belly-pain', 'fewer-movements', 'pregnancy-headache', 'belly-blow', 'dizzy'],
  say: 'Talk while you move; if you cannot, it is too much. Roll to either side whenever you like.',
  refer: 'Any sign below; pressure of 140 or 90 the same day, 160 or 110 at once.',
  fields: [
    { key: 'dueDate', label: 'Due date', type: 'date', question: 'The due date, as the midwife or doctor gave it?' },
    { key: 'lastPeriod', label: 'First day of the last period', type: 'date', question: 'Or the first day of the last period?' },
    { key: 'complications', label: 'Complications', type: 'list', question: 'Any complications?' },
    { key: 'cleared', label: 'Cleared by midwife or doctor', type: 'boolean', question: 'Has the midwife or doctor said yes to this class?' },
  ],
  // Complications alone are entered without a due date: the careful week is read until it is known.
  inherent: ({ conditions }) => conditions.some(({ condition }) => condition === 'complicated-pregnancy'),
  stage: ({ details, on }) =>
    stage(
      (details.dueDate as string | undefined) ?? (details.lastPeriod ? dueDateFrom(details.lastPeriod as string) : undefined),
      details.cleared === true,
      (details.complications as readonly string[] | undefined) ?? [],
      on,
    ),
  rules: [
    {
      id: 'pregnancy.prone',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ level: ['prone'] }],
      reason: 'From week 14 nothing lies on the belly.',
      evidence: common,
    },
    {
      id: 'pregnancy.flat-lying',
      level: 'limit',
      when: [{ fact: 'week', from: 20 }],
      house: { topic: 'pregnancy-flat-lying', positions: ['none-from-20'] },
      all: [{ sum: 'supineUnbroken', over: 60 }],
      cue: 'Roll to either side whenever it is enough.',
      reason: 'From about week 20 long lying flat on the back can lower the blood pressure; a minute at a time is the careful choice.',
      evidence: published('acog-co-804', 'for "prolonged"; the minute is common practice'),
    },
    {
      id: 'pregnancy.flat-lying-early',
      level: 'limit',
      when: [{ fact: 'week', from: 16 }],
      house: { topic: 'pregnancy-flat-lying', positions: ['none-from-16'] },
      all: [{ measure: 'supine', over: 0 }],
      reason: 'Your view: no flat lying from week 16.',
      evidence: common,
    },
    {
      id: 'pregnancy.flat-lying-comfort',
      level: 'limit',
      when: [{ fact: 'week', from: 20 }],
      house: { topic: 'pregnancy-flat-lying', positions: ['few-minutes-if-comfortable'] },
      all: [{ sum: 'supineUnbroken', over: 180 }],
      reason: 'Your view: flat lying up to three minutes if that is comfortable.',
      evidence: published('polis-2015', 'one supervised session; the three minutes are common practice'),
    },
    {
      id: 'pregnancy.flat-lying-sum',
      level: 'limit',
      when: [{ fact: 'week', from: 20 }],
      all: [{ sum: 'supineTotal', over: 300 }],
      reason: 'From week 20 no more than five minutes on the back over the class.',
      evidence: common,
    },
    {
      id: 'pregnancy.closed-twist',
      level: 'limit',
      all: [{ measure: 'closedTwist', over: 0 }],
      reason: 'No closed twist: the belly needs room.',
      evidence: common,
    },
    {
      id: 'pregnancy.no-twist',
      level: 'limit',
      house: { topic: 'pregnancy-twist', positions: ['none'] },
      all: [{ measure: 'thoracicTwist', over: 5 }],
      reason: 'Your view: no twists in pregnancy.',
      evidence: common,
    },
    {
      id: 'pregnancy.twist-chest',
      level: 'limit',
      house: { topic: 'pregnancy-twist', positions: ['open-from-chest', 'all-gentle'] },
      all: [{ measure: 'thoracicTwistUse', over: 0.5 }],
      reason: 'Twists stay open and come from the chest, up to half of the usual range.',
      evidence: common,
    },
    {
      id: 'pregnancy.twist-low-back',
      level: 'limit',
      house: { topic: 'pregnancy-twist', positions: ['open-from-chest', 'all-gentle'] },
      all: [{ measure: 'lumbarTwistUse', over: 0.5 }],
      reason: 'The low back turns no more than half of its small range.',
      evidence: common,
    },
    {
      id: 'pregnancy.back-bend',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'lumbarExtensionUse', over: 0.5 }],
      reason: 'From the second trimester the low back hollows no more than half of its range.',
      evidence: common,
    },
    {
      id: 'pregnancy.standing-back-bend',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      house: { topic: 'pregnancy-standing-back-bend', positions: ['none'] },
      all: [{ measure: 'lumbarExtension', over: 5 }, { level: ['standing'] }],
      reason: 'Your view: no standing back bend in pregnancy.',
      evidence: common,
    },
    {
      id: 'pregnancy.belly-work',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'abdominalLoad', over: 2 }],
      reason: 'Sit-ups, roll-ups and lowering both legs are left out: they make the belly dome.',
      evidence: { kind: 'common-practice', source: 'common practice; Mottola 2018 leaves a short plank in, from memory' },
    },
    {
      id: 'pregnancy.curl',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'abdominalLoad', over: 1 }, { level: ['lying'] }],
      reason: 'Lying down, neither the head nor both legs are lifted: it makes the belly dome.',
      evidence: common,
    },
    {
      id: 'pregnancy.plank',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      house: { topic: 'pregnancy-strong-flow', positions: ['step-knees-down', 'chair-and-wall-late'] },
      all: [
        { measure: 'isometric', over: 2 },
        { measure: 'abdominalLoad', over: 1 },
      ],
      reason: 'Strong belly holds go to the knees or the wall.',
      evidence: { kind: 'common-practice', source: 'common practice; Mottola 2018 leaves a short plank in, from memory' },
    },
    {
      id: 'pregnancy.plank-late',
      level: 'limit',
      when: [{ fact: 'week', from: 28 }],
      house: { topic: 'pregnancy-strong-flow', positions: ['chair-and-wall-late'] },
      all: [{ measure: 'abdominalLoad', over: 1 }],
      reason: 'Your view: from week 28 strong shapes go to the chair or the wall.',
      evidence: common,
    },
    {
      id: 'pregnancy.doming',
      level: 'watch',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'abdominalLoad', over: 1 }],
      cue: 'Ease off if the belly domes or the breath stops.',
      reason: 'Doming, breath holding, leaking or heaviness is the limit of belly work.',
      evidence: notCarriedBy('mottola-2018', 'no curl-ups where the belly separates, and a physiotherapist; doming as a sign is not in it'),
    },
    { id: 'pregnancy.breath', level: 'limit', all: [{ breath: ['held', 'rapid'] }], reason: 'The breath is never held and never forced.', evidence: common },
    { id: 'pregnancy.jumping', level: 'limit', all: [{ measure: 'jumping', over: 0 }], reason: 'Step, do not jump.', evidence: common },
    { id: 'pregnancy.inverted', level: 'limit', all: [{ measure: 'inverted', over: 0 }], reason: 'No full inversions.', evidence: common },
    {
      id: 'pregnancy.head-down-sum',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ sum: 'headDownUnbroken', over: 60 }],
      reason: 'The head hangs for a minute at a time at most, then comes up.',
      evidence: common,
    },
    {
      id: 'pregnancy.head-down-short',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'headBelowHeart', over: 5 }, { holdOver: 30 }],
      reason: 'Head-down shapes stay short.',
      evidence: common,
    },
    {
      id: 'pregnancy.head-down-wide',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [
        { measure: 'headBelowHeart', over: 15 },
        { measure: 'feetApart', under: 1.2 },
      ],
      reason: 'Head-down shapes are taken with the feet wide, to make room for the belly.',
      evidence: common,
    },
    {
      id: 'pregnancy.head-down-late',
      level: 'limit',
      when: [{ fact: 'week', from: 28 }],
      all: [{ measure: 'headBelowHeart', over: 15 }],
      reason: 'In the third trimester head-down shapes move to a chair or the wall.',
      evidence: common,
    },
    {
      id: 'pregnancy.kneeling-wide',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'hipAbduction', under: 15 }, { measure: 'hipFlexion', over: 100 }, { level: ['kneeling', 'squatting', 'sitting'] }],
      reason: 'Folds over the thighs are taken with the knees wide: the belly needs room.',
      evidence: common,
    },
    {
      id: 'pregnancy.thigh-to-belly',
      level: 'limit',
      when: [{ fact: 'week', from: 20 }],
      all: [{ measure: 'hipFlexion', over: 110 }, { measure: 'hipAbduction', under: 15 }, { level: ['lying', 'chair'] }],
      reason: 'Thighs are drawn up beside the belly, not onto it.',
      evidence: common,
    },
    {
      id: 'pregnancy.fold',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      house: { topic: 'pregnancy-fold', positions: ['short-hands-on-blocks'] },
      all: [{ measure: 'headBelowHeart', over: 15 }, { level: ['standing'] }],
      reason: 'Standing folds stop half way, hands on blocks.',
      evidence: common,
    },
    {
      id: 'pregnancy.feet',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'feetApart', under: 0.45 }, { measure: 'hipFlexion', over: 60 }, { level: ['standing'] }],
      reason: 'In folds the feet are at least as wide as the hips.',
      evidence: common,
    },
    {
      id: 'pregnancy.balance',
      level: 'limit',
      when: [{ fact: 'week', from: 14 }],
      all: [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }],
      reason: 'From the second trimester balances have a hand on something: the centre of mass is moving.',
      evidence: published('acog-co-804', 'sports with a risk of falling are left out; to count one leg among them, and the week, is common practice'),
    },
    {
      id: 'pregnancy.standing-still',
      level: 'limit',
      all: [{ holdOver: 60 }, { still: true }, { level: ['standing'] }],
      reason: 'No long standing still: blood pools in the legs.',
      evidence: published('acog-co-804', 'motionless standing; the minute is common practice'),
    },
    {
      id: 'pregnancy.end-range',
      level: 'watch',
      all: [{ measure: 'hipAbduction', over: 36 }],
      cue: 'Stay short of the end of the movement; joints are looser now.',
      reason: 'Joints are looser in pregnancy: stay short of the end of the range.',
      evidence: common,
    },
    {
      id: 'pregnancy.rise',
      level: 'watch',
      all: [{ levelChange: true }],
      cue: 'Change level slowly, with a hand on something.',
      reason: 'Blood pressure can drop on getting up.',
      evidence: common,
    },
  ],
};
