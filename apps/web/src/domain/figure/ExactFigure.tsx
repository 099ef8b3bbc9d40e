import { mirrorPosture, unpackPosture, type Build } from '@lotus-steady/core';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { OwnBody } from '../../workers/solveWork.js';
import { useShown } from '../../workers/useWork.js';
import { drawFigure } from './drawFigure.js';
import { Figure } from './Figure.js';
import { mirrorProps } from './mirrorProps.js';
import { figureLabel } from './figureLabel.js';

interface Props {
  variant: string;
  frame?: number;
  side?: 'right' | 'left';
  heightCm: number;
  build: Build;
  /** Whose joints go how far, and how far along its way a part is. */
  own?: OwnBody;
  width?: number;
  height?: number;
  className?: string;
}

/** A figure solved exactly for one body; the stored one nearest to it until the worker has answered. */
export function ExactFigure({
  variant: id,
  frame = 0,
  side,
  heightCm,
  build,
  own,
  width = 176,
  height = 150,
  className = '',
}: Props) {
  const { data: shown } = useShown(id, heightCm, build, own);
  const { pose, variant } = variantById(id);
  const markup = useMemo(() => {
    const packed = shown?.postures[frame];
    if (!shown || !packed) return undefined;
    const posture = unpackPosture(packed);
    const { props } = shown;
    const left = side === 'left';
    const [turn, tilt] = variant.view;
    return drawFigure(
      {
        posture: left ? mirrorPosture(posture) : posture,
        heightCm,
        build,
        props: left ? mirrorProps(props) : props,
        view: left ? [180 - turn, tilt] : variant.view,
      },
      { width, height, margin: 8 },
    );
  }, [shown, frame, side, heightCm, build, variant, width, height]);
  if (markup === undefined)
    return (
      <Figure
        variant={id}
        frame={frame}
        side={side}
        heightCm={heightCm}
        build={build}
        width={width}
        height={height}
        className={className}
      />
    );
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className={className}
      role="img"
      aria-label={figureLabel(pose, variant, frame, side)}
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  );
}
