import type { HomeDraft, HomeStep } from './types.js';

/** So many things a day are done; of more, none (common practice, no published source). */
export const USUALLY_CHOSEN = 6;

/**
 * What is proposed of a class to begin with: what nobody need look at, what is to be done often first, then what the
 * class held longest, and a rest at the end; in the order of the class.
 *
 * @returns numbers of steps
 */
export function chosenAtHome(
  { steps }: Pick<HomeDraft, 'steps'>,
  restsAt: (variant: string) => boolean,
): number[] {
  const unseen = steps.filter(({ eye }) => eye.length === 0);
  const rest = unseen.filter(({ variant }) => restsAt(variant)).at(-1);
  const work = unseen
    .filter((one) => !restsAt(one.variant))
    .sort((a, b) => b.often[1] - a.often[1] || b.hold.seconds - a.hold.seconds || a.step - b.step)
    .slice(0, USUALLY_CHOSEN - (rest ? 1 : 0));
  return [...work, ...(rest ? [rest] : [])].map(({ step }) => step).sort((a, b) => a - b);
}

/** Minutes that some steps take once, both sides and a breath between them counted. */
export const homeMinutes = (steps: readonly Pick<HomeStep, 'hold' | 'sides'>[]): number =>
  Math.max(
    1,
    Math.round(
      steps.reduce((sum, { hold, sides }) => sum + hold.seconds * Math.max(1, sides.length) + BETWEEN, 0) /
        60,
    ),
  );

/** Getting from one thing to the next, seconds; ours. */
const BETWEEN = 20;
