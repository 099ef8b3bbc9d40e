import type { Verdict } from '../fitting/types.js';
import type { Verdicts } from './types.js';

/** How many of each verdict there are. */
export function countVerdicts(given: readonly { verdict: Verdict }[]): Verdicts {
  const counts = { 'as-written': 0, eased: 0, swapped: 0, rest: 0 };
  for (const { verdict } of given) counts[verdict]++;
  return counts;
}
