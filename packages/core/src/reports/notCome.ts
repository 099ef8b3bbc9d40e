import type { NotCome, RecordedClass } from './types.js';

/**
 * Who did not come at all: those who were down for most first, then those who came last the longest ago.
 *
 * @param people ids of those it may be asked of
 * @param last when each came last before the period, `YYYY-MM-DD`, by id of person
 */
export function notCome(
  people: readonly string[],
  classes: readonly RecordedClass[],
  last: Readonly<Record<string, string>>,
): NotCome[] {
  const records = classes.flatMap((one) => one.records);
  const came = new Set(records.filter((record) => record.came).map(({ personId }) => personId));
  return people
    .filter((personId) => !came.has(personId))
    .map((personId) => ({
      ...{ personId, last: last[personId] ?? null },
      missed: records.filter((record) => record.personId === personId).length,
    }))
    .sort(
      (a, b) =>
        b.missed - a.missed ||
        (a.last ?? '').localeCompare(b.last ?? '') ||
        a.personId.localeCompare(b.personId),
    );
}
