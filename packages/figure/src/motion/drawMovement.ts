import { bodyMarkup, roomMarkup } from '../draw/drawFigure.js';
import { isInList } from '../room/listSize.js';
import { cameraOf, pageFor, type FigureSize, type Page } from '../room/page.js';
import { stageOf, type FigureScene, type Sculpture } from '../room/stage.js';
import { changeBetween } from '../view/silhouette.js';
import { arcArrow } from './arcArrow.js';
import { detailCircle } from './detailCircle.js';
import { ghost } from './ghost.js';
import { turnsMost, waysOf, type Way } from './ways.js';

/** A way shorter than this on the page shows nothing, units. */
const LEAST_WAY = 9;
/** A second arrow is drawn for a place that goes at least so much of the farthest one's way. */
const SECOND = 0.55;
/**
 * A movement whose farthest place goes less than this of the body's height, as it is seen, or that changes less than
 * that share of what is seen, is shown larger in a circle.
 */
const SMALL_MOVEMENT = 0.075;
const SMALL_CHANGE = 0.03;

/** A part that turns most but goes less than this share of the farthest one's way is what the others turn about. */
const STAYS = 0.25;

/**
 * Draws a movement: where it starts as a ghost behind where it ends, at one scale, with an arrow along the way of
 * what moves most; a small one once more in a circle, larger.
 *
 * @param scenes its key frames in order; the first and the last are drawn
 */
export function drawMovement(
  scenes: readonly FigureScene[],
  size: FigureSize,
  sculpture: Sculpture,
  idPrefix = 'f',
): string {
  const mesh = isInList(size) ? sculpture.coarse : sculpture.fine;
  const start = stageOf(scenes[0]!, mesh);
  const end = stageOf(scenes.at(-1)!, mesh);
  const ways = waysOf(scenes);
  const page = pageFor([start, end], cameraOf(end.scene.view), size);
  const farthest = ways.reduce((a, b) => (spanOf(b, page) > spanOf(a, page) ? b : a));
  const isSmall =
    spanOf(farthest, page) < SMALL_MOVEMENT * end.body.heightCm * page.pixels ||
    changeBetween(start, end, page) < SMALL_CHANGE;
  const main =
    roomMarkup(end, page) +
    ghost(start, page) +
    bodyMarkup(end, page, sculpture, idPrefix) +
    (isSmall ? '' : arrows(ways, page));
  if (!isSmall) return main;
  const turned = turnsMost(start.scene.posture, end.scene.posture);
  const least = STAYS * spanOf(farthest, page);
  const shown = ways.find((way) => way.name === turned && spanOf(way, page) >= least) ?? farthest;
  return main + detailCircle(start, end, shown, page, sculpture, idPrefix);
}

/** How far a place gets from its start on the page, units. */
function spanOf({ places }: Way, page: Page): number {
  const [x0, y0] = page.onPage(places[0]!);
  return Math.max(
    ...places.map((place) => {
      const [x, y] = page.onPage(place);
      return Math.hypot(x - x0, y - y0);
    }),
  );
}

/** Arrows along the farthest way, and along that of another part that goes about as far elsewhere. */
function arrows(ways: readonly Way[], page: Page): string {
  const onPage = (way: Way): [number, number][] => way.places.map(page.onPage);
  const span = (points: readonly [number, number][]): number =>
    Math.hypot(points.at(-1)![0] - points[0]![0], points.at(-1)![1] - points[0]![1]);
  const drawn: [number, number][][] = [];
  let most = 0;
  for (const way of ways) {
    const points = onPage(way);
    const long = span(points);
    if (long < LEAST_WAY || (most && long < most * SECOND)) continue;
    const [x, y] = points[2]!;
    const apart = page.width * 0.2;
    if (drawn.some((other) => Math.hypot(other[2]![0] - x, other[2]![1] - y) < apart)) continue;
    drawn.push(points);
    most = Math.max(most, long);
    if (drawn.length === 2) break;
  }
  return drawn.map((points) => arcArrow(points, Math.max(1.3, page.width / 190))).join('');
}
