import {
  buildBody,
  BUILDS,
  multiply,
  outline,
  rotate,
  rotationX,
  rotationY,
  sub,
  unrotate,
  wallAt,
  type Body,
  type Build,
  type Posture,
  type PropPlacement,
  type Vec3,
} from '@lotus-steady/core';
import { depthOrder, type Seen } from './depthOrder.js';
import { capsulePath, circlePoints, extent, path, short, sidePath, type Flat } from './geometry.js';
import { headMarkup } from './head.js';
import { bodyParts, propParts, type Part } from './parts.js';

/** What a figure shows. */
export interface FigureScene {
  posture: Posture;
  heightCm: number;
  build?: Build;
  props: readonly PropPlacement[];
  view: readonly [turn: number, tilt: number];
}

interface FigureSize {
  width: number;
  height: number;
  margin?: number;
}

/** A colour that shifts by percent towards another; both are CSS variables, so light, dark and print agree. */
const shade = (tone: string, towards: string, percent: number): string =>
  percent < 0.5
    ? `fill="var(--fig-${tone})"`
    : `fill="color-mix(in srgb,var(--fig-${tone}) ${Math.round(100 - percent)}%,var(--fig-${towards}))"`;

/**
 * Draws a posture as SVG markup for a frame of `width` by `height`, without perspective.
 *
 * Colours are CSS variables (`--fig-paper top leg skin hair wood cloth mat wall eye shadow edge`).
 * @returns the inner markup of an `<svg viewBox="0 0 width height">`
 */
export function drawFigure(
  { posture, heightCm, build = 'adult', props, view: [turn, tilt] }: FigureScene,
  { width, height, margin = 10 }: FigureSize,
): string {
  const body = buildBody(posture, heightCm, {}, build);
  const camera = multiply(rotationX(tilt), rotationY(-turn));
  const towards = unrotate(camera, [0, 0, 1]);
  const look = (point: Vec3): Vec3 => {
    const [x, y, z] = rotate(camera, point);
    return [x, -y, z];
  };
  const parts = [...bodyParts(body), ...props.flatMap((prop) => propParts(prop, body))];
  const seen = parts.map((part): Seen => {
    const balls = part.samples.map(([point, radius]) => [look(point), radius] as const);
    const low = (axis: 0 | 1): number => Math.min(...balls.map(([p, r]) => p[axis] - r));
    const high = (axis: 0 | 1): number => Math.max(...balls.map(([p, r]) => p[axis] + r));
    return {
      part,
      balls,
      bounds: [low(0), low(1), high(0), high(1)],
      depth: balls.reduce((sum, [p]) => sum + p[2], 0) / balls.length,
    };
  });

  const { mat, wall } = ground(body, parts, props);
  const edges = [...mat, ...wall].map(look);
  const bounds = [0, 1, 2, 3].map((i) => {
    const pick = i < 2 ? Math.min : Math.max;
    return pick(...seen.map((s) => s.bounds[i]!), ...edges.map((p) => p[i % 2]!));
  }) as [number, number, number, number];
  const pixels = Math.min(
    (width - 2 * margin) / (bounds[2] - bounds[0]),
    (height - 2 * margin) / (bounds[3] - bounds[1]),
    ((1.8 * height) / 220) * (165 / heightCm),
  );
  const left = (width - (bounds[2] + bounds[0]) * pixels) / 2;
  const free = height - 2 * margin - (bounds[3] - bounds[1]) * pixels;
  const top = height - margin - free * 0.3 - bounds[3] * pixels;
  const onPage = (p: Vec3): Flat => [p[0] * pixels + left, p[1] * pixels + top];
  const project = (p: Vec3): Flat => onPage(look(p));

  // Far limbs a little paler.
  const depths = new Map<string, number[]>();
  for (const { part, depth } of seen)
    if (part.limb) depths.set(part.limb, [...(depths.get(part.limb) ?? []), depth]);
  const meanDepth = new Map(
    [...depths].map(([limb, list]) => [limb, list.reduce((a, b) => a + b) / list.length]),
  );
  const nearest = Math.max(...meanDepth.values());
  const fill = (part: Part): string => {
    if (!part.limb) return shade(part.tone, 'paper', 0);
    return shade(
      part.tone,
      'paper',
      part.limb === 'head' || part.limb === 'neck'
        ? 4
        : Math.min(24, ((nearest - meanDepth.get(part.limb)!) / 110) * 100),
    );
  };

  let markup = '';
  if (wall.length)
    markup +=
      `<path d="M${path(wall.map(project))}Z" fill="var(--fig-wall)"/><path ` +
      `d="M${path([wall[0]!, wall[3]!].map(project))}" ` +
      `fill="none" stroke="var(--fig-edge)" stroke-width="1.2"/>`;
  const seated = props.some((prop) => prop.kind === 'chair');
  markup += `<path d="M${path(mat.map(project))}Z" ${shade('mat', 'paper', seated ? 55 : 0)}/>`;
  markup += shadow();
  const line = short(Math.max(0.7, Math.min(1.9, pixels * 1.3)));
  for (const part of depthOrder(seen, towards)) markup += partMarkup(part);
  return markup;

  function shadow(): string {
    const blob = (v: Vec3, r: number): string => {
      const [x, y] = project([v[0], 0, v[2]]);
      const rx = short(r * pixels);
      const ry = short(r * pixels * Math.max(0.12, Math.sin((tilt * Math.PI) / 180)));
      return `M${short(x - rx)} ${short(y)}a${rx} ${ry} 0 1 0 ${short(2 * rx)} 0a${rx} ${ry} 0 1 0 ${short(-2 * rx)} 0`;
    };
    const low = parts.flatMap((part) =>
      part.samples
        .filter(([v, r], i) => (part.kind !== 'box' || i % 3 === 0) && v[1] - r < 7)
        .map(([v, r]) => blob(v, r * 1.1 + (part.kind === 'box' ? 1.5 : 0.6))),
    );
    const all = parts
      .filter((part) => part.limb)
      .flatMap((part) => part.samples.filter((_, i) => i % 2 === 0).map(([v, r]) => blob(v, r + 1)));
    // One path each, however many blobs: a page of figures stays light.
    return (
      `<path d="${all.join('')}" fill="var(--fig-shadow)" opacity=".1"/><path ` +
      `d="${low.join('')}" fill="var(--fig-shadow)" opacity=".2"/>`
    );
  }

  function partMarkup(part: Part): string {
    const colour = fill(part);
    switch (part.kind) {
      case 'chain': {
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
          `<path d="${shape}" ${colour}/>`
        );
      }
      case 'hulls': {
        const shape = part.hulls
          .map(
            (balls) => `M${path(outline(balls.flatMap(([v, r]) => circlePoints(project(v), r * pixels))))}Z`,
          )
          .join('');
        return (
          `<path d="${shape}" ` +
          `${colour} stroke="var(--fig-paper)" stroke-width="${line}" stroke-linejoin="round" paint-order="stroke"/>`
        );
      }
      case 'rings': {
        let shape = '';
        for (let i = 0; i + 1 < part.rings.length; i++)
          shape += `M${path(outline([...part.rings[i]!, ...part.rings[i + 1]!].map(project)))}Z`;
        return `<path d="${shape}" ${colour}/>`;
      }
      case 'head':
        return headMarkup({
          frame: body.frames.head!,
          heightCm: heightCm * BUILDS[build].head,
          towards,
          project,
          pixels,
          skin: colour,
          hair: shade('hair', 'paper', 4),
        });
      case 'box':
        return boxMarkup(part);
    }
  }

  function boxMarkup({ min, max, tone, layer }: Extract<Part, { kind: 'box' }>): string {
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
      .filter(
        ([, normal]) => normal[0] * towards[0] + normal[1] * towards[1] + normal[2] * towards[2] > 0.001,
      )
      .map(
        ([points, , dark]) =>
          `<path d="M${path(points.map(project))}Z" ` +
          `${shade(tone, 'edge', dark + (layer % 2 ? 6 : 0))} stroke="color-mix(in ` +
          `srgb,var(--fig-${tone}) 55%,var(--fig-edge))" stroke-width=".7" stroke-linejoin="round"/>`,
      )
      .join('');
  }
}

/** The mat along the trunk (or the way the figure is long), and the wall behind it if there is one. */
function ground(
  { frames }: Body,
  parts: readonly Part[],
  props: readonly PropPlacement[],
): { mat: Vec3[]; wall: Vec3[] } {
  const flesh = parts.filter((part) => part.limb).flatMap((part) => part.samples.map(([v]) => v));
  const [x0, x1] = extent(flesh, 0);
  const [z0, z1] = extent(flesh, 2);
  const middle: Flat = [(x0 + x1) / 2, (z0 + z1) / 2];
  const trunk = sub(frames.C7!.origin, frames.pelvis!.origin);
  const lies = Math.hypot(trunk[0], trunk[2]) > 25;
  const alongX = lies ? Math.abs(trunk[0]) >= Math.abs(trunk[2]) : x1 - x0 >= z1 - z0;
  const half = Math.max(alongX ? x1 - x0 : z1 - z0, 60) / 2 + 6;
  const wide = 27;
  const wallX = wallAt(props);
  const end = wallX ?? Infinity;
  const rect = (hx: number, hz: number): Vec3[] => {
    const right = Math.min(middle[0] + hx, end);
    return [
      [middle[0] - hx, 0, middle[1] - hz],
      [right, 0, middle[1] - hz],
      [right, 0, middle[1] + hz],
      [middle[0] - hx, 0, middle[1] + hz],
    ];
  };
  const mat = alongX ? rect(half, wide) : rect(wide, half);
  if (wallX === undefined) return { mat, wall: [] };
  const x = wallX + 0.5;
  const y = Math.max(...flesh.map((v) => v[1])) + 10;
  const z = middle[1];
  return {
    mat,
    wall: [
      [x, 0, z - wide],
      [x, y, z - wide],
      [x, y, z + wide],
      [x, 0, z + wide],
    ],
  };
}
