import { centreOfMass } from './centreOfMass.js';
import { rotate } from './maths.js';
import { chairBoxes } from './shape.js';
import type { SolvedShape } from './solve.js';

type Flat = readonly [x: number, z: number];

const turn = (o: Flat, a: Flat, b: Flat): number =>
  (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/** The convex outline of points on the floor, anticlockwise (Andrew's monotone chain). */
export function outline(points: readonly Flat[]): Flat[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly Flat[]): Flat[] => {
    const chain: Flat[] = [];
    for (const point of list) {
      while (chain.length > 1 && turn(chain[chain.length - 2]!, chain[chain.length - 1]!, point) <= 0)
        chain.pop();
      chain.push(point);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

const SOLE = ['heel', 'toe', 'footIn', 'footOut'];
const PALM = ['palmHeel', 'knuckles', 'tips'];
const TRUNK = /^(sacrum|midBack|upperBack|lowBack|belly|pubis|chest|rib|trochanter)/;

/**
 * Distance from the centre of mass to the edge of the support, cm, seen from above; negative
 * outside. Hands on a wall or a chair count as support; so does the footprint of a chair sat on.
 */
export function balanceMargin({ body, contacts, props }: SolvedShape): number {
  const { points, frames, heightCm } = body;
  const base: Flat[] = [];
  for (const contact of contacts) {
    if (contact.weak && contact.surface !== 'wall') continue;
    const patch = contact.flat && { sole: SOLE, palm: PALM }[contact.flat];
    const names = patch ? patch.map((n) => n + contact.side!) : [contact.name];
    for (const name of names) base.push([points[name]![0], points[name]![2]]);
    if (!TRUNK.test(contact.name)) continue;
    // A trunk is wider than its midline.
    const [x, , z] = rotate(frames.pelvis!.rotation, [0, 0, 0.07 * heightCm]);
    const [px, , pz] = points[contact.name]!;
    base.push([px - x, pz - z], [px + x, pz + z]);
  }
  if (contacts.some((contact) => contact.surface === 'seat')) {
    for (const { min, max } of chairBoxes(props))
      for (const x of [min[0], max[0]]) for (const z of [min[2], max[2]]) base.push([x, z]);
  }
  const hull = outline(base);
  const centre = centreOfMass(body);
  const at: Flat = [centre[0], centre[2]];
  let margin = Infinity;
  hull.forEach((a, i) => {
    const b = hull[(i + 1) % hull.length]!;
    const edge = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (edge > 0.1) margin = Math.min(margin, turn(a, b, at) / edge);
  });
  return margin;
}
