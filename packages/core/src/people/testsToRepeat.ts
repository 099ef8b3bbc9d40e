import { ageOn, daysBetween, spokenDate } from '../calendar/dates.js';
import { CAREFUL_FROM } from './abilities.js';
import type { Person, SCREENING } from './types.js';

/** Steadiness is looked at once a year (CDC STEADI, from memory), days. */
const A_YEAR = 365;

const WORDS: Readonly<Record<(typeof SCREENING)[number], string>> = {
  fallsLastYear: 'falls were asked about',
  tugSeconds: 'the up-and-go was timed',
  chairStands: 'chair stands were counted',
  tandemSeconds: 'standing heel to toe was timed',
  oneLegSeconds: 'standing on one leg was timed',
};

/**
 * Tests that someone of sixty and over had more than a year ago, as words; of what was tested before days were kept
 * nothing is said.
 *
 * @example // ["chair stands were counted on 3 March 2025"]
 */
export function testsToRepeat({ born, intake }: Person, on: string): string[] {
  if (born === undefined || ageOn(born, on) < CAREFUL_FROM) return [];
  return Object.entries(WORDS).flatMap(([key, words]) => {
    const since = intake?.dated?.[`screening.${key}`];
    return since && daysBetween(since.on, on) > A_YEAR
      ? [`${words} on ${spokenDate(since.on)} ${since.on.slice(0, 4)}`]
      : [];
  });
}
