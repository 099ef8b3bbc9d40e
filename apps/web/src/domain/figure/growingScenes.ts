import { partId, type Variant } from '@lotus-steady/core';
import type { FigureScene } from '@lotus-steady/figure/scene';
import { variantById } from '../../data/catalogue.js';
import { scenesOf, type Drawn } from './scenesOf.js';

/**
 * A version at some shares of its way, from the stored solutions, all seen alike; undefined where it has none.
 *
 * @param shares stored ones: quarters of the way
 */
export function growingScenes(
  variant: Variant,
  shares: readonly number[],
  drawn: Drawn,
): FigureScene[] | undefined {
  if (!variant.grows || variant.frames.length > 1) return undefined;
  return shares.map((share) => {
    const { variant: part } = variantById(share < 1 ? partId(variant.id, share) : variant.id);
    return scenesOf({ ...part, view: variant.view }, drawn)[0]!;
  });
}
