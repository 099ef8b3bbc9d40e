import type { PersonLineDto, WrittenPersonDto } from './person.dto.js';
import type { PersonRow } from './person.model.js';

/** A person as they are written down: what the form edits and what the core reads. */
export function writtenPerson(row: PersonRow): WrittenPersonDto {
  const conditions = [...row.conditions]
    .sort((a, b) => a.position - b.position)
    .map(({ condition, details }) => ({ condition, ...details }));
  return {
    id: row.id,
    name: row.name,
    heightCm: row.heightCm,
    can: row.can,
    ranges: row.ranges,
    screening: row.screening,
    conditions,
    limits: row.limits,
    clearances: row.clearances,
    ...(row.born ? { born: row.born } : {}),
    ...(row.sex ? { sex: row.sex } : {}),
    ...(row.pronoun ? { pronoun: row.pronoun } : {}),
    ...(row.weightKg === null ? {} : { weightKg: row.weightKg }),
  };
}

/** The same with what was told when they first came, and the version to save it on: what no class needs. */
export const lineOf = (row: PersonRow): PersonLineDto => ({
  ...writtenPerson(row),
  intake: row.intake,
  version: row.version,
});
