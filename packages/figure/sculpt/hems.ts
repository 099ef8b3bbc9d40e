/** Where cloth ends: fields that are 0 on the line, cut into the triangles so that a hem is a clean edge. */
import type { Vec3 } from '@lotus-steady/core/body';
import type { Field } from './field.js';
import { inFrame } from './rest.js';
import type { Surface } from './surfaceNets.js';

const isArm = (place: Vec3): boolean => {
  const at = inFrame('upperArmR', place);
  return (-at[1] > 5 && Math.hypot(at[0], at[2]) < 9 && place[1] > 3) || (place[2] > 28 && place[1] > -2);
};

/** How far down the arm a place is, from the shoulder, cm; 0 elsewhere. */
export const alongArm = (place: Vec3): number => (isArm(place) ? -inFrame('upperArmR', place)[1] : 0);
/** How far down the shank, from the knee, cm; -40 elsewhere. */
export const alongShank = (place: Vec3): number => (place[1] < -20 ? -inFrame('shankR', place)[1] : -40);

export const sleeveHem: Field = (place) => (isArm(place) ? alongArm(place) - 13.9 : -5);
/** A round neck, further down in front. */
export const neckHem: Field = ([x, y, z]) =>
  y > 56
    ? 5
    : 9.0 -
      Math.hypot((x - 1.5) * 0.85, (y - 55.2) * (1.09 - 0.11 * Math.max(-1, Math.min(1, x / 4))), z * 0.98);
/** The top hangs a little over the trousers, lower behind. */
export const waistHem: Field = (place) => (isArm(place) ? 5 : place[1] - (7.6 + 0.05 * place[0]));
export const cuffHem: Field = (place) => (place[1] < -20 ? alongShank(place) - 34.3 : -5);

/**
 * Cuts the triangles where a field is 0.
 *
 * @param snap corners nearer to the line than this are drawn onto it along the surface, cm
 */
export function cut(surface: Surface, field: Field, snap: number): Surface {
  const positions = [...surface.positions];
  const normals = [...surface.normals];
  const values = positions.map(field);
  values.forEach((value, i) => {
    if (Math.abs(value) >= snap) return;
    positions[i] = drawnOnto(positions[i]!, normals[i]!, field, value);
    values[i] = 1e-4;
  });
  const made = new Map<number, number>();
  const on = (a: number, b: number): number => {
    const key = Math.min(a, b) * 1e6 + Math.max(a, b);
    const known = made.get(key);
    if (known !== undefined) return known;
    const t = values[a]! / (values[a]! - values[b]!);
    const between = (list: Vec3[]): Vec3 => list[a]!.map((v, axis) => v + (list[b]![axis]! - v) * t) as Vec3;
    const i = positions.length;
    positions.push(between(positions));
    normals.push(between(normals));
    values.push(0);
    made.set(key, i);
    return i;
  };
  const triangles = surface.triangles.flatMap(([a, b, c]): [number, number, number][] => {
    const [inA, inB, inC] = [a, b, c].map((i) => values[i]! >= 0);
    if (inA === inB && inB === inC) return [[a, b, c]];
    // The corner that stands alone comes first.
    let [p, q, r] = [b, c, a];
    if (inA === inB) [p, q, r] = [c, a, b];
    else if (inB === inC) [p, q, r] = [a, b, c];
    if (Math.abs(values[p]!) < 1e-3) return [[a, b, c]];
    const pq = on(p, q);
    const pr = on(p, r);
    return [
      [p, pq, pr],
      [pq, q, r],
      [pq, r, pr],
    ];
  });
  return { positions, normals, triangles };
}

/** A place moved along the surface to where a field is 0; where that is too far, the place itself. */
function drawnOnto(place: Vec3, normal: Vec3, field: Field, value: number): Vec3 {
  const step = 0.05;
  const slope = [0, 1, 2].map((axis) => {
    const next = [...place] as Vec3;
    next[axis]! += step;
    return (field(next) - value) / step;
  });
  const outward = slope[0]! * normal[0] + slope[1]! * normal[1] + slope[2]! * normal[2];
  const along = slope.map((v, axis) => v - outward * normal[axis]!);
  const squared = along[0]! ** 2 + along[1]! ** 2 + along[2]! ** 2;
  if (squared <= 0.05 || squared >= 9) return place;
  // What lies in the plane of the mirror stays there.
  return place.map((v, axis) => (axis === 2 && v === 0 ? 0 : v - (along[axis]! * value) / squared)) as Vec3;
}
