import { dateFacts, readPerson, type InputError, type Person } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonDraftDto, WrittenPersonDto } from './person.dto.js';

/**
 * Reads a person as they are written down, and dates what was changed.
 *
 * @param before as they were known until now; left out for someone new
 * @param today `YYYY-MM-DD` where the hall is
 */
export function checkPerson({
  draft,
  before,
  today,
}: {
  draft: PersonDraftDto;
  before?: WrittenPersonDto;
  today: string;
}): {
  person: Person;
  errors: InputError[];
} {
  const errors: InputError[] = [];
  const person = readPerson({ ...draft }, '', errors, RULEBOOK, today);
  if (errors.length) return { person, errors };
  // What was right once may be asked about anew today; it was known all the same.
  const known = before && readPerson({ ...before }, '', [], RULEBOOK);
  return {
    person: { ...person, intake: { ...person.intake, dated: dateFacts(known, person, today) } },
    errors,
  };
}
