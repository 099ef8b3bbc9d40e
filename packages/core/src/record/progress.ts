import { dateAfter } from '../calendar/dates.js';
import { parseReading } from '../rules/bloodPressure.js';
import type { Activity } from './activityOf.js';
import { PAIN_MATTERS, type HowFar, type RecordOf } from './types.js';

/** A class that somebody came to, and a number of it. */
interface Point {
  on: string;
  value: number;
}

/** How somebody's classes were over time, the earliest first: what charts are drawn from. */
export interface Progress {
  /** Of classes that say both: before and after, and whether the change matters (Farrar 2001). */
  pain: readonly { on: string; before: number; after: number; matters: 'more' | 'less' | undefined }[];
  /** How hard, 0 to 10. */
  effort: readonly Point[];
  /** After class, mmHg. */
  pressure: readonly { on: string; systolic: number; diastolic: number }[];
  /** By month, `YYYY-MM`: to how many of those she was down for she came; a month without any is left out. */
  attendance: readonly { month: string; came: number; of: number }[];
  /** By week, its Monday; of classes that kept what was done. */
  activity: readonly ({ week: string } & Activity)[];
  /** How far it went at most, by kind of limit, degrees: of two sides the further. */
  far: Readonly<Record<string, readonly Point[]>>;
  /** The longest hold that asks something of her, seconds: no rest. */
  held: readonly Point[];
}

type Recorded = Pick<RecordOf, 'on' | 'came' | 'painBefore' | 'painAfter' | 'effort'> & {
  pressureAfter?: string | null;
  activity?: Activity;
  /** How far it went at most: see `farthest`. */
  far?: HowFar;
};

/**
 * @param records of one person, in any order
 * @returns each list by date; two classes of one day both stand in it
 */
export function progressOf(records: readonly Recorded[]): Progress {
  const byDate = [...records].sort((a, b) => a.on.localeCompare(b.on));
  const came = byDate.filter((record) => record.came);
  const far = byKind(came);
  return {
    pain: came.flatMap(({ on, painBefore: before, painAfter: after }) =>
      before === null || after === null ? [] : [{ on, before, after, matters: mattering(after - before) }],
    ),
    effort: came.flatMap(({ on, effort }) => (effort === null ? [] : [{ on, value: effort }])),
    pressure: came.flatMap(({ on, pressureAfter }) => {
      const reading = pressureAfter ? parseReading(pressureAfter) : undefined;
      return reading ? [{ on, ...reading }] : [];
    }),
    attendance: byMonth(byDate),
    activity: byWeek(came),
    far,
    held: far.hold ?? [],
  };
}

function mattering(change: number): 'more' | 'less' | undefined {
  if (Math.abs(change) < PAIN_MATTERS) return undefined;
  return change > 0 ? 'more' : 'less';
}

function byMonth(records: readonly Recorded[]): Progress['attendance'] {
  const months = new Map<string, { came: number; of: number }>();
  for (const { on, came } of records) {
    const month = on.slice(0, 7);
    const { came: before, of } = months.get(month) ?? { came: 0, of: 0 };
    months.set(month, { came: before + Number(came), of: of + 1 });
  }
  return [...months].map(([month, counts]) => ({ month, ...counts }));
}

/** The Monday of a day's week. */
const mondayOf = (on: string): string => dateAfter(on, -((new Date(`${on}T12:00:00Z`).getUTCDay() + 6) % 7));

function byWeek(records: readonly Recorded[]): Progress['activity'] {
  const weeks = new Map<string, Activity>();
  for (const { on, activity } of records) {
    if (!activity) continue;
    const known = weeks.get(mondayOf(on)) ?? { minutes: 0, metMinutes: 0 };
    weeks.set(mondayOf(on), {
      minutes: known.minutes + activity.minutes,
      metMinutes: known.metMinutes + activity.metMinutes,
    });
  }
  return [...weeks].map(([week, sums]) => ({ week, ...sums }));
}

function byKind(records: readonly Recorded[]): Progress['far'] {
  const kinds: Record<string, Point[]> = {};
  for (const { on, far = {} } of records)
    for (const [kind, value] of Object.entries(far))
      (kinds[kind] ??= []).push({ on, value: typeof value === 'number' ? value : Math.max(...value) });
  return kinds;
}
