import { PROP, wipe } from '../raster/buffer.js';
import { exactEdges } from '../raster/exactEdges.js';
import { render } from '../raster/render.js';
import { scaleFor } from '../room/listSize.js';
import type { Page } from '../room/page.js';
import type { Stage } from '../room/stage.js';
import { areasOf } from '../trace/areas.js';

/** The outline of a stage, pale. */
export function ghost(stage: Stage, page: Page): string {
  const rendered = render(stage, page, scaleFor(page));
  const { buffers } = rendered;
  exactEdges(rendered);
  const { buffer, labels, exact } = buffers;
  for (let i = 0; i < buffer.width * buffer.height; i++)
    labels[i] = buffer.id[i]! > 0 && buffer.id[i]! < PROP ? 1 : 0;
  const outline = areasOf(labels, {
    width: buffer.width,
    height: buffer.height,
    scale: rendered.scale,
    tolerance: 0.45 * rendered.scale,
    passes: 4,
    exact,
    rows: buffer,
  }).get(1);
  wipe(buffers);
  return (
    `<path d="${outline ?? ''}" fill="var(--fig-leg)" fill-opacity=".2" stroke="var(--fig-leg)" ` +
    `stroke-opacity=".45" stroke-width=".8" stroke-dasharray="3 2" stroke-linejoin="round"/>`
  );
}
