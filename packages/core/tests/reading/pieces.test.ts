/** What single pieces of a line say, and what is asked about rather than done in silence. */
import { BUILT_IN, POSES } from '../builtIn.js';
import { readMinutes } from '../../src/reading/phrases.js';
import type { Plan } from '../../src/reading/plan.js';
import { readCount } from '../../src/reading/readCount.js';
import { readPlan } from '../../src/reading/readPlan.js';
import { readRepeat } from '../../src/reading/readRepeat.js';
import { readSides } from '../../src/reading/readSides.js';
import { tableRows } from '../../src/reading/tableRows.js';
import { keepsLevel } from '../../src/reading/whereTheyAre.js';

const read = (source: string): Plan => readPlan(source, BUILT_IN);
const kindsOf = (source: string): string[] => read(source).parts.map(({ kind }) => kind);
const idsOf = (source: string): string[] => read(source).steps.map(({ variant }) => variant.id);

const breaths = (count: number) => ({ unit: 'breaths', count });
const seconds = (count: number) => ({ unit: 'seconds', count });

test.each([
  ['Tree 5 breaths', { hold: breaths(5) }],
  ['Tree 5b', { hold: breaths(5) }],
  ['Tree, three slow breaths', { hold: breaths(3) }],
  // A range is its lower end: nobody is held longer than was said.
  ['Tree 5-8 breaths', { hold: breaths(5) }],
  ['Tree 8 to 5 breaths', { hold: breaths(5) }],
  ["Legs up 3'", { hold: seconds(180) }],
  ["Plank 30''", { hold: seconds(30) }],
  ['Rest 1:30', { hold: seconds(90) }],
  ['Rest half a minute', { hold: seconds(30) }],
  ['Boat 3 × 5 breaths', { hold: breaths(5), times: 3 }],
  ['Boat 20 s x 3', { hold: seconds(20), times: 3 }],
  ['Cat and cow 6 rounds', { hold: { unit: 'rounds', count: 6 } }],
  ['Low lunge 1 breath, 5 rounds', { hold: breaths(1), times: 5 }],
  ['Kind 8 Atemzüge', { hold: breaths(8) }],
  ['Tree twice', { times: 2 }],
  ['Tree', {}],
])('"%s" is counted', (text, want) => {
  const { rest, ...found } = readCount(text, false);
  expect(found).toEqual(want);
  // What was understood is blanked out, so that every other letter keeps its place.
  expect(rest).toHaveLength(text.length);
});

test.each([
  ['Happy baby, 5', 5],
  ['Warrior 2', 2],
  ['R 5, L 5', 5],
])('a number alone in "%s" counts only where it may', (text, count) => {
  expect(readCount(text, false).hold).toBeUndefined();
  expect(readCount(text, true).hold).toEqual({ unit: undefined, count });
});

const BOTH = { sides: ['right', 'left'] };
test.each([
  ['Tree R/L', BOTH],
  ['Tree e/s', BOTH],
  ['Tree each side', BOTH],
  ['Tree both legs', { ...BOTH, limb: 'leg' }],
  ['Baum rechts und links', BOTH],
  ['Arbre de chaque côté', BOTH],
  ['Tree R 4b, L 4b', { ...BOTH, inTurn: true }],
  ['Tree right', { sides: ['right'] }],
  ['Tree on the left leg', { sides: ['left'], limb: 'leg' }],
  ['Other side', { sides: 'other' }],
  ['swap sides', { sides: 'other' }],
  // A small letter is no side, and no part of a word is.
  ['Bright l', {}],
])('"%s" says sides', (text, want) => {
  const { rest, ...found } = readSides(text);
  expect(found).toEqual(want);
  expect(rest).toHaveLength(text.length);
});

test.each([
  ['60', 60],
  ['75 min', 75],
  ['1h15', 75],
  ['1 hr', 60],
  ['1,5 h', 90],
  ["90'", 90],
  ['as long as it takes', undefined],
])('"%s" is so many minutes', (text, want) => expect(readMinutes(text)).toBe(want));

test.each([
  ['same again left', { side: 'left', scope: 'last', times: 2 }],
  ['other side', { side: 'other', scope: 'last', times: 2 }],
  ['rpt 3x', { scope: 'last', times: 3 }],
  ['whole series twice', { scope: 'section', times: 2 }],
  ['repeat the tree', undefined],
  ['repeat for 5 breaths', undefined],
  ['Tree', undefined],
])('"%s" repeats', (text, want) => expect(readRepeat(text)).toEqual(want));

test('a cell of a table is what its heading says', () => {
  expect(
    tableRows([
      '| # | Pose | Breaths | Side | Remarks |',
      '|---|:--|---|---|---|',
      '| 1 | Tree | 5 | R/L | eyes open |',
      '',
      'A line between',
      'Cat\t6 rounds',
    ]),
  ).toEqual([
    'head',
    'head',
    { text: 'Tree, 5 breaths, R/L', note: 'eyes open' },
    undefined,
    undefined,
    { text: 'Cat, 6 rounds' },
  ]);
});

test('every name on a line of its own is a step of its pose, and of its version where it has a name', () => {
  const names = POSES.flatMap((pose) => [
    // Breath and rest are done where people are.
    [pose.name, keepsLevel(pose) ? `${pose.id}.` : pose.usual] as const,
    ...[...pose.aliases, ...(pose.writtenAs ?? [])].map((name) => [name, `${pose.id}.`] as const),
    ...pose.ladder.flatMap(({ id, writtenAs = [] }) => writtenAs.map((name) => [name, id] as const)),
  ]);
  const apart = names.filter(
    ([name, id]) =>
      ![`- ${name}`, name].every((line) => {
        const [, step, more] = idsOf(`- Mountain\n${line}`);
        return step?.startsWith(id) && more === undefined;
      }),
  );
  expect(apart).toEqual([]);
});

test.each([
  ['- Tree\nrepeat 30 times', 'repeat'],
  ['- Tree\n## Balance × 40\n- Eagle', 'section'],
  ['- Half lift → rag doll × 300', 'chain'],
  ['- Boat 50 × 2 breaths', 'step'],
])('%j: more often than anyone does it is asked about, not cut short', (source) => {
  const { parts, steps } = read(source);
  expect(parts.filter(({ kind }) => kind === 'unsure').map(({ message }) => message)).toEqual([
    expect.stringContaining('times is more than we believe'),
  ]);
  expect(steps.length).toBeLessThanOrEqual(2);
});

test.each([
  // Talk of something to hold for so long is a step.
  ['- Keep plank 20 s', ['step'], ['plank.full']],
  ['- Inhale arms up', ['step'], ['arm-raise.standing']],
  ['- Notice the breath', ['note'], []],
  ['- Breathe 10 breaths', ['unsure'], []],
  // A word that may be a pose or stand over some: asked.
  ['- Twist', ['unsure'], []],
  ['- Seated', ['unsure'], []],
  ['- Warm up', ['section'], []],
  ['Seated', ['section'], []],
  // A first line that says what a step does is no name of a class.
  ['Wibble 5 breaths', ['unsure'], []],
  ['Evening practice for backs', ['title'], []],
  ['time: 18:00', ['note'], []],
  ['time: 75', ['minutes'], []],
])('%j is read as what it is', (source, kinds, ids) => {
  expect([kindsOf(source), idsOf(source)]).toEqual([kinds, ids]);
});

test('how long the class is may stand in its name', () => {
  expect(read('Chair yoga 45 min\n- Tree')).toMatchObject({ title: 'Chair yoga 45 min', minutes: 45 });
});

test('counts after a comma are said with the step they belong to', () => {
  const { parts, steps } = read('- Tree with a hand on the wall, then 5 breaths, R + L');
  expect(steps).toMatchObject([
    { variant: { id: 'tree.hand-on-wall' }, hold: breaths(5), sides: ['right', 'left'] },
  ]);
  expect(parts.map(({ text }) => text.replace(/\s*,\s*$/, ''))).toEqual([
    expect.stringContaining('5 breaths'),
  ]);
});
