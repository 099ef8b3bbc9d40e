import { hasBit } from '../../bitSet.js';
import { type BodyTable, COUNTED } from '../person/index.js';
import { floorVisits } from '../ways/index.js';
import type { LaneStep, LaneSums, RunAndTotal } from '../types.js';

type Done = Pick<LaneStep, 'variant' | 'level' | 'hold' | 'sides'>;

/**
 * What adds up for one person over the class, seconds: in the longest run and in all; how often down to the
 * floor. What was put in after a step counts too.
 */
export function laneSums(
  steps: readonly (Done & Pick<LaneStep, 'then'>)[],
  { catalogue, table, counted }: BodyTable,
): LaneSums {
  const runs = COUNTED.map(() => 0);
  const longest = COUNTED.map(() => 0);
  const totals = COUNTED.map(() => 0);
  const levels: Done['level'][] = [];
  const pass = ({ variant, level, hold, sides }: Done): void => {
    const seconds = hold.seconds * Math.max(1, sides.length);
    const bits = counted(table.rowOf.get(catalogue.variant(variant).variant)!);
    levels.push(level);
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
  for (const step of steps) {
    pass(step);
    if (step.then) pass(step.then);
  }
  const sums = Object.fromEntries(
    COUNTED.map((name, i): [typeof name, RunAndTotal] => [
      name,
      { longest: Math.round(longest[i]!), total: Math.round(totals[i]!) },
    ]),
  ) as Omit<LaneSums, 'floorVisits'>;
  return { ...sums, floorVisits: floorVisits(levels) };
}
