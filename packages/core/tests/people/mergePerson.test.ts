/** Two who change the same person at the same time: both keep what they did, and what both did is asked. */
import fc from 'fast-check';
import { differencesOf, mergePerson, takeTheirs } from '../../src/people/mergePerson.js';

const BASE = {
  name: 'A',
  can: { stand: true, floor: 'chair' },
  conditions: [{ condition: 'migraine' }, { condition: 'pregnancy', dueDate: '2027-02-01' }],
  limits: [{ kind: 'no-kneeling', by: 'herself' }],
};

test('what only one has touched is taken from both', () => {
  const mine = { ...BASE, can: { ...BASE.can, hands: false } };
  const theirs = {
    ...BASE,
    heightCm: 170,
    conditions: [...BASE.conditions, { condition: 'vertigo' }],
    limits: [],
  };
  expect(mergePerson(BASE, mine, theirs)).toEqual({
    merged: {
      ...BASE,
      heightCm: 170,
      can: { stand: true, floor: 'chair', hands: false },
      conditions: [...BASE.conditions, { condition: 'vertigo' }],
      limits: [],
    },
    conflicts: [],
  });
});

test('a detail of a condition is merged by itself; what one removes and the other changes is asked', () => {
  const mine = {
    ...BASE,
    conditions: [BASE.conditions[0]!, { condition: 'pregnancy', dueDate: '2027-02-09' }],
  };
  const theirs = { ...BASE, conditions: [{ condition: 'migraine', phase: 'now' }] };
  const { merged, conflicts } = mergePerson(BASE, mine, theirs as typeof BASE);
  expect(merged.conditions[0]).toEqual({ condition: 'migraine', phase: 'now' });
  expect(conflicts).toEqual([
    { path: ['conditions', 'pregnancy'], mine: mine.conditions[1], theirs: undefined },
  ]);
  expect(takeTheirs(merged, conflicts[0]!).conditions).toEqual([{ condition: 'migraine', phase: 'now' }]);
});

test('both differently is told with both, and either may be taken', () => {
  const mine = { ...BASE, can: { ...BASE.can, floor: 'alone' } };
  const theirs = { ...BASE, can: { ...BASE.can, floor: 'no' } };
  const { merged, conflicts } = mergePerson(BASE, mine, theirs);
  expect(conflicts).toEqual([{ path: ['can', 'floor'], mine: 'alone', theirs: 'no' }]);
  expect(merged.can.floor).toBe('alone');
  expect(takeTheirs(merged, conflicts[0]!).can.floor).toBe('no');
});

/** Something like a person: tables in tables, a list by name, a list that is not. */
const likeAPerson = fc.record(
  {
    name: fc.constantFrom('A', 'B'),
    can: fc.record(
      { floor: fc.constantFrom('alone', 'chair'), hands: fc.boolean(), limbs: fc.record({ l: fc.nat(2) }) },
      { requiredKeys: [] },
    ),
    conditions: fc
      .uniqueArray(fc.constantFrom('a', 'b', 'c'))
      .map((names) => names.map((condition) => ({ condition }))),
    limits: fc.array(fc.nat(3), { maxLength: 2 }),
  },
  { requiredKeys: ['name'] },
);

test('nothing that one alone has changed is lost, and what nobody has changed stays', () =>
  fc.assert(
    fc.property(likeAPerson, likeAPerson, likeAPerson, (base, mine, theirs) => {
      expect(mergePerson(base, base, theirs)).toEqual({ merged: theirs, conflicts: [] });
      expect(mergePerson(base, mine, base)).toEqual({ merged: mine, conflicts: [] });
      expect(mergePerson(base, mine, mine)).toEqual({ merged: mine, conflicts: [] });
      const { merged, conflicts } = mergePerson(base, mine, theirs);
      // Wherever the two differ from what came of it, it was asked or it was the other's alone.
      for (const { path, theirs: other } of differencesOf(merged, theirs)) {
        const asked = conflicts.some(
          (one) =>
            one.path.join('.').startsWith(path.join('.')) || path.join('.').startsWith(one.path.join('.')),
        );
        const untouched = JSON.stringify(valueAt(base, path)) === JSON.stringify(other);
        expect(asked || untouched).toBe(true);
      }
      const all = conflicts.reduce((whole, one) => takeTheirs(whole, one), merged);
      for (const one of conflicts) expect(valueAt(all, one.path)).toEqual(one.theirs);
    }),
  ));

function valueAt(whole: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>((at, key) => {
    if (Array.isArray(at)) return (at as { condition?: string }[]).find((one) => one.condition === key);
    return (at as Record<string, unknown> | undefined)?.[key];
  }, whole);
}
