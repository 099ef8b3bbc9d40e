/** People and classes for the tests of the rulebook. */
import { fileURLToPath } from 'node:url';
import { dirname, join } from 'node:path';
import {
  CONDITIONS,
  fitClass,
  parseSequence,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
  type HallRules,
  type Person,
  type StagedPerson,
} from '../builtIn.js';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '../../../..');
export const ON = '2026-12-01';
export const read = (person: Record<string, unknown>): Person => {
  const { people, errors } = readPeople([{ name: 'A', ...person }], ON);
  expect(errors).toEqual([]);
  return people[0]!;
};
export const stage = (
  person: Record<string, unknown>,
  on = ON,
  view = USUAL_HOUSE_VIEW,
  hall?: HallRules,
): StagedPerson => stagePerson(read(person), on, view, hall);
export const fit = (
  person: Record<string, unknown>,
  step: string,
  view = USUAL_HOUSE_VIEW,
  hall?: HallRules,
) =>
  fitClass({
    sequence: parseSequence(`- ${step}`).sequence,
    people: [read(person)],
    on: ON,
    houseView: view,
    ...(hall ? { hall } : {}),
  }).lanes[0]!;
export const allRules = CONDITIONS.flatMap(({ rules }) => rules);
/** Long enough ago for a bare yes to open all that it ever does. */
export function afterTheWait(id: string): Record<string, unknown> {
  const { hold } = CONDITIONS.find((condition) => condition.id === id)!;
  return hold ? { cleared: true, ...(hold.dated ? { [hold.dated]: '2025-12-20' } : {}) } : {};
}

/** Nothing more known than that: born so that a child is one. */
export const careful = (id: string): Record<string, unknown> => ({
  // What waits for a clearance is tried as it is after the wait.
  conditions: [{ condition: id, ...afterTheWait(id) }],
  ...(id === 'child' ? { born: '2019-05-05', heightCm: 122 } : {}),
});
