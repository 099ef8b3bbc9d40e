import type { FigureScene, Mark } from '@lotus-steady/figure/scene';
import { Pause, Play } from 'lucide-react';
import { useMemo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Button } from '../../ui/Button.js';
import { atEasel } from '../../workers/easel.js';
import { DrawnFigure } from './DrawnFigure.js';
import { MotionCanvas } from './MotionCanvas.js';
import { useIdle } from './useIdle.js';
import { usePlaying } from './usePlaying.js';

interface Props {
  label: string;
  /** Its key frames in order, all seen alike. */
  scenes: readonly FigureScene[];
  /** What is drawn while nothing moves: one of them, or all of the movement. */
  still: number | 'move';
  marks?: readonly Mark[];
  width?: number;
  height?: number;
}

const clampTilt = (tilt: number): number => Math.max(0, Math.min(70, tilt));
/** So long after the last turn the figure is drawn in full again, ms. */
const STILL_AFTER = 160;

/** Where on the way a still is: all of a movement is shown at its end; what is held is breathed out. */
function stillAt(still: number | 'move', count: number): number {
  if (count < 2) return 0;
  return still === 'move' ? 1 : still / (count - 1);
}

/**
 * A figure that plays through its key frames and back, and whose camera is turned by dragging or with the arrow keys;
 * Home brings the first view back. Where motion is not wanted it shows stills.
 */
export function MovingFigure({ label, scenes, still, marks, width = 480, height = 380 }: Props) {
  const first = scenes[0]!.view;
  const [moved, setMoved] = useState<readonly [turn: number, tilt: number]>([0, 0]);
  const [second, setSecond] = useState<readonly [turn: number, tilt: number]>();
  const turning = useIdle(moved, STILL_AFTER);
  const playing = usePlaying(still);
  const [turn, tilt] = [first[0] + moved[0], clampTilt(first[1] + moved[1])];
  const view = useMemo((): FigureScene['view'] => [turn, tilt], [turn, tilt]);
  const shown = useMemo(() => {
    const seen = scenes.map((scene) => ({ ...scene, view }));
    return still === 'move' ? seen : [seen[still] ?? seen[0]!];
  }, [scenes, view, still]);
  const turnBy = (dx: number, dy: number): void =>
    setMoved(([x, y]) => [x + dx, clampTilt(first[1] + y + dy) - first[1]]);
  const [playWord, playLabel] =
    scenes.length > 1 ? ['Play', 'Play the movement'] : ['Breathe', 'Let it breathe'];
  const isSecond = second !== undefined && moved[0] === second[0] && moved[1] === second[1];
  const showSecond = async (): Promise<void> => {
    if (isSecond) return setMoved([0, 0]);
    const [toTurn, toTilt] = await atEasel().secondView(scenes);
    const by = [toTurn - first[0], toTilt - first[1]] as const;
    setSecond(by);
    setMoved(by);
  };
  const keys = (event: KeyboardEvent): void => {
    const step: Record<string, readonly [number, number]> = {
      ArrowLeft: [-10, 0],
      ArrowRight: [10, 0],
      ArrowUp: [0, 6],
      ArrowDown: [0, -6],
    };
    if (event.key === 'Home') setMoved([0, 0]);
    else if (step[event.key]) turnBy(...step[event.key]!);
    else return;
    event.preventDefault();
  };
  const drag = (event: PointerEvent): void => {
    if (event.buttons) turnBy(-event.movementX * 0.6, event.movementY * 0.4);
  };
  const moves = playing.on || playing.at !== undefined || turning;
  // Turned while nothing plays, it stays at what is shown.
  const at = playing.at ?? stillAt(still, scenes.length);
  return (
    <div className="rounded-2xl bg-(--fig-paper)">
      <div
        className="cursor-grab touch-none select-none active:cursor-grabbing"
        onPointerMove={drag}
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      >
        {moves ? (
          <MotionCanvas
            label={label}
            scenes={scenes}
            at={at}
            view={view}
            width={width}
            height={height}
            className="w-full"
          />
        ) : (
          <DrawnFigure
            scenes={shown}
            marks={marks}
            label={label}
            width={width}
            height={height}
            className="h-auto w-full"
          />
        )}
      </div>
      <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pb-3 text-sm text-soft">
        {playing.can && (
          <Button look="quiet" onClick={playing.toggle} aria-label={playing.on ? 'Pause' : playLabel}>
            {playing.on ? <Pause aria-hidden size={18} /> : <Play aria-hidden size={18} />}
            {playing.on ? 'Pause' : playWord}
          </Button>
        )}
        {scenes.length > 1 && (
          <label className="flex min-w-36 flex-1 items-center gap-2">
            Along
            <input
              type="range"
              min={0}
              max={100}
              value={Math.round(at * 100)}
              onChange={(event) => playing.stopAt(Number(event.target.value) / 100)}
              className="min-h-6 w-full accent-(--teal)"
              aria-valuetext={`${Math.round(at * 100)} percent of the way`}
            />
          </label>
        )}
        <Button look="quiet" aria-pressed={isSecond} onClick={() => void showSecond()}>
          {isSecond ? 'First view' : 'Second view'}
        </Button>
        <label className="flex min-w-36 flex-1 items-center gap-2">
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
        <span className="hidden xl:inline">drag, or arrow keys; Home brings it back</span>
      </div>
    </div>
  );
}
