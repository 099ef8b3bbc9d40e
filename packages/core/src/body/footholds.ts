import { FLAT_POINTS, type Contact } from './contacts.js';
import { add, cross, scale, type Vec3 } from './maths.js';
import type { SolvedShape } from './solve.js';

/** Friction at floor and wall. Common practice for a dry sticky mat is higher; this is careful. */
export const FRICTION = 0.6;

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

/** One point at which a contact can push. */
export interface Foothold {
  contact: Contact;
  /** The landmark it is at. */
  point: string;
  at: Vec3;
  readiness: number;
}

/** The points at which a body can push: the ends of what lies flat, and every other contact. */
export const footholdsOf = ({ contacts, body }: Pick<SolvedShape, 'contacts' | 'body'>): Foothold[] =>
  contacts.flatMap((contact) => {
    const faint = contact.weak ? 0.05 : 1;
    const foothold = (point: string, readiness: number): Foothold => ({
      contact,
      point,
      at: body.points[point]!,
      readiness: readiness * faint,
    });
    const { flat, name, side } = contact;
    if (flat) return FLAT_POINTS[flat].map((point, i) => foothold(point + side!, FLAT_READINESS[flat][i]!));
    return [foothold(name, READINESS[name] ?? READINESS[name.replace(/[RL]$/, '')] ?? 1)];
  });

/**
 * Forces that a contact can give: straight out of its plane, and leaning four ways as far as friction lets it. Any
 * force within the friction's pyramid is a sum of them, none pulling.
 *
 * @param normal unit vector out of the plane
 */
export function frictionRays(normal: Vec3, friction: number): Vec3[] {
  const t: Vec3 = Math.abs(normal[1]) > 0.5 ? [1, 0, 0] : [0, 1, 0];
  const s = cross(normal, t);
  return [normal, ...[t, scale(t, -1), s, scale(s, -1)].map((way) => add(normal, scale(way, friction)))];
}
