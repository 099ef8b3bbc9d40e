import type { FigureScene, PaintedFigure, Palette } from '@lotus-steady/figure/scene';
import { useEffect, useId, useRef } from 'react';
import { atEasel } from '../../workers/easel.js';
import { useFineness } from './useFineness.js';

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
  const moves = scenes.length > 1;
  const at = moves ? instant : Math.round(instant * BREATHS) / BREATHS;
  const canvas = useRef<HTMLCanvasElement>(null);
  const spare = useRef<HTMLCanvasElement>(null);
  const busy = useRef(false);
  const painted = useRef(0);
  const film = useId();
  const [fineness, took] = useFineness();
  const finest = Math.min(MOST_PER_UNIT, window.devicePixelRatio || 1);
  const perUnit = moves ? finest * fineness : finest;
  const wanted = useRef({ at, view, perUnit });
  useEffect(() => {
    void atEasel().takeFilm(film, scenes);
    return () => void atEasel().dropFilm(film);
  }, [film, scenes]);
  useEffect(() => {
    wanted.current = { at, view, perUnit };
    const paint = async (): Promise<void> => {
      busy.current = true;
      const palette = paletteOf(canvas.current!);
      const ask = ({ at: moment, view: from, perUnit: fine }: typeof wanted.current) =>
        atEasel().paint(film, moment, { view: from, size: { width, height }, palette, perUnit: fine });
      try {
        let now = wanted.current;
        let asked = ask(now);
        for (;;) {
          const began = performance.now();
          const figure = await asked;
          if (moves) took(performance.now() - began);
          const isLast = wanted.current === now;
          const fine = now.perUnit;
          now = wanted.current;
          if (!isLast) asked = ask(now);
          if (!figure || !canvas.current) return;
          spare.current ??= document.createElement('canvas');
          sized(canvas.current, width * fine, height * fine);
          show(canvas.current, spare.current, figure, fine);
          canvas.current.dataset.painted = String(++painted.current);
          if (isLast) return;
        }
      } finally {
        busy.current = false;
      }
    };
    if (!busy.current) void paint();
  }, [film, scenes, at, view, width, height, perUnit, moves, took]);
  return (
    <canvas
      ref={canvas}
      width={Math.ceil(width * finest)}
      height={Math.ceil(height * finest)}
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

/** A canvas of that many pixels, rounded up; one that is so already keeps what is on it. */
function sized(canvas: HTMLCanvasElement, width: number, height: number): void {
  const [across, down] = [Math.ceil(width), Math.ceil(height)];
  if (canvas.width === across && canvas.height === down) return;
  canvas.width = across;
  canvas.height = down;
}

function show(
  canvas: HTMLCanvasElement,
  spare: HTMLCanvasElement,
  { width, height, pixels, below, face }: PaintedFigure,
  perUnit: number,
): void {
  const context = canvas.getContext('2d')!;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, canvas.width, canvas.height);
  context.setTransform(perUnit, 0, 0, perUnit, 0, 0);
  for (const { d, fill, opacity } of below) {
    context.globalAlpha = opacity;
    context.fillStyle = fill;
    context.fill(new Path2D(d));
  }
  context.globalAlpha = 1;
  sized(spare, width, height);
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
