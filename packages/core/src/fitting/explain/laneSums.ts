import { hasBit } from '../../bitSet.js';
import { type BodyTable, COUNTED } from '../person/index.js';
import { floorVisits } from '../ways/index.js';
import type { InFlow } from '../../reading/parseSequence.js';
import type { LaneStep, LaneSums, RunAndTotal } from '../types.js';

type Done = Pick<LaneStep, 'variant' | 'level' | 'hold' | 'sides'>;

/**
 * What adds up for one person over the class, seconds: in the longest run and in all; how often down to the
 * floor. What was put in after a step counts too; of a flow each round.
 *
 * @param flowOf what a step is of a flow, by its number
 */
export function laneSums(
  steps: readonly (Done & Pick<LaneStep, 'then' | 'step'>)[],
  { catalogue, table, counted }: BodyTable,
  flowOf: (step: number) => InFlow | undefined = () => undefined,
): LaneSums {
  const runs = COUNTED.map(() => 0);
  const longest = COUNTED.map(() => 0);
  const totals = COUNTED.map(() => 0);
  const levels: Done['level'][] = [];
  const bitsOf = ({ variant }: Done): number => counted(table.rowOf.get(catalogue.variant(variant).variant)!);
  /** What all shapes of a flow count towards: a run that goes on through its rounds. */
  const always = new Map<number, number>();
  for (const step of steps) {
    const flow = flowOf(step.step);
    if (flow) always.set(flow.number, (always.get(flow.number) ?? ~0) & bitsOf(step));
  }
  const pass = (done: Done, flow?: InFlow): void => {
    const { level, hold, sides } = done;
    const seconds = hold.seconds * Math.max(1, sides.length);
    const bits = bitsOf(done);
    const goesOn = flow ? always.get(flow.number)! : ~0;
    levels.push(level);
    for (let i = 0; i < runs.length; i++) {
      if (!hasBit(bits, i)) {
        runs[i] = 0;
        continue;
      }
      runs[i]! += hasBit(goesOn, i) ? seconds : seconds / flow!.rounds;
      totals[i]! += seconds;
      longest[i] = Math.max(longest[i]!, runs[i]!);
    }
  };
  let flowFrom = 0;
  steps.forEach((step, i) => {
    const flow = flowOf(step.step);
    const before = i ? flowOf(steps[i - 1]!.step)?.number : undefined;
    if (flow?.number !== before) flowFrom = levels.length;
    pass(step, flow);
    if (step.then) pass(step.then);
    const next = steps[i + 1];
    const isLast = flow && (!next || flowOf(next.step)?.number !== flow.number);
    const once = levels.slice(flowFrom);
    if (isLast) for (let round = 1; round < flow.rounds; round++) levels.push(...once);
  });
  const sums = Object.fromEntries(
    COUNTED.map((name, i): [typeof name, RunAndTotal] => [
      name,
      { longest: Math.round(longest[i]!), total: Math.round(totals[i]!) },
    ]),
  ) as Omit<LaneSums, 'floorVisits'>;
  return { ...sums, floorVisits: floorVisits(levels) };
}
