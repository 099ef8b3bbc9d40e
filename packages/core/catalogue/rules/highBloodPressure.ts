import {
  isTooHighToPractise,
  isUncontrolled,
  parseReading,
  pressureClass,
  ageOn,
  daysBetween,
  type Alert,
  type Condition,
  type StageInput,
  type Stage,
  type StageTest,
  common,
} from '../../src/authoring/ruleWords.js';
import { notCarriedBy, published } from '../published.js';

const CAREFUL: StageTest = { fact: 'control', is: ['uncontrolled', 'unread'] };
const UNCONTROLLED: StageTest = { fact: 'control', is: ['uncontrolled'] };
const CONTROLLED: StageTest = { fact: 'control', is: ['controlled'] };

/** A reading older than this is not today's (CLINICAL row 27). */
const FRESH_DAYS = 28;

/** From 140 or 90 on one asks (CLINICAL row 27); what is severe stops the class elsewhere. */
const ASK_AGAIN = 'Measure again after five minutes, and ask whether the doctor knows and what is taken for it.';
const ASK_TODAY = 'Not under control: ask for a reading today, and whether the doctor knows.';

function stage({ details, person, on }: StageInput): Stage {
  const alerts: Alert[] = [];
  const today = person.today.bp ? parseReading(person.today.bp) : undefined;
  const noted = typeof details.reading === 'string' ? parseReading(details.reading) : undefined;
  const age = typeof details.readingOn === 'string' ? daysBetween(details.readingOn, on) : undefined;
  const fresh = noted && (age === undefined || (age >= 0 && age <= FRESH_DAYS)) ? noted : undefined;
  const reading = today ?? fresh;
  const said = details.control;
  if (reading && isUncontrolled(reading)) {
    if (said === 'controlled')
      alerts.push({
        kind: 'ask',
        text: `Recorded as controlled, but the last reading was ${reading.systolic}/${reading.diastolic}. Check again; treated as uncontrolled until then.`,
      });
    else if (!isTooHighToPractise(reading)) alerts.push({ kind: 'ask', text: today ? ASK_AGAIN : ASK_TODAY });
    return { label: `not under control (${reading.systolic}/${reading.diastolic}, ${pressureClass(reading)})`, facts: { control: 'uncontrolled' }, alerts };
  }
  if (said === 'uncontrolled') return { label: 'not under control', facts: { control: 'uncontrolled' }, alerts: [...alerts, { kind: 'ask', text: ASK_TODAY }] };
  if (reading) return { label: `controlled (${reading.systolic}/${reading.diastolic}, ${pressureClass(reading)})`, facts: { control: 'controlled' }, alerts };
  alerts.push({ kind: 'ask', text: noted ? `Last reading is ${age} days old. Ask for one today.` : 'No reading in the last four weeks. Ask for one today.' });
  if (said !== 'controlled') {
    return { label: 'control not known', facts: { control: 'uncontrolled' }, alerts };
  }
  return { label: 'controlled, no recent reading', facts: { control: 'unread' }, alerts };
}

export const highBloodPressure: Condition = {
  id: 'high-blood-pressure',
  name: 'High blood pressure',
  aliases: ['hypertension', 'high bp', 'hbp', 'raised blood pressure', 'pressure'],
  group: 'heart',
  well: 'Standing and sitting with the head up, free breath, long out-breaths, rest; moderate effort lowers pressure over weeks.',
  warnings: ['chest-pain', 'stroke-signs', 'thunderclap', 'vision-change'],
  say: 'Breathe all the time; come up slowly.',
  refer: 'Over 180 or 110 twice: no class, the doctor today; with symptoms: emergency.',
  fields: [
    { key: 'control', label: 'Under control', type: 'choice', choices: ['controlled', 'uncontrolled'], question: 'Is it under control?' },
    { key: 'reading', label: 'Last reading', type: 'text', question: 'The last reading, like 128/82?' },
    { key: 'readingOn', label: 'Taken on', type: 'date', question: 'When was it taken?' },
  ],
  // A high reading today counts whatever was known before; adult classes do not hold under 13.
  inherent: ({ today, born }, on) => {
    const reading = today.bp ? parseReading(today.bp) : undefined;
    return reading !== undefined && isUncontrolled(reading) && !(born && ageOn(born, on) < 13);
  },
  stage,
  rules: [
    {
      id: 'high-blood-pressure.head-down',
      level: 'limit',
      when: [CAREFUL],
      all: [{ measure: 'headBelowHeart', over: 5 }],
      reason: 'High blood pressure not under control: the head stays level with the heart or above.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.inverted',
      level: 'limit',
      when: [CAREFUL],
      all: [{ measure: 'inverted', over: 0 }],
      reason: 'High blood pressure not under control: no full inversions, even where the head is level.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.head-down-controlled',
      level: 'limit',
      when: [CONTROLLED],
      house: { topic: 'controlled-pressure', positions: ['nothing-head-down'] },
      all: [{ measure: 'headBelowHeart', over: 5 }],
      reason: 'Your view on controlled pressure: nothing head-down.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.inverted-controlled',
      level: 'limit',
      when: [CONTROLLED],
      house: { topic: 'controlled-pressure', positions: ['nothing-head-down', 'supported-half-inversions'] },
      all: [{ measure: 'inverted', over: 0 }],
      reason: 'Your view on controlled pressure: no full inversions.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.half-inversion-short',
      level: 'limit',
      when: [CONTROLLED],
      house: { topic: 'controlled-pressure', positions: ['supported-half-inversions'] },
      all: [{ measure: 'headBelowHeart', over: 5 }, { holdOver: 30 }],
      reason: 'Your view on controlled pressure: half inversions stay short.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.half-inversion-sum',
      level: 'limit',
      when: [CONTROLLED],
      house: { topic: 'controlled-pressure', positions: ['supported-half-inversions'] },
      all: [{ sum: 'headDownTotal', over: 120 }],
      reason: 'Your view on controlled pressure: two minutes of half inversions in all.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.kneeling-fold',
      level: 'limit',
      house: { topic: 'kneeling-fold-in-high-pressure', positions: ['no'] },
      all: [{ level: ['kneeling'] }, { measure: 'hipFlexion', over: 100 }, { measure: 'trunkIncline', under: 45 }],
      reason: 'Your view: no kneeling fold with high pressure.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.breath',
      level: 'limit',
      all: [{ breath: ['held', 'rapid'] }],
      reason: 'Holding or forcing the breath drives the pressure up.',
      evidence: common,
    },
    {
      id: 'high-blood-pressure.strong-hold',
      level: 'limit',
      when: [UNCONTROLLED],
      all: [{ measure: 'isometric', over: 2 }, { holdOver: 30 }],
      reason: 'Strong holds stay under 30 seconds, with the breath free.',
      evidence: notCarriedBy('edwards-2023', 'holds of two minutes lower resting pressure; strain with held breath is the risk'),
    },
    {
      id: 'high-blood-pressure.standing-hold',
      level: 'watch',
      when: [UNCONTROLLED],
      all: [{ measure: 'isometric', over: 1 }, { holdOver: 60 }],
      cue: 'Breathe freely all through; ease off before it is a strain.',
      reason: 'Long working holds keep the breath free.',
      evidence: notCarriedBy('acc-aha-2017', 'holding exercise is among what lowers pressure'),
    },
    {
      id: 'high-blood-pressure.arms-overhead',
      level: 'watch',
      when: [UNCONTROLLED],
      all: [{ measure: 'armsAboveHeart', over: 30 }, { holdOver: 27 }, { levelNot: ['lying', 'inverted'] }],
      cue: 'Lower the arms whenever you like.',
      reason: 'Arms held overhead can raise the pressure a little.',
      evidence: published('miles-2013'),
    },
    {
      id: 'high-blood-pressure.rise',
      level: 'watch',
      when: [UNCONTROLLED],
      all: [{ levelChange: true }],
      cue: 'Come up slowly; pause before you stand.',
      reason: 'Pressure and pressure drugs make getting up fast unsafe.',
      evidence: common,
    },
  ],
};
