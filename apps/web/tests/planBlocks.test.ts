import { readPlan } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import fc from 'fast-check';
import { blockAt, placeBeyond, placeFor, withMoved } from '../src/domain/plan/planBlocks.js';

const TEXT = `# Tides
minutes: 30
## Arrive
- Seated breath, 5 breaths
> eyes open or closed
> as you like it
- Cat and cow, 6 rounds
## Stand
- Tree, 20 s each side
- Mountain, 5 breaths
> wall for whoever wants it
## Rest
- Final rest, 5 min`;
const lines = TEXT.split('\n');
const plan = readPlan(TEXT, BUILT_IN);

test('a step goes with its notes, a heading with its section, anything else by itself', () => {
  expect(blockAt(plan, lines, 4)).toEqual({ first: 4, last: 6 });
  expect(blockAt(plan, lines, 7)).toEqual({ first: 7, last: 7 });
  expect(blockAt(plan, lines, 8)).toEqual({ first: 8, last: 11 });
  expect(blockAt(plan, lines, 12)).toEqual({ first: 12, last: 13 });
  expect(blockAt(plan, lines, 1)).toBeUndefined();
  expect(blockAt(plan, lines, 5)).toBeUndefined();
});

test('nothing is put between a step and its notes, before the title, or a section inside another', () => {
  const step = blockAt(plan, lines, 9)!;
  expect(placeFor(plan, lines, step, 4, true)).toBe(7);
  expect(placeFor(plan, lines, step, 1, false)).toBe(3);
  expect(placeFor(plan, lines, step, 13, true)).toBe(14);
  const section = blockAt(plan, lines, 8)!;
  expect(placeFor(plan, lines, section, 4, false)).toBe(8);
  expect(placeFor(plan, lines, section, 3, false)).toBe(3);
  expect(placeFor(plan, lines, section, 13, true)).toBe(14);
});

test('by keyboard a step goes past its neighbour and the notes of that, a section past a section', () => {
  expect(placeBeyond(plan, lines, { first: 7, last: 7 }, -1)).toBe(4);
  expect(placeBeyond(plan, lines, { first: 9, last: 9 }, 1)).toBe(12);
  expect(placeBeyond(plan, lines, { first: 8, last: 11 }, -1)).toBe(3);
  expect(placeBeyond(plan, lines, { first: 8, last: 11 }, 1)).toBe(14);
  expect(placeBeyond(plan, lines, { first: 12, last: 13 }, 1)).toBeUndefined();
  expect(placeBeyond(plan, lines, { first: 13, last: 13 }, 1)).toBeUndefined();
});

test('wherever something is let go, every line is there still, and every note under its step', () => {
  const takable = lines.map((_, i) => i + 1).filter((line) => blockAt(plan, lines, line));
  fc.assert(
    fc.property(
      fc.constantFrom(...takable),
      fc.integer({ min: 1, max: lines.length }),
      fc.boolean(),
      (line, over, after) => {
        const block = blockAt(plan, lines, line)!;
        const moved = withMoved(lines, block, placeFor(plan, lines, block, over, after));
        expect([...moved].sort()).toEqual([...lines].sort());
        const again = readPlan(moved.join('\n'), BUILT_IN);
        expect(again.title).toBe('Tides');
        const notes = ({ steps }: typeof plan): string[] =>
          steps.map(({ text, note }) => `${text}: ${note ?? ''}`).sort();
        expect(notes(again)).toEqual(notes(plan));
      },
    ),
  );
});
