import { addDays, addMonths, differenceInCalendarDays, format, isValid, parse } from 'date-fns';

const FORM = 'yyyy-MM-dd';
const read = (date: string): Date => parse(date, FORM, new Date(2000, 0, 1));

/** Nobody who comes was born before, and nothing is planned after; years. */
const YEARS = { from: 1900, to: 2200 };

/** Whether a text is a real calendar date `YYYY-MM-DD` of the years 1900 to 2200: 2027-02-30 is not. */
export const isDate = (text: unknown): text is string =>
  typeof text === 'string' &&
  /^\d{4}-\d{2}-\d{2}$/.test(text) &&
  isValid(read(text)) &&
  Number(text.slice(0, 4)) >= YEARS.from &&
  Number(text.slice(0, 4)) <= YEARS.to;

/** Whole calendar days from `from` to `to`; negative if `to` is earlier. */
export const daysBetween = (from: string, to: string): number =>
  differenceInCalendarDays(read(to), read(from));

/** The date `days` later. */
export const dateAfter = (date: string, days: number): string => format(addDays(read(date), days), FORM);

/** The same day some months later or, below 0, before; the last of a month that has no such day. */
export const monthsAfter = (date: string, months: number): string =>
  format(addMonths(read(date), months), FORM);

/** Age in whole years on a date; who was born on 29 February is a year older on 1 March. */
export const ageOn = (born: string, on: string): number =>
  Number(on.slice(0, 4)) - Number(born.slice(0, 4)) - (on.slice(5) < born.slice(5) ? 1 : 0);

/** A date as one says it: "3 December". */
export const spokenDate = (date: string): string => format(read(date), 'd MMMM');
