import type { FigureScene, Mark } from '@lotus-steady/figure/scene';
import { useMemo } from 'react';
import { useDrawn } from '../../workers/useDrawn.js';

/** A figure that the easel draws when it is shown: an empty frame until then. */
export function DrawnFigure({
  scenes,
  marks,
  label,
  width,
  height,
  className = '',
}: {
  /** One scene, or the key frames of a movement; undefined while they are not known. */
  scenes: readonly FigureScene[] | undefined;
  /** What is asked of the body, drawn on it. */
  marks?: readonly Mark[];
  /** What it shows, in words; '' where the words beside it say so. */
  label: string;
  width: number;
  height: number;
  className?: string;
}) {
  const size = useMemo(
    () => ({ width, height, margin: width < 130 ? 4 : Math.max(8, width / 45) }),
    [width, height],
  );
  const markup = useDrawn(scenes, size, marks);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      className={className}
      aria-busy={markup === undefined}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      dangerouslySetInnerHTML={{ __html: markup ?? '' }}
    />
  );
}
