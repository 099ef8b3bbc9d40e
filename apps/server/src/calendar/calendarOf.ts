import { TZDate } from '@date-fns/tz';
import ical from 'ical-generator';

/** Something in a calendar: nothing of anybody, and nothing of what is done. */
export interface Entry {
  /** The same for as long as it is the same thing. */
  uid: string;
  title: string;
  /** `YYYY-MM-DD`, and `HH:MM` where it has a time: both as clocks show them where the hall is. */
  on: string;
  time: string | null;
  place: string | null;
  minutes: number;
  /** When it was changed last, and how often. */
  changedAt: Date;
  version: number;
}

/** The instant at which clocks in a time zone show a day and a time. @param zone IANA name */
export function instantOf(on: string, time: string, zone: string): Date {
  const [year, month, day] = on.split('-').map(Number) as [number, number, number];
  const [hour, minute] = time.split(':').map(Number) as [number, number];
  return new Date(new TZDate(year, month - 1, day, hour, minute, zone).getTime());
}

/**
 * Classes as iCalendar (RFC 5545), in UTC: every calendar shows them at its own clock's time.
 *
 * @param name of the calendar
 */
export function calendarOf(name: string, entries: readonly Entry[], zone: string): string {
  const calendar = ical({
    name,
    prodId: { company: 'Lotus Steady', product: 'Classes', language: 'EN' },
    ttl: 3600,
  });
  for (const { uid, title, on, time, place, minutes, changedAt, version } of entries) {
    const start = time ? instantOf(on, time, zone) : new Date(`${on}T00:00:00Z`);
    calendar.createEvent({
      id: uid,
      summary: title,
      start,
      ...(time ? { end: new Date(start.getTime() + minutes * 60_000) } : { allDay: true }),
      stamp: changedAt,
      lastModified: changedAt,
      sequence: version,
      ...(place ? { location: place } : {}),
    });
  }
  return calendar.toString();
}
