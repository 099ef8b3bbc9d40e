import { groupedBy } from './groupedBy.js';
import { minutesOf } from './minutesOf.js';
import type { RecordedClass, Taught } from './types.js';

/** Classes and minutes by whatever a class is counted under, in the order in which that first comes. */
export function hoursTaught(
  classes: readonly RecordedClass[],
  under: (one: RecordedClass) => string,
): Taught[] {
  return [...groupedBy(classes, under)].map(([what, of]) => ({
    ...{ what, classes: of.length },
    minutes: of.reduce((sum, one) => sum + minutesOf(one), 0),
    came: of.reduce((sum, { records }) => sum + records.filter(({ came }) => came).length, 0),
  }));
}
