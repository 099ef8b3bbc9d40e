import { unit, type Vec3 } from '@lotus-steady/core/body';
import type { Page } from '../room/page.js';
import type { Stage } from '../room/stage.js';
import { buffersFor, FAR, PROP, type Buffers } from './buffer.js';
import { fillTriangle } from './fillTriangle.js';

/** Where light comes from, as the camera has it: right, up, towards the eye. */
const LIGHT: Vec3 = unit([-0.5, 0.72, 0.5]);

/** Triangles or corners done at a time, see `skin.ts`. */
const BLOCK = 256;

/** The corners of the body's surface in pixels. */
export interface Projected {
  x: Float32Array;
  y: Float32Array;
  /** Depth towards the eye, cm, above `FAR`. */
  z: Float32Array;
  light: Float32Array;
}

/** A stage as it is seen: the buffers, and what they were filled from. */
export interface Rendered {
  stage: Stage;
  page: Page;
  /** Pixels of the buffers in a unit of the page. */
  scale: number;
  corners: Projected;
  /** By triangle: 1 where its outside is seen. */
  front: Uint8Array;
  /** Corners of the props in pixels. */
  propCorners: Vec3[];
  buffers: Buffers;
}

/**
 * Renders a stage into the shared buffers, which `wipe` must empty afterwards.
 *
 * @param scale pixels of the buffers in a unit of the page
 */
export function render(stage: Stage, page: Page, scale: number): Rendered {
  const buffers = buffersFor(Math.ceil(page.width * scale), Math.ceil(page.height * scale));
  const { skinned, worn, props } = stage;
  const { mesh } = skinned;
  const corners = project(stage, page, scale);
  const front = new Uint8Array(mesh.triangles);
  for (let t = 0; t < mesh.triangles; t += BLOCK)
    fillSome(t, Math.min(t + BLOCK, mesh.triangles), buffers, mesh.triangle, worn, corners, front);
  const k = page.pixels * scale;
  const propCorners = props.points.map((place): Vec3 => {
    const [x, y, z] = page.look(place);
    return [x * k + page.left * scale, y * k + page.top * scale, z + FAR];
  });
  for (const [p, q, r, paint] of props.triangles) {
    const [px, py, pz] = propCorners[p]!;
    const [qx, qy, qz] = propCorners[q]!;
    const [rx, ry, rz] = propCorners[r]!;
    fillTriangle(buffers.buffer, px, py, pz, 1, qx, qy, qz, 1, rx, ry, rz, 1, PROP + paint);
  }
  return { stage, page, scale, corners, front, propCorners, buffers };
}

function project({ skinned }: Stage, page: Page, scale: number): Projected {
  const n = skinned.mesh.vertices;
  const corners: Projected = {
    x: new Float32Array(n),
    y: new Float32Array(n),
    z: new Float32Array(n),
    light: new Float32Array(n),
  };
  const k = page.pixels * scale;
  for (let v = 0; v < n; v += BLOCK)
    projectSome(
      v,
      Math.min(v + BLOCK, n),
      skinned.position,
      skinned.normal,
      page.camera,
      k,
      page.left * scale,
      page.top * scale,
      corners,
    );
  return corners;
}

function projectSome(
  first: number,
  end: number,
  position: Float32Array,
  normal: Float32Array,
  [a, b, c, d, e, f, g, h, i]: Page['camera'],
  k: number,
  left: number,
  top: number,
  { x, y, z, light }: Projected,
): void {
  // The light in the room's axes.
  const lx = LIGHT[0] * a + LIGHT[1] * b + LIGHT[2] * c;
  const ly = LIGHT[0] * d + LIGHT[1] * e + LIGHT[2] * f;
  const lz = LIGHT[0] * g + LIGHT[1] * h + LIGHT[2] * i;
  for (let v = first, at = first * 3; v < end; v++, at += 3) {
    const px = position[at]!;
    const py = position[at + 1]!;
    const pz = position[at + 2]!;
    x[v] = (a * px + d * py + g * pz) * k + left;
    y[v] = -(b * px + e * py + h * pz) * k + top;
    z[v] = c * px + f * py + i * pz + FAR;
    light[v] = lx * normal[at]! + ly * normal[at + 1]! + lz * normal[at + 2]!;
  }
}

function fillSome(
  first: number,
  end: number,
  { buffer }: Buffers,
  triangle: Uint16Array,
  worn: Uint8Array,
  { x, y, z, light }: Projected,
  front: Uint8Array,
): void {
  for (let t = first, at = first * 3; t < end; t++, at += 3) {
    const p = triangle[at]!;
    if (!worn[p]) continue;
    const q = triangle[at + 1]!;
    const r = triangle[at + 2]!;
    const px = x[p]!;
    const py = y[p]!;
    const qx = x[q]!;
    const qy = y[q]!;
    const rx = x[r]!;
    const ry = y[r]!;
    // Seen from within: y grows downwards, so the sign turns.
    if ((qx - px) * (ry - py) - (rx - px) * (qy - py) >= 0) continue;
    front[t] = 1;
    fillTriangle(buffer, px, py, z[p]!, light[p]!, qx, qy, z[q]!, light[q]!, rx, ry, z[r]!, light[r]!, t + 1);
  }
}
