import type { RangeToMeasure } from '@lotus-steady/core';

/** Under which names a range is kept: one for each limb, or one. */
export const keysOf = ({ range, sides }: RangeToMeasure): readonly string[] =>
  sides === 'limb' ? [`${range}Right`, `${range}Left`] : [range];

/** What is kept of a reading: this joint's own share of it, whole degrees. */
export const keptOf = ({ share = 1 }: RangeToMeasure, read: number): number => Math.round(read * share);
