/** Boundaries between pixels, as chains from corner to corner. */

/**
 * Cracks between pixels: bit 1 from corner (x, y) to the right, bit 2 from it downwards; rows are width + 1 long.
 * The list says where to look.
 */
export interface Cracks {
  width: number;
  height: number;
  bits: Uint8Array;
  list: Int32Array;
  count: number;
}

let spareBits = new Uint8Array(0);
let spareList = new Int32Array(1 << 16);
export function noCracks(width: number, height: number): Cracks {
  const n = (width + 1) * (height + 2);
  // What a tracing has used up is clear again.
  if (spareBits.length < n) spareBits = new Uint8Array(n);
  return { width, height, bits: spareBits, list: spareList, count: 0 };
}
export function mark(c: Cracks, corner: number, bit: 1 | 2): void {
  if (c.count === c.list.length) {
    const more = new Int32Array(c.list.length * 2);
    more.set(c.list);
    c.list = spareList = more;
  }
  if (!c.bits[corner]) c.list[c.count++] = corner;
  c.bits[corner]! |= bit;
}

/** Chains of cracks between corners where other than two meet; uses the cracks up. */
export function chains({ width, bits, list, count }: Cracks): { corners: number[]; closed: boolean }[] {
  const W = width + 1;
  const out: { corners: number[]; closed: boolean }[] = [];
  const nodes: number[] = [];
  const isNode = (i: number): boolean => {
    const here = bits[i]!;
    const d =
      (here & 1) +
      ((here >> 1) & 1) +
      (i > 0 ? bits[i - 1]! & 1 : 0) +
      (i >= W ? (bits[i - W]! >> 1) & 1 : 0);
    return d !== 2 && d !== 0;
  };
  // Every corner at either end of a crack is looked at; 4 marks a node.
  for (let k = 0; k < count; k++) {
    const i = list[k]!;
    const b = bits[i]!;
    for (const c of [i, b & 1 ? i + 1 : -1, b & 2 ? i + W : -1])
      if (c >= 0 && !(bits[c]! & 4) && isNode(c)) {
        bits[c]! |= 4;
        nodes.push(c);
      }
  }
  const walk = (start: number, d: number): void => {
    const corners: number[] = [start];
    let i = start;
    for (;;) {
      if (d === 0) {
        bits[i]! &= ~1;
        i++;
      } else if (d === 1) {
        bits[i]! &= ~2;
        i += W;
      } else if (d === 2) {
        i--;
        bits[i]! &= ~1;
      } else {
        i -= W;
        bits[i]! &= ~2;
      }
      corners.push(i);
      if (i === start || bits[i]! & 4) break;
      const b = bits[i]!;
      if (b & 1) d = 0;
      else if (i > 0 && bits[i - 1]! & 1) d = 2;
      else if (b & 2) d = 1;
      else if (i >= W && bits[i - W]! & 2) d = 3;
      else break;
    }
    out.push({ corners, closed: i === start && !(bits[i]! & 4) });
  };
  for (const i of nodes) {
    if (bits[i]! & 1) walk(i, 0);
    if (bits[i]! & 2) walk(i, 1);
    if (i > 0 && bits[i - 1]! & 1) walk(i, 2);
    if (i >= W && bits[i - W]! & 2) walk(i, 3);
  }
  for (let k = 0; k < count; k++) if (bits[list[k]!]! & 2) walk(list[k]!, 1);
  for (const i of nodes) bits[i] = 0;
  for (let k = 0; k < count; k++) bits[list[k]!] = 0;
  return out;
}
