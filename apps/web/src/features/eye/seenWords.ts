import type { Seen } from '@lotus-steady/core';

/** What it is called that a teacher has done at a step, beside the fitting. */
export const SEEN_WORDS: Readonly<Record<Seen, string>> = {
  right: 'as the fitting',
  missed: 'missed',
  'not-enough': 'not enough',
  'too-much': 'more than needed',
};

/** In the order of how much they matter. */
export const SEEN: readonly Seen[] = ['right', 'missed', 'not-enough', 'too-much'];

/** "6 steps: 4 as the fitting, 1 missed, 1 more than needed." */
export function saySeen(steps: readonly { seen: Seen }[]): string {
  const counts = SEEN.map((seen) => [seen, steps.filter((step) => step.seen === seen).length] as const);
  const parts = counts
    .filter(([, count]) => count > 0)
    .map(([seen, count]) => `${count} ${SEEN_WORDS[seen]}`);
  return `${steps.length} ${steps.length === 1 ? 'step' : 'steps'}: ${parts.join(', ')}.`;
}
