/** What is said about the order of a class, and what is offered to settle it. */
import fc from 'fast-check';
import {
  BUILT_IN,
  editSequence,
  orderNotes,
  PACE,
  parseSequence,
  POSES,
  USUAL_HOUSE_VIEW,
} from '../../builtIn.js';
import type { OrderNote } from '../../../src/fitting/types.js';

const source = (lines: readonly string[]): string =>
  `# A class\nminutes: 60\n${lines.map((line) => `- ${line}`).join('\n')}\n`;
const notesOf = (text: string): OrderNote[] => {
  const { sequence, errors } = parseSequence(text);
  expect(errors).toEqual([]);
  return orderNotes(sequence, BUILT_IN, '2026-12-01', PACE, USUAL_HOUSE_VIEW);
};
const said = (lines: readonly string[]): string[] =>
  notesOf(source(lines)).map(({ kind, step }) => `${kind}${step ? ` ${step}` : ''}`);

/**
 * Common practice, no published source: warm first, both sides, an answer to what goes deep, rest at the
 * end.
 */
const CASES: readonly [string, readonly string[], readonly string[]][] = [
  ['a plain class', ['Cat and cow, 8 rounds', 'Warrior two, 5 breaths each side', 'Final rest, 8 min'], []],
  ['plank at once', ['Plank, 5 breaths', 'Final rest, 8 min'], ['warm-up 1']],
  ['plank after the spine has moved', ['Cat and cow, 8 rounds', 'Plank, 5 breaths', 'Final rest, 8 min'], []],
  ['one leg leads', ['Cat and cow, 8 rounds', 'Low lunge, 5 breaths right', 'Final rest, 8 min'], ['pair 2']],
  [
    'the other leg later',
    [
      'Cat and cow, 8 rounds',
      'Low lunge, 5 breaths right',
      'Child, 5 breaths',
      'Low lunge, 5 breaths left',
      'Final rest, 8 min',
    ],
    [],
  ],
  [
    'a breath less on the left is more than a tenth',
    ['Cat and cow, 8 rounds', 'Tree, 5 breaths right', 'Tree, 4 breaths left', 'Final rest, 8 min'],
    ['side 3'],
  ],
  [
    'locust, answered by child',
    ['Cat and cow, 8 rounds', 'Locust, 5 breaths', 'Child, 5 breaths', 'Final rest, 8 min'],
    [],
  ],
  [
    'locust, then straight into a warrior',
    ['Cat and cow, 8 rounds', 'Locust, 5 breaths', 'Warrior two, 5 breaths each side', 'Final rest, 8 min'],
    ['counter-pose 2'],
  ],
  [
    'three locusts, answered once',
    [
      'Cat and cow, 8 rounds',
      'Locust, 4 breaths',
      'Locust, 4 breaths',
      'Locust, 4 breaths',
      'Child, 5 breaths',
      'Final rest, 8 min',
    ],
    [],
  ],
  [
    'two minutes folded, then on with the legs',
    ['Cat and cow, 8 rounds', 'Seated forward fold, 2 min', 'Butterfly, 5 breaths', 'Final rest, 8 min'],
    ['counter-pose 2'],
  ],
  ['no rest', ['Cat and cow, 8 rounds', 'Mountain, 5 breaths'], ['rest']],
  ['a short rest', ['Cat and cow, 8 rounds', 'Final rest, 3 min'], ['rest 2']],
  [
    'sitting up to breathe after the rest',
    ['Cat and cow, 8 rounds', 'Final rest, 6 min', 'Seated breath, 5 breaths'],
    [],
  ],
  [
    'a short rest before sitting up',
    ['Cat and cow, 8 rounds', 'Final rest, 2 min', 'Seated breath, 5 breaths'],
    ['rest 2'],
  ],
  ['rest on the side one likes', ['Cat and cow, 8 rounds', 'Side-lying rest, 6 min left'], []],
  [
    'a lesson for children, who rest for less and then look back',
    [
      'Walking round the room, 60 s',
      'Star, 3 breaths',
      'Balloon breath, 3 breaths',
      'Final rest, 2 min',
      'Listening, 60 s',
    ],
    [],
  ],
];

test.each(CASES)('%s', (_, lines, expected) => expect(said(lines)).toEqual(expected));

test('what a note offers settles it and raises nothing else of its kind, whatever the class', () => {
  const step = fc
    .record({
      pose: fc.constantFrom(...POSES),
      count: fc.integer({ min: 1, max: 8 }),
      side: fc.constantFrom(' each side', ' right', ' left'),
    })
    .map(({ pose, count, side }) => `${pose.name}, ${count} ${pose.hold.unit}${pose.side ? side : ''}`);
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 6 }), (lines) => {
      const text = source(lines);
      const before = notesOf(text);
      for (const { kind, fix } of before) {
        if (!fix) {
          expect(kind).toBe('counter-pose');
          continue;
        }
        const count = (notes: readonly OrderNote[]): number =>
          notes.filter((note) => note.kind === kind).length;
        expect(count(notesOf(editSequence(text, BUILT_IN, fix.edit).source))).toBe(count(before) - 1);
      }
    }),
    { numRuns: 300 },
  );
});
