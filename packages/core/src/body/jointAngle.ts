import { jointAngles, type Body } from './kinematics.js';
import { DEGREES, dot, rotate, sub, unit, type SideLetter } from './maths.js';
import type { Posture } from './posture.js';

const PART = /^(hip|shoulder)([RL])\.([012])$/;

/**
 * The angle of one joint, degrees: `lumbar`, `kneeR`; of a ball joint one part, `hipR.0` its flexion, `.1`
 * abduction, `.2` rotation outwards.
 *
 * @param body built of that posture
 */
export function jointAngle(posture: Posture, body: Body, joint: string): number {
  const [, name, side, part] = PART.exec(joint) ?? [];
  if (!name) return posture[joint as 'lumbar'];
  return jointAngles(body, side as SideLetter)[name as 'hip'][Number(part)]!;
}

/** The angle between the thigh and the way down through the pelvis, degrees: also where the leg is far to the side. */
export function thighRaise({ points, frames }: Body, side: SideLetter): number {
  const thigh = unit(sub(points[`knee${side}`]!, points[`hipJ${side}`]!));
  const down = rotate(frames.pelvis!.rotation, [0, -1, 0]);
  return Math.acos(Math.max(-1, Math.min(1, dot(thigh, down)))) * DEGREES;
}
