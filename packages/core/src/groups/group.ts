import { dateAfter, daysBetween } from '../calendar/dates.js';

/** Somebody on the roster of a group, in the order in which they came to it. */
export interface OnRoster {
  id: string;
  /** Waits for a place. */
  waiting: boolean;
}

/** That somebody does otherwise on one day: a regular stays away, one who waits comes. */
export interface OtherDay {
  personId: string;
  on: string;
  comes: boolean;
}

/** A group that meets on one day of the week. */
export interface Group {
  /** 1 is Monday, 7 Sunday. */
  weekday: number;
  firstOn: string;
  /** The last day; none where it goes on. */
  lastOn?: string | null;
  /** So many have room; none where there is no limit. */
  most?: number | null;
  people: readonly OnRoster[];
  days: readonly OtherDay[];
}

/** A Monday. */
const MONDAY = '2024-01-01';
const WEEK = 7;

/** The day of the week of a date: 1 is Monday, 7 Sunday. @example weekdayOf('2026-12-05') // 6 */
export const weekdayOf = (date: string): number => (((daysBetween(MONDAY, date) % WEEK) + WEEK) % WEEK) + 1;

/**
 * The next days on which a group meets, the earliest first.
 *
 * @param from the first day that may be one, `YYYY-MM-DD`
 * @param count how many at most
 */
export function groupDays({ weekday, firstOn, lastOn }: Group, from: string, count: number): string[] {
  const begin = from > firstOn ? from : firstOn;
  const first = dateAfter(begin, (weekday - weekdayOf(begin) + WEEK) % WEEK);
  const days = Array.from({ length: count }, (_, i) => dateAfter(first, i * WEEK));
  return days.filter((day) => !lastOn || day <= lastOn);
}

/** Who comes to a group on a day: its regulars but for those who stay away, and who waits and is asked for that day. */
export function comingOn({ people, days }: Pick<Group, 'people' | 'days'>, on: string): string[] {
  const others = new Map(days.filter((one) => one.on === on).map(({ personId, comes }) => [personId, comes]));
  return people.filter(({ id, waiting }) => others.get(id) ?? !waiting).map(({ id }) => id);
}

/** Who may be asked for a free place on a day, whoever has waited longest first; nobody where it is full. */
export function askedNext(group: Pick<Group, 'people' | 'days' | 'most'>, on: string): string[] {
  const coming = new Set(comingOn(group, on));
  const isFull = typeof group.most === 'number' && coming.size >= group.most;
  if (isFull) return [];
  const said = new Set(group.days.filter((one) => one.on === on).map(({ personId }) => personId));
  return group.people
    .filter(({ id, waiting }) => waiting && !coming.has(id) && !said.has(id))
    .map(({ id }) => id);
}
