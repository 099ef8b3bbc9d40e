import type { Side } from '../side.js';
import { lesserRanges, mirrorRanges, type BodyRanges } from './bodyRanges.js';

/**
 * The ranges a figure of someone is solved with: it is drawn on its right and mirrored, and what is the same on both
 * sides is drawn as it is on the lesser.
 *
 * @param side what is done on one side only
 */
export function rangesOn(side: Side | undefined, ranges: BodyRanges): BodyRanges {
  if (!side) return lesserRanges(ranges);
  return side === 'left' ? mirrorRanges(ranges) : ranges;
}
