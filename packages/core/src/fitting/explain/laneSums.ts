import { hasBit } from '../../bitSet.js';
import { type BodyTable, COUNTED } from '../person/index.js';
import { floorVisits } from '../ways/index.js';
import { inFlows } from '../../reading/inFlows.js';
import type { InFlow } from '../../reading/parseSequence.js';
import type { LaneStep, LaneSums, RunAndTotal } from '../types.js';

type Done = Pick<LaneStep, 'variant' | 'level' | 'hold' | 'sides'>;

type Step = Done & Pick<LaneStep, 'then' | 'step'>;

/**
 * What adds up for one person over the class, seconds: in the longest run and in all; how often down to the
 * floor. What was put in after a step counts too; of a flow each round.
 *
 * @param flowOf what a step is of a flow, by its number
 */
export function laneSums(
  steps: readonly Step[],
  { catalogue, table, counted }: BodyTable,
  flowOf: (step: number) => InFlow | undefined = () => undefined,
): LaneSums {
  const runs = COUNTED.map(() => 0);
  const longest = COUNTED.map(() => 0);
  const totals = COUNTED.map(() => 0);
  const levels: Done['level'][] = [];
  const pass = (done: Done, times = 1): void => {
    const seconds = (done.hold.seconds * Math.max(1, done.sides.length)) / times;
    const bits = counted(table.rowOf.get(catalogue.variant(done.variant).variant)!);
    levels.push(done.level);
    for (let i = 0; i < runs.length; i++) {
      if (!hasBit(bits, i)) {
        runs[i] = 0;
        continue;
      }
      runs[i]! += seconds;
      totals[i]! += seconds;
      longest[i] = Math.max(longest[i]!, runs[i]!);
    }
  };
  for (const group of inFlows(steps, ({ step }) => flowOf(step))) {
    const rounds = flowOf(group[0]!.step)?.rounds ?? 1;
    for (let round = 0; round < rounds; round++)
      for (const step of group) {
        const times = timesIn(step, rounds);
        if (round < times) pass(step, times);
        if (step.then && round === rounds - 1) pass(step.then);
      }
  }
  const sums = Object.fromEntries(
    COUNTED.map((name, i): [typeof name, RunAndTotal] => [
      name,
      { longest: Math.round(longest[i]!), total: Math.round(totals[i]!) },
    ]),
  ) as Omit<LaneSums, 'floorVisits'>;
  return { ...sums, floorVisits: floorVisits(levels) };
}

/** In how many of a flow's rounds a shape is done: a leading leg leads every other one. */
const timesIn = ({ hold, sides }: Done, rounds: number): number =>
  rounds === 1 ? 1 : Math.min(rounds, (hold.rounds ?? rounds) * Math.max(1, sides.length));
