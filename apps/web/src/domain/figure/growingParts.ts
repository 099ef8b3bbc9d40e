import { partId, type Variant } from '@lotus-steady/core';

/** Stored parts of a way: its quarters. */
const QUARTERS = [0.25, 0.5, 0.75, 1];
/** A quarter is passed by who goes this much less than it: half a quarter. */
const NEARLY = 0.125;

/** Part of a version on its way, and how far that is. */
export interface Part {
  variant: string;
  share: number;
}

/**
 * The parts of a version that someone passes who goes so far, the last as far as she goes; undefined where it has no
 * way between.
 *
 * @example
 * growingParts(fold, 0.6) // a quarter, and 0.6 of the way
 */
export function growingParts(variant: Variant, far: number): Part[] | undefined {
  if (!variant.grows || variant.frames.length > 1) return undefined;
  const passed = QUARTERS.filter((share) => share < far - NEARLY);
  const nearest = QUARTERS.reduce((best, share) =>
    Math.abs(share - far) < Math.abs(best - far) ? share : best,
  );
  const part = (share: number, stored: number): Part => ({
    variant: stored < 1 ? partId(variant.id, stored) : variant.id,
    share,
  });
  return [...passed.map((share) => part(share, share)), part(far, nearest)];
}
