import { bodyRests } from './bodyRests.js';
import { centreOfMass } from './centreOfMass.js';
import { footholdsOf, FRICTION, frictionRays } from './footholds.js';
import { add, cross, length, scale, SIDES, sub, unrotate, type SideLetter, type Vec3 } from './maths.js';
import { LIMB_JOINTS, MIDLINE_JOINTS, youngStrength, type JointName } from './muscles.js';
import { nonNegativeOfGram } from './nonNegative.js';
import { passiveMoments, type PassiveMoment } from './passiveMoments.js';
import { segmentMasses } from './segmentMasses.js';
import { SEGMENT_OF_POINT } from './segmentOf.js';
import type { SolvedShape } from './solve.js';

/** What muscles hold at every joint, each in the axes of the frame above it, % of body weight × height. */
export interface JointMoments {
  /** By joint, those of the limbs with their side: `kneeR`, `trunk`. */
  moments: Readonly<Record<string, Vec3>>;
  /** What floor, wall, props and the body itself push with, body weight; `against`: the part that pushes back. */
  pushes: readonly { at: Vec3; force: Vec3; segment: string; against?: string }[];
  /** What ligaments hold of the moments besides, % of body weight × height. */
  passive: readonly (Omit<PassiveMoment, 'upTo'> & { holds: number })[];
  /** What is missing to a balance of forces and moments, body weight (moments over 50 cm). */
  unbalanced: number;
}

interface Joint {
  name: JointName;
  side?: SideLetter;
  /** The frame in whose axes it is said. */
  above: string;
  /** The frame whose origin it turns about. */
  about: string;
  /** Segments on the far side of it. */
  beyond: ReadonlySet<string>;
}

const ARM = ['upperArm', 'forearm', 'hand'] as const;
const LEG = ['thigh', 'shank', 'foot'] as const;
/** Each limb joint: the frame above it, and the segments beyond it, the one it moves first. */
const CHAIN: Readonly<Record<(typeof LIMB_JOINTS)[number], readonly [above: string, ...beyond: string[]]>> = {
  hip: ['pelvis', ...LEG],
  knee: ['thigh', ...LEG.slice(1)],
  ankle: ['shank', ...LEG.slice(2)],
  shoulder: ['C7', ...ARM],
  elbow: ['upperArm', ...ARM.slice(1)],
  wrist: ['forearm', ...ARM.slice(2)],
};
const ABOVE_THE_PELVIS = ['abdomen', 'thorax', 'head', ...SIDES.flatMap((side) => ARM.map((s) => s + side))];

const JOINTS: readonly Joint[] = [
  ...MIDLINE_JOINTS.map((name): Joint =>
    name === 'trunk'
      ? { name, above: 'L5', about: 'L5', beyond: new Set(ABOVE_THE_PELVIS) }
      : { name, above: 'C7', about: 'C7', beyond: new Set(['head']) },
  ),
  ...SIDES.flatMap((side) =>
    LIMB_JOINTS.map((name): Joint => {
      const [above, ...beyond] = CHAIN[name];
      const sided = above === 'pelvis' || above === 'C7' ? above : above + side;
      const segments = beyond.map((segment) => segment + side);
      return { name, side, above: sided, about: segments[0]!, beyond: new Set(segments) };
    }),
  ),
];

/** A force that may be there, as large as it likes; one on the body itself pushes back on `against`. */
interface Ray {
  at: Vec3;
  force: Vec3;
  segment: string;
  against?: string;
  effort: number;
}

/** Half as wide as the flesh or bone that bears, share of height; our own estimate. */
const PATCH: Readonly<Record<string, number>> = {
  knee: 0.022,
  elbow: 0.015,
  sit: 0.02,
  instep: 0.018,
  ball: 0.02,
  shoulderJ: 0.02,
  neckBack: 0.03,
  headBack: 0.02,
  palmHeel: 0.015,
  knuckles: 0.02,
};
/** Besides its ends a sole bears on its rims. */
const RIMS = ['footIn', 'footOut'] as const;

/** Every force that floor, wall, props and the body itself can give. */
function raysOf(shape: SolvedShape, friction: number): Ray[] {
  const { points, heightCm } = shape.body;
  const holds = footholdsOf(shape).flatMap((hold) => {
    const { contact, readiness } = hold;
    if (contact.flat !== 'sole' || !hold.point.startsWith('heel')) return [hold];
    const rims = RIMS.map((rim) => ({
      ...hold,
      point: rim + contact.side!,
      at: points[rim + contact.side!]!,
    }));
    return [hold, ...rims.map((rim) => ({ ...rim, readiness: readiness / 2 }))];
  });
  const outside = holds.flatMap(({ contact, point, at, readiness }): Ray[] => {
    const normal = contact.plane.normal;
    const half = (PATCH[point.replace(/[RL]$/, '')] ?? 0) * heightCm;
    const upright = Math.abs(normal[1]) > 0.5;
    const places: Vec3[] =
      half && upright
        ? [[half, 0, 0] as Vec3, [-half, 0, 0] as Vec3, [0, 0, half] as Vec3, [0, 0, -half] as Vec3].map(
            (off) => add(at, off),
          )
        : [at];
    return places.flatMap((place) =>
      frictionRays(normal, friction).map((force) => ({
        at: place,
        force,
        segment: SEGMENT_OF_POINT[point]!,
        effort: length(force) / Math.sqrt(readiness),
      })),
    );
  });
  const inside = bodyRests(shape).flatMap(({ forces, ...rest }) =>
    forces.map((force) => ({ ...rest, force })),
  );
  return [...outside, ...inside];
}

/** How stiff the balance of the whole body is, beside the comfort of its joints. */
const STIFF = 300;
/** Moments of the whole body are over this arm, cm. */
const ARM_CM = 50;
/** What a force costs beside what joints hold, and what a ligament's whole moment does. */
const FORCE_COST = 0.04;
const PASSIVE_COST = 0.35;
/** A joint that does little counts little; each round weighs it by what it did in the last. */
const AT_REST = 0.15;
const ROUNDS = 4;

/**
 * What the muscles hold while a body keeps still: inverse statics. Where the ground leaves it open who bears how much,
 * the body spares its joints (the least sum of squares of moment over strength, the heavier asked counting the more),
 * as people do; ligaments at the end of a range help, and nothing pulls.
 *
 * Good for order and for bands: strengths and ligaments are from memory, muscles over two joints, the angle a joint
 * stands at and momentum are left out.
 *
 * @param friction between body and ground; {@link FRICTION} unless said
 */
export function jointMoments(shape: SolvedShape, friction = FRICTION): JointMoments {
  const { body, posture } = shape;
  const rays = raysOf(shape, friction);
  const passive = passiveMoments(posture);
  const count = rays.length + passive.length;
  const percent = 100 / body.heightCm;
  const centre = centreOfMass(body);
  const masses = segmentMasses(body);

  const balance: Float64Array[] = [];
  const wanted: number[] = [];
  const row = (value: (ray: Ray) => number): Float64Array => {
    const made = new Float64Array(count);
    rays.forEach((ray, i) => {
      made[i] = value(ray);
    });
    return made;
  };
  const turns = rays.map(({ at, force }) => cross(sub(at, centre), force));
  for (const axis of [0, 1, 2] as const) {
    balance.push(row(({ force, against }) => (against ? 0 : STIFF * force[axis])));
    wanted.push(axis === 1 ? STIFF : 0);
  }
  for (const axis of [0, 1, 2] as const) {
    const made = new Float64Array(count);
    rays.forEach(({ against }, i) => {
      if (!against) made[i] = (STIFF * turns[i]![axis]) / ARM_CM;
    });
    balance.push(made);
    wanted.push(0);
  }

  // What muscles hold at a joint is a sum: what weights alone ask, and what each force asks in addition.
  const rowsOf = JOINTS.map((joint) => {
    const at = body.frames[joint.about]!.origin;
    const axes = body.frames[joint.above]!.rotation;
    const own = (moment: Vec3): Vec3 => scale(unrotate(axes, moment), -percent);
    let weights: Vec3 = [0, 0, 0];
    for (const { segment, share, at: place } of masses)
      if (joint.beyond.has(segment)) weights = add(weights, cross(sub(place, at), [0, -share, 0]));
    const asks = [0, 1, 2].map(() => new Float64Array(count)) as [Float64Array, Float64Array, Float64Array];
    rays.forEach(({ at: place, force, segment, against }, i) => {
      const way =
        Number(joint.beyond.has(segment)) - Number(against !== undefined && joint.beyond.has(against));
      if (!way) return;
      const moment = own(scale(cross(sub(place, at), force), way));
      for (const axis of [0, 1, 2] as const) asks[axis][i] = moment[axis];
    });
    passive.forEach(({ joint: name, side, axis, way }, i) => {
      if (name === joint.name && side === joint.side) asks[axis][rays.length + i] = -way;
    });
    return { joint, weights: own(weights), asks };
  });

  const cost = Float64Array.from({ length: count }, (_, i) =>
    i < rays.length ? FORCE_COST * rays[i]!.effort : PASSIVE_COST / passive[i - rays.length]!.upTo,
  );
  const held = (x: readonly number[]): Record<string, Vec3> =>
    Object.fromEntries(
      rowsOf.map(({ joint, weights, asks }) => [
        joint.name + (joint.side ?? ''),
        weights.map((weight, axis) =>
          x.reduce((sum, value, i) => {
            const most = i < rays.length ? value : Math.min(value, passive[i - rays.length]!.upTo);
            return sum + most * asks[axis]![i]!;
          }, weight),
        ) as Vec3,
      ]),
    );

  let x: number[] = [];
  let moments: Record<string, Vec3> = {};
  for (let round = 0; round < ROUNDS; round++) {
    const gram = Array.from({ length: count }, () => new Float64Array(count));
    const rhs = new Float64Array(count);
    const addRow = (values: Float64Array, target: number, weight: number): void => {
      const used: number[] = [];
      for (let i = 0; i < count; i++) if (values[i]) used.push(i);
      const square = weight * weight;
      for (const i of used) {
        const at = gram[i]!;
        const value = values[i]! * square;
        rhs[i]! += value * target;
        for (const j of used) at[j]! += value * values[j]!;
      }
    };
    balance.forEach((values, i) => addRow(values, wanted[i]!, 1));
    for (const { joint, weights, asks } of rowsOf)
      for (const axis of [0, 1, 2] as const) {
        const moment = moments[joint.name + (joint.side ?? '')]?.[axis] ?? 0;
        const strength = youngStrength(joint.name, axis, moment || 1, joint.side === 'L');
        const weight = (round ? Math.sqrt(AT_REST + Math.abs(moment) / strength) : 1) / strength;
        addRow(asks[axis], -weights[axis], weight);
      }
    for (let i = 0; i < count; i++) gram[i]![i]! += cost[i]! * cost[i]!;
    x = nonNegativeOfGram(gram, rhs, x);
    moments = held(x);
  }
  const missing = balance.map(
    (values, i) => Math.abs(x.reduce((sum, value, k) => sum + value * values[k]!, 0) - wanted[i]!) / STIFF,
  );
  return {
    moments: shape.shape.symmetric ? evened(moments) : moments,
    pushes: rays.flatMap(({ at, force, segment, against }, i) =>
      x[i]! > 0 ? [{ at, force: scale(force, x[i]!), segment, ...(against ? { against } : {}) }] : [],
    ),
    passive: passive.flatMap(({ upTo, ...one }, i) => {
      const holds = Math.min(upTo, x[rays.length + i]!);
      return holds > 0 ? [{ ...one, holds }] : [];
    }),
    unbalanced: Math.max(...missing),
  };
}

/** Both sides as their middle: where a shape is the same on both, effort may be shared out in more than one way. */
function evened(moments: Readonly<Record<string, Vec3>>): Record<string, Vec3> {
  const even: Record<string, Vec3> = { ...moments };
  for (const joint of LIMB_JOINTS) {
    const [x, y, z] = moments[`${joint}R`]!;
    const [mx, my, mz] = moments[`${joint}L`]!;
    const right: Vec3 = [(x - mx) / 2, (y - my) / 2, (z + mz) / 2];
    even[`${joint}R`] = right;
    even[`${joint}L`] = [-right[0], -right[1], right[2]];
  }
  return even;
}
