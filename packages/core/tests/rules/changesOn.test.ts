/** What changes for those enrolled in a course, from one of its days to the next. */
import { changesOn, dateAfter, nextChanges, readPeople, type StageSettings } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import fc from 'fast-check';

const ON = '2026-11-30';
const settings: Omit<StageSettings, 'on'> = {
  rulebook: RULEBOOK,
  houseView: RULEBOOK.usualHouseView,
  poseName: BUILT_IN.poseName,
};
const expecting = (days: number) =>
  readPeople(
    [{ name: 'Ines', conditions: [{ condition: 'pregnancy', dueDate: dateAfter(ON, 280 - days) }] }],
    RULEBOOK,
  ).people[0]!;
const weekly = (weeks: number): string[] => Array.from({ length: weeks }, (_, i) => dateAfter(ON, i * 7));

test('week 28 falls between two classes, and stands with the second', () => {
  const changes = changesOn(expecting(27 * 7 + 3), weekly(3), settings);
  expect(changes).toHaveLength(1);
  expect(changes[0]).toMatchObject({ on: dateAfter(ON, 7), stages: ['Pregnancy: week 28'] });
  expect(changes[0]!.begins.join(' ')).toContain('third trimester');
});

test('nothing changes for someone of whom nothing is known, nor with one class', () => {
  const [tam] = readPeople([{ name: 'Tam' }], RULEBOOK).people;
  expect(changesOn(tam!, weekly(12), settings)).toEqual([]);
  expect(changesOn(expecting(195), weekly(1), settings)).toEqual([]);
});

test('whatever begins on a day of the course has begun by that day, as the person’s own page says it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 60, max: 250 }), fc.integer({ min: 2, max: 6 }), (days, weeks) => {
      const person = expecting(days);
      const dates = weekly(weeks);
      const daily = nextChanges(person, { ...settings, on: ON }, 99);
      for (const { on, begins } of changesOn(person, dates, settings)) {
        const before = dates[dates.indexOf(on) - 1]!;
        const between = daily.filter((change) => change.on > before && change.on <= on);
        for (const reason of begins) expect(between.flatMap((change) => change.begins)).toContain(reason);
      }
    }),
    { numRuns: 25 },
  );
});
