import { ageOn, buildOf, type Build } from '@lotus-steady/core';
import type { PersonLine } from '../../data/types.js';

/** How tall someone is and whose proportions they have: what a figure of them is drawn with. */
export interface PersonBody {
  heightCm: number;
  build: Build;
}

/** For someone of whom nothing is known. */
export const SOME_BODY: PersonBody = { heightCm: 165, build: 'adult' };

/** The bodies of people by id, on the day of the class. */
export const bodiesOf = (
  people: readonly PersonLine[] | undefined,
  on: string,
): Readonly<Record<string, PersonBody>> =>
  Object.fromEntries(
    (people ?? []).map(({ id, heightCm = SOME_BODY.heightCm, born }) => [
      id,
      { heightCm, build: buildOf(born ? ageOn(born, on) : undefined) },
    ]),
  );
