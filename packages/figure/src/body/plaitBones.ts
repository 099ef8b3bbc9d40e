import {
  add,
  cross,
  DEGREES,
  dot,
  length,
  multiply,
  rotate,
  rotationAbout,
  scale,
  sub,
  unit,
  type Frame,
  type Rotation,
  type Vec3,
} from '@lotus-steady/core/body';

/** Where a plait begins, bends twice, and ends, in the head's axes at rest, cm at 165 cm of height. */
export const PLAIT: readonly [Vec3, Vec3, Vec3, Vec3] = [
  [-8.6, 4.4, 0],
  [-10.4, -2.5, 0],
  [-10.4, -10.5, 0],
  [-9.6, -20, 0],
];

/** Less than this of the way down is left along the head where a plait lies on top of it. */
const ON_TOP = 0.5;

/**
 * The way a plait would hang: down; where that is into the head, along it; where it lies on top, to the nape.
 *
 * @param outward from the middle of the head to where the plait is
 */
function wayDown(outward: Vec3, head: Rotation): Vec3 {
  const down: Vec3 = [0, -1, 0];
  const into = dot(down, outward);
  if (into > 0) return down;
  const along = sub(down, scale(outward, into));
  const nape = rotate(head, [0, -1, 0]);
  const way = length(along) < ON_TOP ? add(along, nape) : along;
  return unit(add(way, scale(outward, 0.1)));
}

/** How much each part of a plait keeps to the one before, beside the pull downwards. */
const STIFF = [0.35, 0.2, 0.1];

/** The smallest turn that takes one unit vector to another. */
export function turnBetween(from: Vec3, to: Vec3): Rotation {
  const axis = cross(from, to);
  const sine = length(axis);
  const angle = Math.atan2(sine, dot(from, to)) * DEGREES;
  if (sine < 1e-6) return rotationAbout(angle < 90 ? [0, 0, 0] : [0, 0, 180]);
  return rotationAbout(scale(axis, angle / sine));
}

/**
 * How a plait hangs from a head: each part of it turns further towards the way down, and none goes through the head.
 *
 * @param size of the head beside a grown one of 165 cm
 * @param hangs or stays as it was sculpted
 */
export function plaitFrames(head: Frame, size: number, hangs: boolean): Frame[] {
  const frames: Frame[] = [];
  let origin = add(head.origin, rotate(head.rotation, scale(PLAIT[0], size)));
  let rotation = head.rotation;
  const middle = add(head.origin, rotate(head.rotation, scale([0.7, 3, 0], size)));
  for (let i = 0; i < 3; i++) {
    const local = unit(sub(PLAIT[i + 1]!, PLAIT[i]!));
    const now = rotate(rotation, local);
    const outward = unit(sub(origin, middle));
    const turned = unit(add(scale(now, STIFF[i]!), wayDown(outward, head.rotation)));
    if (hangs) rotation = multiply(turnBetween(now, turned), rotation);
    frames.push({ rotation, origin });
    origin = add(origin, rotate(rotation, scale(sub(PLAIT[i + 1]!, PLAIT[i]!), size)));
  }
  return frames;
}
