import { CONDITIONS } from '@lotus-steady/core';
import type { PersonLine, WrittenPerson } from '../../api/queries.js';
import { readDetails, type TypedDetails } from './StageFields.js';

/** The person form's own shape: every value as it is typed. */
export interface PersonValues {
  name: string; born: string; sex: string; heightCm: string; stand: boolean; floor: boolean; kneel: boolean; fallsLastYear: string;
  conditions: { condition: string; details: TypedDetails }[];
  limits: { kind: string; side: string; most: string; by: string; until: string; why: string }[];
  clearances: { for: string; by: string; on: string; until: string; words: string }[];
}

const typed = (value: unknown): string => (value === undefined || value === null ? '' : String(value));

export const valuesOf = (person?: PersonLine): PersonValues => ({
  name: person?.name ?? '', born: person?.born ?? '', sex: person?.sex ?? '', heightCm: typed(person?.heightCm),
  stand: person?.can.stand ?? true, floor: person?.can.floor ?? true, kneel: person?.can.kneel ?? true, fallsLastYear: typed(person?.screening.fallsLastYear),
  conditions: (person?.conditions ?? []).map(({ condition, ...details }) => ({
    condition, details: Object.fromEntries(Object.entries(details).map(([key, value]) => [key, typeof value === 'boolean' ? value : Array.isArray(value) ? value.join(', ') : String(value)])),
  })),
  limits: (person?.limits ?? []).map(({ kind, side, most, by, until, why }) => ({ kind, side: typed(side), most: typed(most), by, until: typed(until), why: typed(why) })),
  clearances: (person?.clearances ?? []).map(({ for: what, by, on, until, words }) => ({ for: what, by, on, until: typed(until), words: typed(words) })),
});

/** Leaves out what was left open. */
const filled = (table: Record<string, string>): Record<string, string> => Object.fromEntries(Object.entries(table).filter(([, value]) => value.trim() !== ''));

export function writtenOf(values: PersonValues, person?: PersonLine): WrittenPerson {
  const { fallsLastYear: _old, ...screening } = person?.screening ?? {};
  return {
    name: values.name, can: { stand: values.stand, floor: values.floor, kneel: values.kneel }, ranges: person?.ranges ?? {},
    screening: { ...screening, ...(values.fallsLastYear === '' ? {} : { fallsLastYear: Number(values.fallsLastYear) }) },
    ...(values.born ? { born: values.born } : {}), ...(values.sex ? { sex: values.sex as 'woman' | 'man' } : {}), ...(values.heightCm ? { heightCm: Number(values.heightCm) } : {}),
    ...(person?.weightKg === undefined ? {} : { weightKg: person.weightKg }),
    conditions: values.conditions.map(({ condition, details }) => ({ condition, ...readDetails(CONDITIONS.find((known) => known.id === condition)!, details) })),
    limits: values.limits.map(({ most, ...limit }) => ({ ...filled(limit), ...(most.trim() ? { most: Number(most.replace(',', '.')) } : {}) })) as unknown as WrittenPerson['limits'],
    clearances: values.clearances.map(filled) as unknown as WrittenPerson['clearances'],
  };
}
