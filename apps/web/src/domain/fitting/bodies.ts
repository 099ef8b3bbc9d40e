import { bodySeen, type Build } from '@lotus-steady/core';
import { lookOf, type Look } from '@lotus-steady/figure/scene';
import type { PersonLine } from '../../data/types.js';

/** How tall someone is, whose proportions they have and what they look like: what a figure of them is drawn with. */
export interface PersonBody {
  heightCm: number;
  build: Build;
  look?: Look;
}

/** For someone of whom nothing is known. */
export const SOME_BODY: PersonBody = { heightCm: 165, build: 'adult' };

/** The body of one person on a day. */
export function bodyOf(person: PersonLine, on: string): PersonBody {
  const seen = bodySeen(person, on);
  return { heightCm: seen.heightCm, build: seen.build, look: lookOf(seen) };
}

/** The bodies of people by id, on the day of the class. */
export const bodiesOf = (
  people: readonly PersonLine[] | undefined,
  on: string,
): Readonly<Record<string, PersonBody>> =>
  Object.fromEntries((people ?? []).map((person) => [person.id, bodyOf(person, on)]));
