import { doneFor } from './doneFor.js';
import { hoursTaught } from './hoursTaught.js';
import { notCome } from './notCome.js';
import { posesChanged } from './posesChanged.js';
import { propsShort } from './propsShort.js';
import type { RecordedClass, Report } from './types.js';
import { wholeClasses } from './wholeClasses.js';

export interface ReportInput {
  /** Those of the period that were recorded, in any order. */
  classes: readonly RecordedClass[];
  /** Ids of those who are in the list of people today. */
  people: readonly string[];
  /** When each came last before the period, `YYYY-MM-DD`, by id of person. */
  last: Readonly<Record<string, string>>;
}

/**
 * What was done in a period, for whom, and what it took.
 *
 * Whoever is no longer in the list is counted in classes, poses and hours, and is not told of alone.
 */
export function reportOf({ classes, people, last }: ReportInput): Report {
  const byDate = [...classes].sort((a, b) => a.on.localeCompare(b.on) || a.id.localeCompare(b.id));
  const inList = new Set(people);
  return {
    classes: wholeClasses(byDate),
    people: doneFor(byDate).filter(({ personId }) => inList.has(personId)),
    poses: posesChanged(byDate),
    months: hoursTaught(byDate, ({ on }) => on.slice(0, 7)),
    titles: hoursTaught(byDate, ({ title }) => title).sort((a, b) => b.minutes - a.minutes),
    short: propsShort(byDate),
    notCome: notCome(people, byDate, last),
  };
}
