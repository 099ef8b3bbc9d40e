import { memo } from 'react';
import type { Build } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { figureImage } from './figureImage.js';
import { figureLabel } from './figureLabel.js';

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
      src={figureImage(variant, frame, side === 'left', heightCm, build, width, height)}
      width={width}
      height={height}
      alt={decorative ? '' : label}
      className={className}
      decoding="sync"
      draggable={false}
    />
  );
});
