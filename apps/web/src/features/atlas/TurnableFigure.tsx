import { mirrorPosture, unpackPosture, type Build, type PropPlacement } from '@lotus-steady/core';
import { useMemo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { drawFigure } from '../../domain/figure/drawFigure.js';
import { mirrorProps } from '../../domain/figure/mirrorProps.js';

interface Props {
  label: string;
  /** One key frame's packed posture. */
  packed: number[];
  heightCm: number;
  build: Build;
  props: readonly PropPlacement[];
  view: readonly [turn: number, tilt: number];
  mirrored?: boolean;
  width?: number;
  height?: number;
}

const clampTilt = (tilt: number): number => Math.max(0, Math.min(70, tilt));

/** A figure whose camera is turned by dragging or with the arrow keys; Home brings the first view back. */
export function TurnableFigure({
  label,
  packed,
  heightCm,
  build,
  props,
  view,
  mirrored,
  width = 460,
  height = 360,
}: Props) {
  const first: readonly [number, number] = mirrored ? [180 - view[0], view[1]] : view;
  const [moved, setMoved] = useState<readonly [number, number]>([0, 0]);
  const azimuth = first[0] + moved[0];
  const tilt = clampTilt(first[1] + moved[1]);
  const markup = useMemo(() => {
    const posture = unpackPosture(packed);
    return drawFigure(
      {
        posture: mirrored ? mirrorPosture(posture) : posture,
        heightCm,
        build,
        props: mirrored ? mirrorProps(props) : props,
        view: [azimuth, tilt],
      },
      { width, height, margin: 12 },
    );
  }, [packed, heightCm, build, props, mirrored, azimuth, tilt, width, height]);
  const turn = (dx: number, dy: number): void =>
    setMoved(([x, y]) => [x + dx, clampTilt(first[1] + y + dy) - first[1]]);
  const keys = (event: KeyboardEvent): void => {
    const step: Record<string, readonly [number, number]> = {
      ArrowLeft: [-10, 0],
      ArrowRight: [10, 0],
      ArrowUp: [0, 6],
      ArrowDown: [0, -6],
    };
    if (event.key === 'Home') setMoved([0, 0]);
    else if (step[event.key]) turn(...step[event.key]!);
    else return;
    event.preventDefault();
  };
  const drag = (event: PointerEvent): void => {
    if (event.buttons) turn(-event.movementX * 0.6, event.movementY * 0.4);
  };
  return (
    <div className="rounded-2xl bg-(--fig-paper)">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={label}
        className="w-full cursor-grab touch-none select-none active:cursor-grabbing"
        onPointerMove={drag}
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        dangerouslySetInnerHTML={{ __html: markup }}
      />
      <div className="no-print flex items-center gap-3 px-4 pb-3 text-sm text-soft">
        <label className="flex flex-1 items-center gap-3">
          Turn
          <input
            type="range"
            min={-180}
            max={180}
            step={5}
            value={Math.round(moved[0])}
            onKeyDown={keys}
            onChange={(event) => setMoved(([, y]) => [Number(event.target.value), y])}
            className="min-h-6 w-full accent-(--teal)"
            aria-valuetext={`${Math.round(moved[0])} degrees`}
          />
        </label>
        <span className="hidden sm:inline">drag, or arrow keys; Home brings it back</span>
      </div>
    </div>
  );
}
