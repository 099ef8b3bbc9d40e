import {
  add,
  cross,
  dot,
  length,
  outline,
  rotate,
  scale,
  sub,
  unit,
  unrotate,
  type Frame,
  type Vec3,
} from '@lotus-steady/core';
import { circlePoints, path, short, type Flat } from './geometry.js';

interface HeadView {
  frame: Frame;
  heightCm: number;
  /** Direction from the scene to the camera, in the world's axes. */
  towards: Vec3;
  project(point: Vec3): Flat;
  /** Pixels per cm. */
  pixels: number;
  skin: string;
  hair: string;
}

// Skull: an ellipsoid about this centre with these half axes (shares of height).
const CENTRE: Vec3 = [0.01, 0.012, 0];
const AXES: Vec3 = [0.058, 0.064, 0.049];
// The face is the part of the skull in front of this plane.
const FACE: Vec3 = unit([1, -0.42, 0]);
const FACE_EDGE = -0.02;

/** Skull, hair, bun, face, nose, eyes and ears: what shows where the figure looks. */
export function headMarkup({ frame, heightCm: h, towards, project, pixels, skin, hair }: HeadView): string {
  const at = (v: Vec3): Vec3 => add(frame.origin, rotate(frame.rotation, scale(v, h)));
  const onSkull = (q: Vec3): Vec3 =>
    at([CENTRE[0] + q[0] * AXES[0], CENTRE[1] + q[1] * AXES[1], CENTRE[2] + q[2] * AXES[2]]);
  const view = unrotate(frame.rotation, towards);
  const seen = unit([view[0] / AXES[0], view[1] / AXES[1], view[2] / AXES[2]]);
  const circle = (normal: Vec3, height: number): Vec3[] => {
    const e = unit(cross(Math.abs(normal[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0], normal));
    const f = cross(normal, e);
    const r = Math.sqrt(1 - height * height);
    return Array.from({ length: 48 }, (_, i) => {
      const t = (i * Math.PI) / 24;
      return add(scale(normal, height), add(scale(e, r * Math.cos(t)), scale(f, r * Math.sin(t))));
    });
  };
  const area = (points: readonly Vec3[], colour: string): string =>
    `<path d="M${path(points.map((q) => project(onSkull(q))))}Z" ${colour}/>`;
  const spot = (v: Vec3, r: number, colour: string): string => {
    const [x, y] = project(at(v));
    return `<circle cx="${short(x)}" cy="${short(y)}" r="${short(r * h * pixels)}" ${colour}/>`;
  };
  const silhouette = circle(seen, 0);
  const faceTowards = dot(seen, FACE) > 0;
  const bun = spot([-0.05, 0.055, 0], 0.026, hair);
  const bunBehind = dot(view, [-0.05, 0.045, 0]) < 0;
  const jaw = `<path d="M${path(
    outline(
      [
        [0.03, -0.03, 0],
        [0.045, -0.034, 0],
      ].flatMap((v) => circlePoints(project(at(v as Vec3)), 0.022 * h * pixels, 14)),
    ),
  )}Z" ${skin}/>`;
  const profile = jaw + spot([0.066, -0.004, 0], 0.011, skin);

  let markup = bunBehind ? bun : '';
  if (!faceTowards) markup += profile;
  markup +=
    area(
      silhouette.map((q) => scale(q, 1.03)),
      hair,
    ) + visibleFace();
  if (faceTowards) markup += profile;
  for (const k of [1, -1]) {
    const eye: Vec3 = [0.053, 0.012, k * 0.021];
    if (dot(view, unit([eye[0] / AXES[0], 0, eye[2] / AXES[2]])) > 0.25)
      markup += spot(eye, 0.0058, 'fill="var(--fig-eye)"');
    if (k * view[2] > 0.3) markup += spot([0, 0, k * 0.05], 0.012, skin);
  }
  return bunBehind ? markup : markup + bun;

  /** The face's rim where the camera sees it, closed along the silhouette. */
  function visibleFace(): string {
    const rim = circle(FACE, FACE_EDGE);
    const visible = rim.map((q) => dot(q, seen) >= 0);
    if (visible.every(Boolean)) return area(rim, skin);
    if (!visible.some(Boolean)) return faceTowards ? area(silhouette, skin) : '';
    const arc = runOf(rim, visible);
    const inside = silhouette.map((q) => dot(q, FACE) > FACE_EDGE);
    if (!inside.some(Boolean)) return area(arc, skin);
    const edge = runOf(silhouette, inside);
    const end = arc[arc.length - 1]!;
    if (length(sub(edge[0]!, end)) > length(sub(edge[edge.length - 1]!, end))) edge.reverse();
    return area([...arc, ...edge], skin);
  }
}

/** The one unbroken run of a closed ring whose flags are set, in order. */
function runOf(ring: readonly Vec3[], flags: readonly boolean[]): Vec3[] {
  const n = ring.length;
  const start = flags.findIndex((flag, i) => flag && !flags[(i + n - 1) % n]);
  const run: Vec3[] = [];
  for (let i = 0; i < n && flags[(Math.max(0, start) + i) % n]; i++)
    run.push(ring[(Math.max(0, start) + i) % n]!);
  return run;
}
