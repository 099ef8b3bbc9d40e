import type { Measures } from '../../poses/measures.js';
import type { Level, Pose } from '../../poses/types.js';
import { countsTowards } from '../../rules/sums.js';
import { packSet } from '../../bitSet.js';
import type { LaneSums } from '../types.js';

/**
 * The hands are overhead from so far above the heart, cm; one kneels from this share of the weight. Common
 * practice, no published source.
 */
const ARMS_OVERHEAD_CM = 30;
const ON_KNEES = 0.1;

/** What is added up for everyone, whether or not it is limited. */
export const COUNTED = [
  'supine',
  'headDown',
  'pelvisUp',
  'armsOverhead',
  'standingStill',
  'kneeling',
  'sitting',
] as const satisfies readonly (keyof LaneSums)[];

/** The set of {@link COUNTED} that time in a shape counts towards. */
export function countedIn({ hold }: Pick<Pose, 'hold'>, level: Level, measures: Measures): number {
  const counts: Readonly<Record<(typeof COUNTED)[number], boolean>> = {
    supine: countsTowards('supineTotal', measures),
    headDown: countsTowards('headDownTotal', measures),
    pelvisUp: countsTowards('pelvisUpTotal', measures),
    armsOverhead: measures.armsAboveHeart > ARMS_OVERHEAD_CM,
    standingStill: level === 'standing' && hold.unit === 'breaths',
    kneeling: measures.kneesShare > ON_KNEES,
    sitting: level === 'chair' || level === 'sitting',
  };
  return packSet(COUNTED, (name) => counts[name]);
}
