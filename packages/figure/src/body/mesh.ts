/** The stored surface of the body: read, and mirrored to a whole. */
import { fromPlanes } from '@lotus-steady/core/body';
import { BONE, BONES, limbOfBone, otherSide } from './bones.js';

/** The body's surface at rest, cm at 165 cm of height, x forward, y up, z to the right. */
export interface Mesh {
  vertices: number;
  triangles: number;
  position: Float32Array;
  normal: Float32Array;
  /** Four bones a corner, the heaviest first, and what each weighs; the weights add up to 1. */
  bones: Uint8Array;
  weights: Float32Array;
  /** Three corners a triangle, anticlockwise as seen from outside. */
  triangle: Uint16Array;
  /** By triangle: `LABEL`, `PART`, and which of `LIMBS` it is of. */
  label: Uint8Array;
  part: Uint8Array;
  limb: Uint8Array;
  /** The middle of each triangle, to tell folds from surface. */
  middle: Float32Array;
  /** Each edge: two corners and the triangles on either side. */
  edges: Uint16Array;
}

/** How finely places are stored: parts of a cm. */
export const PER_CM = 80;
/** How finely weights are stored: parts of 1. */
export const WEIGHT_STEPS = 32;

/** A reader of a file's parts, one after another. */
function reader(bytes: Uint8Array): {
  number(): number;
  bytes(count: number): Uint8Array;
  planes(count: number): Int16Array;
} {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = 0;
  const take = (count: number): Uint8Array => bytes.subarray(at, (at += count));
  return {
    number: () => {
      at += 4;
      return view.getUint32(at - 4, true);
    },
    bytes: take,
    planes: (count) => fromPlanes(take(count * 2)),
  };
}

/** Adds up differences. */
function summed(differences: Int16Array): Int16Array {
  let sum = 0;
  return differences.map((difference) => (sum += difference));
}

/**
 * Reads what `sculpt/packMesh.ts` wrote: the right half, of which the left is the mirror image. Corners in the middle
 * (z 0) belong to both.
 */
export function readMesh(bytes: Uint8Array): Mesh {
  const file = reader(bytes);
  const n = file.number();
  const t = file.number();
  const sets = file.number();
  const setBones = file.bytes(sets * 4);
  const axes = [0, 1, 2].map(() => summed(file.planes(n)));
  const turns = [0, 1, 2].map(() => summed(file.planes(n)));
  const setOf = file.bytes(n);
  const stored = [0, 1, 2].map(() => file.bytes(n));
  const codes = file.planes(t * 3);
  const label = file.bytes(t);
  const part = file.bytes(t);

  const twin = new Int32Array(n);
  let count = n;
  for (let v = 0; v < n; v++) twin[v] = axes[2]![v] === 0 ? v : count++;
  const position = new Float32Array(count * 3);
  const normal = new Float32Array(count * 3);
  const bones = new Uint8Array(count * 4);
  const weights = new Float32Array(count * 4);
  const mirrored = BONES.map((bone) => BONE[otherSide(bone)]!);
  for (let v = 0; v < n; v++) {
    const w = stored.map((list) => list[v]! / WEIGHT_STEPS);
    const all = [...w, 1 - w[0]! - w[1]! - w[2]!];
    for (const [to, sign] of twin[v] === v
      ? [[v, 1] as const]
      : ([
          [v, 1],
          [twin[v]!, -1],
        ] as const)) {
      for (let axis = 0; axis < 3; axis++) {
        const k = axis === 2 ? sign : 1;
        position[to * 3 + axis] = (axes[axis]![v]! / PER_CM) * k;
        normal[to * 3 + axis] = (turns[axis]![v]! / 127) * k;
      }
      for (let j = 0; j < 4; j++) {
        const bone = setBones[setOf[v]! * 4 + j]!;
        bones[to * 4 + j] = sign > 0 ? bone : mirrored[bone]!;
        weights[to * 4 + j] = all[j]!;
      }
    }
  }
  // A corner is told by how far it lies below the next new one.
  const triangle = new Uint16Array(t * 6);
  let next = 0;
  for (let i = 0; i < t * 3; i++) {
    const corner = next - codes[i]!;
    if (corner === next) next++;
    triangle[i] = corner;
  }
  for (let i = 0; i < t; i++) {
    triangle[(t + i) * 3] = twin[triangle[i * 3]!]!;
    triangle[(t + i) * 3 + 1] = twin[triangle[i * 3 + 2]!]!;
    triangle[(t + i) * 3 + 2] = twin[triangle[i * 3 + 1]!]!;
  }
  const twice = (half: Uint8Array): Uint8Array => {
    const whole = new Uint8Array(t * 2);
    whole.set(half);
    whole.set(half, t);
    return whole;
  };
  return {
    vertices: count,
    triangles: t * 2,
    position,
    normal,
    bones,
    weights,
    triangle,
    label: twice(label),
    part: twice(part),
    limb: Uint8Array.from({ length: t * 2 }, (_, i) => limbOfBone(BONES[bones[triangle[i * 3]! * 4]!]!)),
    middle: middlesOf(position, triangle),
    edges: edgesOf(triangle),
  };
}

function middlesOf(position: Float32Array, triangle: Uint16Array): Float32Array {
  const middle = new Float32Array(triangle.length);
  for (let i = 0; i < triangle.length; i += 3)
    for (let axis = 0; axis < 3; axis++)
      middle[i + axis] =
        (position[triangle[i]! * 3 + axis]! +
          position[triangle[i + 1]! * 3 + axis]! +
          position[triangle[i + 2]! * 3 + axis]!) /
        3;
  return middle;
}

function edgesOf(triangle: Uint16Array): Uint16Array {
  const found = new Map<number, number>();
  const edges: number[] = [];
  for (let i = 0; i < triangle.length / 3; i++)
    for (let j = 0; j < 3; j++) {
      const a = triangle[i * 3 + j]!;
      const b = triangle[i * 3 + ((j + 1) % 3)]!;
      const key = Math.min(a, b) * 65536 + Math.max(a, b);
      const other = found.get(key);
      if (other === undefined) found.set(key, i);
      else edges.push(a, b, other, i);
    }
  return Uint16Array.from(edges);
}
