import { centreOfMass } from './centreOfMass.js';
import { footholdsOf, FRICTION, frictionRays } from './footholds.js';
import { add, cross, length, scale, sub, type Vec3 } from './maths.js';
import { nonNegativeLeastSquares } from './nonNegative.js';
import type { SolvedShape } from './solve.js';

/** Share of body weight on each contact, and how far the forces are from holding the body up. */
export interface Loads {
  /** Size of the force by contact name, body weight = 1. */
  share: Readonly<Record<string, number>>;
  /**
   * What is missing to a balance of forces and moments, body weight (moments over 50 cm). About 0 when the
   * pose can stand.
   */
  unbalanced: number;
}

/**
 * Loads by contact: the least effort that balances weight and moments, with no contact pulling
 * and friction at most {@link FRICTION}.
 *
 * Check: hands 0.69 in a plank, 0.54 from the knees (Suprak 2011).
 */
export function contactLoads(shape: SolvedShape): Loads {
  const centre = centreOfMass(shape.body);
  const footholds = footholdsOf(shape);
  const level = footholds.every(
    ({ contact }) => contact.plane.normal[1] === 1 && contact.surface === footholds[0]!.contact.surface,
  );
  const rays = footholds.flatMap((foothold) => {
    const n = foothold.contact.plane.normal;
    if (level) return [{ foothold, force: n }];
    return frictionRays(n, FRICTION).map((force) => ({ foothold, force }));
  });
  // Six rows of balance, made stiff, then one row per ray that makes force cost what it costs.
  const stiff = 300;
  const rows: number[][] = [];
  const wanted: number[] = [];
  for (let axis = 0; axis < 3; axis++) {
    rows.push(rays.map(({ force }) => stiff * force[axis]!));
    wanted.push(axis === 1 ? stiff : 0);
  }
  const moments = rays.map(({ foothold, force }) => scale(cross(sub(foothold.at, centre), force), 1 / 50));
  for (let axis = 0; axis < 3; axis++) {
    rows.push(moments.map((moment) => stiff * moment[axis]!));
    wanted.push(0);
  }
  rays.forEach(({ foothold, force }, i) => {
    rows.push(rays.map((_, j) => (i === j ? length(force) / Math.sqrt(foothold.readiness) : 0)));
    wanted.push(0);
  });
  const x = nonNegativeLeastSquares(rows, wanted);
  const totals: Record<string, Vec3> = {};
  rays.forEach(({ foothold, force }, i) => {
    const name = foothold.contact.name;
    totals[name] = add(totals[name] ?? [0, 0, 0], scale(force, x[i]!));
  });
  let missing = 0;
  for (let row = 0; row < 6; row++)
    missing = Math.max(
      missing,
      Math.abs(rows[row]!.reduce((s, v, i) => s + v * x[i]!, 0) - wanted[row]!) / stiff,
    );
  return {
    share: Object.fromEntries(Object.entries(totals).map(([name, force]) => [name, length(force)])),
    unbalanced: missing,
  };
}
