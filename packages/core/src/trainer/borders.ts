import type { CompiledRule, Test } from '../rules/judgeAll.js';
import type { MeasureTable } from '../rules/measureTable.js';

/** Rows of a table on both sides of what a rule says, the nearest to its limit first. */
export interface Borders {
  /** Broken, by the least. */
  past: readonly number[];
  /** Held, and by the least: one number of it would have to be another. */
  near: readonly number[];
}

/** By how much a value is over (positive) or within (negative) what a test asks; none where it is no number. */
function excess(test: Test, value: number): number | undefined {
  if ('over' in test) return value - test.over;
  if ('under' in test) return test.under - value;
  return undefined;
}

function isMet(test: Test, value: number): boolean {
  const over = excess(test, value);
  if (over !== undefined) return over > 0;
  return 'noneOf' in test ? !test.noneOf.includes(value) : 'bits' in test && ((test.bits >> value) & 1) === 1;
}

/**
 * Where the border of a rule runs through some shapes.
 *
 * @param rows that are looked at: rows of the table
 */
export function borders({ any }: CompiledRule, { columns }: MeasureTable, rows: readonly number[]): Borders {
  const widths = new Map<number, number>();
  /** How far values of a column lie apart: degrees and centimetres are weighed alike. */
  const widthOf = (column: number): number => {
    const known = widths.get(column);
    if (known) return known;
    const values = rows.map((row) => columns[column]![row]!);
    const width = Math.max(...values) - Math.min(...values) || 1;
    widths.set(column, width);
    return width;
  };
  const past: [row: number, by: number][] = [];
  const near: [row: number, by: number][] = [];
  for (const row of rows) {
    const broken: number[] = [];
    const held: number[] = [];
    for (const tests of any) {
      const byOf = (test: Test): number => {
        const over = excess(test, columns[test.column]![row]!);
        return over === undefined ? 0 : Math.abs(over) / widthOf(test.column);
      };
      const unmet = tests.filter((test) => !isMet(test, columns[test.column]![row]!));
      if (unmet.length === 0) broken.push(Math.max(...tests.map(byOf)));
      const [only] = unmet;
      if (unmet.length === 1 && excess(only!, 0) !== undefined) held.push(byOf(only!));
    }
    if (broken.length) past.push([row, Math.min(...broken)]);
    else if (held.length) near.push([row, Math.min(...held)]);
  }
  const nearestFirst = (list: [number, number][]): number[] =>
    list.sort(([a, x], [b, y]) => x - y || a - b).map(([row]) => row);
  return { past: nearestFirst(past), near: nearestFirst(near) };
}
