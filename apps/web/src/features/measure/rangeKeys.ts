import type { RangeToMeasure } from '@lotus-steady/core';

/** Under which names a range is kept: one for each limb, or one. */
export const keysOf = ({ range, sides }: RangeToMeasure): readonly string[] =>
  sides === 'limb' ? [`${range}Right`, `${range}Left`] : [range];

/** What is kept of a reading: this joint's own share of it, whole degrees. */
export const keptOf = ({ share = 1 }: RangeToMeasure, read: number): number => Math.round(read * share);

/**
 * What was read each way. Where only the lesser is known it stands for both: who measures one way again must not open
 * what the other way closes.
 *
 * @param note as it is kept beside the fact: "right 62, left 48"
 * @param kept the lesser, as it is kept
 */
export function readBothWays(
  { share = 1 }: RangeToMeasure,
  note: string,
  kept: string,
): { right: string; left: string } {
  const degrees = Number(kept.replace(',', '.'));
  const lesser = kept.trim() && Number.isFinite(degrees) ? String(Math.round(degrees / share)) : '';
  const of = (side: string): string | undefined => new RegExp(`${side} ([\\d.]+)`).exec(note)?.[1];
  const [right, left] = [of('right'), of('left')];
  return right === undefined && left === undefined
    ? { right: lesser, left: lesser }
    : { right: right ?? '', left: left ?? '' };
}
