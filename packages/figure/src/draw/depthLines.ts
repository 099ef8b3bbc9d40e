import { TONES } from '../body/labels.js';
import type { Buffer } from '../raster/buffer.js';
import { FIRST_PROP, toneOf } from '../raster/labelPixels.js';
import type { Rendered } from '../raster/render.js';
import { strength } from '../raster/strength.js';
import { sidesOf } from '../trace/sidesOf.js';
import { chains, mark, noCracks, type Cracks } from '../trace/cracks.js';
import { smoothed } from '../trace/smoothed.js';
import { isInList } from '../room/listSize.js';
import { polygonText } from '../trace/pathText.js';
import { mixed } from './paint.js';

/** Neighbouring pixels less far apart on the surface than this, cm at rest, show no line; grows with the pixel. */
const WEAK_CM = 3.2;
const WEAK_PIXELS = 4.8;
/** Beyond so many times that a line has its full width. */
const STRONG = 1.8;
/** Parts nearer to each other on the surface than this are a fold of one: chin on neck, thigh on belly. */
const FOLD_CM = 13;

/** What a chain of cracks between near and far looks like, crack by crack. */
interface Crossing {
  /** 0 to 1: how much of a line it is. */
  weight: Float64Array;
  /** 1 where the nearer side is on the left of the way, -1 where on the right. */
  lean: Float64Array;
  /** Whether any crack is strong. */
  strong: boolean;
  fold: boolean;
  /** The tone of the nearer side. */
  tone: string;
}

/**
 * Lines where one part of the body stands before another: wide apart, a line of paper on the farther side, thin where
 * it runs out; near each other (chin on neck, groin), a fine ink of the tone.
 */
export function depthLines(rendered: Rendered): string {
  const { stage, page, scale, buffers } = rendered;
  const { buffer, exact } = buffers;
  const weak = Math.max(WEAK_CM, WEAK_PIXELS / (page.pixels * scale));
  const cracks = markLines(buffer, stage.skinned.mesh.middle, weak);
  const inks = new Map<string, string>();
  for (const { corners, closed } of chains(cracks)) {
    if (corners.length - 1 < 7 * scale) continue;
    const crossing = crossingOf(rendered, corners, weak);
    if (!crossing.strong) continue;
    const line = smoothed(corners, closed, 10, buffer.width + 1, exact);
    const ends = closed ? [false, false] : [corners[0]!, corners.at(-1)!].map((c) => isWithin(buffer, c));
    const colour = crossing.fold ? foldInk(crossing.tone) : 'var(--fig-paper)';
    const ribbon = ribbonOf(line, crossing, closed, ends, rendered);
    inks.set(colour, (inks.get(colour) ?? '') + ribbon);
  }
  return [...inks].map(([ink, path]) => `<path d="${path}" fill="${ink}"/>`).join('');
}

const foldInk = (tone: string): string =>
  tone === 'skin' ? mixed('skin', 'eye', 32) : mixed(tone, 'ink,#0b1226', 40);

function markLines(buffer: Buffer, middle: Float32Array, weak: number): Cracks {
  const { width, height, from, to } = buffer;
  const cracks = noCracks(width, height);
  for (let y = 1; y < height - 1; y++)
    if (to[y]! >= 0)
      markRow(
        y * width + Math.max(1, from[y]!),
        y * width + Math.min(width - 2, to[y]!),
        y,
        buffer,
        middle,
        weak,
        cracks,
      );
  return cracks;
}

function markRow(
  first: number,
  last: number,
  y: number,
  { id, depth, width }: Buffer,
  middle: Float32Array,
  weak: number,
  cracks: Cracks,
): void {
  for (let i = first; i <= last; i++) {
    const here = id[i]!;
    if (here === 0) continue;
    // Corners are one more in a row than pixels.
    if (id[i - 1] !== here && strength(id, depth, middle, i, i - 1) > weak) mark(cracks, i + y, 2);
    if (id[i - width] !== here && strength(id, depth, middle, i, i - width) > weak) mark(cracks, i + y, 1);
  }
}

function crossingOf({ stage, buffers }: Rendered, corners: readonly number[], weak: number): Crossing {
  const { id, depth, width } = buffers.buffer;
  const { middle } = stage.skinned.mesh;
  const n = corners.length - 1;
  const weight = new Float64Array(n);
  const lean = new Float64Array(n);
  const apart = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const [left, right] = sidesOf(corners[i]!, corners[i + 1]!, width);
    apart[i] = strength(id, depth, middle, left, right);
    weight[i] = Math.min(1, Math.max(0, (apart[i]! - weak) / (weak * (STRONG - 1))));
    lean[i] = depth[left]! > depth[right]! ? 1 : -1;
  }
  const half = n >> 1;
  const [left, right] = sidesOf(corners[half]!, corners[half + 1]!, width).map((i) => buffers.labels[i]!);
  const near = lean[half]! > 0 ? left! : right!;
  const sorted = apart.sort();
  return {
    weight,
    lean,
    strong: sorted[n - 1]! >= weak * STRONG,
    fold: sorted[half]! < FOLD_CM && left! < FIRST_PROP && right! < FIRST_PROP,
    tone: near < FIRST_PROP ? TONES[toneOf(near)]! : 'skin',
  };
}

/** Whether all four pixels round a corner show something: a line that ends there runs out in the surface. */
function isWithin({ id, width }: Buffer, corner: number): boolean {
  const i = corner - ((corner / (width + 1)) | 0);
  return id[i] !== 0 && id[i - 1] !== 0 && id[i - width] !== 0 && id[i - width - 1] !== 0;
}

/** Mean weight and lean of the cracks about one. */
function meanAbout({ weight, lean }: Crossing, at: number): [weight: number, lean: number] {
  const from = Math.max(0, at - 6);
  const to = Math.min(weight.length - 1, at + 6);
  let weights = 0;
  let leans = 0;
  for (let i = from; i <= to; i++) {
    weights += weight[i]!;
    leans += lean[i]!;
  }
  const count = to - from + 1;
  return [weights / count, leans / count];
}

/** A line as a ribbon on its farther side, on the page, thin where it ends in the surface. */
function ribbonOf(
  line: Float64Array,
  crossing: Crossing,
  closed: boolean,
  [startsWithin, endsWithin]: readonly boolean[],
  { page, scale }: Rendered,
): string {
  const last = line.length / 2 - 1;
  const cracks = crossing.weight.length;
  const wide = Math.max(0.45, Math.min(0.95, page.pixels * 0.33)) * (crossing.fold ? 0.62 : 1);
  const step = Math.max(1, Math.round(scale * (isInList(page) ? 1.6 : 1)));
  const near: [number, number][] = [];
  const far: [number, number][] = [];
  const put = (i: number): void => {
    const from = Math.max(0, i - 3);
    const to = Math.min(last, i + 3);
    const tx = line[to * 2]! - line[from * 2]!;
    const ty = line[to * 2 + 1]! - line[from * 2 + 1]!;
    const l = Math.hypot(tx, ty) || 1;
    const [mean, lean] = meanAbout(crossing, Math.max(0, Math.min(cracks - 1, closed ? i : i - 1)));
    const runsIn = startsWithin ? Math.min(1, i / (7 * scale)) : 1;
    const runsOut = endsWithin ? Math.min(1, (last - i) / (7 * scale)) : 1;
    const w = wide * mean * runsIn * runsOut;
    // Left of the way is (ty, -tx) with y down. The nearer side keeps its edge.
    const nx = ty / l;
    const ny = -tx / l;
    const x = line[i * 2]! / scale;
    const y = line[i * 2 + 1]! / scale;
    const shift = -lean * w * 0.7;
    near.push([x + nx * (shift + w), y + ny * (shift + w)]);
    far.push([x + nx * (shift - w), y + ny * (shift - w)]);
  };
  for (let i = 0; i < last; i += step) put(i);
  put(last);
  return polygonText([...near, ...far.reverse()]);
}
