import { memo } from 'react';
import { mirrorPosture, type Build } from '@lotus-steady/core';
import { posturesFor, variantById } from '../../data/catalogue.js';
import { drawFigure } from './drawFigure.js';
import { mirrorProps } from './mirrorProps.js';
import palette from './palette.css?raw';
import { figureLabel } from './figureLabel.js';

/** Images that have been drawn, by what they show. */
const images = new Map<string, string>();

/**
 * A figure as an image of its own, which brings its colours: a page of hundreds has one thing to lay out
 * for each, where a drawing has fifty.
 */
function imageOf(
  variantId: string,
  frame: number,
  mirrored: boolean,
  heightCm: number,
  build: Build,
  width: number,
  height: number,
): string {
  const key = [variantId, frame, mirrored, heightCm, build, width, height].join('|');
  let image = images.get(key);
  if (image === undefined) {
    const { variant } = variantById(variantId);
    const { postures, heightCm: solvedAt } = posturesFor(variantId, heightCm, build);
    const posture = postures[frame] ?? postures[0]!;
    const markup = drawFigure(
      {
        posture: mirrored ? mirrorPosture(posture) : posture,
        heightCm: solvedAt,
        build,
        props: mirrored ? mirrorProps(variant.props) : variant.props,
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

interface Props {
  variant: string;
  /** Which key frame of a movement. */
  frame?: number;
  side?: 'right' | 'left';
  heightCm?: number;
  /** Whose proportions; a grown person's unless said otherwise. */
  build?: Build;
  width?: number;
  height?: number;
  className?: string;
  /** The words beside it already say what it shows. */
  decorative?: boolean;
}

/** The computed skeleton of a variant, drawn. Its text alternative is composed from variant and side. */
export const Figure = memo(function Figure({
  variant: id,
  frame = 0,
  side,
  heightCm = 165,
  build = 'adult',
  width = 112,
  height = 96,
  className = '',
  decorative,
}: Props) {
  const { pose, variant } = variantById(id);
  const label = figureLabel(pose, variant, frame, side);
  return (
    <img
      src={imageOf(id, frame, side === 'left', heightCm, build, width, height)}
      width={width}
      height={height}
      alt={decorative ? '' : label}
      className={className}
      decoding="sync"
      draggable={false}
    />
  );
});
