import type { HouseView } from '@lotus-steady/core';
import type { ClassDraft, ClassWhole } from '../../data/types.js';
import { draftOf, planOf } from './planValues.js';

/**
 * A class on other days: the same plan, place and choices. How people are on the day is asked again, and what was
 * chosen for those who do not come is left out.
 *
 * @param people who comes, by id
 */
export function copiesOf(
  known: ClassWhole,
  {
    days,
    time,
    people,
    hall,
  }: { days: readonly string[]; time: string; people: ReadonlySet<string>; hall: HouseView },
): ClassDraft[] {
  const plan = planOf(known, hall);
  const { overrides, ...choices } = known.choices;
  const coming = known.people.filter(({ id }) => people.has(id));
  const own = {
    ...plan,
    time,
    people: Object.fromEntries(coming.map(({ id }) => [id, {}])),
    choices: { ...choices, overrides: overrides.filter(({ personId }) => people.has(personId)) },
  };
  return days.map((on) => draftOf({ ...own, on }, own, known.title));
}
