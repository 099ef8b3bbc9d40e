import type { Side } from '../side.js';
import type { LimbSide } from './types.js';

/** The limbs that a side means; both where none is named. */
export const limbsOfSide = (side: Side | undefined): readonly LimbSide[] => {
  if (side === 'right') return ['Right'];
  if (side === 'left') return ['Left'];
  return ['Right', 'Left'];
};
