/** What a list of many offers for what is typed. */
import fc from 'fast-check';
import { groupedChoices, matchingChoices, type Choice } from '../../src/ui/choices.js';

const TREE: Choice = {
  value: 'tree',
  label: 'Vṛkṣāsana',
  words: ['Tree', 'Standing on one leg'],
  group: 'Up',
};
const BOAT: Choice = { value: 'boat', label: 'Boat', group: 'Down' };
const DANCER: Choice = { value: 'dancer', label: 'Dancer', words: ['One leg'], group: 'Up' };
const ALL = [TREE, BOAT, DANCER];

test.each([
  ['', ALL],
  ['   ', ALL],
  ['vrks', [TREE]],
  ['VṚKṢ', [TREE]],
  ['leg one', [TREE, DANCER]],
  ['tree leg', [TREE]],
  ['oa', [BOAT]],
  ['cobra', []],
])('“%s” finds what has every word, in the order of the list', (typed, found) =>
  expect(matchingChoices(ALL, typed)).toEqual(found),
);

test('more words never find more', () =>
  fc.assert(
    fc.property(fc.array(fc.constantFrom('one', 'leg', 'o', 'tree', 'x'), { maxLength: 4 }), (words) => {
      const fewer = matchingChoices(ALL, words.slice(1).join(' '));
      for (const choice of matchingChoices(ALL, words.join(' '))) expect(fewer).toContain(choice);
    }),
  ));

test('headings come in the order in which they first come, and nothing is lost under them', () => {
  expect(groupedChoices(ALL)).toEqual([
    ['Up', [TREE, DANCER]],
    ['Down', [BOAT]],
  ]);
  expect(groupedChoices([{ value: 'a', label: 'A' }])).toEqual([['', [{ value: 'a', label: 'A' }]]]);
});
