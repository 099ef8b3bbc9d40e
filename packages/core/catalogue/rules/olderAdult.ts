import { ageOn, type Alert, type Condition, type Stage, type StageInput, type StageTest, common, unsteadySigns } from '../../src/authoring/ruleWords.js';
import { NORMS } from '../norms.js';
import { published } from '../published.js';

const UNSTEADY: StageTest = { fact: 'unsteady', is: [true] };

function stage({ person, on }: StageInput): Stage {
  const age = person.born ? ageOn(person.born, on) : 65;
  const alerts: Alert[] = [];
  const low = unsteadySigns(person, age, NORMS);
  if (low.length) alerts.push({ kind: 'stage', text: `Balance needs a hand on something: ${low.join(', ')}.` });
  if ((person.screening.fallsLastYear ?? 0) >= 2)
    alerts.push({ kind: 'refer', text: 'Two or more falls in a year: suggest a falls check with the doctor or physiotherapist.' });
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
      all: [{ measure: 'balanceMargin', under: 4 }, { support: ['none'] }, { levelNot: ['chair', 'lying', 'prone', 'side-lying', 'sitting'] }],
      reason: 'After a fall or a low balance score the base is wider than a foot, enough to sway in.',
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
      evidence: published('cramer-2015', 'headstands stand out among injuries; the age and the share of weight are common practice'),
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
