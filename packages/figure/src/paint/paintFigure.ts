/** A figure as pixels, for motion: no curves are fitted, and edges are smoothed by taking the mean of four. */
import type { Vec3 } from '@lotus-steady/core/body';
import { TONES } from '../body/labels.js';
import { faceShapes, type FaceShape } from '../draw/face.js';
import { farLimbs } from '../draw/farLimbs.js';
import { resolveColours, type Palette } from '../draw/resolveColours.js';
import { shadowsOf } from '../draw/shadow.js';
import { lookColours } from '../people/look.js';
import { wipe } from '../raster/buffer.js';
import { FIRST_PROP, labelPixels } from '../raster/labelPixels.js';
import { render, type Rendered } from '../raster/render.js';
import { strength } from '../raster/strength.js';
import type { Page } from '../room/page.js';
import type { Sculpture, Stage } from '../room/stage.js';

/** One frame of a moving figure: what lies behind it as paths, the body as pixels, and what lies on its face. */
export interface PaintedFigure {
  width: number;
  height: number;
  /** Red, green, blue and opacity of `width` times `height` pixels. */
  pixels: Uint8ClampedArray<ArrayBuffer>;
  /** Paths on the page, in the order in which they are filled, below the body. */
  below: readonly { d: string; fill: string; opacity: number }[];
  face: readonly FaceShape[];
}

/** Rendered pixels in one painted, each way. */
const FINER = 2;
/** How dark shade is. */
const SHADE = 0.16;

/**
 * Paints a stage.
 *
 * @param perUnit painted pixels in a unit of the page: 2 on a dense screen
 * @param palette the colours, as `#rrggbb`
 */
export function paintFigure(
  stage: Stage,
  page: Page,
  sculpture: Sculpture,
  palette: Palette,
  perUnit = 1,
): PaintedFigure {
  const rendered = render(stage, page, FINER * perUnit);
  const { buffers } = rendered;
  const { far, paleness } = farLimbs(stage, page, '');
  labelPixels(buffers, stage.skinned.mesh, far);
  const colours = coloursOf(rendered, paleness, palette);
  const width = Math.ceil(page.width * perUnit);
  const height = Math.ceil(page.height * perUnit);
  const pixels = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++) meanRow(y, width, rendered, colours, pixels);
  const resolve = (colour: string): string => resolveColours(colour, { ...palette, ...own(stage, palette) });
  const painted: PaintedFigure = {
    width,
    height,
    pixels,
    below: [...roomPaths(stage, page, palette), ...shadows(rendered, palette)],
    face: faceShapes(rendered, sculpture.face).map((shape) => ({
      ...shape,
      ...(shape.fill ? { fill: resolve(shape.fill) } : {}),
      ...(shape.stroke ? { stroke: resolve(shape.stroke) } : {}),
    })),
  };
  wipe(buffers);
  return painted;
}

/** The look's own colours, as the palette names them. */
const own = ({ look }: Stage, palette: Palette): Palette =>
  Object.fromEntries(
    Object.entries(lookColours(look)).map(([tone, colour]) => [
      `--fig-${tone}`,
      resolveColours(colour, palette),
    ]),
  );

type Rgb = readonly [number, number, number];
const rgb = (hex: string): Rgb => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as unknown as Rgb;

interface Colours {
  /** Red, green and blue by label. */
  of: Uint8Array;
  paper: Rgb;
  /** Neighbours farther apart than this on the surface are parted by a line. */
  weak: number;
}

function coloursOf({ stage, page, scale }: Rendered, paleness: readonly number[], palette: Palette): Colours {
  const of = new Uint8Array(256 * 3);
  const all: Palette = { ...palette, ...own(stage, palette) };
  const paper = rgb(all['--fig-paper']!);
  const put = (label: number, colour: Rgb): void => of.set(colour, label * 3);
  for (let limb = 0; limb <= 4; limb++)
    TONES.slice(1).forEach((tone, i) => {
      const colour = rgb(all[`--fig-${tone}`]!);
      const share = tone === 'hair' || !limb ? 0 : (paleness[limb - 1]! / 100) * 0.8;
      put(1 + i + 4 * limb, colour.map((v, c) => v + (paper[c]! - v) * share) as unknown as Rgb);
    });
  stage.props.paints.forEach(({ fill }, i) => put(FIRST_PROP + i, rgb(resolveColours(fill, all))));
  return { of, paper, weak: Math.max(5, 8 / (page.pixels * scale)) };
}

/** One row of painted pixels: each the mean of the rendered ones it covers. */
function meanRow(
  y: number,
  width: number,
  { buffers, stage }: Rendered,
  { of, paper, weak }: Colours,
  pixels: Uint8ClampedArray,
): void {
  const { buffer, labels, dark } = buffers;
  const { id, depth, width: wide, from, to } = buffer;
  const { middle } = stage.skinned.mesh;
  const top = y * FINER;
  if (to[top]! < 0 && to[top + 1]! < 0) return;
  const first = Math.max(1, Math.min(from[top]!, from[top + 1]!)) >> 1;
  const last = Math.min(width - 1, Math.max(to[top]!, to[top + 1]!) >> 1);
  for (let x = first; x <= last; x++) {
    let r = 0;
    let g = 0;
    let b = 0;
    let count = 0;
    for (let k = 0; k < FINER * FINER; k++) {
      const i = (top + (k >> 1)) * wide + x * FINER + (k & 1);
      const label = labels[i]!;
      if (!label) continue;
      count++;
      // The farther side of an edge is a line of paper.
      const parted =
        (id[i - 1] !== id[i] && depth[i - 1]! > depth[i]! && strength(id, depth, middle, i, i - 1) > weak) ||
        (id[i + 1] !== id[i] && depth[i + 1]! > depth[i]! && strength(id, depth, middle, i, i + 1) > weak) ||
        (id[i - wide] !== id[i] &&
          depth[i - wide]! > depth[i]! &&
          strength(id, depth, middle, i, i - wide) > weak) ||
        (id[i + wide] !== id[i] &&
          depth[i + wide]! > depth[i]! &&
          strength(id, depth, middle, i, i + wide) > weak);
      const light = dark[i] ? 1 - SHADE : 1;
      r += parted ? paper[0] : of[label * 3]! * light;
      g += parted ? paper[1] : of[label * 3 + 1]! * light;
      b += parted ? paper[2] : of[label * 3 + 2]! * light;
    }
    if (!count) continue;
    const at = (y * width + x) * 4;
    pixels[at] = r / count;
    pixels[at + 1] = g / count;
    pixels[at + 2] = b / count;
    pixels[at + 3] = (255 * count) / (FINER * FINER);
  }
}

function roomPaths({ ground: { mat, wall } }: Stage, page: Page, palette: Palette): PaintedFigure['below'] {
  const d = (places: readonly Vec3[]): string =>
    `M${places.map((place) => page.onPage(place).join(' ')).join('L')}Z`;
  return [
    ...(wall.length ? [{ d: d(wall), fill: palette['--fig-wall']!, opacity: 1 }] : []),
    { d: d(mat), fill: palette['--fig-mat']!, opacity: 1 },
  ];
}

const shadows = (rendered: Rendered, palette: Palette): PaintedFigure['below'] =>
  shadowsOf(rendered).map(({ d, opacity }) => ({ d, opacity, fill: palette['--fig-shadow']! }));
