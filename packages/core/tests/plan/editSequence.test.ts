/** Editing what is written, and the choices that follow it. */
import fc from 'fast-check';
import {
  editSequence,
  followedChoices,
  lineOf,
  movedChoices,
  NO_CHOICES,
  parseSequence,
  BUILT_IN,
  POSES,
  writtenOut,
  type Choices,
} from '../builtIn.js';
import { readPlan } from '../../src/reading/readPlan.js';
import { sequenceOf } from '../fitting/mixedClass.js';

describe('editing what is written', () => {
  const TEXT =
    '# A\n## One\n- Mountain, 5 breaths\n> stand tall\n- Tree, 30 s each side\n## Two\n- Final rest, 5 min';
  const names = (source: string): string[] => sequenceOf(source).steps.map(({ text }) => text);
  test('adds, removes, moves and changes a hold; notes go with their step', () => {
    expect(
      names(editSequence(TEXT, BUILT_IN, { kind: 'add', after: 1, line: 'Triangle, 3 breaths' }).source),
    ).toEqual(['Mountain, 5 breaths', 'Triangle, 3 breaths', 'Tree, 30 s each side', 'Final rest, 5 min']);
    expect(names(editSequence(TEXT, BUILT_IN, { kind: 'add', after: 0, line: 'Triangle' }).source)[0]).toBe(
      'Triangle',
    );
    expect(editSequence(TEXT, BUILT_IN, { kind: 'remove', step: 1 }).source).toBe(
      '# A\n## One\n- Tree, 30 s each side\n## Two\n- Final rest, 5 min',
    );
    expect(editSequence(TEXT, BUILT_IN, { kind: 'move', step: 1, after: 2 }).source).toBe(
      '# A\n## One\n- Tree, 30 s each side\n- Mountain, 5 breaths\n> stand tall\n## Two\n- Final rest, 5 min',
    );
    expect(editSequence(TEXT, BUILT_IN, { kind: 'hold', step: 2, hold: '4 breaths' }).source).toContain(
      '- Tree, 4 breaths each side',
    );
    expect(editSequence('- Mountain', BUILT_IN, { kind: 'hold', step: 1, hold: '4 breaths' }).source).toBe(
      '- Mountain, 4 breaths',
    );
  });
  test('choices go where their step goes; whatever is moved, the same steps are there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 0, max: 3 }), (step, after) => {
        const { source, moved } = editSequence(TEXT, BUILT_IN, { kind: 'move', step, after });
        expect([...names(source)].sort()).toEqual([...names(TEXT)].sort());
        names(TEXT).forEach((text, i) => expect(names(source)[moved[i + 1]! - 1]).toBe(text));
      }),
    );
    const choices: Choices = {
      ...NO_CHOICES,
      overrides: [1, 2].map((step) => ({ personId: 'P0', step, variant: 'mountain.full', reason: 'x' })),
    };
    expect(
      movedChoices(choices, editSequence(TEXT, BUILT_IN, { kind: 'remove', step: 1 }).moved).overrides.map(
        ({ step }) => step,
      ),
    ).toEqual([1]);
    expect(
      followedChoices(choices, ['a', 'b', 'a'], ['a', 'new', 'b']).overrides.map(({ step }) => step),
    ).toEqual([1, 3]);
    expect(followedChoices(choices, ['a', 'b'], ['b']).overrides.map(({ step }) => step)).toEqual([1]);
  });
});

const asRead = (source: string) =>
  parseSequence(source).sequence.steps.map(({ variant, hold, sides }) => ({
    variant: variant.id,
    hold,
    sides,
  }));

test('a step written out is read as the same step, whatever its version, hold and side', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...POSES.flatMap((pose) => pose.ladder.map((variant) => ({ pose, variant })))),
      fc.record({
        unit: fc.constantFrom('breaths', 'rounds', 'seconds'),
        count: fc.integer({ min: 1, max: 300 }),
      }),
      fc.constantFrom(['right', 'left'], ['right'], ['left']),
      ({ pose, variant }, hold, some) => {
        const sides: readonly ('right' | 'left')[] = pose.side ? some : [];
        const step = { pose, variant, hold: hold as { unit: 'breaths'; count: number }, sides };
        expect(asRead(`- ${lineOf(step)}`)).toEqual([{ variant: variant.id, hold, sides }]);
      },
    ),
    { numRuns: 1500 },
  );
});

test('a step is done in another version, or on other sides, and all else is as it was', () => {
  const text =
    '# Tides\n## Stand\n- Tree, 20 s each side\n> wall for whoever wants it\n' +
    '- Seated breath, 5 breaths\n- Plank, 3 breaths';
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 3 }),
      fc.nat(),
      fc.constantFrom(['right', 'left'] as const, ['left'] as const, ['right'] as const),
      (number, rung, sides) => {
        const before = parseSequence(text).sequence.steps;
        const { ladder, side } = before[number - 1]!.pose;
        const { id } = ladder[rung % ladder.length]!;
        const versioned = editSequence(text, BUILT_IN, { kind: 'version', step: number, variant: id }).source;
        const sided = editSequence(versioned, BUILT_IN, { kind: 'sides', step: number, sides }).source;
        expect(asRead(sided)).toEqual(
          asRead(text).map((step, i) =>
            i === number - 1 ? { ...step, variant: id, sides: side ? sides : [] } : step,
          ),
        );
        expect(parseSequence(sided).sequence.steps.map(({ note, section }) => [note, section])).toEqual(
          before.map(({ note, section }) => [note, section]),
        );
      },
    ),
    { numRuns: 60 },
  );
  const flow = '- Half lift → Standing forward fold × 3';
  const other = editSequence(flow, BUILT_IN, {
    kind: 'version',
    step: 2,
    variant: 'standing-forward-fold.soft-knees',
  }).source;
  expect(
    parseSequence(other).sequence.steps.map(({ variant, flow: of }) => [variant.id, of?.rounds]),
  ).toEqual([
    ['half-forward-fold.shins', 3],
    ['standing-forward-fold.soft-knees', 3],
  ]);
});

describe('a plan of which a line holds several steps, or says only to do it again', () => {
  const SPEECH = [
    'start seated, three big breaths, then cat cow five times, dog for five breaths, come onto the knees,',
    'child’s pose 1 min',
    'Standing ×2',
    'Triangle R 4b',
    'same again left',
    'Boat 3 × 5 breaths',
  ].join('\n');
  test('is the same when it is written out', () => {
    expect(asRead(writtenOut(readPlan(SPEECH, BUILT_IN), BUILT_IN.flows))).toEqual(asRead(SPEECH));
  });
  test('is written out before it is changed, and one thing is changed', () => {
    const before = asRead(SPEECH);
    const { source, moved } = editSequence(SPEECH, BUILT_IN, { kind: 'remove', step: 2 });
    expect(asRead(source)).toEqual(before.filter((_, i) => i !== 1));
    expect(moved.slice(1, 4)).toEqual([1, undefined, 2]);
  });
});
