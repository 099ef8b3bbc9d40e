import { BUILDS, outline, type Body, type Build, type Vec3 } from '@lotus-steady/core';
import { capsulePath, circlePoints, path, sidePath, type Flat } from './geometry.js';
import { headMarkup } from './head.js';
import type { Part } from './parts.js';
import { shade } from './shade.js';

/** What a figure is drawn with. */
export interface Pen {
  /** A place in the room, on the page. */
  project: (place: Vec3) => Flat;
  /** Of a centimetre. */
  pixels: number;
  /** How thick the line between parts is, px. */
  line: number;
  /** From the scene to the camera. */
  towards: Vec3;
  /** The colour of a part, as an attribute. */
  fill: (part: Part) => string;
  /** Whose head it is. */
  whose: { frames: Body['frames']; heightCm: number; build: Build };
}

type Of<Kind extends Part['kind']> = Extract<Part, { kind: Kind }>;

/** One part as SVG. */
export function partMarkup(part: Part, pen: Pen): string {
  switch (part.kind) {
    case 'chain':
      return chainMarkup(part, pen);
    case 'hulls':
      return hullsMarkup(part, pen);
    case 'rings':
      return ringsMarkup(part, pen);
    case 'head':
      return headOf(part, pen);
    case 'box':
      return boxMarkup(part, pen);
  }
}

/** Balls one after the other, with lines along their sides. */
function chainMarkup(part: Of<'chain'>, { project, pixels, line, fill }: Pen): string {
  let shape = '';
  let sides = '';
  for (let i = 0; i + 1 < part.balls.length; i++) {
    const [a, ra] = part.balls[i]!;
    const [b, rb] = part.balls[i + 1]!;
    const from = project(a);
    const to = project(b);
    shape += capsulePath(from, to, ra * pixels, rb * pixels);
    sides += sidePath(from, to, ra * pixels, rb * pixels);
  }
  return (
    (sides && `<path d="${sides}" fill="none" stroke="var(--fig-paper)" stroke-width="${line}"/>`) +
    `<path d="${shape}" ${fill(part)}/>`
  );
}

/** What is spanned round balls, with a line round it. */
function hullsMarkup(part: Of<'hulls'>, { project, pixels, line, fill }: Pen): string {
  const shape = part.hulls
    .map((balls) => `M${path(outline(balls.flatMap(([v, r]) => circlePoints(project(v), r * pixels))))}Z`)
    .join('');
  return (
    `<path d="${shape}" ` +
    `${fill(part)} stroke="var(--fig-paper)" stroke-width="${line}" stroke-linejoin="round" paint-order="stroke"/>`
  );
}

/** What is spanned between one ring and the next. */
function ringsMarkup(part: Of<'rings'>, { project, fill }: Pen): string {
  let shape = '';
  for (let i = 0; i + 1 < part.rings.length; i++)
    shape += `M${path(outline([...part.rings[i]!, ...part.rings[i + 1]!].map(project)))}Z`;
  return `<path d="${shape}" ${fill(part)}/>`;
}

const headOf = (part: Of<'head'>, { project, pixels, towards, fill, whose }: Pen): string =>
  headMarkup({
    frame: whose.frames.head!,
    heightCm: whose.heightCm * BUILDS[whose.build].head,
    towards,
    project,
    pixels,
    skin: fill(part),
    hair: shade('hair', 'paper', 4),
  });

/** The faces of a box that can be seen: the top is lightest. */
function boxMarkup({ min, max, tone, layer }: Of<'box'>, { project, towards }: Pen): string {
  const corner = (i: 0 | 1, j: 0 | 1, k: 0 | 1): Vec3 => [
    i ? max[0] : min[0],
    j ? max[1] : min[1],
    k ? max[2] : min[2],
  ];
  const faces: readonly (readonly [Vec3[], Vec3, number])[] = [
    [[corner(0, 1, 0), corner(1, 1, 0), corner(1, 1, 1), corner(0, 1, 1)], [0, 1, 0], 0],
    [[corner(0, 0, 1), corner(1, 0, 1), corner(1, 1, 1), corner(0, 1, 1)], [0, 0, 1], 16],
    [[corner(0, 0, 0), corner(1, 0, 0), corner(1, 1, 0), corner(0, 1, 0)], [0, 0, -1], 16],
    [[corner(1, 0, 0), corner(1, 1, 0), corner(1, 1, 1), corner(1, 0, 1)], [1, 0, 0], 26],
    [[corner(0, 0, 0), corner(0, 1, 0), corner(0, 1, 1), corner(0, 0, 1)], [-1, 0, 0], 26],
  ];
  return faces
    .filter(([, normal]) => normal[0] * towards[0] + normal[1] * towards[1] + normal[2] * towards[2] > 0.001)
    .map(
      ([points, , dark]) =>
        `<path d="M${path(points.map(project))}Z" ` +
        `${shade(tone, 'edge', dark + (layer % 2 ? 6 : 0))} stroke="color-mix(in ` +
        `srgb,var(--fig-${tone}) 55%,var(--fig-edge))" stroke-width=".7" stroke-linejoin="round"/>`,
    )
    .join('');
}
