import type { Curve } from './fitCurve.js';

const written = (tenths: number): string => String(tenths / 10).replace(/^(-?)0\./, '$1.');
/** Tenths as text, without a leading 0, from -100 to 100: the usual ones are written once. */
const NUMBERS = Array.from({ length: 2001 }, (_, i) => written(i - 1000));
const SEPARATED = NUMBERS.map((text, i) => (i < 1000 ? text : ` ${text}`));
const first = (tenths: number): string => NUMBERS[tenths + 1000] ?? written(tenths);
const next = (tenths: number): string =>
  SEPARATED[tenths + 1000] ?? (tenths < 0 ? written(tenths) : ` ${written(tenths)}`);

/** A closed polygon on the page, its corners told from one to the next. */
export function polygonText(points: readonly (readonly [number, number])[]): string {
  let [x, y] = points[0]!.map((v) => Math.round(v * 10)) as [number, number];
  let d = `M${x / 10} ${y / 10}l`;
  let isFirst = true;
  for (const point of points.slice(1)) {
    const dx = Math.round(point[0] * 10) - x;
    const dy = Math.round(point[1] * 10) - y;
    if (!dx && !dy) continue;
    d += (isFirst ? first(dx) : next(dx)) + next(dy);
    isFirst = false;
    x += dx;
    y += dy;
  }
  return `${d}z`;
}

/** Less of an area than this cannot be seen, units of the page squared. */
const LEAST_AREA = 0.7;

/**
 * A closed path of curves one after another, in tenths of a unit of the page.
 *
 * @param scale pixels of the curves in a unit of the page
 * @returns '' for one that is too small to be seen
 * @example pathText([square], 1) // 'M0 0l10 0l0 10l-10 0z'
 */
export function pathText(curves: readonly Curve[], scale: number): string {
  const f = 10 / scale;
  let x = Math.round(curves[0]![0]! * f);
  let y = Math.round(curves[0]![1]! * f);
  let d = `M${x / 10} ${y / 10}`;
  let twice = 0;
  for (const curve of curves)
    for (let i = 2; i + 5 < curve.length; i += 6) {
      const x1 = Math.round(curve[i]! * f) - x;
      const y1 = Math.round(curve[i + 1]! * f) - y;
      const x2 = Math.round(curve[i + 2]! * f) - x;
      const y2 = Math.round(curve[i + 3]! * f) - y;
      const x3 = Math.round(curve[i + 4]! * f) - x;
      const y3 = Math.round(curve[i + 5]! * f) - y;
      if (x3 === 0 && y3 === 0) continue;
      // On a straight line a plain one will do.
      const off = Math.abs(x1 * y3 - y1 * x3) + Math.abs(x2 * y3 - y2 * x3);
      d +=
        off < 1.2 * Math.sqrt(x3 * x3 + y3 * y3)
          ? `l${first(x3)}${next(y3)}`
          : `c${first(x1)}${next(y1)}${next(x2)}${next(y2)}${next(x3)}${next(y3)}`;
      twice += x * y3 - y * x3 + 0.3 * off;
      x += x3;
      y += y3;
    }
  return Math.abs(twice) / 200 < LEAST_AREA ? '' : `${d}z`;
}
