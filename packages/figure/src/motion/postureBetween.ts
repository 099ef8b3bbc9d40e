import {
  add,
  ballAngles,
  ballRotation,
  buildBody,
  HINGES,
  length,
  MIDLINE_KEYS,
  POINT_RADIUS,
  rootAngles,
  rootRotation,
  scale,
  SIDES,
  SKIN_POINTS,
  sub,
  type Build,
  type Posture,
  type Vec3,
} from '@lotus-steady/core/body';
import { partway } from '../body/partway.js';

/** A point of the skin that is in the same place at both ends, within this, stays there on the way, cm. */
const STAYS_CM = 1.5;

/** Who moves. */
export interface Mover {
  heightCm: number;
  build?: Build;
}

/**
 * A posture on the way from one to another: every joint turns evenly, what stands still at both ends stands still
 * between, and nothing sinks into the floor.
 *
 * @param share 0 is the first, 1 the second
 */
export function postureBetween(
  from: Posture,
  to: Posture,
  share: number,
  { heightCm, build }: Mover,
): Posture {
  if (share <= 0) return from;
  if (share >= 1) return to;
  const between: Posture = { ...from };
  const mix = (a: number, b: number): number => a + (b - a) * share;
  for (const key of MIDLINE_KEYS) between[key] = mix(from[key], to[key]);
  for (const side of SIDES) {
    for (const hinge of HINGES)
      between[`${hinge}${side}`] = mix(from[`${hinge}${side}`], to[`${hinge}${side}`]);
    for (const ball of ['hip', 'shoulder'] as const) {
      const key = `${ball}${side}` as const;
      between[key] = ballAngles(
        side,
        partway(ballRotation(side, from[key]), ballRotation(side, to[key]), share),
      );
    }
  }
  Object.assign(
    between,
    rootAngles(
      partway(rootRotation(from.pitch, from.roll, from.yaw), rootRotation(to.pitch, to.roll, to.yaw), share),
    ),
  );
  const shift = shiftOf(from, to, between, share, { heightCm, build });
  return { ...between, x: between.x + shift[0], y: between.y + shift[1], z: between.z + shift[2] };
}

/** How a posture on the way must be moved so that its feet do not slide and nothing sinks in. */
function shiftOf(from: Posture, to: Posture, between: Posture, share: number, mover: Mover): Vec3 {
  const [a, b, now] = [from, to, between].map(
    (posture) => buildBody(posture, mover.heightCm, {}, mover.build).points,
  ) as [Record<string, Vec3>, Record<string, Vec3>, Record<string, Vec3>];
  const still = SKIN_POINTS.filter((name) => length(sub(a[name]!, b[name]!)) < STAYS_CM);
  let shift: Vec3 = [0, 0, 0];
  for (const name of still) {
    const wanted = add(a[name]!, scale(sub(b[name]!, a[name]!), share));
    shift = add(shift, scale(sub(wanted, now[name]!), 1 / still.length));
  }
  const lowest = Math.min(
    ...SKIN_POINTS.map((name) => now[name]![1] + shift[1] - POINT_RADIUS[name]! * mover.heightCm),
  );
  return lowest < 0 ? [shift[0], shift[1] - lowest, shift[2]] : shift;
}
