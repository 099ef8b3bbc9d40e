/** Editing what is written, and the choices that follow it. */
import fc from 'fast-check';
import { editSequence, followedChoices, movedChoices, NO_CHOICES, type Choices } from '../builtIn.js';
import { sequenceOf } from '../fitting/mixedClass.js';

describe('editing what is written', () => {
  const TEXT =
    '# A\n## One\n- Mountain, 5 breaths\n> stand tall\n- Tree, 30 s each side\n## Two\n- Final rest, 5 min';
  const names = (source: string): string[] => sequenceOf(source).steps.map(({ text }) => text);
  test('adds, removes, moves and changes a hold; notes go with their step', () => {
    expect(names(editSequence(TEXT, { kind: 'add', after: 1, line: 'Triangle, 3 breaths' }).source)).toEqual([
      'Mountain, 5 breaths',
      'Triangle, 3 breaths',
      'Tree, 30 s each side',
      'Final rest, 5 min',
    ]);
    expect(names(editSequence(TEXT, { kind: 'add', after: 0, line: 'Triangle' }).source)[0]).toBe('Triangle');
    expect(editSequence(TEXT, { kind: 'remove', step: 1 }).source).toBe(
      '# A\n## One\n- Tree, 30 s each side\n## Two\n- Final rest, 5 min',
    );
    expect(editSequence(TEXT, { kind: 'move', step: 1, after: 2 }).source).toBe(
      '# A\n## One\n- Tree, 30 s each side\n- Mountain, 5 breaths\n> stand tall\n## Two\n- Final rest, 5 min',
    );
    expect(editSequence(TEXT, { kind: 'hold', step: 2, hold: '4 breaths' }).source).toContain(
      '- Tree, 4 breaths each side',
    );
    expect(editSequence('- Mountain', { kind: 'hold', step: 1, hold: '4 breaths' }).source).toBe(
      '- Mountain, 4 breaths',
    );
  });
  test('choices go where their step goes; whatever is moved, the same steps are there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 0, max: 3 }), (step, after) => {
        const { source, moved } = editSequence(TEXT, { kind: 'move', step, after });
        expect([...names(source)].sort()).toEqual([...names(TEXT)].sort());
        names(TEXT).forEach((text, i) => expect(names(source)[moved[i + 1]! - 1]).toBe(text));
      }),
    );
    const choices: Choices = {
      ...NO_CHOICES,
      overrides: [1, 2].map((step) => ({ personId: 'P0', step, variant: 'mountain.full', reason: 'x' })),
    };
    expect(
      movedChoices(choices, editSequence(TEXT, { kind: 'remove', step: 1 }).moved).overrides.map(
        ({ step }) => step,
      ),
    ).toEqual([1]);
    expect(
      followedChoices(choices, ['a', 'b', 'a'], ['a', 'new', 'b']).overrides.map(({ step }) => step),
    ).toEqual([1, 3]);
    expect(followedChoices(choices, ['a', 'b'], ['b']).overrides.map(({ step }) => step)).toEqual([1]);
  });
});
