import { ageOn, type Condition, type Rule, common } from '../../src/authoring/ruleWords.js';

/** Hold and class limits by age band. Common practice, no published source. */
export const CHILD_BANDS = [
  { band: '3 to 5', from: 0, below: 6, holdSeconds: 10, classMinutes: 20 },
  { band: '6 to 8', from: 6, below: 9, holdSeconds: 15, classMinutes: 30 },
  { band: '9 to 12', from: 9, below: 13, holdSeconds: 20, classMinutes: 40 },
] as const;

const holds = CHILD_BANDS.map(({ band, from, below, holdSeconds }): Rule => ({
  id: `child.hold-${band.replaceAll(' ', '-')}`,
  level: 'limit',
  when: [
    { fact: 'age', from },
    { fact: 'age', below },
  ],
  house: { topic: 'child-holds', positions: ['counted-short'] },
  all: [{ holdOver: holdSeconds }, { still: true }, { purposeNot: ['rest', 'breathe', 'settle'] }],
  cue: 'Count down aloud.',
  reason: `At ${band} an active shape is held up to ${holdSeconds} seconds.`,
  evidence: common,
}));

export const child: Condition = {
  id: 'child',
  name: 'Child',
  aliases: ['children', 'kid', 'kids', 'young child'],
  fields: [],
  group: 'life',
  well: 'Animals, stories, balance games, breath games, a rest shape at any time.',
  warnings: [],
  say: 'Where do you feel it? You may rest at any time.',
  refer: 'A parent for pain that stays; fever: home.',
  inherent: (person, on) => person.born !== undefined && ageOn(person.born, on) < 18,
  stage: ({ person, on }) => {
    const age = person.born ? ageOn(person.born, on) : 3;
    const alerts = person.born ? [] : [{ kind: 'ask' as const, text: 'Ask for the date of birth. Until then the youngest band is used.' }];
    return { label: `${age} years`, facts: { age }, alerts };
  },
  rules: [
    ...holds,
    { id: 'child.neck', level: 'limit', all: [{ measure: 'neckShare', over: 0.1 }], reason: 'No head or shoulder stands for children.', evidence: common },
    { id: 'child.inverted', level: 'limit', all: [{ measure: 'inverted', over: 0 }], reason: 'No full inversions for children.', evidence: common },
    { id: 'child.breath', level: 'limit', all: [{ breath: ['held', 'rapid'] }], reason: 'Children do not hold or force the breath.', evidence: common },
    {
      id: 'child.balance',
      level: 'watch',
      all: [{ measure: 'oneLeg', over: 0 }],
      cue: 'A lower way: toes of the lifted foot on the floor.',
      reason: 'Every balance has a lower way.',
      evidence: common,
    },
  ],
};
