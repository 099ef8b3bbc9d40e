import { PROP, wipe } from '../raster/buffer.js';
import { render, type Rendered } from '../raster/render.js';
import type { Page } from '../room/page.js';
import type { Stage } from '../room/stage.js';

/** By pixel: 1 where the body is seen, 0 elsewhere. Props are left out. */
export function silhouetteOf({ buffers }: Rendered): Uint8Array {
  const { id, width, height } = buffers.buffer;
  return Uint8Array.from(id.subarray(0, width * height), (v) => (v > 0 && v < PROP ? 1 : 0));
}

/** Share of the pixels of either silhouette in which they differ. */
export function differenceOf(a: Uint8Array, b: Uint8Array): number {
  let either = 0;
  let differs = 0;
  for (let i = 0; i < a.length; i++) {
    if (!a[i] && !b[i]) continue;
    either++;
    if (a[i] !== b[i]) differs++;
  }
  return differs / (either || 1);
}

/** Pixels in a unit of the page that are enough to tell silhouettes apart. */
const SCALE = 0.8;

/** How much of what is seen changes from one stage to another on a page, 0 to 1. */
export function changeBetween(start: Stage, end: Stage, page: Page): number {
  const [a, b] = [start, end].map((stage) => {
    const rendered = render(stage, page, SCALE);
    const silhouette = silhouetteOf(rendered);
    wipe(rendered.buffers);
    return silhouette;
  });
  return differenceOf(a!, b!);
}
