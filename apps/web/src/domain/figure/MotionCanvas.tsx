import type { FigureScene, PaintedFigure, Palette } from '@lotus-steady/figure/scene';
import { useEffect, useId, useRef } from 'react';
import { atEasel } from '../../workers/easel.js';

interface Props {
  label: string;
  scenes: readonly FigureScene[];
  at: number;
  view: FigureScene['view'];
  width: number;
  height: number;
  className?: string;
}

/** Colours that a painted figure is made of. */
const COLOURS = [
  'paper',
  'top',
  'leg',
  'skin',
  'hair',
  'wood',
  'cloth',
  'mat',
  'wall',
  'eye',
  'shadow',
  'edge',
  'black',
  'brown',
].map((name) => `--fig-${name}`);

/** More pixels in a unit than this are not worth their time. */
const MOST_PER_UNIT = 1.5;

/** Steps of a breath that are drawn, where nothing but the breath moves: less than a pixel lies between them. */
const BREATHS = 12;

/**
 * A figure that is painted anew whenever it has moved. The worker is asked for the latest moment, one at a time, and
 * for the next before the last is shown.
 */
export function MotionCanvas({ label, scenes, at: instant, view, width, height, className = '' }: Props) {
  const at = scenes.length > 1 ? instant : Math.round(instant * BREATHS) / BREATHS;
  const canvas = useRef<HTMLCanvasElement>(null);
  const spare = useRef<HTMLCanvasElement>(null);
  const wanted = useRef({ at, view });
  const busy = useRef(false);
  const painted = useRef(0);
  const film = useId();
  const perUnit = Math.min(MOST_PER_UNIT, window.devicePixelRatio || 1);
  useEffect(() => {
    void atEasel().takeFilm(film, scenes);
    return () => void atEasel().dropFilm(film);
  }, [film, scenes]);
  useEffect(() => {
    wanted.current = { at, view };
    const paint = async (): Promise<void> => {
      busy.current = true;
      const palette = paletteOf(canvas.current!);
      const ask = ({ at: moment, view: from }: { at: number; view: FigureScene['view'] }) =>
        atEasel().paint(film, moment, { view: from, size: { width, height }, palette, perUnit });
      try {
        let now = wanted.current;
        let asked = ask(now);
        for (;;) {
          const figure = await asked;
          const isLast = wanted.current === now;
          now = wanted.current;
          if (!isLast) asked = ask(now);
          if (!figure || !canvas.current) return;
          spare.current ??= document.createElement('canvas');
          show(canvas.current, spare.current, figure, perUnit);
          canvas.current.dataset.painted = String(++painted.current);
          if (isLast) return;
        }
      } finally {
        busy.current = false;
      }
    };
    if (!busy.current) void paint();
  }, [film, scenes, at, view, width, height, perUnit]);
  return (
    <canvas
      ref={canvas}
      width={Math.ceil(width * perUnit)}
      height={Math.ceil(height * perUnit)}
      style={{ aspectRatio: `${width} / ${height}` }}
      className={className}
      role="img"
      aria-label={label}
    />
  );
}

/** The page's colours, as `#rrggbb`. */
function paletteOf(element: HTMLElement): Palette {
  const style = getComputedStyle(element);
  return Object.fromEntries(COLOURS.map((name) => [name, long(style.getPropertyValue(name).trim())]));
}

/** `#rgb` as `#rrggbb`; what is no number of a colour (forced colours) as ink or paper. */
function long(colour: string): string {
  if (/^#[0-9a-f]{3}$/i.test(colour)) return `#${[...colour.slice(1)].map((d) => d + d).join('')}`;
  if (/^#[0-9a-f]{6}$/i.test(colour)) return colour;
  return /canvas$/i.test(colour) ? '#ffffff' : '#222222';
}

function show(
  canvas: HTMLCanvasElement,
  spare: HTMLCanvasElement,
  { width, height, pixels, below, face }: PaintedFigure,
  perUnit: number,
): void {
  const context = canvas.getContext('2d')!;
  context.setTransform(perUnit, 0, 0, perUnit, 0, 0);
  context.clearRect(0, 0, canvas.width, canvas.height);
  for (const { d, fill, opacity } of below) {
    context.globalAlpha = opacity;
    context.fillStyle = fill;
    context.fill(new Path2D(d));
  }
  context.globalAlpha = 1;
  if (spare.width !== width || spare.height !== height) {
    spare.width = width;
    spare.height = height;
  }
  spare.getContext('2d')!.putImageData(new ImageData(pixels, width, height), 0, 0);
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.drawImage(spare, 0, 0);
  context.setTransform(perUnit, 0, 0, perUnit, 0, 0);
  context.lineCap = 'round';
  context.lineJoin = 'round';
  for (const { d, fill, stroke, width: line = 1 } of face) {
    const path = new Path2D(d);
    if (fill) {
      context.fillStyle = fill;
      context.fill(path);
    }
    if (stroke) {
      context.strokeStyle = stroke;
      context.lineWidth = line;
      context.stroke(path);
    }
  }
}
