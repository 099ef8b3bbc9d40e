import { countVerdicts } from './countVerdicts.js';
import { minutesOf } from './minutesOf.js';
import type { ClassInReport, RecordedClass } from './types.js';

/** One decimal. */
const rounded = (value: number): number => Math.round(value * 10) / 10;
const mean = (values: readonly number[]): number =>
  rounded(values.reduce((sum, value) => sum + value, 0) / values.length);

/** Each class as a whole. @param classes by date */
export function wholeClasses(classes: readonly RecordedClass[]): ClassInReport[] {
  const plans = new Map<string, string>();
  return classes.map((one) => {
    const { id, title, on, plan, records, sums, groupId } = one;
    const came = records.filter((record) => record.came);
    const both = came.flatMap(({ painBefore: before, painAfter: after }) =>
      before === null || after === null ? [] : [{ before, after }],
    );
    const efforts = came.flatMap(({ effort }) => effort ?? []);
    const series = groupId ?? title;
    const before = plans.get(series);
    plans.set(series, plan);
    return {
      ...{ id, title, on, came: came.length, of: records.length, minutes: minutesOf(one) },
      ...(both.length
        ? {
            pain: {
              before: mean(both.map((pain) => pain.before)),
              after: mean(both.map((pain) => pain.after)),
              said: both.length,
            },
          }
        : {}),
      ...(efforts.length ? { effort: mean(efforts) } : {}),
      given: countVerdicts(came.flatMap(({ personId }) => sums?.given[personId] ?? [])),
      changed: came.reduce((sum, { changes }) => sum + changes.length, 0),
      isOtherPlan: before !== undefined && before !== plan,
    };
  });
}
