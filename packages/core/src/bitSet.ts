/**
 * Small sets of named things as one whole number, a bit for each name in the order of a list: what the
 * engine compares and counts a million times in a class. At most 31 names, so that no number is negative.
 *
 * @example
 * packSet(['wall', 'chair', 'block'], (name) => name !== 'chair'); // 5
 * unpackSet(['wall', 'chair', 'block'], 5); // ['wall', 'block']
 */
export const packSet = <T>(names: readonly T[], has: (name: T) => boolean): number =>
  names.reduce((bits, name, i) => (has(name) ? bits | (1 << i) : bits), 0);

/** The names in a set, in the order of the list. */
export const unpackSet = <T>(names: readonly T[], bits: number): T[] =>
  names.filter((_, i) => hasBit(bits, i));

/** The set of one name alone. Throws where the list does not have it. */
export function bitOf<T>(names: readonly T[], name: T): number {
  const at = names.indexOf(name);
  if (at < 0 || at >= SET_MOST) throw new RangeError(`No bit for ${String(name)}.`);
  return 1 << at;
}

/** Whether a set has the name at an index of its list. */
export const hasBit = (bits: number, index: number): boolean => ((bits >> index) & 1) === 1;

/** How many names are in a set. */
export function sizeOfSet(bits: number): number {
  let count = 0;
  for (let left = bits; left; left &= left - 1) count++;
  return count;
}

/** So many names a list may have. */
export const SET_MOST = 31;
