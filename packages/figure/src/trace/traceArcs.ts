import { sidesOf } from './sidesOf.js';
import { chains, mark, noCracks, type Cracks } from './cracks.js';

/** Boundary between two labels, corner to corner of pixels; closed if it meets no other. */
export interface Arc {
  left: number;
  right: number;
  corners: number[];
  closed: boolean;
}

/**
 * Every boundary of a label map whose outermost pixels are 0; `left` and `right` as seen walking along, y down.
 *
 * @param rows the first and last column that is not 0, by row
 */
export function traceArcs(
  labels: Uint8Array,
  width: number,
  height: number,
  rows?: { from: Int32Array; to: Int32Array },
): Arc[] {
  const cracks = noCracks(width, height);
  for (let y = 1; y < height; y++) {
    const a = rows ? Math.max(1, Math.min(rows.from[y]!, rows.from[y - 1]!)) : 1;
    const b = rows ? Math.min(width, Math.max(rows.to[y]!, rows.to[y - 1]!) + 2) : width;
    if (a < b) traceRow(y * width + a, y * width + b, y, width, labels, cracks);
  }
  return chains(cracks).map(({ corners, closed }) => {
    const [left, right] = sidesOf(corners[0]!, corners[1]!, width).map((i) => labels[i]!) as [number, number];
    return { left, right, corners, closed };
  });
}

function traceRow(
  first: number,
  end: number,
  y: number,
  width: number,
  labels: Uint8Array,
  cracks: Cracks,
): void {
  for (let i = first; i < end; i++) {
    const l = labels[i]!;
    if (labels[i - 1] !== l) mark(cracks, i + y, 2);
    if (labels[i - width] !== l) mark(cracks, i + y, 1);
  }
}
