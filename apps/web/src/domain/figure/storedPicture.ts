import { PICTURE_SIZES, pictureName, type PictureSize } from '@lotus-steady/figure/pictures';
import type { Build } from '@lotus-steady/core';

/** The folder of the pictures that the build has drawn; empty where it has drawn none. */
const FOLDER = __FIGURES__;

/** Own versions and parts of the way are not among them. */
const isDrawnByBuild = (variant: string): boolean => !/\.own-|~/.test(variant);

/** The smallest size that is large enough; none for what is to be looked at. */
function sizeFor(width: number): PictureSize | undefined {
  if (width <= PICTURE_SIZES.list.width) return 'list';
  return width <= PICTURE_SIZES.card.width ? 'card' : undefined;
}

/** What a figure in a list shows. */
export interface Pictured {
  variant: string;
  /** Which key frame of a movement, or all of it. */
  frame: number | 'move';
  left: boolean;
  build: Build;
}

/** The address of a picture that the build has drawn; undefined where there is none. */
export function storedPicture({ variant, frame, left, build }: Pictured, width: number): string | undefined {
  const size = sizeFor(width);
  if (!FOLDER || !size || build !== 'adult' || !isDrawnByBuild(variant)) return undefined;
  return `/figures/${FOLDER}/${size}/${encodeURIComponent(pictureName(variant, frame, left))}`;
}
