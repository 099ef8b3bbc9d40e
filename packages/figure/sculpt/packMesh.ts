import { toPlanes } from '@lotus-steady/core/body';
import { BONE } from '../src/body/bones.js';
import { PER_CM, WEIGHT_STEPS } from '../src/body/mesh.js';
import type { HalfMesh } from './buildMesh.js';

/** Differences from one number to the next. */
function differences(numbers: readonly number[]): Int16Array {
  return Int16Array.from(numbers, (number, i) => number - (i ? numbers[i - 1]! : 0));
}

/** Corners in the order in which triangles first use them: they can then be told by how new they are. */
function inOrderOfUse(mesh: HalfMesh): HalfMesh {
  const places = new Map<number, number>();
  const placeOf = (i: number): number => {
    if (!places.has(i)) places.set(i, places.size);
    return places.get(i)!;
  };
  const triangles = mesh.triangles.map(([a, b, c]): [number, number, number] => [
    placeOf(a),
    placeOf(b),
    placeOf(c),
  ]);
  const order = [...places.keys()];
  return {
    ...mesh,
    triangles,
    positions: order.map((i) => mesh.positions[i]!),
    normals: order.map((i) => mesh.normals[i]!),
    weights: order.map((i) => mesh.weights[i]!),
  };
}

/** Weights as whole steps that add up to all of them, the heaviest first. */
function inSteps(weights: HalfMesh['weights'][number]): [bone: number, steps: number][] {
  const list = weights.map(([bone, weight]): [number, number] => [
    BONE[bone]!,
    Math.round(weight * WEIGHT_STEPS),
  ]);
  const sum = list.reduce((total, [, steps]) => total + steps, 0);
  list.sort((a, b) => b[1] - a[1]);
  list[0]![1] += WEIGHT_STEPS - sum;
  const kept = list.filter(([, steps]) => steps > 0).sort((a, b) => b[1] - a[1]);
  while (kept.length < 4) kept.push([kept[0]![0], 0]);
  return kept;
}

/** The half mesh as bytes that compress well; `readMesh` reads them. */
export function packMesh(given: HalfMesh): Uint8Array {
  const mesh = inOrderOfUse(given);
  const n = mesh.positions.length;
  const t = mesh.triangles.length;
  const weights = mesh.weights.map(inSteps);
  const sets = new Map<string, number>();
  const setOf = weights.map((list) => {
    const key = list.map(([bone]) => bone).join(' ');
    if (!sets.has(key)) sets.set(key, sets.size);
    return sets.get(key)!;
  });
  if (sets.size > 256) throw new Error(`${sets.size} sets of bones do not go into a byte.`);
  let next = 0;
  const codes = mesh.triangles.flat().map((corner) => {
    const code = next - corner;
    if (code === 0) next++;
    return code;
  });
  const axes = [0, 1, 2] as const;
  const planes = [
    ...axes.map((axis) => differences(mesh.positions.map((p) => Math.round(p[axis] * PER_CM)))),
    ...axes.map((axis) =>
      differences(mesh.normals.map((p) => Math.round((p[axis] / Math.hypot(...p)) * 127))),
    ),
  ];
  return Buffer.concat([
    Buffer.from(Uint32Array.from([n, t, sets.size]).buffer),
    Uint8Array.from([...sets.keys()].flatMap((key) => key.split(' ').map(Number))),
    ...planes.map(toPlanes),
    Uint8Array.from(setOf),
    ...axes.map((j) => Uint8Array.from(weights, (list) => list[j]![1])),
    toPlanes(Int16Array.from(codes)),
    Uint8Array.from(mesh.labels),
    Uint8Array.from(mesh.parts),
  ]);
}
