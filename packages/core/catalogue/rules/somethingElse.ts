import {
  type Bound,
  type Condition,
  type DetailField,
  type Rule,
  CLEARED,
  ask,
  at,
  breath,
  condition,
  is,
  know,
  limit,
  over,
  staged,
  unsupported,
  watch,
} from '../../src/authoring/ruleWords.js';

/** What may be out, by the key of its question: the question, what is said of it, and what it means. */
const OUT: Readonly<Record<string, readonly [question: string, says: string, ...bounds: (Bound | readonly [Bound, ...Bound[]])[]]>> = {
  noEffort: ['hard effort', 'no hard effort', over('met', 2.9), over('isometric', 1)],
  noHeadDown: ['the head below the heart', 'the head stays level with the heart or above', over('headBelowHeart', 5)],
  noFloor: ['getting down to the floor', 'nothing on the floor', at('lying', 'side-lying', 'prone', 'sitting', 'kneeling', 'all-fours')],
  noHands: ['weight on the hands', 'no weight on the hands', over('handsShare', 0.05)],
  noKnees: ['weight on the knees', 'no weight on the knees', over('kneesShare', 0.05)],
  noBalance: ['standing on one leg without a hand', 'a hand on something in every balance', [over('oneLeg', 0), unsupported]],
  noRounding: ['rounding the back', 'the back does not round far', over('lumbarFlexionUse', 0.3)],
  noHollowing: ['bending back', 'the back does not bend back far', over('lumbarExtensionUse', 0.3)],
  noTurning: ['turning the trunk', 'the trunk turns only a little', over('lumbarTwistUse', 0.4), over('thoracicTwistUse', 0.6)],
  noFlat: ['lying flat on the back', 'no flat lying', over('supine', 0)],
};

const isOne = (bound: Bound | readonly [Bound, ...Bound[]]): bound is Bound => !Array.isArray(bound);

const fields: readonly DetailField[] = [
  { key: 'words', label: 'What it is', type: 'text', question: 'What is it called, in their words?' },
  ...Object.entries(OUT).map(([key, [question]]): DetailField => ({
    key,
    label: `Out: ${question}`,
    type: 'boolean',
    question: `Has anyone said no to ${question}?`,
  })),
  { key: 'teamSaid', label: 'What their doctor or physiotherapist said', type: 'text', question: 'What did the doctor or physiotherapist say about exercise?' },
  CLEARED,
];

const UNCLEARED = { when: [is('cleared', false)] };

/** Whatever is not in the list: taken in the person's own words, and carefully until somebody has said yes. */
export const somethingElse: Condition = condition({
  id: 'something-else',
  name: 'Something else',
  group: 'whole',
  aliases: ['another condition', 'other condition', 'not in the list', 'something not listed'],
  fields,
  well: 'What they do easily every day; breath, joints, quiet standing and sitting; more when their doctor has said yes.',
  warnings: [],
  say: 'Tell me what you were told to leave out; we leave that out, and go gently with the rest.',
  refer: 'The doctor, with the question whether this class is right, and what is not.',
  stage: ({ details }) => {
    const cleared = details.cleared === true;
    const words = typeof details.words === 'string' && details.words ? details.words : 'not said what';
    const said = typeof details.teamSaid === 'string' && details.teamSaid ? [know(`${words}: ${details.teamSaid}`)] : [];
    const unknown = cleared ? [] : [ask(`${words}: not in the rulebook. Read carefully: ask what is out, and what the doctor said.`)];
    return staged(words, { cleared, ...Object.fromEntries(Object.keys(OUT).map((key) => [key, details[key] === true])) }, [...unknown, ...said]);
  },
  rules: [
    limit('effort', over('isometric', 2), 'Nobody has said yes yet: no hard holding.', UNCLEARED),
    limit('inverted', over('inverted', 0), 'Nobody has said yes yet: not upside down.', UNCLEARED),
    limit('neck', over('neckShare', 0.1), 'Nobody has said yes yet: no weight on the neck.', UNCLEARED),
    limit('round', over('lumbarFlexionUse', 0.8), 'Nobody has said yes yet: the back not to its end.', UNCLEARED),
    limit('hollow', over('lumbarExtensionUse', 1), 'Nobody has said yes yet: the back not to its end.', UNCLEARED),
    limit('jumping', over('jumping', 0), 'Nobody has said yes yet: no jumps.', UNCLEARED),
    limit('breath', breath('held', 'rapid'), 'Nobody has said yes yet: the breath flows.', UNCLEARED),
    watch('slowly', over('met', 2.4), 'Nobody has said yes yet: slowly, and stop where it feels wrong.', {
      ...UNCLEARED,
      cue: 'Slowly; stop where it feels wrong.',
    }),
    ...Object.entries(OUT).flatMap(([key, [, says, ...bounds]]): Rule[] =>
      bounds.map((bound, i) =>
        limit(`${key.replace(/([A-Z])/g, '-$1').toLowerCase()}${i ? `-${i + 1}` : ''}`, isOne(bound) ? [bound] : bound, `They were told: ${says}.`, {
          when: [is(key, true)],
        }),
      ),
    ),
  ],
});
