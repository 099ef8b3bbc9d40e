import { dateAfter, daysBetween } from './dates.js';

/** Days of a pregnancy from the last period to the due date (Naegele; ACOG CO 700). */
const TERM_DAYS = 280;

/** The due date that goes with a last period. */
export const dueDateFrom = (lastPeriod: string): string => dateAfter(lastPeriod, TERM_DAYS);

/** How far along a pregnancy is. */
export interface Gestation {
  days: number;
  weeks: number;
  rest: number;
  trimester: 1 | 2 | 3;
}

/** Second trimester from 14w0d, third from 28w0d (ACOG). */
function trimesterOf(days: number): Gestation['trimester'] {
  if (days < 14 * 7) return 1;
  return days < 28 * 7 ? 2 : 3;
}

/**
 * Gestational age on a date: completed weeks and days.
 *
 * @example gestationOn('2027-02-23', '2026-12-01') // 28 weeks 0 days, third trimester
 */
export function gestationOn(dueDate: string, on: string): Gestation {
  const days = TERM_DAYS - daysBetween(on, dueDate);
  return {
    days,
    weeks: Math.floor(days / 7),
    rest: ((days % 7) + 7) % 7,
    trimester: trimesterOf(days),
  };
}

/** The date on which a number of completed weeks is reached. */
export const dateOfWeek = (dueDate: string, week: number): string => dateAfter(dueDate, week * 7 - TERM_DAYS);

/** Days after which a due date cannot be right (44w0d). */
export const IMPLAUSIBLE_DAYS = 308;
