import { letterDraft, readPeople, stagePerson, type LetterInput, type RecordOf } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import { unpackedFitting, type KeptFitting } from '../classes/unpackedFitting.js';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import type { FitTask } from '../classes/fitDraft.js';
import type { WrittenPersonDto } from '../people/person.dto.js';

/** Writes the beginning of a letter about somebody. */
export async function draftLetter({
  person: written,
  personId,
  on,
  hall: { houseView, rules },
  own,
  records,
  kept,
  ...letter
}: Pick<LetterInput, 'to' | 'teacher'> & {
  person: WrittenPersonDto;
  personId: string;
  on: string;
  hall: FitTask['hall'];
  hallName: string;
  own: OwnVariants;
  records: readonly RecordOf[];
  kept: KeptFitting | undefined;
}): Promise<string> {
  const catalogue = ownCatalogue(own);
  const poseName = (pose: string): string => catalogue.poseName(pose) ?? pose;
  const { people } = readPeople([{ ...written, today: {} }], RULEBOOK, on);
  const staged = stagePerson(people[0]!, { on, houseView, rulebook: RULEBOOK, hall: rules, poseName });
  const lane = kept && (await unpackedFitting(kept)).lanes.find((one) => one.personId === personId);
  const { to, teacher, hallName: hall } = letter;
  return letterDraft({ to, teacher, hall, staged, records, poseName, ...(lane ? { lane } : {}) });
}
