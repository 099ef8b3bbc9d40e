import type { Body } from './kinematics.js';
import { add, scale, type Vec3 } from './maths.js';
import { segmentMasses } from './segmentMasses.js';

/** Where the whole body's centre of mass is, in cm. */
export function centreOfMass(body: Body): Vec3 {
  let centre: Vec3 = [0, 0, 0];
  for (const { share, at } of segmentMasses(body)) centre = add(centre, scale(at, share));
  return centre;
}
