import { dueBefore, readPeople } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import type { FitTask } from '../classes/fitDraft.js';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import type { WrittenPersonDto } from '../people/person.dto.js';
import type { DueDto } from './due.dto.js';

/** What runs out or changes for some people until a day; who has nothing due is left out. */
export function dueOfPeople({
  people: written,
  on,
  until,
  hall: { houseView, rules },
  own,
}: {
  people: readonly WrittenPersonDto[];
  on: string;
  until: string;
  hall: Pick<FitTask['hall'], 'houseView' | 'rules'>;
  own: OwnVariants;
}): DueDto[] {
  const catalogue = ownCatalogue(own);
  const poseName = (pose: string): string => catalogue.poseName(pose) ?? pose;
  const { people } = readPeople(
    written.map((one) => ({ ...one, today: {} })),
    RULEBOOK,
    on,
  );
  return people.flatMap((person) => {
    const due = dueBefore(person, { on, houseView, rulebook: RULEBOOK, hall: rules, poseName }, until);
    return due.length ? [{ id: person.id, name: person.name, due }] : [];
  });
}
