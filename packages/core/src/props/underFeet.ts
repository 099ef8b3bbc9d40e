import { BUILDS, type Build } from '../body/build.js';
import { LENGTH } from '../body/segments.js';
import { SEAT_CM } from '../body/shape.js';
import type { Variant } from '../poses/types.js';

/** Underside of the thigh at the knee below the knee joint, share of height: our own body. */
const UNDER_KNEE = 0.034;
/**
 * So much may be missing before the thighs slope enough to matter, cm (common practice, no published
 * source).
 */
const MAY_MISS = 4;

/**
 * What goes under the feet of someone who sits on a usual chair, so that the thighs lie about
 * level, cm; 0 where nothing is needed. The hollow of the knee is at about a quarter of height.
 *
 * @example underFeetCm(seated breath on a chair, 150) // 7.5: a thick book; at 165 cm nothing
 */
export function underFeetCm(
  { frames }: Pick<Variant, 'frames'>,
  heightCm: number,
  build: Build = 'adult',
): number {
  const sits = frames.every(
    ({ on }) =>
      on.some(([surface, points]) => surface === 'seat' && points.split(' ').includes('sit')) &&
      on.some(([surface, points]) => surface === 'floor' && /\bsole/.test(points)),
  );
  const missing = SEAT_CM - (LENGTH.foot + LENGTH.shank - UNDER_KNEE) * heightCm * BUILDS[build].leg;
  return sits && missing > MAY_MISS ? Math.round(missing * 2) / 2 : 0;
}
