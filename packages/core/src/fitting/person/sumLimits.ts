import type { ActiveRule } from '../../rules/stagePerson.js';
import type { Sum } from '../../rules/types.js';

/**
 * What may add up for someone at most, seconds: the tightest of the limits that look at nothing else.
 *
 * @example sumLimits(rules of week 24) // { supineUnbroken: 60, supineTotal: 300, headDownUnbroken: 60 }
 */
export function sumLimits(rules: readonly ActiveRule[]): Partial<Record<Sum, number>> {
  const limits: Partial<Record<Sum, number>> = {};
  for (const {
    rule: { level, all },
  } of rules) {
    const [bound] = all;
    if (level === 'watch' || all.length > 1 || !('sum' in bound)) continue;
    limits[bound.sum] = Math.min(limits[bound.sum] ?? Infinity, bound.over);
  }
  return limits;
}
