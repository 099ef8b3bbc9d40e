import { WEIGHTS } from '../weights.js';

/** Costs in words: what a version costs is less than `below`. */
const WORDS: readonly { below: number; says: string }[] = [
  { below: 2, says: 'as close to your plan' },
  { below: 2 * (WEIGHTS.rung + WEIGHTS.perRung), says: 'slightly different from your plan' },
  { below: WEIGHTS.pose * 3, says: 'clearly different from your plan' },
  { below: Infinity, says: 'very different from your plan' },
];

/**
 * How much further from what was asked one version is than another, in words.
 *
 * @param more cost beyond the other's; below 0 is nearer and said as 0
 * @example sayCost(13) // 'slightly different from your plan'
 */
export function sayCost(more: number): string {
  const cost = Math.max(0, Math.round(more));
  return WORDS.find(({ below }) => cost < below)!.says;
}
