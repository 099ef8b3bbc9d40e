/** What charts are drawn from, against the rows it comes from. */
import { progressOf } from '../builtIn.js';
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
