import { dateAfter, type WeekKind } from '@lotus-steady/core';

/** The day of a week of a course, from 1. */
export const dayOfWeek = (startsOn: string, week: number): string => dateAfter(startsOn, (week - 1) * 7);

/** What a week is for, as it is said. */
export const WEEK_WORDS: Readonly<Record<WeekKind, string>> = {
  first: 'The beginning',
  up: 'A few steps move up',
  lighter: 'Lighter: what is there may settle',
  again: 'All of it once more',
};
