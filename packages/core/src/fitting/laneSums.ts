import type { Level } from '../poses/types.js';
import { countsTowards } from '../rules/sums.js';
import { floorVisits } from './floorVisits.js';
import type { LaneStep, LaneSums, RunAndTotal } from './types.js';

/** The hands are overhead from so far above the heart, cm. */
const ARMS_OVERHEAD_CM = 30;
const SITTING: ReadonlySet<Level> = new Set<Level>(['chair', 'sitting']);

/** What adds up for one person over the class, seconds: in the longest run and in all; how often down to the floor. `still`: whether a variant is held. */
export function laneSums(steps: readonly Pick<LaneStep, 'variant' | 'level' | 'measures' | 'hold' | 'sides' | 'then'>[], still: (variant: string) => boolean): LaneSums {
  const add = (counts: (step: (typeof steps)[number]) => boolean): RunAndTotal => {
    let run = 0, longest = 0, total = 0;
    for (const step of steps) {
      const seconds = step.hold.seconds * Math.max(1, step.sides.length);
      if (counts(step)) { run += seconds; total += seconds; longest = Math.max(longest, run); } else run = 0;
      if (step.then && step.then.level !== step.level) run = 0;
    }
    return { longest: Math.round(longest), total: Math.round(total) };
  };
  return {
    supine: add(({ measures }) => countsTowards('supineTotal', measures)), headDown: add(({ measures }) => countsTowards('headDownTotal', measures)), pelvisUp: add(({ measures }) => countsTowards('pelvisUpTotal', measures)),
    armsOverhead: add(({ measures }) => measures.armsAboveHeart > ARMS_OVERHEAD_CM), standingStill: add((step) => step.level === 'standing' && still(step.variant)),
    kneeling: add(({ measures }) => measures.kneesShare > 0.1), sitting: add(({ level }) => SITTING.has(level)),
    floorVisits: floorVisits(steps.flatMap(({ level, then }) => (then ? [level, then.level] : [level]))),
  };
}
