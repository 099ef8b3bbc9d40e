import type { Doing, Moment } from './moments.js';
import type { ChangeForOne, Teaching } from './teaching.js';

/** What one person does now: as planned, or what she was given in class. */
export interface Now extends Doing {
  change?: ChangeForOne;
}

/** Whoever has stopped, and when. */
export const stopped = ({ changes }: Pick<Teaching, 'changes'>): ReadonlyMap<string, ChangeForOne> =>
  new Map(changes.filter(({ given }) => given === 'stopped').map((change) => [change.personId, change]));

/** The last change for somebody at a step. */
export const changeFor = (
  { changes }: Pick<Teaching, 'changes'>,
  personId: string,
  step: number,
): ChangeForOne | undefined =>
  stopped({ changes }).get(personId) ??
  changes.findLast((change) => change.personId === personId && change.step === step);

/** Who does something else than most, in the order of the room: as planned, and as it was changed in class. */
export function differingNow(moment: Moment, teaching: Pick<Teaching, 'changes'>): Now[] {
  const planned = new Set(moment.differing);
  const seen = new Set<string>();
  return moment.doing.concat(moment.differing.filter((one) => !moment.doing.includes(one))).flatMap((one) => {
    const change = changeFor(teaching, one.personId, one.entry.step);
    if (change) {
      if (seen.has(one.personId)) return [];
      seen.add(one.personId);
      return [{ ...one, change }];
    }
    return planned.has(one) ? [one] : [];
  });
}

/** What was changed in class, as the record of each person has it: a step once, stopped before eased. */
export function changesOf(
  { changes }: Pick<Teaching, 'changes'>,
  personId: string,
): { step: number; what: 'eased' | 'stopped' }[] {
  const bySteps = new Map<number, 'eased' | 'stopped'>();
  for (const change of changes) {
    if (change.personId !== personId) continue;
    if (change.given === 'stopped') bySteps.set(change.step, 'stopped');
    else if (!bySteps.has(change.step)) bySteps.set(change.step, 'eased');
  }
  return [...bySteps].sort(([a], [b]) => a - b).map(([step, what]) => ({ step, what }));
}
