import type { RoundShape } from './moments.js';

/**
 * Which shape of a round is done at an instant of its hold, from 0, and for how many seconds it has been; after the end
 * the last, for all of its time.
 */
export function shapeAt(
  shapes: readonly Pick<RoundShape, 'seconds'>[],
  passed: number,
): { at: number; into: number } {
  let begins = 0;
  for (const [at, { seconds }] of shapes.entries()) {
    if (passed < begins + seconds) return { at, into: Math.max(0, passed - begins) };
    begins += seconds;
  }
  return { at: shapes.length - 1, into: shapes[shapes.length - 1]?.seconds ?? 0 };
}
