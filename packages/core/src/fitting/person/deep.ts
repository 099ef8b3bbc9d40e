import { USUAL_RANGE } from '../../body/ranges.js';
import type { Measures } from '../../poses/measures.js';
import type { Pose } from '../../poses/types.js';

/** Whether a shape bends deep back, folds deep, or turns the body upside down: something should answer it. */
export interface Deep {
  backBend: boolean;
  fold: boolean;
  inversion: boolean;
}

/**
 * A back bend is deep from this share of the usual range of the low back, a fold from this (common
 * practice, no published source).
 */
const DEEP_BACK_BEND = 0.6;
const DEEP_FOLD = 0.3;

/** A fold is long from so many seconds on both sides together (common practice, no published source). */
export const LONG_FOLD = 60;

/** How deep a pose takes a body. Movements and rest leave nothing to be answered, however far they go. */
export function deepOf({ purposes, hold }: Pick<Pose, 'purposes' | 'hold'>, measures: Measures): Deep {
  const held = hold.unit === 'breaths' && purposes[0].action !== 'rest' && purposes[0].action !== 'settle';
  const towards = (spine: string): boolean => purposes.some((purpose) => purpose.spine === spine);
  return {
    backBend:
      held && towards('extension') && measures.lumbarExtension / USUAL_RANGE.lumbarExtension > DEEP_BACK_BEND,
    fold: held && towards('flexion') && measures.lumbarFlexion / USUAL_RANGE.lumbarFlexion > DEEP_FOLD,
    inversion: measures.inverted > 0 && purposes.some(({ action }) => action === 'invert'),
  };
}
