import { ageOn } from '../rules/dates.js';
import type { Person } from '../people/types.js';
import type { Breath } from '../poses/types.js';
import type { Step } from '../sequence/parseSequence.js';

/** Seconds that things take. Common practice, no published source; adjustable here and nowhere else. */
export const PACE = {
  breath: 5.5, slowBreath: 9, childBreath: 3.5,
  changeSide: 5, changeLevel: 10, changeLevelOlder: 30, talkNew: 8, talkKnown: 3,
} as const;

/** Under this age breaths are counted as a child's. */
const CHILD_BELOW = 13;

/** Seconds of one breath for someone; a round of a movement lasts one breath. */
export function breathSeconds(person: Pick<Person, 'born'>, breath: Breath, on: string): number {
  if (person.born && ageOn(person.born, on) < CHILD_BELOW) return PACE.childBreath;
  return breath === 'slow' ? PACE.slowBreath : PACE.breath;
}

/** Asked seconds for one side, for one person. */
export function askedSeconds({ hold, variant }: Pick<Step, 'hold' | 'variant'>, person: Pick<Person, 'born'>, on: string): number {
  return hold.unit === 'seconds' ? hold.count : hold.count * breathSeconds(person, variant.breath, on);
}
