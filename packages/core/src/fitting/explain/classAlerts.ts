import { ageOn } from '../../calendar/dates.js';
import { pronounOf } from '../../people/pronouns.js';
import type { StagedPerson } from '../../rules/stagePerson.js';
import type { Alert } from '../../rules/types.js';
import type { Sequence } from '../../reading/parseSequence.js';

/** Few visits to the floor (common practice). */
const FEW_FLOOR_VISITS = 2;

/** What only the whole class shows: too long for a child, too often to the floor for an older adult. */
export function classAlerts(
  { person, stages, rulebook }: StagedPerson,
  visits: number,
  sequence: Sequence,
  on: string,
): Alert[] {
  if (visits > FEW_FLOOR_VISITS && stages.some((stage) => stage.condition === 'older-adult')) {
    const { object } = pronounOf(person);
    return [{ kind: 'stage', text: `${visits} times down to the floor; twice is enough for ${object}.` }];
  }
  if (!person.born) return [];
  const age = ageOn(person.born, on);
  const band = rulebook.childBands.find(({ from, below }) => age >= from && age < below);
  return band && sequence.minutes > band.classMinutes
    ? [
        {
          kind: 'stage',
          text: `At ${band.band} a class lasts up to ${band.classMinutes} minutes; this one is ${sequence.minutes}.`,
        },
      ]
    : [];
}
