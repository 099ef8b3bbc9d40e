/** How a frame chooses: by chance that falls the same way, by what is liked, for people on a day. */
import { framePeople, readPeople } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import fc from 'fast-check';
import { chanceFrom, pickOne } from '../../src/frames/chance.js';
import { likingOf } from '../../src/frames/liking.js';

const pose = (id: string) => BUILT_IN.poses.find((one) => one.id === id)!;
const NONE = { id: 'none', name: 'None' };

test('chance is the same for the same seed, even, and never 1', () => {
  fc.assert(
    fc.property(fc.integer(), (seed) => {
      const [one, other] = [chanceFrom(seed), chanceFrom(seed)];
      const numbers = Array.from({ length: 400 }, () => one());
      expect(numbers).toEqual(Array.from({ length: 400 }, () => other()));
      expect(numbers.every((number) => number >= 0 && number < 1)).toBe(true);
      const mean = numbers.reduce((sum, number) => sum + number, 0) / numbers.length;
      expect(Math.abs(mean - 0.5)).toBeLessThan(0.12);
    }),
    { numRuns: 40 },
  );
});

test('each is picked about as often as its weight says; what weighs nothing never', () => {
  const chance = chanceFrom(7);
  const counts = new Map([
    ['a', 0],
    ['b', 0],
    ['c', 0],
  ]);
  const weights: Readonly<Record<string, number>> = { a: 3, b: 1, c: 0 };
  for (let i = 0; i < 4000; i++) {
    const one = pickOne(['a', 'b', 'c'], (key) => weights[key]!, chance)!;
    counts.set(one, counts.get(one)! + 1);
  }
  expect(counts.get('c')).toBe(0);
  expect(counts.get('a')! / counts.get('b')!).toBeCloseTo(3, 0);
  expect(pickOne([], () => 1, chance)).toBeUndefined();
});

test('what serves the aim is liked more, the same purpose again less, a missing direction more', () => {
  const hips = { ...NONE, regions: ['outer hip'] as const };
  expect(likingOf(pose('figure-four'), hips, [])).toBeGreaterThan(likingOf(pose('figure-four'), NONE, []));
  expect(likingOf(pose('pigeon'), NONE, [pose('figure-four')])).toBeLessThan(
    likingOf(pose('pigeon'), NONE, [pose('tree')]),
  );
  const bend = pose('side-bend');
  expect(likingOf(bend, NONE, [pose('cobra')])).toBeGreaterThan(likingOf(bend, NONE, [pose('gate')]));
});

test('people of a frame are of the age and the week that it says, whatever the day', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 5, max: 40 }),
      fc.integer({ min: 18, max: 90 }),
      fc
        .integer({ min: 0, max: 3000 })
        .map((days) => new Date(Date.UTC(2026, 0, 1 + days)).toISOString().slice(0, 10)),
      (week, years, on) => {
        const { people, errors } = readPeople(
          framePeople([{ name: 'Ines', years, pregnantWeek: week }], on),
          RULEBOOK,
          on,
        );
        expect(errors).toEqual([]);
        const [{ born, conditions }] = people as [(typeof people)[number]];
        const age = Number(on.slice(0, 4)) - Number(born!.slice(0, 4));
        expect(age).toBe(years);
        const due = Date.parse(`${String(conditions[0]!.details.dueDate)}T00:00:00Z`);
        expect(280 - (due - Date.parse(`${on}T00:00:00Z`)) / 86_400_000).toBe(week * 7);
      },
    ),
    { numRuns: 60 },
  );
});
