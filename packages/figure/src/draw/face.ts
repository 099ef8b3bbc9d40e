import { add, BUILDS, rotate, scale, type Build, type Vec3 } from '@lotus-steady/core/body';
import { SCULPTED_AT } from '../body/boneFrames.js';
import type { FaceLines } from '../body/faceLines.js';
import { PART } from '../body/labels.js';
import { FAR, PROP } from '../raster/buffer.js';
import type { Rendered } from '../raster/render.js';
import { mixed, short } from './paint.js';

/** Below so many units of the page in a cm of the head a face is two dots. */
const DOTS_BELOW = 0.9;

/** A child's eyes stand lower and are larger: how much of the way, by build. */
const CHILD_FACE: Readonly<Record<Build, { lower: number; larger: number }>> = {
  adult: { lower: 0, larger: 1 },
  'child-3-5': { lower: 1.2, larger: 1.35 },
  'child-6-8': { lower: 0.9, larger: 1.25 },
  'child-9-12': { lower: 0.5, larger: 1.12 },
};

/** Something drawn on the face: a path on the page, filled or stroked. */
export interface FaceShape {
  d: string;
  fill?: string;
  stroke?: string;
  width?: number;
}

/** Eyes, brows, nose and mouth, where they can be seen, as they are drawn over the body. */
export function faceShapes(rendered: Rendered, lines: FaceLines): FaceShape[] {
  const { stage, page } = rendered;
  const { body, scene } = stage;
  const { rotation, origin } = body.frames.head!;
  const size = (body.heightCm / SCULPTED_AT) * BUILDS[body.build].head;
  const unit = page.pixels * size;
  const { lower, larger } = CHILD_FACE[body.build];
  const seen = seenOnHead(rendered);
  const run = (points: readonly Vec3[], side: number): [number, number][] =>
    points
      .map(([x, y, z]) => add(origin, rotate(rotation, scale([x + 0.05, y - lower, z * side], size))))
      .filter(seen)
      .map(page.onPage);
  if (unit < DOTS_BELOW) return scene.eyesClosed ? [] : dots(run, lines, Math.max(0.65, 0.85 * unit));
  const enlarged = (points: readonly Vec3[]): Vec3[] =>
    points.map(([x, y, z]) => [x, 1.2 + (y - 1.2) * larger, 3.1 + (z - 3.1) * larger]);
  const shapes: FaceShape[] = [];
  const stroke = (
    points: readonly [number, number][],
    least: number,
    colour: string,
    width: number,
  ): void => {
    if (points.length > least)
      shapes.push({ d: `M${curve(points)}`, stroke: colour, width: short(Math.max(0.5, width)) });
  };
  for (const side of [1, -1]) {
    stroke(run(lines.ear, side), 5, mixed('skin', 'eye', 40), 0.22 * unit);
    stroke(run(lines.brow, side), 3, 'var(--fig-hair)', 0.38 * unit);
    if (scene.eyesClosed) {
      stroke(run(enlarged(lines.closedLid), side), 4, mixed('skin', 'eye', 85), 0.3 * unit);
      continue;
    }
    const upper = run(enlarged(lines.upperLid), side);
    const low = run(enlarged(lines.lowerLid), side);
    const iris = run(enlarged(lines.iris), side);
    if (upper.length < 5 || low.length < 5) continue;
    shapes.push({
      d: `M${curve(upper)}L${curve([...low].reverse())}Z`,
      fill: mixed('skin', 'white,#fffaf2', 72),
    });
    if (iris.length > 5) shapes.push({ d: `M${curve(iris)}Z`, fill: 'var(--fig-eye)' });
    stroke(upper, 4, 'var(--fig-eye)', 0.26 * unit);
  }
  stroke(run(lines.nose, 1), 3, mixed('skin', 'eye', 55), 0.2 * unit);
  stroke(run(lines.mouth, 1), 3, mixed('skin', 'lip,#8a3f35', 62), 0.36 * unit);
  return shapes;
}

/** In a list eyes are two dots. */
function dots(
  run: (points: readonly Vec3[], side: number) => [number, number][],
  { iris }: FaceLines,
  r: number,
): FaceShape[] {
  const radius = short(r);
  return [1, -1]
    .flatMap((side) => run([iris[2]!], side))
    .map((at) => {
      const [x, y] = at.map(short) as [number, number];
      const arc = `a${radius} ${radius} 0 1 0`;
      const d = `M${short(x - radius)} ${y}${arc} ${short(2 * radius)} 0${arc} ${short(-2 * radius)} 0Z`;
      return { d, fill: 'var(--fig-eye)' };
    });
}

/** The face as SVG. */
export const faceMarkup = (rendered: Rendered, lines: FaceLines): string =>
  faceShapes(rendered, lines)
    .map(({ d, fill, stroke, width }) =>
      stroke
        ? `<path d="${d}" fill="none" stroke="${stroke}" stroke-width="${width}" stroke-linecap="round" ` +
          `stroke-linejoin="round"/>`
        : `<path d="${d}" fill="${fill}"/>`,
    )
    .join('');

/** Whether a place on the face is not hidden. */
function seenOnHead({ stage, page, scale: S, buffers }: Rendered): (place: Vec3) => boolean {
  const { depth, id, width, height } = buffers.buffer;
  const { part } = stage.skinned.mesh;
  return (place) => {
    const [px, py] = page.onPage(place);
    const x = Math.floor(px * S);
    const y = Math.floor(py * S);
    if (x < 0 || y < 0 || x >= width || y >= height) return false;
    const at = y * width + x;
    const shown = id[at]!;
    const near = page.look(place)[2] + FAR + 0.9;
    return depth[at]! < near && shown > 0 && shown < PROP && part[shown - 1] === PART.head;
  };
}

const curve = (points: readonly (readonly [number, number])[]): string =>
  points.map((point) => point.map((v) => Math.round(v * 20) / 20).join(' ')).join('L');
