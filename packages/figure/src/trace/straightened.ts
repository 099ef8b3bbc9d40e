import type { Curve } from './fitCurve.js';

type Point = readonly [number, number];

/** A corner nearer to a boundary than this, pixels, is on it. */
const ON_CORNER = 2.2;
/** A boundary may be so far from the line that replaces it, pixels. */
const OFF_LINE = 1.1;

/**
 * A boundary of props: straight from corner to corner where the pixels agree (Douglas and Peucker 1973), as curves.
 *
 * @param corners where props have corners, pixels
 */
export function straightened(points: readonly Point[], closed: boolean, corners: readonly Point[]): Curve {
  const around = closed ? points.slice(0, -1) : points;
  const n = around.length;
  const cornerAt = ([x, y]: Point): Point | undefined =>
    corners.find(([cx, cy]) => Math.abs(cx - x) < ON_CORNER && Math.abs(cy - y) < ON_CORNER);
  const snapped = (point: Point): Point => cornerAt(point) ?? point;
  const kept: Point[] = [];
  const simplify = (a: number, b: number): void => {
    const { at, off } = farthest(around, a, b);
    if (off > OFF_LINE && at > 0) {
      simplify(a, at);
      simplify(at, b);
    } else kept.push(snapped(around[b % n]!));
  };
  if (closed) {
    const start = Math.max(
      0,
      around.findIndex((point) => cornerAt(point)),
    );
    kept.push(snapped(around[start]!));
    simplify(start, start + (n >> 1));
    simplify(start + (n >> 1), start + n);
  } else {
    // Ends are shared with other boundaries: they stay.
    kept.push(around[0]!);
    simplify(0, n - 1);
    kept[kept.length - 1] = around[n - 1]!;
  }
  const curve: Curve = [...kept[0]!];
  for (let i = 1; i < kept.length; i++) {
    const [ax, ay] = kept[i - 1]!;
    const [bx, by] = kept[i]!;
    curve.push(ax + (bx - ax) / 3, ay + (by - ay) / 3, bx - (bx - ax) / 3, by - (by - ay) / 3, bx, by);
  }
  return curve;
}

/** Of the points from `a` to `b`, going round, the one that is farthest from the line between them. */
function farthest(points: readonly Point[], a: number, b: number): { at: number; off: number } {
  const n = points.length;
  const [ax, ay] = points[a % n]!;
  const [bx, by] = points[b % n]!;
  const l = Math.hypot(bx - ax, by - ay);
  let found = { at: -1, off: 0 };
  for (let i = a + 1; i < b; i++) {
    const [x, y] = points[i % n]!;
    const off =
      l < 2 ? Math.hypot(x - ax, y - ay) : Math.abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) / l;
    if (off > found.off) found = { at: i, off };
  }
  return found;
}
