import type { Vec3 } from '@lotus-steady/core/body';
import { drawMarks } from '../marks/drawMarks.js';
import type { Mark } from '../marks/marks.js';
import { inLook } from '../people/look.js';
import { wipe } from '../raster/buffer.js';
import { exactEdges } from '../raster/exactEdges.js';
import { FIRST_PROP, labelPixels } from '../raster/labelPixels.js';
import { render, type Rendered } from '../raster/render.js';
import { shadeEdges } from '../raster/shadeEdges.js';
import { isInList, scaleFor } from '../room/listSize.js';
import { cameraOf, pageFor, type FigureSize, type Page } from '../room/page.js';
import { stageOf, type FigureScene, type Sculpture, type Stage } from '../room/stage.js';
import { areasOf } from '../trace/areas.js';
import { depthLines } from './depthLines.js';
import { faceMarkup } from './face.js';
import { farLimbs } from './farLimbs.js';
import { mixed, short, type Paint } from './paint.js';
import { shadowMarkup } from './shadow.js';
import { stackCounts } from './stackCounts.js';

/**
 * Draws a posture as SVG markup for a frame of `width` by `height`, without perspective.
 *
 * Colours are CSS variables (`--fig-paper top leg skin hair wood cloth mat wall eye shadow edge`).
 *
 * @param idPrefix begins the names of gradients: figures in one page need different ones
 * @param marks what is asked of the body, drawn on top
 * @returns the inner markup of an `<svg viewBox="0 0 width height">`
 */
export function drawFigure(
  scene: FigureScene,
  size: FigureSize,
  sculpture: Sculpture,
  idPrefix = 'f',
  marks: readonly Mark[] = [],
): string {
  const stage = stageOf(scene, isInList(size) ? sculpture.coarse : sculpture.fine);
  const page = pageFor([stage], cameraOf(scene.view), size);
  return (
    roomMarkup(stage, page) +
    bodyMarkup(stage, page, sculpture, idPrefix) +
    drawMarks(marks, stage.body, page)
  );
}

const polygon = (places: readonly Vec3[], { onPage }: Page): string =>
  `M${places.map((place) => onPage(place).map(short).join(' ')).join('L')}`;

/** Wall and mat. */
export function roomMarkup({ ground: { wall, mat }, scene }: Stage, page: Page): string {
  const seated = scene.props.some((prop) => prop.kind === 'chair');
  const back = wall.length
    ? `<path d="${polygon(wall, page)}Z" fill="var(--fig-wall)" stroke="${mixed('wall', 'edge', 30)}" ` +
      `stroke-width=".8" stroke-linejoin="round"/>` +
      `<path d="${polygon([wall[0]!, wall[3]!], page)}" fill="none" stroke="var(--fig-edge)" stroke-width="1.2"/>`
    : '';
  return `${back}<path d="${polygon(mat, page)}Z" fill="${mixed('mat', 'paper', seated ? 55 : 0)}"/>`;
}

/**
 * The body with its props and shadow, in the colours of its look.
 *
 * @param plain its areas alone, where there is little room
 */
export function bodyMarkup(
  stage: Stage,
  page: Page,
  sculpture: Sculpture,
  idPrefix: string,
  plain = false,
): string {
  const rendered = render(stage, page, scaleFor(page));
  const { buffers } = rendered;
  exactEdges(rendered);
  const { far, paints: bodyPaints } = farLimbs(stage, page, idPrefix);
  labelPixels(buffers, stage.skinned.mesh, far);
  const paints: Paint[] = [{ fill: 'none' }, ...bodyPaints, ...stage.props.paints];
  const areas = areasMarkup(rendered, paints);
  const markup = plain
    ? areas
    : [
        shadowMarkup(rendered),
        areas,
        shadeMarkup(rendered),
        faceMarkup(rendered, sculpture.face),
        depthLines(rendered),
        stackCounts(rendered),
      ].join('');
  wipe(buffers);
  return inLook(markup, stage.look);
}

function areasMarkup({ buffers, scale, page, propCorners }: Rendered, paints: readonly Paint[]): string {
  const { buffer, labels, exact } = buffers;
  const areas = areasOf(labels, {
    width: buffer.width,
    height: buffer.height,
    scale,
    tolerance: (isInList(page) ? 0.46 : 0.28) * scale,
    straight: { from: FIRST_PROP, corners: propCorners.map(([x, y]) => [x, y] as const) },
    passes: isInList(page) ? 3 : 5,
    exact,
    rows: buffer,
  });
  let gradients = '';
  let markup = '';
  for (const [label, path] of [...areas].sort((a, b) => b[0] - a[0])) {
    const { fill, stroke, gradient } = paints[label]!;
    gradients += gradient ?? '';
    if (!path) continue;
    const wider = stroke || gradient ? ` stroke-width="var(--fig-outline-width,${stroke ? 0.7 : 0.9})"` : '';
    markup += `<path d="${path}" fill="${fill}" stroke="var(--fig-outline,${stroke ?? fill})"${wider}/>`;
  }
  const ink = `stroke-width="var(--fig-outline-width,${HAIR})" stroke-linejoin="round"`;
  return `${gradients ? `<defs>${gradients}</defs>` : ''}<g ${ink}>${markup}</g>`;
}

/** Neighbouring areas meet under a hair of their own colour; a palette for ink draws outlines instead. */
const HAIR = 0.35;

function shadeMarkup({ buffers, scale, page }: Rendered): string {
  const { buffer, dark, exact } = buffers;
  shadeEdges(buffers);
  const shade = areasOf(dark, {
    width: buffer.width,
    height: buffer.height,
    scale,
    tolerance: (isInList(page) ? 0.62 : 0.39) * scale,
    passes: 9,
    shortest: 45,
    exact,
    rows: buffer,
  }).get(1);
  return shade ? `<path d="${shade}" fill="var(--fig-shade,#0b1030)" opacity=".16"/>` : '';
}
