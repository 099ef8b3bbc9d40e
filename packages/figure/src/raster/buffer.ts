/** A small z-buffer: what is seen at each pixel, how near it is, and how much light falls on it. */
export interface Buffer {
  width: number;
  height: number;
  /** Towards the eye, cm, above {@link FAR}; 0 is nothing. */
  depth: Float32Array;
  /** Triangle + 1 of the body, or {@link PROP} + the number of a prop's paint; 0 is nothing. */
  id: Int32Array;
  light: Float32Array;
  /** The first and last column drawn in, by row: all else need not be looked at. */
  from: Int32Array;
  to: Int32Array;
}

/** From this number on an id is of a prop. */
export const PROP = 1 << 20;

/** Added to all depths: 0 is then farther than anything. */
export const FAR = 2000;

/** Where a boundary truly crosses, by the crack between pixels: across `v` as x, across `h` as y; 0 unknown. */
export interface Exact {
  v: Float32Array;
  h: Float32Array;
}

/** What a drawing is worked out on. */
export interface Buffers {
  buffer: Buffer;
  /** By pixel: which area it belongs to, 0 none. */
  labels: Uint8Array;
  /** By pixel: 1 where it lies in shade. */
  dark: Uint8Array;
  exact: Exact;
}

let spare: Buffers | undefined;

/**
 * Empty buffers. A drawing is made from beginning to end at once, so that all share the same arrays, which
 * {@link wipe} makes ready for the next.
 */
export function buffersFor(width: number, height: number): Buffers {
  const n = (width + 1) * (height + 1);
  if (!spare || spare.labels.length < n || spare.buffer.from.length < height + 2)
    spare = {
      buffer: {
        width,
        height,
        depth: new Float32Array(n),
        id: new Int32Array(n),
        light: new Float32Array(n),
        from: new Int32Array(height + 2).fill(1e6),
        to: new Int32Array(height + 2).fill(-1),
      },
      labels: new Uint8Array(n),
      dark: new Uint8Array(n),
      exact: { v: new Float32Array(n), h: new Float32Array(n) },
    };
  spare.buffer.width = width;
  spare.buffer.height = height;
  return spare;
}

/** Empties what has been drawn in. */
export function wipe({ buffer, labels, dark, exact }: Buffers): void {
  const { width, height, depth, id, from, to } = buffer;
  for (let y = 0; y < height; y++) {
    const above = y > 0 ? from[y - 1]! : 1e6;
    const a = Math.max(0, Math.min(from[y]!, from[y + 1]!, above) - 1);
    const b = Math.min(width, Math.max(to[y]!, to[y + 1]!, y > 0 ? to[y - 1]! : -1) + 2);
    if (b <= a) continue;
    const i = y * width + a;
    const j = y * width + b;
    depth.fill(0, i, j);
    id.fill(0, i, j);
    labels.fill(0, i, j);
    dark.fill(0, i, j);
    exact.v.fill(0, i + y, j + y + 1);
    exact.h.fill(0, i + y, j + y + 1);
    exact.h.fill(0, i + y + width + 1, j + y + width + 2);
  }
  from.fill(1e6);
  to.fill(-1);
}
