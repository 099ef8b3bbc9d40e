import type { Exact } from '../raster/buffer.js';

/**
 * A chain of cracks as a line without stairs: where each crack is truly crossed (or its middle), then a running
 * binomial mean. The ends of an open chain stay.
 *
 * @param corners by number; rows of corners are `rowLength` long
 * @param passes how often the mean is taken
 * @returns x and y of each point, pixels
 */
export function smoothed(
  corners: readonly number[],
  closed: boolean,
  passes: number,
  rowLength: number,
  exact?: Exact,
): Float64Array {
  const count = closed ? corners.length - 1 : corners.length + 1;
  let line: Float64Array = new Float64Array(count * 2);
  let next: Float64Array = new Float64Array(count * 2);
  for (let i = 0; i < corners.length - 1; i++) {
    const from = corners[i]!;
    const to = corners[i + 1]!;
    const crack = Math.min(from, to);
    const y = (crack / rowLength) | 0;
    const x = crack - y * rowLength;
    const at = (i + (closed ? 0 : 1)) * 2;
    const isLevel = Math.abs(to - from) === 1;
    line[at] = isLevel ? x + 0.5 : exact?.v[crack] || x;
    line[at + 1] = isLevel ? exact?.h[crack] || y : y + 0.5;
  }
  if (!closed)
    for (const [corner, at] of [
      [corners[0]!, 0],
      [corners.at(-1)!, count * 2 - 2],
    ] as const) {
      next[at] = line[at] = corner % rowLength;
      next[at + 1] = line[at + 1] = (corner / rowLength) | 0;
    }
  for (let pass = 0; pass < passes; pass++) {
    meanWithin(line, next);
    if (closed) meanOfEnds(line, next);
    [line, next] = [next, line];
  }
  return line;
}

/** Each point but the ends: half itself, a quarter of either neighbour. */
function meanWithin(line: Float64Array, next: Float64Array): void {
  for (let i = 2, end = line.length - 2; i < end; i++)
    next[i] = 0.25 * (line[i - 2]! + line[i + 2]!) + 0.5 * line[i]!;
}

/** The same for first and last of a closed line, which are neighbours. */
function meanOfEnds(line: Float64Array, next: Float64Array): void {
  const last = line.length - 2;
  for (const axis of [0, 1]) {
    next[axis] = 0.25 * (line[last + axis]! + line[2 + axis]!) + 0.5 * line[axis]!;
    next[last + axis] = 0.25 * (line[last - 2 + axis]! + line[axis]!) + 0.5 * line[last + axis]!;
  }
}
