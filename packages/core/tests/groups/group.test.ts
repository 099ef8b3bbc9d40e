/** Groups by the week: on which days they meet, who comes, who is asked next, and what is other by then. */
import fc from 'fast-check';
import { askedNext, comingOn, dueBefore, groupDays, weekdayOf } from '../../src/index.js';
import { RULEBOOK, readPeople, settingsOf } from '../builtIn.js';
import { dateAfter, daysBetween } from '../../src/calendar/dates.js';

const day = fc.integer({ min: 0, max: 3000 }).map((days) => dateAfter('2022-01-01', days));

test('the days of a group are its day of the week, a week apart, within its time', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 7 }),
      day,
      day,
      fc.option(day),
      (weekday, firstOn, from, lastOn) => {
        const days = groupDays({ weekday, firstOn, lastOn, people: [], days: [] }, from, 8);
        for (const [i, on] of days.entries()) {
          expect(weekdayOf(on)).toBe(weekday);
          expect(on >= firstOn && on >= from && (!lastOn || on <= lastOn)).toBe(true);
          if (i) expect(daysBetween(days[i - 1]!, on)).toBe(7);
        }
        const begin = firstOn > from ? firstOn : from;
        if (days[0]) expect(daysBetween(begin, days[0])).toBeLessThan(7);
        else expect(lastOn! < dateAfter(begin, 7)).toBe(true);
      },
    ),
  );
  // Of dates that one can look up: 5 December 2026 is a Saturday, 29 February 2024 a Thursday.
  expect([weekdayOf('2026-12-05'), weekdayOf('2024-02-29'), weekdayOf('1999-12-31')]).toEqual([6, 4, 5]);
});

test('nobody comes who stays away, and nobody is asked where there is no room', () => {
  const people = ['a', 'b', 'c', 'd'].map((id, i) => ({ id, waiting: i > 1 }));
  const group = (most: number | null, ...days: [string, boolean][]) => ({
    people,
    most,
    days: days.map(([personId, comes]) => ({ personId, on: '2026-12-05', comes })),
  });
  const [on, other] = ['2026-12-05', '2026-12-12'];
  expect(comingOn(group(2), on)).toEqual(['a', 'b']);
  expect(comingOn(group(2, ['b', false], ['d', true]), on)).toEqual(['a', 'd']);
  expect(comingOn(group(2, ['b', false]), other)).toEqual(['a', 'b']);
  expect(askedNext(group(2), on)).toEqual([]);
  expect(askedNext(group(2, ['b', false]), on)).toEqual(['c', 'd']);
  // Who has said that she cannot come is not asked again.
  expect(askedNext(group(2, ['b', false], ['c', false]), on)).toEqual(['d']);
  expect(askedNext(group(2, ['b', false], ['c', true]), on)).toEqual([]);
  expect(askedNext(group(null), on)).toEqual(['c', 'd']);
});

test('what runs out or changes until a class is told with its day', () => {
  const [hollis] = readPeople(
    [
      {
        name: 'Hollis',
        conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }],
        limits: [{ kind: 'no-floor', by: 'herself', until: '2026-12-06' }],
        clearances: [{ for: 'pregnancy', by: 'the midwife', on: '2026-09-01', until: '2026-12-30' }],
      },
    ],
    '2026-12-01',
  ).people;
  const settings = settingsOf('2026-12-01');
  const due = (until: string) => dueBefore(hollis!, settings, until);
  expect(due('2026-12-01')).toEqual([]);
  expect(due('2026-11-01')).toEqual([]);
  const soon = due('2026-12-10');
  expect(soon.filter(({ kind }) => kind === 'limit')).toEqual([
    { on: '2026-12-07', kind: 'limit', says: 'no-floor, by herself' },
  ]);
  expect(soon.some(({ kind }) => kind === 'clearance')).toBe(false);
  const later = due('2027-01-05');
  expect(later.map(({ on }) => on)).toEqual(later.map(({ on }) => on).sort());
  expect(later.filter(({ kind }) => kind === 'clearance').map(({ on }) => on)).toEqual(['2026-12-31']);
  // Whoever is further along has more of it behind her.
  expect(later.filter(({ kind }) => kind === 'change').length).toBeGreaterThanOrEqual(
    soon.filter(({ kind }) => kind === 'change').length,
  );
  expect(RULEBOOK.conditions.length).toBeGreaterThan(0);
});
