import { mirrorPosture, propsFor, type Build, type Variant } from '@lotus-steady/core';
import { posturesFor } from '../../data/catalogue.js';
import { drawFigure } from './drawFigure.js';
import { mirrorProps } from './mirrorProps.js';
import palette from './palette.css?raw';

/** Images that have been drawn, by what they show. */
const images = new Map<string, string>();

/**
 * A figure as an image of its own, which brings its colours: a page of hundreds has one thing to lay out
 * for each, where a drawing has fifty.
 */
export function figureImage(
  variant: Pick<Variant, 'id' | 'props' | 'view'>,
  frame: number,
  mirrored: boolean,
  heightCm: number,
  build: Build,
  width: number,
  height: number,
): string {
  const key = [variant.id, frame, mirrored, heightCm, build, width, height].join('|');
  let image = images.get(key);
  if (image === undefined) {
    const { postures, heightCm: solvedAt } = posturesFor(variant.id, heightCm, build);
    const posture = postures[frame] ?? postures[0]!;
    const props = propsFor(variant, solvedAt);
    const markup = drawFigure(
      {
        posture: mirrored ? mirrorPosture(posture) : posture,
        heightCm: solvedAt,
        build,
        props: mirrored ? mirrorProps(props) : props,
        view: mirrored ? [180 - variant.view[0], variant.view[1]] : variant.view,
      },
      { width, height, margin: width < 130 ? 4 : 8 },
    );
    image = `data:image/svg+xml,${encodeURIComponent(
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ` +
        `${height}" width="${width}" ` +
        `height="${height}"><style>${palette}</style>${markup}</svg>`,
    )}`;
    images.set(key, image);
  }
  return image;
}
