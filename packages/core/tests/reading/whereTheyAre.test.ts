/** Breath and rest are done where people are, unless the plan says where. */
import { BUILT_IN, parseSequence } from '../builtIn.js';
import { lineOf } from '../../src/plan/lineFor.js';
import { readPlan } from '../../src/reading/readPlan.js';

const levelsOf = (...lines: string[]): string[] =>
  readPlan(lines.map((line) => `- ${line}`).join('\n'), BUILT_IN).steps.map(({ variant }) => variant.level);

test.each([
  [
    ['Knees to chest', 'Long out-breath'],
    ['lying', 'lying'],
  ],
  [
    ['Cat and cow', 'Humming breath'],
    ['all-fours', 'sitting'],
  ],
  [
    ['Sit to stand', 'Rest'],
    ['chair', 'chair'],
  ],
  [
    ['Mountain', 'Sigh'],
    ['standing', 'standing'],
  ],
  // What is said is done, and a rest after standing is the usual one.
  [
    ['Knees to chest', 'Long out-breath on a chair'],
    ['lying', 'chair'],
  ],
  [
    ['Mountain', 'Final rest'],
    ['standing', 'lying'],
  ],
  // At the start one sits down where it goes on.
  [
    ['Three-part breath', 'Butterfly'],
    ['sitting', 'sitting'],
  ],
  [
    ['Three-part breath', 'Mountain'],
    ['chair', 'standing'],
  ],
  // On the floor it is no way: a rest is still lying.
  [
    ['Butterfly', 'Final rest'],
    ['sitting', 'lying'],
  ],
])('%j is done %j', (lines, levels) => {
  expect(levelsOf(...lines)).toEqual(levels);
});

test('a breath written out is read again as the same, wherever it is moved', () => {
  const said = 'Long out-breath, on a chair';
  for (const before of ['Mountain', 'Knees to chest', 'Butterfly', 'Sit to stand']) {
    const step = parseSequence(`- ${before}\n- ${said}`).sequence.steps[1]!;
    const again = parseSequence(`- Knees to chest\n- ${lineOf(step)}`).sequence.steps[1]!;
    expect(again.variant.id).toBe('long-out-breath.chair');
  }
});
