import type { StepChange } from '../record/types.js';
import type { Doing, Moment } from './moments.js';
import type { ChangeForOne, Teaching } from './teaching.js';

/** What one person does now: as planned, or what she was given in class. */
export interface Now extends Doing {
  change?: ChangeForOne;
}

/** Whoever has stopped, and when. */
export const stopped = ({ changes }: Pick<Teaching, 'changes'>): ReadonlyMap<string, ChangeForOne> =>
  new Map(changes.filter(({ given }) => given === 'stopped').map((change) => [change.personId, change]));

/** The last change for somebody in a moment: in a round in any of its shapes, and for who has stopped in all. */
export function changeFor(
  { changes }: Pick<Teaching, 'changes'>,
  personId: string,
  { step, round, then }: Pick<Moment, 'step' | 'round' | 'then'>,
): ChangeForOne | undefined {
  const steps = round?.shapes.map((shape) => shape.step.step) ?? [step.step];
  return (
    stopped({ changes }).get(personId) ??
    changes.findLast(
      (change) => change.personId === personId && steps.includes(change.step) && change.then === then,
    )
  );
}

/** Whoever takes part, each once: with the first shape that differs for them, else the first. */
export function oneEach({ doing, differing }: Pick<Moment, 'doing' | 'differing'>): Doing[] {
  const each = new Map<string, Doing>();
  for (const one of [...differing, ...doing]) if (!each.has(one.personId)) each.set(one.personId, one);
  return doing.flatMap(({ personId }) => {
    const one = each.get(personId);
    each.delete(personId);
    return one ? [one] : [];
  });
}

/** Who does something else than most, in the order of the room: as planned, and as it was changed in class. */
export function differingNow(moment: Moment, teaching: Pick<Teaching, 'changes'>): Now[] {
  const people = oneEach(moment);
  const changed = people.flatMap((one): Now[] => {
    const change = changeFor(teaching, one.personId, moment);
    return change ? [{ ...one, change }] : [];
  });
  const whose = new Set(changed.map(({ personId }) => personId));
  const order = new Map(people.map(({ personId }, i) => [personId, i]));
  return [...changed, ...moment.differing.filter(({ personId }) => !whose.has(personId))].sort(
    (a, b) => order.get(a.personId)! - order.get(b.personId)!,
  );
}

/** What was changed in class, as the record of each person has it: a step once, stopped before eased. */
export function changesOf(
  { changes }: { changes: readonly Pick<ChangeForOne, 'personId' | 'step' | 'given' | 'where'>[] },
  personId: string,
): Omit<StepChange, 'word'>[] {
  const bySteps = new Map<number, Omit<StepChange, 'word'>>();
  for (const { personId: whose, step, given, where } of changes) {
    if (whose !== personId) continue;
    const before = bySteps.get(step);
    const hurt = where ?? before?.where;
    const what = given === 'stopped' || before?.what === 'stopped' ? 'stopped' : 'eased';
    bySteps.set(step, { step, what, ...(hurt ? { where: hurt } : {}) });
  }
  return [...bySteps.values()].sort((a, b) => a.step - b.step);
}
