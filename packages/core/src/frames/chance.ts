/** Numbers from 0 to under 1, one after the other. */
export type Chance = () => number;

/**
 * Chance that falls the same way for the same seed (mulberry32, public domain): it chooses among what suits, and
 * guards nothing.
 *
 * @param seed a whole number
 */
export function chanceFrom(seed: number): Chance {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/**
 * One of some things, each as often as its weight says; undefined where there is none.
 *
 * @param weightOf nothing under 0
 */
export function pickOne<T>(
  things: readonly T[],
  weightOf: (thing: T) => number,
  chance: Chance,
): T | undefined {
  const weights = things.map(weightOf);
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  let at = chance() * all;
  return things.find((_, i) => (at -= weights[i]!) < 0) ?? things.at(-1);
}
