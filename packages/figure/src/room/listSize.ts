import type { FigureSize } from './page.js';

/** A frame smaller than this is a list's: a coarser body, fewer curves. */
const LIST_BELOW = 180;

export const isInList = ({ width, height }: Pick<FigureSize, 'width' | 'height'>): boolean =>
  Math.max(width, height) < LIST_BELOW;

/** Pixels that are rendered for a unit of the page. */
export const scaleFor = (size: Pick<FigureSize, 'width' | 'height'>): number => (isInList(size) ? 2.2 : 1.55);
