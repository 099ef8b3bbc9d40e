import { type Condition, common } from '../../src/authoring/ruleWords.js';

/**
 * With more than this share of the weight on the feet one has risen from the seat; a deep fold over the
 * thighs brings 0.6.
 */
export const RISEN = 0.75;

export const chairUser: Condition = {
  id: 'chair-user',
  name: 'Chair user',
  aliases: ['chair', 'uses a chair', 'chair class', 'can stand with help'],
  fields: [],
  group: 'ability',
  well: 'Everything on the chair and behind it.',
  warnings: [],
  say: 'Feet flat, seat steady; stand when you like.',
  refer: 'Nobody for that alone.',
  stage: () => ({
    label: 'can stand with help',
    facts: {},
    alerts: [{ kind: 'stage', text: 'A sturdy chair without wheels, feet flat on the floor or on books.' }],
  }),
  rules: [
    {
      id: 'chair-user.level',
      level: 'limit',
      all: [{ levelNot: ['chair', 'standing'] }],
      reason: 'Everything is on the chair or behind it.',
      evidence: common,
    },
    {
      id: 'chair-user.standing-support',
      level: 'limit',
      all: [{ level: ['standing'] }, { support: ['none'] }],
      reason: 'Standing has a hand on the chair or the wall.',
      evidence: common,
    },
    {
      id: 'chair-user.standing-fold',
      level: 'limit',
      all: [{ level: ['standing'] }, { measure: 'headBelowHeart', over: 0 }],
      reason: 'Standing, the hands stay on the chair or the wall, not down on blocks or the floor.',
      evidence: common,
    },
    {
      id: 'chair-user.rising',
      level: 'limit',
      all: [{ level: ['chair'] }, { measure: 'feetShare', over: RISEN }, { support: ['none'] }],
      reason: 'Rising has a hand to push with.',
      evidence: common,
    },
    { id: 'chair-user.one-leg', level: 'limit', all: [{ measure: 'oneLeg', over: 0 }], reason: 'Balances on one leg are taken sitting.', evidence: common },
  ],
};

export const wheelchairUser: Condition = {
  id: 'wheelchair-user',
  name: 'Wheelchair user',
  aliases: ['wheelchair', 'uses a wheelchair'],
  fields: [],
  group: 'ability',
  well: 'Everything seated: breath, arms, neck, turns, side bends with a hand, folds onto a table.',
  warnings: ['dysreflexia', 'wound-trouble'],
  say: 'Brakes on; lean and shift every quarter of an hour.',
  refer: 'Red skin that stays: the nurse.',
  stage: () => ({
    label: 'seated',
    facts: {},
    alerts: [
      { kind: 'stage', text: 'Brakes on, feet on the plates or supported.' },
      {
        kind: 'stage',
        text: 'Pressure relief of two minutes every 15 to 30 minutes: leaning forward or to a side (Coggrave and Rose 2003 for the two minutes, from memory).',
      },
    ],
  }),
  rules: [
    { id: 'wheelchair-user.level', level: 'limit', all: [{ levelNot: ['chair'] }], reason: 'Everything is done in the wheelchair.', evidence: common },
    {
      id: 'wheelchair-user.rising',
      level: 'limit',
      all: [{ measure: 'feetShare', over: RISEN }],
      reason: 'The weight stays on the seat: nobody is asked to rise.',
      evidence: common,
    },
    {
      id: 'wheelchair-user.lean',
      level: 'watch',
      all: [{ level: ['chair'] }, { measure: 'sideBend', over: 20 }],
      cue: 'Brakes on; a hand on the wheel or the arm rest.',
      reason: 'Leaning to the side needs brakes and a hand.',
      evidence: common,
    },
  ],
};
