import type { Fitting } from '../types.js';

/**
 * A fitting in which somebody never was: her lane, her place and what was refused her are gone. What the others did,
 * and the teacher's own words of the plan, stay letter by letter.
 */
export function withoutPerson(fitting: Fitting, personId: string): Fitting {
  const isOther = (one: { personId: string }): boolean => one.personId !== personId;
  return {
    ...fitting,
    lanes: fitting.lanes.filter(isOther),
    places: fitting.places.filter(isOther),
    refused: fitting.refused.filter(isOther),
  };
}
