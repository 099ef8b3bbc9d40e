import { LEVELS } from '../../poses/levels.js';
import type { CounterNeed } from '../../poses/counterPoses.js';
import type { Level } from '../../poses/types.js';
import { SUMS } from '../../rules/types.js';
import { SET_MOST } from '../../bitSet.js';

/** What a deep shape leaves to be answered by a counter-pose. */
export const COUNTER_NEEDS: readonly CounterNeed[] = ['back-bend', 'fold', 'inversion'];

/**
 * Everything that the rest of a class can tell of an option, seconds that add up apart: two options with
 * the same outcome differ in what they cost and in nothing else.
 */
export interface Outcome {
  entry: Level;
  exit: Level;
  /** What is left to be answered. */
  counterNeed: CounterNeed | undefined;
  /** The set of {@link COUNTER_NEEDS} that it answers. */
  answers: number;
  /** The set of kinds of props it stands on. */
  propsInHand: number;
}

const ANSWERS = 1 << COUNTER_NEEDS.length;
const PROPS = 2 ** SET_MOST;

/** An outcome as one whole number, the same for the same outcome only. */
export const packOutcome = ({ entry, exit, counterNeed, answers, propsInHand }: Outcome): number =>
  (((LEVELS.indexOf(entry) * LEVELS.length + LEVELS.indexOf(exit)) * (COUNTER_NEEDS.length + 1) +
    (counterNeed ? COUNTER_NEEDS.indexOf(counterNeed) + 1 : 0)) *
    ANSWERS +
    answers) *
    PROPS +
  propsInHand;

/** What a number of {@link packOutcome} stands for. */
export function unpackOutcome(packed: number): Outcome {
  const parts: number[] = [];
  let left = packed;
  for (const size of [PROPS, ANSWERS, COUNTER_NEEDS.length + 1, LEVELS.length]) {
    parts.push(left % size);
    left = Math.floor(left / size);
  }
  const [propsInHand, answers, need, exit] = parts as [number, number, number, number];
  return {
    entry: LEVELS[left]!,
    exit: LEVELS[exit]!,
    counterNeed: need ? COUNTER_NEEDS[need - 1]! : undefined,
    answers,
    propsInHand,
  };
}

/** The same for a variant alone, whatever its hold: how it leaves the body, what it answers, what it adds to. */
export interface RowOutcome {
  /** A number for how it leaves anyone of this body: there are fewer than variants. */
  bodyOutcome: number;
  /** The set of {@link COUNTER_NEEDS} that it answers. */
  answers: number;
  /** The set of {@link SUMS} that time in it counts towards, of those that are limited for this person. */
  towards: number;
}

export const packRowOutcome = ({ bodyOutcome, answers, towards }: RowOutcome): number =>
  (((bodyOutcome << COUNTER_NEEDS.length) | answers) << SUMS.length) | towards;

export const unpackRowOutcome = (packed: number): RowOutcome => ({
  bodyOutcome: packed >> (SUMS.length + COUNTER_NEEDS.length),
  answers: (packed >> SUMS.length) & (ANSWERS - 1),
  towards: packed & ((1 << SUMS.length) - 1),
});
