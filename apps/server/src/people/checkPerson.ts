import { readPerson, type InputError, type Person } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonDraftDto } from './person.dto.js';

/** Reads a person as they are written down. @param today `YYYY-MM-DD` where the hall is */
export function checkPerson({ draft, today }: { draft: PersonDraftDto; today: string }): {
  person: Person;
  errors: InputError[];
} {
  const errors: InputError[] = [];
  return { person: readPerson({ ...draft }, '', errors, RULEBOOK, today), errors };
}
