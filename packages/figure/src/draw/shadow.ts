import { add, length, scale, sub, type Vec3 } from '@lotus-steady/core/body';
import type { Rendered } from '../raster/render.js';
import { isInList } from '../room/listSize.js';
import { areasOf } from '../trace/areas.js';

/** A coarse grid of the page, and where a place of the floor lies on it. */
interface Grid {
  width: number;
  height: number;
  xx: number;
  xz: number;
  x0: number;
  yx: number;
  yz: number;
  y0: number;
}

/** Where on the grid a place of the floor lies; -1 outside it. */
function spot(x: number, z: number, { width, height, xx, xz, x0, yx, yz, y0 }: Grid): number {
  const i = Math.round(xx * x + xz * z + x0);
  const j = Math.round(yx * x + yz * z + y0);
  return i < 2 || j < 2 || i >= width - 2 || j >= height - 2 ? -1 : j * width + i;
}

/** Marks where the skin lies over the floor, and where it is near it. */
function dropped(
  first: number,
  n: number,
  position: Float32Array,
  worn: Uint8Array,
  grid: Grid,
  all: Float32Array,
  low: Float32Array,
): void {
  for (let v = first, k = first * 3; v < n; v++, k += 3) {
    if (!worn[v]) continue;
    const at = spot(position[k]!, position[k + 2]!, grid);
    if (at < 0) continue;
    all[at] = 1;
    if (position[k + 1]! < 7) low[at] = 1;
  }
}
/** Where anything lies within a rectangle about each spot, roundly: two running sums. */
function blurred(src: Float32Array, w: number, hh: number, r: number, ry: number): Uint8Array {
  const tmp = new Float32Array(w * hh);
  const out = new Uint8Array(w * hh);
  for (let y = 0; y < hh; y++) runningSum(src, tmp, y * w, 1, w, r);
  for (let x = 1; x < w - 1; x++) runningMark(tmp, out, x, w, hh, ry);
  return out;
}
function runningSum(
  src: Float32Array,
  out: Float32Array,
  at: number,
  step: number,
  n: number,
  r: number,
): void {
  let sum = 0;
  for (let i = -r; i < n; i++) {
    if (i + r < n) sum += src[at + (i + r) * step]!;
    if (i > r) sum -= src[at + (i - r - 1) * step]!;
    if (i >= 0) out[at + i * step] = sum;
  }
}
function runningMark(
  src: Float32Array,
  out: Uint8Array,
  at: number,
  step: number,
  n: number,
  r: number,
): void {
  let sum = 0;
  for (let i = -r; i < n; i++) {
    if (i + r < n) sum += src[at + (i + r) * step]!;
    if (i > r) sum -= src[at + (i - r - 1) * step]!;
    if (i > 0 && i < n - 1 && sum > 0.5) out[at + i * step] = 1;
  }
}

/** How light a shadow is, of it all and of what is near the floor. */
const ALL = 0.1;
const LOW = 0.2;

/** What lies under a figure, on the page: a soft shadow of it all, and a darker one where it rests. */
export function shadowsOf({ stage, page }: Rendered): readonly { d: string; opacity: number }[] {
  // What lies over each spot of the floor, on a coarse grid of the page, blurred.
  const { width, height, pixels, left, top, camera } = page;
  const { skinned, worn, props, scene } = stage;
  const q = isInList(page) ? 0.75 : 0.4;
  const grid: Grid = {
    width: Math.ceil(width * q),
    height: Math.ceil(height * q),
    xx: camera[0] * pixels * q,
    xz: camera[6] * pixels * q,
    x0: left * q,
    yx: -camera[1] * pixels * q,
    yz: -camera[7] * pixels * q,
    y0: top * q,
  };
  const all = new Float32Array(grid.width * grid.height);
  const low = new Float32Array(grid.width * grid.height);
  const n = skinned.mesh.vertices;
  for (let v = 0; v < n; v += 256) dropped(v, Math.min(v + 256, n), skinned.position, worn, grid, all, low);
  for (const [p, r, s] of props.triangles)
    dropTriangle(props.points[p]!, props.points[r]!, props.points[s]!, pixels * q, grid, all, low);
  const flat = Math.max(0.35, Math.sin((scene.view[1] * Math.PI) / 180) * 1.6);
  const contour = (source: Float32Array, cm: number): string => {
    const r = Math.max(1, Math.round(cm * pixels * q));
    const map = blurred(source, grid.width, grid.height, r, Math.max(1, Math.round(r * flat)));
    const tracing = {
      width: grid.width,
      height: grid.height,
      scale: q,
      tolerance: 0.4,
      passes: 16,
      shortest: 10,
    };
    return areasOf(map, tracing).get(1) ?? '';
  };
  return [
    { d: contour(all, 2.6), opacity: ALL },
    { d: contour(low, 1.6), opacity: LOW },
  ];
}

/** The shadows as SVG. */
export const shadowMarkup = (rendered: Rendered): string =>
  shadowsOf(rendered)
    .map(({ d, opacity }) => `<path d="${d}" fill="var(--fig-shadow)" opacity="${opacity}"/>`)
    .join('');

/** Marks what lies under a triangle of a prop. */
function dropTriangle(
  a: Vec3,
  b: Vec3,
  c: Vec3,
  perCm: number,
  grid: Grid,
  all: Float32Array,
  low: Float32Array,
): void {
  const u = sub(b, a);
  const v = sub(c, a);
  const steps = Math.max(1, Math.min(14, Math.ceil((Math.max(length(u), length(v)) * perCm) / 2)));
  for (let i = 0; i <= steps; i++)
    for (let j = 0; j <= steps - i; j++) {
      const [x, y, z] = add(a, add(scale(u, i / steps), scale(v, j / steps)));
      const at = spot(x, z, grid);
      if (at < 0) continue;
      all[at] = 1;
      if (y < 4) low[at] = 1;
    }
}
