import type { RecordedClass } from './types.js';

/** How long a class was planned, minutes; 0 where that is no longer known. */
export const minutesOf = ({ sums }: Pick<RecordedClass, 'sums'>): number => sums?.minutes ?? 0;
