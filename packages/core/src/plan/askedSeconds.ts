import { breathSeconds, countSeconds, PACE, type Pace } from '../people/pace.js';
import type { Person } from '../people/types.js';
import type { Step } from '../reading/parseSequence.js';

/** Asked seconds for one side, for one person. */
export function askedSeconds(
  { hold, pose, variant }: Pick<Step, 'hold' | 'pose' | 'variant'>,
  person: Pick<Person, 'born'>,
  on: string,
  pace: Pace = PACE,
): number {
  if (hold.unit === 'seconds') return hold.count;
  return (
    hold.count *
    (hold.unit === 'rounds'
      ? countSeconds(pose, variant.breath, person, on, pace)
      : breathSeconds(person, variant.breath, on, pace))
  );
}
