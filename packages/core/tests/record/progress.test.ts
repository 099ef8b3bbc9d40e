/** What charts are drawn from, against the rows it comes from. */
import { activityAdvice, activityOf, BUILT_IN, POSES, progressOf } from '../builtIn.js';
import { chanceFrom, dateAfter } from '../../src/index.js';

type Row = Parameters<typeof progressOf>[0][number];

/** Some years of somebody’s classes, in no order, with holes in what was asked. */
function rowsOf(seed: number): Row[] {
  const chance = chanceFrom(seed);
  const some = (most: number): number | null => (chance() < 0.3 ? null : Math.floor(chance() * (most + 1)));
  return Array.from({ length: 120 }, (): Row => ({
    on: dateAfter('2024-01-01', Math.floor(chance() * 900)),
    came: chance() < 0.8,
    ...{ painBefore: some(10), painAfter: some(10), effort: some(10) },
    pressureAfter:
      chance() < 0.2 ? `${110 + Math.floor(chance() * 60)}/${70 + Math.floor(chance() * 30)}` : null,
  }));
}

test.each(Array.from({ length: 40 }, (_, i) => i + 1))(
  'the same numbers as counted row by row, %i',
  (seed) => {
    const rows = rowsOf(seed);
    const { pain, effort, pressure, attendance } = progressOf(rows);
    const came = rows.filter((row) => row.came);
    const both = came.filter(({ painBefore, painAfter }) => painBefore !== null && painAfter !== null);
    expect(pain).toHaveLength(both.length);
    expect(pain.filter(({ matters }) => matters === 'more')).toHaveLength(
      both.filter(({ painBefore, painAfter }) => painAfter! - painBefore! >= 2).length,
    );
    expect(pain.filter(({ matters }) => matters === 'less')).toHaveLength(
      both.filter(({ painBefore, painAfter }) => painBefore! - painAfter! >= 2).length,
    );
    expect(effort.reduce((sum, { value }) => sum + value, 0)).toBe(
      came.reduce((sum, row) => sum + (row.effort ?? 0), 0),
    );
    expect(pressure.map(({ systolic, diastolic }) => `${systolic}/${diastolic}`).sort()).toEqual(
      came.flatMap(({ pressureAfter }) => pressureAfter ?? []).sort(),
    );
    expect(attendance.reduce((sum, { of }) => sum + of, 0)).toBe(rows.length);
    for (const { month, came: times, of } of attendance) {
      const there = rows.filter(({ on }) => on.startsWith(month));
      expect([times, of]).toEqual([there.filter((row) => row.came).length, there.length]);
    }
    for (const list of [pain, effort, pressure]) {
      const days = list.map(({ on }) => on);
      expect(days).toEqual([...days].sort());
    }
  },
);

describe('minutes and effort', () => {
  const done = (variant: string, seconds: number) => ({
    ...{ step: 1, pose: variant.split('.')[0]!, variant, seconds, far: {} },
  });

  test('a class of hatha shapes is the minutes times 2.5, as the compendium has it; sides count twice', () => {
    const hatha = POSES.flatMap(({ side, ladder }) =>
      ladder
        .filter(({ declared }) => declared.metFrom.startsWith('02150'))
        .map(({ id }) => ({ id, sides: side ? 2 : 1 })),
    ).slice(0, 20);
    const did = hatha.map(({ id, sides }) => done(id, 180 / sides));
    expect(activityOf(did, BUILT_IN)).toEqual({ minutes: 60, metMinutes: 150 });
    const resting = POSES.find(({ side, ladder }) => !side && ladder[0]!.declared.met === 1.3)!.ladder[0]!;
    expect(activityOf([done(resting.id, 600)], BUILT_IN)).toEqual({ minutes: 10, metMinutes: 13 });
  });

  // Compendium of Physical Activities 2011, from memory.
  const COMPENDIUM: Readonly<Record<string, readonly [least: number, most: number]>> = {
    '07010': [1, 1.3],
    '07021': [1.3, 1.3],
    '02101': [2.3, 2.3],
    '02150': [2.5, 2.5],
    '02180': [3.3, 3.3],
    '02160': [4, 4],
    '02170': [2, 2],
    '15670': [3, 3],
  };
  test('every variant has the METs of its entry in the compendium', () => {
    for (const { id, declared } of POSES.flatMap(({ ladder }) => ladder)) {
      const range = COMPENDIUM[declared.metFrom.slice(0, 5)];
      expect([id, declared.metFrom, range !== undefined]).toEqual([id, declared.metFrom, true]);
      expect(declared.met).toBeGreaterThanOrEqual(range![0]);
      expect(declared.met).toBeLessThanOrEqual(range![1]);
    }
  });

  test('weeks begin on Monday, and add up; a class that kept nothing is in none', () => {
    const row = (on: string, minutes: number): Row => ({
      ...{ on, came: true, painBefore: null, painAfter: null, effort: null },
      ...(minutes ? { activity: { minutes, metMinutes: 2 * minutes } } : {}),
    });
    const { activity } = progressOf([
      row('2026-11-30', 30),
      row('2026-11-29', 20),
      row('2026-11-23', 10),
      row('2026-11-24', 0),
    ]);
    expect(activity).toEqual([
      { week: '2026-11-23', minutes: 30, metMinutes: 60 },
      { week: '2026-11-30', minutes: 30, metMinutes: 60 },
    ]);
  });

  test.each<[number | undefined, string[], number]>([
    [40, [], 450],
    [undefined, [], 450],
    [12, [], 1260],
    [70, [], 450],
    [30, ['pregnancy'], 450],
  ])('at %p with %p at least %p MET-minutes a week', (age, conditions, least) => {
    expect(activityAdvice(age, conditions).metMinutes).toBe(least);
  });
});
