import type { Vec3 } from '@lotus-steady/core/body';
import { bodyMarkup } from '../draw/drawFigure.js';
import { short } from '../draw/paint.js';
import { isInList } from '../room/listSize.js';
import type { Page } from '../room/page.js';
import type { Sculpture, Stage } from '../room/stage.js';
import { arcArrow } from './arcArrow.js';
import { ghost } from './ghost.js';
import type { Way } from './ways.js';

/** An arrow in a circle is at least so long, units. */
const LEAST_ARROW = 15;

/** How much larger a small movement is drawn in its circle; the trunk needs room round it to be known. */
const LARGER = 2.4;
const TRUNK_LARGER = 1.5;

/** A circle with the part that moves, larger: its start as a ghost, its end, and the way between. */
export function detailCircle(
  start: Stage,
  end: Stage,
  way: Way,
  page: Page,
  sculpture: Sculpture,
  idPrefix: string,
): string {
  const radius = Math.min(page.width, page.height) * 0.27;
  const place = way.places.at(-1)!;
  const [x, y] = page.onPage(place);
  const [cx, cy] = emptiestCorner(end, page, radius);
  const larger = lookingAt(page, place, way.name === 'lowBack' ? TRUNK_LARGER : LARGER, radius);
  const id = `${idPrefix}c`;
  const l = Math.hypot(cx - x, cy - y) || 1;
  const [ex, ey] = [cx - ((cx - x) / l) * radius, cy - ((cy - y) / l) * radius];
  const ring = 'fill="none" stroke="var(--fig-mark)" stroke-width="1.1"';
  const r = short(radius);
  const circle = `<circle cx="${r}" cy="${r}" r="${r}"`;
  const arrow = arcArrow(plain(way.places.map(larger.onPage)), Math.max(1.3, page.width / 190));
  return (
    `<path d="M${short(x)} ${short(y)}L${short(ex)} ${short(ey)}" ${ring} stroke-dasharray="2 2"/>` +
    `<g transform="translate(${short(cx - radius)} ${short(cy - radius)})">` +
    `<clipPath id="${id}">${circle}/></clipPath><g clip-path="url(#${id})">` +
    `${circle} fill="var(--fig-paper)"/>${ghost(start, larger)}` +
    `${bodyMarkup(end, larger, sculpture, `${idPrefix}d`, isInList(page))}${arrow}</g>${circle} ${ring}/></g>`
  );
}

/** Where in a corner a circle covers least of the figure. */
function emptiestCorner(stage: Stage, page: Page, radius: number): [number, number] {
  const places: [number, number][] = [];
  const { position } = stage.skinned;
  for (let v = 0; v < position.length; v += 30)
    places.push(page.onPage([position[v]!, position[v + 1]!, position[v + 2]!]));
  for (const point of stage.props.points) places.push(page.onPage(point));
  const near = radius + 3;
  const corners = [near, page.width - near].flatMap((x) =>
    [near, page.height - near].map((y): [number, number] => [x, y]),
  );
  const covered = ([cx, cy]: [number, number]): number =>
    places.filter(([x, y]) => Math.hypot(x - cx, y - cy) < radius).length;
  return corners.reduce((a, b) => (covered(b) < covered(a) ? b : a));
}

/** A way that is too short to be seen, drawn out about its middle. */
function plain(points: readonly [number, number][]): [number, number][] {
  const [x0, y0] = points[0]!;
  const [x1, y1] = points.at(-1)!;
  const by = Math.max(1, LEAST_ARROW / (Math.hypot(x1 - x0, y1 - y0) || 1));
  const [mx, my] = [(x0 + x1) / 2, (y0 + y1) / 2];
  return points.map(([x, y]) => [mx + (x - mx) * by, my + (y - my) * by]);
}

/** A page as wide as the circle that is so many times larger, with a place of the room in its middle. */
function lookingAt(page: Page, place: Vec3, by: number, radius: number): Page {
  const pixels = page.pixels * by;
  const [x, y] = page.look(place);
  const left = radius - x * pixels;
  const top = radius - y * pixels;
  return {
    ...page,
    width: 2 * radius,
    height: 2 * radius,
    pixels,
    left,
    top,
    onPage: (other) => {
      const [ox, oy] = page.look(other);
      return [ox * pixels + left, oy * pixels + top];
    },
  };
}
