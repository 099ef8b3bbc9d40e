import { ageOn, type Alert, type Condition, type Stage, type StageInput, type StageTest, common } from '../../src/authoring/ruleWords.js';
import { published } from '../published.js';

const UNSTEADY: StageTest = { fact: 'unsteady', is: [true] };

/**
 * Fewer stands in 30 seconds than this is below average, by age band from 60 to 94.
 * Source: CDC STEADI after Rikli and Jones 1999, from memory.
 */
const CHAIR_STANDS: readonly (readonly [from: number, men: number, women: number])[] = [
  [60, 14, 12],
  [65, 12, 11],
  [70, 12, 10],
  [75, 11, 10],
  [80, 10, 9],
  [85, 8, 8],
  [90, 7, 4],
];

function stage({ person, on }: StageInput): Stage {
  const age = person.born ? ageOn(person.born, on) : 65;
  const alerts: Alert[] = [];
  const { fallsLastYear = 0, tugSeconds, chairStands, tandemSeconds } = person.screening;
  const band = [...CHAIR_STANDS].reverse().find(([from]) => age >= from);
  // Without the sex the higher cut-off is the careful one.
  const cutOff = band && band[person.sex === 'woman' ? 2 : 1];
  const stands = age <= 94 ? (cutOff ?? 0) : 0;
  const low = [
    fallsLastYear > 0 && `${fallsLastYear === 1 ? 'a fall' : `${fallsLastYear} falls`} in the last year`,
    tugSeconds !== undefined && tugSeconds >= 12 && `timed up-and-go ${tugSeconds} s`,
    tandemSeconds !== undefined && tandemSeconds < 10 && `heel to toe ${tandemSeconds} s`,
    chairStands !== undefined && chairStands < stands && `${chairStands} chair stands`,
  ].filter((text): text is string => text !== false);
  if (low.length) alerts.push({ kind: 'stage', text: `Balance needs a hand on something: ${low.join(', ')}.` });
  if (fallsLastYear >= 2) alerts.push({ kind: 'refer', text: 'Two or more falls in a year: suggest a falls check with the doctor or physiotherapist.' });
  return { label: `${age} years`, facts: { age, unsteady: low.length > 0 }, alerts };
}

export const olderAdult: Condition = {
  id: 'older-adult',
  name: 'Older adult',
  aliases: ['senior', 'over 65', 'elder', 'older adults'],
  fields: [],
  group: 'life',
  well: 'Strength, balance with something in reach, hips and ankles, getting down and up with a chair.',
  warnings: ['fainted'],
  say: 'The chair is yours; use it before you need it.',
  refer: 'Two falls in a year, or one with an injury: a falls check.',
  inherent: (person, on) => person.born !== undefined && ageOn(person.born, on) >= 65,
  stage,
  rules: [
    {
      id: 'older-adult.support-in-reach',
      level: 'need',
      when: [{ fact: 'unsteady', is: [false] }],
      all: [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }],
      adds: { prop: 'chair', where: 'within reach' },
      cue: 'A chair back or the wall within reach.',
      reason: 'From 65 a balance has something to hold within reach; the balance itself stays, it is the treatment.',
      evidence: published('sherrington-2019', 'balance work lowers falls; the support in reach is common practice'),
    },
    {
      id: 'older-adult.hand-support',
      level: 'limit',
      when: [UNSTEADY],
      all: [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }],
      reason: 'After a fall or a low balance score a balance has a hand on something.',
      evidence: published('steadi', 'what follows from the cut-offs is common practice'),
    },
    {
      id: 'older-adult.narrow-base',
      level: 'limit',
      when: [UNSTEADY],
      all: [{ measure: 'balanceMargin', under: 2 }, { support: ['none'] }, { levelNot: ['chair', 'lying', 'prone', 'side-lying', 'sitting'] }],
      reason: 'After a fall or a low balance score the base is wide enough to sway in.',
      evidence: common,
    },
    {
      id: 'older-adult.neck-extension',
      level: 'limit',
      all: [{ measure: 'neckExtensionUse', over: 0.8 }],
      reason: 'The head does not drop back.',
      evidence: common,
    },
    {
      id: 'older-adult.neck-load',
      level: 'limit',
      all: [{ measure: 'neckShare', over: 0.1 }],
      reason: 'No weight on head or neck: bone is often thinner than anyone has measured.',
      evidence: common,
    },
    {
      id: 'older-adult.rise',
      level: 'watch',
      all: [{ levelChange: true }],
      cue: 'Change level slowly; pause, with a hand on the chair.',
      reason: 'Pressure drops for a moment on getting up, more with age.',
      evidence: published('freeman-2011', 'what a fall of pressure is; the pause is common practice'),
    },
    { id: 'older-adult.jumping', level: 'limit', all: [{ measure: 'jumping', over: 0 }], reason: 'Step, do not jump.', evidence: common },
  ],
};
