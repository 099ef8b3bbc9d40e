/** Flows as they are written: salutes by name, chains and movements in rounds, lines with their breath. */
import fc from 'fast-check';
import { BUILT_IN, editSequence, parseSequence, type Step } from '../builtIn.js';
import { flowLine } from '../../src/plan/flowLine.js';
import { nextHold } from '../../src/plan/nextHold.js';

const steps = (plan: string): readonly Step[] => parseSequence(plan).sequence.steps;
/** A flow's steps in a few letters: "in arm-raise 0.5", with its side where it has one only. */
const shapes = (plan: string): string[] =>
  steps(plan).map(({ pose, flow, sides }) =>
    [flow?.on, pose.id, flow?.breaths, sides.length === 1 ? sides[0] : ''].filter(Boolean).join(' '),
  );
const errors = (plan: string) =>
  parseSequence(plan).errors.map(({ message, nearest }) => ({ message, nearest }));
const asRead = (plan: string) =>
  steps(plan).map(({ variant, hold, sides, flow }) => ({ variant: variant.id, hold, sides, flow }));

test('every flow of the catalogue is made of its variants, and is read by all of its names', () => {
  for (const { name, aliases, shapes: own } of BUILT_IN.flows)
    for (const called of [name, ...aliases]) {
      const read = steps(`- ${called}, 2 rounds`);
      expect([called, read.map(({ variant }) => variant.id)]).toEqual([
        called,
        own.map(({ variant }) => variant),
      ]);
      expect(new Set(read.map(({ flow }) => flow!.name))).toEqual(new Set([name]));
    }
});

test('a side that leads takes turns, or is the one that was said', () => {
  const lunges = (plan: string) =>
    steps(plan).flatMap(({ pose, sides, hold }) =>
      pose.id === 'low-lunge' ? [[sides.join(), hold.count]] : [],
    );
  expect(lunges('- Sun salutation, twelve steps × 4')).toEqual(Array(2).fill(['right,left', 1]));
  expect(lunges('- Classical sun salutation, 2 each side')).toEqual(Array(2).fill(['right,left', 1]));
  expect(lunges('- Classical sun salutation × 1')).toEqual(Array(2).fill(['right', 0.5]));
  expect(lunges('- Classical sun salutation left × 2')).toEqual(Array(2).fill(['left', 1]));
});

test.each([
  [
    'Inhale: arms up\nExhale: fold\nInhale half lift',
    ['in arm-raise 0.5', 'out standing-forward-fold 0.5', 'in half-forward-fold 0.5'],
  ],
  ['- Inhale arms up, exhale fold, 3 rounds', ['in arm-raise 0.5', 'out standing-forward-fold 0.5']],
  ['- Cobra then child’s pose on the out-breath × 5', ['in cobra 0.5', 'out childs-pose 0.5']],
  ['- Between dog and plank × 6', ['out downward-facing-dog 0.5', 'in plank 0.5']],
  ['- Low lunge R → dog 3 breaths × 2', ['low-lunge 0.5 right', 'downward-facing-dog 3']],
  // One line with its breath is a step like any other.
  ['- Warrior two on the in-breath', ['warrior-two']],
  // What is a pose is no movement of two.
  ['- Knee to chest, 5 breaths', ['knees-to-chest']],
  ['- Bridge with the breath, to the full bridge, 3 rounds', ['bridge-pulse']],
] as const)('%j', (plan, want) => expect(shapes(plan)).toEqual(want));

test('own flows have names, in a line or over a section, and are asked for again by them', () => {
  const named = '- Hip flow: low lunge R → pyramid R → dog × 4\n- Tree\n- Hip flow × 2';
  expect(steps(named).map(({ flow }) => flow && `${flow.number} ${flow.name} ${flow.rounds}`)).toEqual([
    ...Array<string>(3).fill('1 Hip flow 4'),
    undefined,
    ...Array<string>(3).fill('2 Hip flow 2'),
  ]);
  const section = '## My salute × 3\n- Inhale arms up\n- Exhale: fold\n## End\n- My salute\n- Final rest';
  expect(steps(section).map(({ flow }) => flow && `${flow.name} ${flow.rounds}`)).toEqual([
    'My salute 3',
    'My salute 3',
    'My salute 1',
    'My salute 1',
    undefined,
  ]);
});

test('which salute is asked where it is not said; more rounds than anyone does are asked about', () => {
  for (const plan of ['- Sun salutations × 3', '5 sun salutes'])
    expect(errors(plan)[0]!.nearest).toEqual([
      'Sun salutation, twelve steps',
      'Sun salutation A',
      'Sun salutation B',
    ]);
  expect(errors('- Sun salutation A, 5 breaths')[0]!.nearest).toEqual(['Sun salutation A']);
  expect(errors('- Sun salutation A × 300')[0]!.message).toContain('300 times is more than we believe');
  expect(errors('- Inhale wobble, exhale fold')).toHaveLength(1);
});

test('a flow written out is read as the same, named or shape by shape', () => {
  const pairs = fc.uniqueArray(
    fc.constantFrom(
      'plank',
      'cobra',
      'downward-facing dog',
      'mountain',
      'table',
      'warrior one R',
      'pyramid L',
    ),
    {
      minLength: 2,
      maxLength: 5,
    },
  );
  const flow = fc.oneof(
    fc.constantFrom(...BUILT_IN.flows.map(({ name }) => name)),
    fc
      .tuple(fc.constantFrom('', 'Hip flow: ', 'Core: '), pairs)
      .map(([label, chain]) => label + chain.join(' → ')),
    pairs.map((chain) => chain.map((shape, i) => `${i % 2 ? 'exhale' : 'inhale'} ${shape}`).join(', ')),
  );
  fc.assert(
    fc.property(flow, fc.integer({ min: 1, max: 20 }), (text, rounds) => {
      const plan = `- ${text} × ${rounds}`;
      const read = steps(plan);
      expect(asRead(`- ${flowLine(read, BUILT_IN.flows)}`)).toEqual(asRead(plan));
    }),
  );
});

describe('changing a plan with a flow in it', () => {
  const PLAN = '# A\n- Mountain, 3 breaths\n- Sun salutation A × 3\n> slowly\n- Tree, 30 s each side';
  const edited = (edit: Parameters<typeof editSequence>[2]): string[] =>
    editSequence(PLAN, BUILT_IN, edit).source.split('\n').slice(1);
  test('its rounds are changed as a hold is', () => {
    expect(nextHold(PLAN, 4, 1, BUILT_IN)).toBe('4 rounds');
    expect(edited({ kind: 'hold', step: 4, hold: '4 rounds' })[1]).toBe('- Sun salutation A × 4');
  });
  test('it moves as a whole, with its notes, past one step or one flow at a time', () => {
    const [mountain, ...salute] = PLAN.split('\n').slice(1, 4);
    for (const edit of [
      { kind: 'move', step: 2, after: 0 },
      { kind: 'move', step: 8, after: 6 },
      { kind: 'move', step: 1, after: 5 },
    ] as const)
      expect(edited(edit).slice(0, 3)).toEqual([...salute, mountain]);
    expect(edited({ kind: 'move', step: 3, after: 4 }).at(-1)).toBe('> slowly');
    expect(edited({ kind: 'add', after: 5, line: 'Cobra' })[3]).toBe('- Cobra');
  });
  test('a shape that goes, or is stayed in, leaves it written shape by shape; all else is as it was', () => {
    const { source, moved } = editSequence(PLAN, BUILT_IN, { kind: 'remove', step: 5 });
    expect(asRead(source)).toEqual(asRead(PLAN).filter((_, i) => i !== 4));
    expect(moved.slice(4, 7)).toEqual([4, undefined, 5]);
    const held = editSequence(PLAN, BUILT_IN, { kind: 'hold', step: 4, hold: '2 breaths' }).source;
    expect(asRead(held)[3]).toMatchObject({ hold: { count: 6 }, flow: { breaths: 2, rounds: 3 } });
  });
});
