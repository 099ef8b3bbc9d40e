import { figureLabel, type Build } from '@lotus-steady/core';
import type { Look } from '@lotus-steady/figure/scene';
import { memo, useMemo, useState } from 'react';
import { variantById } from '../../data/catalogue.js';
import { DrawnFigure } from './DrawnFigure.js';
import { scenesOf } from './scenesOf.js';
import { storedPicture } from './storedPicture.js';

interface Props {
  variant: string;
  /** Which key frame of a movement; all of it unless said. */
  frame?: number | 'move';
  side?: 'right' | 'left';
  heightCm?: number;
  /** Whose proportions; a grown person's unless said otherwise. */
  build?: Build;
  /** Whose looks; somebody's unless said otherwise. */
  look?: Look;
  width?: number;
  height?: number;
  className?: string;
  /** The words beside it already say what it shows. */
  decorative?: boolean;
  /** Drawn into the page, in its colours: where those are not the picture's own, as for ink. */
  inPage?: boolean;
}

/** The computed skeleton of a variant, drawn. Its text alternative is composed from variant and side. */
export const Figure = memo(function Figure({
  variant: id,
  frame,
  side,
  heightCm = 165,
  build = 'adult',
  look,
  width = 112,
  height = 96,
  className = '',
  decorative,
  inPage,
}: Props) {
  const { pose, variant } = variantById(id);
  const shown = variant.frames.length > 1 ? (frame ?? 'move') : 0;
  const left = side === 'left' && Boolean(pose.side);
  const label = decorative ? '' : figureLabel(pose, variant, shown, side);
  const [isMissing, setMissing] = useState(false);
  const stored =
    look || inPage || isMissing
      ? undefined
      : storedPicture({ variant: id, frame: shown, left, build }, width);
  const scenes = useMemo(() => {
    if (stored) return undefined;
    const all = scenesOf(variant, { heightCm, build, look, left });
    return shown === 'move' ? all : [all[shown] ?? all[0]!];
  }, [stored, variant, heightCm, build, look, left, shown]);
  if (stored)
    return (
      <img
        src={stored}
        width={width}
        height={height}
        alt={label}
        className={`object-contain ${className}`}
        decoding="async"
        draggable={false}
        // Nothing answers, and it was not looked at before: it is drawn here.
        onError={() => setMissing(true)}
      />
    );
  return <DrawnFigure scenes={scenes} label={label} width={width} height={height} className={className} />;
});
