import type { Exact } from '../raster/buffer.js';
import { fitCurve, reversed, type Curve } from './fitCurve.js';
import { pathText } from './pathText.js';
import { smoothed } from './smoothed.js';
import { straightened } from './straightened.js';
import { traceArcs, type Arc } from './traceArcs.js';

/** How a label map is traced. */
export interface Tracing {
  width: number;
  height: number;
  /** Pixels of the map in a unit of the page. */
  scale: number;
  /** How far a curve may be from what it follows, pixels. */
  tolerance: number;
  /** Labels from this one on run straight from corner to corner, pixels. */
  straight?: { from: number; corners: readonly (readonly [number, number])[] };
  /** How often a boundary is smoothed. */
  passes?: number;
  /** Closed boundaries of fewer cracks are left out. */
  shortest?: number;
  /** Where boundaries cross from pixel to pixel, if it is known. */
  exact?: Exact;
  /** The first and last column that is not 0, by row, if it is known. */
  rows?: { from: Int32Array; to: Int32Array };
}

/** A boundary as one of its two areas sees it: with the area on the right of the way. */
interface Side {
  curve: Curve;
  from: number;
  to: number;
  closed: boolean;
  used: boolean;
}

/** A path per label, on the page, from shared arcs, so that neighbours meet without gaps. */
export function areasOf(labels: Uint8Array, tracing: Tracing): Map<number, string> {
  const { width, height, scale, shortest = 8, rows } = tracing;
  const byLabel = new Map<number, Side[]>();
  const put = (label: number, side: Omit<Side, 'used'>): void => {
    if (!label) return;
    const list = byLabel.get(label);
    if (list) list.push({ ...side, used: false });
    else byLabel.set(label, [{ ...side, used: false }]);
  };
  for (const arc of traceArcs(labels, width, height, rows)) {
    const { corners, closed, left, right } = arc;
    if (closed && corners.length <= shortest) continue;
    const curve = curveOf(arc, tracing);
    const from = corners[0]!;
    const to = corners.at(-1)!;
    put(right, { curve, from, to, closed });
    put(left, { curve: reversed(curve), from: to, to: from, closed });
  }
  return new Map([...byLabel].map(([label, sides]) => [label, outlineOf(sides, scale)]));
}

function curveOf({ left, right, corners, closed }: Arc, tracing: Tracing): Curve {
  const { width, straight, passes = 6, exact, tolerance } = tracing;
  const isProp = (label: number): boolean => label >= straight!.from;
  const isStraight =
    straight && (isProp(left) || isProp(right)) && (!left || isProp(left)) && (!right || isProp(right));
  const W = width + 1;
  if (isStraight)
    return straightened(
      corners.map((c) => [c % W, (c / W) | 0] as const),
      closed,
      straight.corners,
    );
  const line = smoothed(corners, closed, corners.length < 14 ? 2 : passes, W, exact);
  return fitCurve(line, closed, tolerance);
}

/** The sides of an area put together to closed paths. */
function outlineOf(sides: Side[], scale: number): string {
  const starts = new Map<number, Side[]>();
  for (const side of sides) {
    const list = starts.get(side.from);
    if (list) list.push(side);
    else starts.set(side.from, [side]);
  }
  let path = '';
  for (const first of sides) {
    if (first.used) continue;
    const loop: Curve[] = [];
    let side: Side | undefined = first;
    while (side) {
      side.used = true;
      loop.push(side.curve);
      if (side.closed || side.to === first.from) break;
      side = starts.get(side.to)?.find((next) => !next.used);
    }
    path += pathText(loop, scale);
  }
  return path;
}
