/** A figure as pixels, for motion: no curves are fitted, and edges are smoothed by taking the mean of four. */
import type { Vec3 } from '@lotus-steady/core/body';
import { TONES } from '../body/labels.js';
import { faceShapes, type FaceShape } from '../draw/face.js';
import { farLimbs } from '../draw/farLimbs.js';
import { resolveColours, type Palette } from '../draw/resolveColours.js';
import { shadowsOf } from '../draw/shadow.js';
import { lookColours } from '../people/look.js';
import { PROP, wipe } from '../raster/buffer.js';
import { areasOfTriangles, FIRST_PROP } from '../raster/labelPixels.js';
import { render, type Rendered } from '../raster/render.js';
import { LEAST_JUMP, strength } from '../raster/strength.js';
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
  const colours = coloursOf(rendered, far, paleness, palette);
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

/** A colour in one number, ten bits for each part: four of them can be added before they are parted again. */
const packed = ([r, g, b]: readonly number[]): number =>
  (Math.round(r!) << 20) | (Math.round(g!) << 10) | Math.round(b!);
const BITS = 0x3ff;

interface Colours {
  /** By triangle of the body, packed: in light, and in shade, which is where less light falls than `shade`. */
  lit: Int32Array;
  dim: Int32Array;
  shade: Float32Array;
  /** By paint of the props, packed. */
  props: Int32Array;
  paper: number;
  /** Neighbours farther apart than this on the surface are parted by a line. */
  weak: number;
}

function coloursOf(
  { stage, page, scale }: Rendered,
  far: Uint8Array,
  paleness: readonly number[],
  palette: Palette,
): Colours {
  const all: Palette = { ...palette, ...own(stage, palette) };
  const paper = rgb(all['--fig-paper']!);
  const lit = new Int32Array(FIRST_PROP);
  const dim = new Int32Array(FIRST_PROP);
  for (let limb = 0; limb <= 4; limb++)
    TONES.slice(1).forEach((tone, i) => {
      const colour = rgb(all[`--fig-${tone}`]!);
      const share = tone === 'hair' || !limb ? 0 : (paleness[limb - 1]! / 100) * 0.8;
      const pale = colour.map((v, c) => v + (paper[c]! - v) * share);
      lit[1 + i + 4 * limb] = packed(pale);
      dim[1 + i + 4 * limb] = packed(pale.map((v) => v * (1 - SHADE)));
    });
  const { area, shade } = areasOfTriangles(stage.skinned.mesh, far);
  return {
    lit: byTriangle(area, lit),
    dim: byTriangle(area, dim),
    shade,
    props: Int32Array.from(stage.props.paints.map(({ fill }) => packed(rgb(resolveColours(fill, all))))),
    paper: packed(paper),
    weak: Math.max(5, 8 / (page.pixels * scale)),
  };
}

function byTriangle(area: Uint8Array, colours: Int32Array): Int32Array {
  const of = new Int32Array(area.length);
  for (let t = 0; t < area.length; t++) of[t] = colours[area[t]!]!;
  return of;
}

/** One row of painted pixels: each the mean of the rendered ones it covers. */
function meanRow(
  y: number,
  width: number,
  { buffers, stage }: Rendered,
  { lit, dim, shade, props, paper, weak }: Colours,
  pixels: Uint8ClampedArray,
): void {
  const { id, depth, light, width: wide, from, to } = buffers.buffer;
  const { middle } = stage.skinned.mesh;
  const top = y * FINER;
  if (to[top]! < 0 && to[top + 1]! < 0) return;
  const first = Math.max(1, Math.min(from[top]!, from[top + 1]!)) >> 1;
  const last = Math.min(width - 1, Math.max(to[top]!, to[top + 1]!) >> 1);
  for (let x = first; x <= last; x++) {
    let sum = 0;
    let count = 0;
    for (let k = 0; k < FINER * FINER; k++) {
      const i = (top + (k >> 1)) * wide + x * FINER + (k & 1);
      const t = id[i]! - 1;
      if (t < 0) continue;
      count++;
      const isProp = t >= PROP - 1;
      // The farther side of an edge is a line of paper. Most pixels have no neighbour that is so much nearer.
      const near = isProp ? depth[i]! : depth[i]! + LEAST_JUMP;
      const parted =
        (depth[i - 1]! > near && strength(id, depth, middle, i, i - 1) > weak) ||
        (depth[i + 1]! > near && strength(id, depth, middle, i, i + 1) > weak) ||
        (depth[i - wide]! > near && strength(id, depth, middle, i, i - wide) > weak) ||
        (depth[i + wide]! > near && strength(id, depth, middle, i, i + wide) > weak);
      if (parted) sum += paper;
      else if (isProp) sum += props[t + 1 - PROP]!;
      else sum += light[i]! < shade[t]! ? dim[t]! : lit[t]!;
    }
    if (!count) continue;
    const at = (y * width + x) * 4;
    pixels[at] = (sum >> 20) / count;
    pixels[at + 1] = ((sum >> 10) & BITS) / count;
    pixels[at + 2] = (sum & BITS) / count;
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
