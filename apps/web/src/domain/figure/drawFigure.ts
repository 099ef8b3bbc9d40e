import {
  buildBody,
  multiply,
  rotate,
  rotationX,
  rotationY,
  unrotate,
  type Build,
  type Posture,
  type PropPlacement,
  type Vec3,
} from '@lotus-steady/core';
import { bodyParts } from './bodyParts.js';
import { depthOrder, type Seen } from './depthOrder.js';
import { path, short, type Flat } from './geometry.js';
import { ground } from './ground.js';
import { partMarkup } from './partMarkup.js';
import type { Part } from './parts.js';
import { propParts } from './propParts.js';
import { shade } from './shade.js';
import { shadowMarkup } from './shadow.js';

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

/**
 * Draws a posture as SVG markup for a frame of `width` by `height`, without perspective.
 *
 * Colours are CSS variables (`--fig-paper top leg skin hair wood cloth mat wall eye shadow edge`).
 * @returns the inner markup of an `<svg viewBox="0 0 width height">`
 */
export function drawFigure(
  { posture, heightCm, build = 'adult', props, view }: FigureScene,
  size: FigureSize,
): string {
  const body = buildBody(posture, heightCm, {}, build);
  const { look, towards } = cameraOf(view);
  const parts = [...bodyParts(body), ...props.flatMap((prop) => propParts(prop, body))];
  const seen = parts.map((part) => seenAs(part, look));
  const { mat, wall } = ground(body, parts, props);
  const { pixels, onPage } = pageFor(seen, [...mat, ...wall].map(look), size, heightCm);
  const project = (place: Vec3): Flat => onPage(look(place));
  const pen = {
    project,
    pixels,
    line: short(Math.max(0.7, Math.min(1.9, pixels * 1.3))),
    towards,
    fill: fillOf(seen),
    whose: { frames: body.frames, heightCm, build },
  };
  const seated = props.some((prop) => prop.kind === 'chair');
  return [
    wall.length ? wallMarkup(wall.map(project)) : '',
    `<path d="M${path(mat.map(project))}Z" ${shade('mat', 'paper', seated ? 55 : 0)}/>`,
    shadowMarkup(parts, pen, view[1]),
    ...depthOrder(seen, towards).map((part) => partMarkup(part, pen)),
  ].join('');
}

/** A view from a side and from above, degrees: a place as the camera has it, and the way to the camera. */
function cameraOf([turn, tilt]: FigureScene['view']): { look: (place: Vec3) => Vec3; towards: Vec3 } {
  const camera = multiply(rotationX(tilt), rotationY(-turn));
  return {
    towards: unrotate(camera, [0, 0, 1]),
    look: (place) => {
      const [x, y, z] = rotate(camera, place);
      return [x, -y, z];
    },
  };
}

/** A part as the camera has it: its balls, how far it reaches, how near it is. */
function seenAs(part: Part, look: (place: Vec3) => Vec3): Seen {
  const balls = part.samples.map(([point, radius]) => [look(point), radius] as const);
  const low = (axis: 0 | 1): number => Math.min(...balls.map(([p, r]) => p[axis] - r));
  const high = (axis: 0 | 1): number => Math.max(...balls.map(([p, r]) => p[axis] + r));
  return {
    part,
    balls,
    bounds: [low(0), low(1), high(0), high(1)],
    depth: balls.reduce((sum, [p]) => sum + p[2], 0) / balls.length,
  };
}

/** How large the scene is drawn, and where: whole, no larger than others of its kind, a little above the foot. */
function pageFor(
  seen: readonly Seen[],
  edges: readonly Vec3[],
  { width, height, margin = 10 }: FigureSize,
  heightCm: number,
): { pixels: number; onPage: (seenPlace: Vec3) => Flat } {
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
  return { pixels, onPage: (p) => [p[0] * pixels + left, p[1] * pixels + top] };
}

/** The colour of each part: far limbs a little paler. */
function fillOf(seen: readonly Seen[]): (part: Part) => string {
  const depths = new Map<string, number[]>();
  for (const { part, depth } of seen)
    if (part.limb) depths.set(part.limb, [...(depths.get(part.limb) ?? []), depth]);
  const meanDepth = new Map(
    [...depths].map(([limb, list]) => [limb, list.reduce((a, b) => a + b) / list.length]),
  );
  const nearest = Math.max(...meanDepth.values());
  return ({ tone, limb }) => {
    if (!limb) return shade(tone, 'paper', 0);
    if (limb === 'head' || limb === 'neck') return shade(tone, 'paper', 4);
    return shade(tone, 'paper', Math.min(24, ((nearest - meanDepth.get(limb)!) / 110) * 100));
  };
}

const wallMarkup = (corners: readonly Flat[]): string =>
  `<path d="M${path(corners)}Z" fill="var(--fig-wall)"/><path ` +
  `d="M${path([corners[0]!, corners[3]!])}" ` +
  `fill="none" stroke="var(--fig-edge)" stroke-width="1.2"/>`;
