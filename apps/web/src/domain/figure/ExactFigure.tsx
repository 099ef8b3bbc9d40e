import type { FigureScene, Mark } from '@lotus-steady/figure/scene';
import { figureLabel } from '@lotus-steady/core';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { OwnBody } from '../../workers/solveWork.js';
import { DrawnFigure } from './DrawnFigure.js';
import { useOwnScenes, type OwnDrawn } from './useOwnScenes.js';

interface Props extends OwnDrawn {
  variant: string;
  /** Which key frame of a movement; all of it unless said. */
  frame?: number | 'move';
  /** Whose joints go how far, and how far along its way a part is. */
  own?: OwnBody;
  /** What is asked of the body, drawn on it. */
  marks?: readonly Mark[];
  width?: number;
  height?: number;
  className?: string;
}

/** A figure solved exactly for one body; the stored one nearest to it until the worker has answered. */
export function ExactFigure({
  variant: id,
  frame,
  own,
  marks,
  width = 176,
  height = 150,
  className = '',
  ...drawn
}: Props) {
  const { pose, variant } = variantById(id);
  const which = variant.frames.length > 1 ? (frame ?? 'move') : 0;
  const asked = useMemo(() => [{ variant: id, own }], [id, own]);
  const all = useOwnScenes(asked, drawn);
  const scenes = useMemo(() => pick(all, which), [all, which]);
  return (
    <DrawnFigure
      scenes={scenes}
      marks={marks}
      label={figureLabel(pose, variant, which, drawn.side)}
      width={width}
      height={height}
      className={className}
    />
  );
}

const pick = (scenes: readonly FigureScene[], which: number | 'move'): readonly FigureScene[] =>
  which === 'move' ? scenes : [scenes[which] ?? scenes[0]!];
