/** Figures as pictures of their own, that bring their colours along. */
import type { FigureSize } from './room/page.js';

/** The frame of a figure in a list, and of one on a card: a picture drawn for it serves smaller ones too. */
export const PICTURE_SIZES = {
  list: { width: 112, height: 96, margin: 4 },
  card: { width: 176, height: 150, margin: 8 },
} as const satisfies Record<string, FigureSize>;
export type PictureSize = keyof typeof PICTURE_SIZES;

/**
 * An SVG file of a drawing.
 *
 * @param palette style sheet with the colours
 */
export const pictureOf = (markup: string, { width, height }: FigureSize, palette: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}"><style>${palette}</style>${markup}</svg>`;

/** What a picture is called: its variant, its key frame or `move` for all of a movement, and its side. */
export const pictureName = (variant: string, frame: number | 'move', left: boolean): string =>
  `${variant}.${frame}${left ? '.left' : ''}.svg`;
