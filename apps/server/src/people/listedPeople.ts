import type { PersonLineDto, WrittenPersonDto } from './person.dto.js';

/** People as a list reads them: a row for each of their conditions, and one where they have none. */
export const LISTED = `
  SELECT p.*, c.condition, c.details
  FROM (
    SELECT id, name, born, sex, pronoun, heightCm, weightKg, can, ranges, screening, limits, clearances, version
    FROM people
    WHERE hallId = :hallId AND removedAt IS NULL AND name LIKE :like
    ORDER BY name LIMIT :from, :most
  ) p
  LEFT JOIN person_conditions c ON c.personId = p.id
  ORDER BY p.name, c.position`;

type Json = 'can' | 'ranges' | 'screening' | 'limits' | 'clearances';
type Rare = 'born' | 'sex' | 'pronoun' | 'weightKg';
type Plain = Omit<PersonLineDto, Json | Rare | 'conditions'>;

/** What {@link LISTED} gives, JSON as text. */
export type ListedRow = Plain &
  Record<Json | 'details', string> & { [Name in Rare]: NonNullable<PersonLineDto[Name]> | null } & {
    condition: string | null;
  };

/**
 * The lines of those rows, made without models of the tables: those take ten times as long for a list.
 */
export function listed(rows: readonly ListedRow[]): PersonLineDto[] {
  const lines: PersonLineDto[] = [];
  for (const row of rows) {
    const last = lines.at(-1);
    const line = last?.id === row.id ? last : lineOf(row);
    if (line !== last) lines.push(line);
    if (row.condition !== null)
      line.conditions.push({ condition: row.condition, ...(JSON.parse(row.details) as object) });
  }
  return lines;
}

const lineOf = (row: ListedRow): PersonLineDto => ({
  id: row.id,
  name: row.name,
  heightCm: row.heightCm,
  can: JSON.parse(row.can) as WrittenPersonDto['can'],
  ranges: JSON.parse(row.ranges) as WrittenPersonDto['ranges'],
  screening: JSON.parse(row.screening) as WrittenPersonDto['screening'],
  conditions: [],
  limits: JSON.parse(row.limits) as WrittenPersonDto['limits'],
  clearances: JSON.parse(row.clearances) as WrittenPersonDto['clearances'],
  ...(row.born ? { born: row.born } : {}),
  ...(row.sex ? { sex: row.sex } : {}),
  ...(row.pronoun ? { pronoun: row.pronoun } : {}),
  ...(row.weightKg === null ? {} : { weightKg: row.weightKg }),
  version: row.version,
});
