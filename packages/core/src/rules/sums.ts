import type { Measures } from '../poses/measures.js';
import { SUMS, type Sum } from './types.js';

/**
 * The head hangs when the ear is more than this below the heart, and the pelvis is up when it is more than
 * this above it, cm (DESIGN section 4).
 */
const HEAD_DOWN_CM = 5;
const PELVIS_UP_CM = 15;

/** Whether time in a shape counts towards a sum. */
export function countsTowards(
  sum: Sum,
  {
    supine,
    headBelowHeart,
    inverted,
    pelvisAboveHeart,
  }: Pick<Measures, 'supine' | 'headBelowHeart' | 'inverted' | 'pelvisAboveHeart'>,
): boolean {
  switch (sum) {
    case 'supineUnbroken':
    case 'supineTotal':
      return supine > 0;
    case 'headDownUnbroken':
    case 'headDownTotal':
      return headBelowHeart > HEAD_DOWN_CM || inverted > 0;
    default:
      return pelvisAboveHeart > PELVIS_UP_CM;
  }
}

/** Nothing added up yet. */
export const NO_SUMS: Readonly<Record<Sum, number>> = Object.fromEntries(
  SUMS.map((sum) => [sum, 0]),
) as Record<Sum, number>;

/** Whether a sum is that of the run that goes on, and not of the whole class. */
export const isUnbroken = (sum: Sum): boolean => sum.endsWith('Unbroken');

/** Sums after some seconds in a shape, in one stay or several: a run goes on or ends, a total only grows. */
export function sumsAfter(
  before: Readonly<Record<Sum, number>>,
  measures: Parameters<typeof countsTowards>[1],
  seconds: number,
  stay = seconds,
): Readonly<Record<Sum, number>> {
  const on = (unbroken: Sum, total: Sum): [number, number] =>
    countsTowards(total, measures) ? [before[unbroken] + stay, before[total] + seconds] : [0, before[total]];
  const [supineUnbroken, supineTotal] = on('supineUnbroken', 'supineTotal');
  const [headDownUnbroken, headDownTotal] = on('headDownUnbroken', 'headDownTotal');
  const [pelvisUpUnbroken, pelvisUpTotal] = on('pelvisUpUnbroken', 'pelvisUpTotal');
  return { supineUnbroken, supineTotal, headDownUnbroken, headDownTotal, pelvisUpUnbroken, pelvisUpTotal };
}
