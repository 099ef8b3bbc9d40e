import type { Person } from '../../people/types.js';
import type { Fitting } from '../types.js';

/** Whoever was there, once nothing of them may be kept. */
const SOMEONE = 'someone';

/**
 * A fitting of which nothing says any more that somebody was in it: her lane, her place and what was refused her are
 * gone, and where a sentence names her it says "someone". What the others did stays as it was.
 */
export function withoutPerson(fitting: Fitting, { id, name }: Pick<Person, 'id' | 'name'>): Fitting {
  const isOther = (one: { personId: string }): boolean => one.personId !== id;
  const others: Fitting = {
    ...fitting,
    lanes: fitting.lanes.filter(isOther),
    places: fitting.places.filter(isOther),
    refused: fitting.refused.filter(isOther),
  };
  const text = JSON.stringify(others);
  // As it stands in JSON, without the quotes around it.
  const written = JSON.stringify(name).slice(1, -1);
  return text.includes(written) ? (JSON.parse(text.replaceAll(written, SOMEONE)) as Fitting) : others;
}
