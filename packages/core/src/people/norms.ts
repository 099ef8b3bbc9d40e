import type { BodyRanges } from '../body/bodyRanges.js';
import type { FromFloor } from './types.js';

/** Parts of the body whose strength is known together. */
export const STRENGTHS = ['legs', 'arms', 'trunk'] as const;
export type StrengthOf = (typeof STRENGTHS)[number];

/** A value that changes with age, from each age on. */
type ByAge<T> = readonly ({ from: number } & T)[];

/** What people of an age usually can do; `cite` is the id of a source. */
export interface Norms {
  /**
   * Strength per kilogram beside that of women in their twenties, straight between the ages; how many times stronger
   * men are; and how far people of an age are spread (a standard deviation over the mean).
   */
  strength: {
    cite: string;
    byAge: ByAge<Readonly<Record<StrengthOf, number>>>;
    man: Readonly<Record<StrengthOf, number>>;
    spread: number;
  };
  /** Seconds on one leg with open eyes: the middle, and what nine in ten hold. */
  oneLeg: { cite: string; byAge: ByAge<{ middle: number; careful: number }> };
  /** Stands from a chair in 30 seconds, from 60 to 94: the middle, and the least that is not few. */
  chairStands: {
    cite: string;
    byAge: ByAge<{ men: number; women: number; fewMen: number; fewWomen: number }>;
  };
  /** How people get up from the floor: most, and with something that makes it harder. */
  fromFloor: { cite: string; byAge: ByAge<{ middle: FromFloor; careful: FromFloor }> };
  /** How far joints go whose neighbours make up for them, degrees: the middle, and what nine in ten have. */
  ranges: { cite: string; byAge: ByAge<{ middle: BodyRanges; careful: BodyRanges }> };
  /** How far an arm goes behind where a hand holds on to something, degrees. */
  reachBehind: { byAge: ByAge<{ middle: number; careful: number }> };
}

/** The last entry whose age has come; the first before that. */
export const atAge = <T>(byAge: ByAge<T>, age: number): T =>
  byAge.findLast(({ from }) => from <= age) ?? byAge[0]!;

/** A number that goes straight from age to age. @example between ages 60: 0.77 and 70: 0.66, at 65: 0.715 */
export function betweenAges<K extends string>(
  byAge: ByAge<Readonly<Record<K, number>>>,
  age: number,
  key: K,
): number {
  const above = byAge.findIndex(({ from }) => from > age);
  if (above === 0) return byAge[0]![key];
  const low = byAge[above < 0 ? byAge.length - 1 : above - 1]!;
  const high = byAge[above < 0 ? byAge.length - 1 : above]!;
  const share = high.from === low.from ? 0 : (age - low.from) / (high.from - low.from);
  return low[key] + (high[key] - low[key]) * share;
}

/** Standard deviations below the middle, above which nine in ten are. */
const NINE_IN_TEN = 1.28;

/** What nine in ten have, as a share of the middle. @param spread a standard deviation over the mean */
export const nineInTen = (spread: number): number => 1 - NINE_IN_TEN * spread;
