import type { Measures } from '../poses/measures.js';
import type { Level, Pose, Variant } from '../poses/types.js';
import { NO_SUMS, sumsAfter } from '../rules/sums.js';
import { floorVisits } from './floorVisits.js';
import type { LaneStep, LaneSums, RunAndTotal } from './types.js';

/** The hands are overhead from so far above the heart, cm; one kneels from this share of the weight. Common practice, no published source. */
const ARMS_OVERHEAD_CM = 30, ON_KNEES = 0.1;
const SITTING: ReadonlySet<Level> = new Set<Level>(['chair', 'sitting']);

/** A shape that someone is in for some seconds. */
interface Moment { level: Level; seconds: number; still: boolean; measures: Measures }

/** Everything a lane does, one after the other: its steps, and what was put in after them. */
function momentsOf(steps: readonly Pick<LaneStep, 'variant' | 'hold' | 'sides' | 'then'>[], lookUp: LookUp): Moment[] {
  const moment = (id: string, seconds: number): Moment => {
    const { pose, variant, measures } = lookUp(id);
    return { level: variant.level, seconds, still: pose.hold.unit === 'breaths', measures };
  };
  return steps.flatMap(({ variant, hold, sides, then }) => [moment(variant, hold.seconds * Math.max(1, sides.length)), ...(then ? [moment(then.variant, then.hold.seconds * Math.max(1, then.sides.length))] : [])]);
}

/** A variant, and what it asks of the person. */
export type LookUp = (variant: string) => { pose: Pose; variant: Variant; measures: Measures };

/** What adds up for one person over the class, seconds: in the longest run and in all; how often down to the floor. */
export function laneSums(steps: Parameters<typeof momentsOf>[0], lookUp: LookUp): LaneSums {
  const moments = momentsOf(steps, lookUp), most = { supine: 0, headDown: 0, pelvisUp: 0 };
  let sums = NO_SUMS;
  for (const { measures, seconds } of moments) {
    sums = sumsAfter(sums, measures, seconds);
    for (const name of ['supine', 'headDown', 'pelvisUp'] as const) most[name] = Math.max(most[name], sums[`${name}Unbroken`]);
  }
  const add = (counts: (moment: Moment) => boolean): RunAndTotal => {
    let run = 0, longest = 0, total = 0;
    for (const moment of moments) {
      if (!counts(moment)) { run = 0; continue; }
      run += moment.seconds;
      total += moment.seconds;
      longest = Math.max(longest, run);
    }
    return { longest: Math.round(longest), total: Math.round(total) };
  };
  const limited = (name: keyof typeof most): RunAndTotal => ({ longest: Math.round(most[name]), total: Math.round(sums[`${name}Total`]) });
  return {
    supine: limited('supine'), headDown: limited('headDown'), pelvisUp: limited('pelvisUp'),
    armsOverhead: add(({ measures }) => measures.armsAboveHeart > ARMS_OVERHEAD_CM), standingStill: add(({ level, still }) => level === 'standing' && still),
    kneeling: add(({ measures }) => measures.kneesShare > ON_KNEES), sitting: add(({ level }) => SITTING.has(level)),
    floorVisits: floorVisits(moments.map(({ level }) => level)),
  };
}
