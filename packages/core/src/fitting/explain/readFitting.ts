import { USUAL_BODY } from '../../body/bodyRanges.js';
import type { ClassStep, Fitting, Lane, LaneStep } from '../types.js';
import type { Person } from '../../people/types.js';

const NONE = { longest: 0, total: 0 };

/**
 * A kept fitting as today's screens read it: what was not yet written down when it was made is empty, and
 * nothing of what was is changed.
 *
 * @param people who is meant by the names of a fitting that was kept without ids
 */
export function readFitting(kept: Fitting, people: readonly Pick<Person, 'id' | 'name'>[] = []): Fitting {
  const ids = new Map(people.map(({ id, name }) => [name, id]));
  const withId = <T extends { personId: string; person: string }>(one: T): T => ({
    ...one,
    personId: (one as Partial<T>).personId ?? ids.get(one.person) ?? one.person,
  });
  const {
    notes = [],
    places = [],
    refused = [],
    together = { fewerVersions: false, costAlone: 0, cost: 0 },
  } = kept as Partial<Fitting>;
  const entriesAt = (step: number): LaneStep[] =>
    kept.lanes.flatMap((lane) => lane.steps.filter((entry) => entry.step === step));
  return {
    ...kept,
    notes,
    places: places.map(withId),
    refused: refused.map(withId),
    together,
    steps: kept.steps.map((step): ClassStep => ({
      ...step,
      versions:
        (step as Partial<ClassStep>).versions ??
        new Set(entriesAt(step.step).map(({ variant }) => variant)).size,
      meets:
        (step as Partial<ClassStep>).meets ??
        new Set(entriesAt(step.step).map(({ pose }) => pose)).size === 1,
    })),
    lanes: kept.lanes.map((lane): Lane => ({
      ...withId(lane),
      ranges: (lane as Partial<Lane>).ranges ?? USUAL_BODY,
      sums: (lane as Partial<Lane>).sums ?? {
        supine: NONE,
        headDown: NONE,
        pelvisUp: NONE,
        armsOverhead: NONE,
        standingStill: NONE,
        kneeling: NONE,
        sitting: NONE,
        floorVisits: 0,
      },
      steps: lane.steps.map((entry) => ({ ...entry, cost: (entry as Partial<LaneStep>).cost ?? 0 })),
    })),
  };
}
