import { unpackPosture, type Build } from '@lotus-steady/core';
import { mirrorScene, neutralLook, type FigureScene, type Look, type Mark } from '@lotus-steady/figure/scene';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { OwnBody } from '../../workers/solveWork.js';
import { useShown } from '../../workers/useWork.js';
import { DrawnFigure } from './DrawnFigure.js';
import { figureLabel } from './figureLabel.js';
import { scenesOf } from './scenesOf.js';

interface Props {
  variant: string;
  /** Which key frame of a movement; all of it unless said. */
  frame?: number | 'move';
  side?: 'right' | 'left';
  heightCm: number;
  build: Build;
  look?: Look;
  /** Whose joints go how far, and how far along its way a part is. */
  own?: OwnBody;
  /** Seen from elsewhere than the variant says. */
  view?: FigureScene['view'];
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
  side,
  heightCm,
  build,
  look,
  own,
  view,
  marks,
  width = 176,
  height = 150,
  className = '',
}: Props) {
  const { data: shown } = useShown(id, heightCm, build, own);
  const { pose, variant } = variantById(id);
  const which = variant.frames.length > 1 ? (frame ?? 'move') : 0;
  const scenes = useMemo(() => {
    const left = side === 'left';
    const seen = view ? { ...variant, view } : variant;
    if (!shown) return pick(scenesOf(seen, { heightCm, build, look, left }), which);
    const all = shown.postures.map((packed): FigureScene => {
      const scene: FigureScene = {
        posture: unpackPosture(packed),
        heightCm,
        build,
        look: look ?? neutralLook(pose.id),
        props: shown.props,
        view: seen.view,
        eyesClosed: variant.declared.eyesClosed,
      };
      return left ? mirrorScene(scene) : scene;
    });
    return pick(all, which);
  }, [shown, which, side, heightCm, build, look, view, variant, pose.id]);
  return (
    <DrawnFigure
      scenes={scenes}
      marks={marks}
      label={figureLabel(pose, variant, which, side)}
      width={width}
      height={height}
      className={className}
    />
  );
}

const pick = (scenes: readonly FigureScene[], which: number | 'move'): readonly FigureScene[] =>
  which === 'move' ? scenes : [scenes[which] ?? scenes[0]!];
