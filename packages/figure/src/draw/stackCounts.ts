import type { Vec3 } from '@lotus-steady/core/body';
import { FAR, PROP } from '../raster/buffer.js';
import type { Rendered } from '../raster/render.js';
import { towardsEye } from '../room/page.js';
import { short } from './paint.js';

/** Below so many units a figure of a count cannot be read. */
const LEAST_SIZE = 5;

/** How many blankets lie in each stack, written on the side of it that one sees. */
export function stackCounts(rendered: Rendered): string {
  const { stage, page } = rendered;
  const stacks = new Map<string, { min: Vec3; max: Vec3; count: number }>();
  for (const { solid, layer } of stage.pieces) {
    if (solid.kind !== 'box' || layer === undefined) continue;
    const key = [solid.min[0], solid.min[2]].map(Math.round).join();
    const stack = stacks.get(key);
    if (stack) stack.max = solid.max;
    stacks.set(key, { min: stack?.min ?? solid.min, max: solid.max, count: layer + 1 });
  }
  return [...stacks.values()]
    .filter(({ count }) => count > 1)
    .map(({ min, max, count }) => {
      const size = Math.min(page.width / 9, (max[1] - min[1]) * page.pixels * 0.85);
      const at = size < LEAST_SIZE ? undefined : placeOn(rendered, min, max);
      if (!at) return '';
      const [x, y] = page.onPage(at);
      return (
        `<text x="${short(x)}" y="${short(y + size * 0.36)}" text-anchor="middle" font-family="sans-serif" ` +
        `font-weight="700" font-size="${short(size)}" fill="var(--fig-edge)">${count}</text>`
      );
    })
    .join('');
}

/** A place on the broader side of a box that faces the eye, where nothing is before it. */
function placeOn({ page, scale, buffers }: Rendered, min: Vec3, max: Vec3): Vec3 | undefined {
  const eye = towardsEye(page.camera);
  const facesX = Math.abs(eye[0]) * (max[2] - min[2]) > Math.abs(eye[2]) * (max[0] - min[0]);
  const { id, depth, width, height } = buffers.buffer;
  const y = (min[1] + max[1]) / 2;
  for (const share of [0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9]) {
    const along = (axis: 0 | 2): number => min[axis] + (max[axis] - min[axis]) * share;
    const place: Vec3 = facesX
      ? [eye[0] > 0 ? max[0] : min[0], y, along(2)]
      : [along(0), y, eye[2] > 0 ? max[2] : min[2]];
    const [px, py] = page.onPage(place);
    const [column, row] = [Math.floor(px * scale), Math.floor(py * scale)];
    if (column < 1 || row < 1 || column >= width || row >= height) continue;
    const i = row * width + column;
    if (id[i]! >= PROP && Math.abs(depth[i]! - page.look(place)[2] - FAR) < 2) return place;
  }
  return undefined;
}
