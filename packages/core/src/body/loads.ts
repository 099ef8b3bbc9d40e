import { centreOfMass } from './centreOfMass.js';
import { FLAT_POINTS, type Contact } from './contacts.js';
import { add, cross, length, scale, sub, type Vec3 } from './maths.js';
import { nonNegativeLeastSquares } from './nonNegative.js';
import type { SolvedShape } from './solve.js';

/** Friction at floor and wall. Common practice for a dry sticky mat is higher; this is careful. */
const FRICTION = 0.6;

/**
 * How readily a contact takes load where statics alone leave the split open: broad, bony-cored
 * places carry more than tips. Chosen by us; exact along one line (plank), an estimate elsewhere.
 */
const READINESS: Record<string, number> = {
  sit: 4,
  buttock: 3,
  hipJ: 3,
  sacrum: 3,
  midBack: 3,
  upperBack: 3,
  belly: 3,
  pubis: 2,
  chest: 3,
  rib: 3,
  trochanter: 3,
  neckBack: 1,
  shoulderJ: 1.5,
  headBack: 0.5,
  crown: 0.5,
  forehead: 0.3,
  chin: 0.2,
  temple: 0.6,
  knee: 1.5,
  kneeIn: 0.6,
  kneeOut: 0.6,
  thighMid: 1,
  elbow: 1,
  instep: 0.25,
  ankle: 0.4,
  ankleOut: 0.4,
  footOut: 0.3,
  footIn: 0.3,
  heelBack: 0.6,
  handBack: 0.1,
  wrist: 0.2,
  tips: 0.15,
  ball: 1,
  calf: 1.5,
};

/** Load between the two ends of a flat contact: the heel of the hand takes most of it. */
const FLAT_READINESS = { palm: [4, 1], sole: [1, 1] } as const;

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

interface Foothold {
  contact: Contact;
  at: Vec3;
  readiness: number;
}

const footholdsOf = ({ contacts, body }: SolvedShape): Foothold[] =>
  contacts.flatMap((contact) => {
    const faint = contact.weak ? 0.05 : 1;
    if (!contact.flat) {
      const bare = contact.name.replace(/[RL]$/, '');
      return [
        {
          contact,
          at: body.points[contact.name]!,
          readiness: (READINESS[contact.name] ?? READINESS[bare] ?? 1) * faint,
        },
      ];
    }
    return FLAT_POINTS[contact.flat].map((point, i) => ({
      contact,
      at: body.points[point + contact.side!]!,
      readiness: FLAT_READINESS[contact.flat!][i]! * faint,
    }));
  });

/**
 * Loads by contact: the least effort that balances weight and moments, with no contact pulling
 * and friction at most {@link FRICTION}. A contact's force is a sum of rays within its friction cone.
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
    const t: Vec3 = Math.abs(n[1]) > 0.5 ? [1, 0, 0] : [0, 1, 0];
    const s = cross(n, t);
    return [n, ...[t, scale(t, -1), s, scale(s, -1)].map((side) => add(n, scale(side, FRICTION)))].map(
      (force) => ({ foothold, force }),
    );
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
