import { WEIGHTS } from '../weights.js';

/** Costs in words: what a way costs is less than `below`. */
const WORDS: readonly { below: number; says: string }[] = [
  { below: 2, says: 'as near' },
  { below: 2 * (WEIGHTS.rung + WEIGHTS.perRung), says: 'a little further' },
  { below: WEIGHTS.pose, says: 'further' },
  { below: WEIGHTS.pose * 3, says: 'much further' },
  { below: Infinity, says: 'a long way off' },
];

/**
 * How much further from what was asked one way is than another: a word, and the number it is ordered by.
 *
 * @param more cost beyond the other's; below 0 is nearer and said as 0
 * @example sayCost(13) // 'a little further (13)'
 */
export function sayCost(more: number): string {
  const cost = Math.max(0, Math.round(more));
  const { says } = WORDS.find(({ below }) => cost < below)!;
  return cost < 2 ? says : `${says} (${cost})`;
}

/** What the numbers of {@link sayCost} mean. */
export const COST_SCALE =
  `How far from what was asked: one rung of the ladder is about ` +
  `${WEIGHTS.rung + WEIGHTS.perRung}, another pose ${WEIGHTS.pose} and more, ` +
  `rest ${WEIGHTS.rest}.`;
