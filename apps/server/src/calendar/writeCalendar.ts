import { parseSequence } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import type { PlannedClass } from '../classes/class.repository.js';
import { calendarOf } from './calendarOf.js';

/** What a calendar is written from: each class's plan says how long it is. */
export interface CalendarTask {
  name: string;
  /** IANA name. */
  timeZone: string;
  classes: readonly PlannedClass[];
}

/** The classes as iCalendar; reading a season's plans takes seconds. */
export const writeCalendar = ({ name, timeZone, classes }: CalendarTask): string =>
  calendarOf(
    name,
    classes.map(({ id, sequenceText, updatedAt, ...one }) => ({
      ...one,
      uid: `${id}@lotus-steady`,
      minutes: parseSequence(sequenceText, BUILT_IN).sequence.minutes,
      changedAt: updatedAt,
    })),
    timeZone,
  );
