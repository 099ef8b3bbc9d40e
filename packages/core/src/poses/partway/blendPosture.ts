import { ballAngles, ballRotation, rootAngles, rootRotation } from '../../body/kinematics.js';
import {
  DEGREES,
  inverse,
  multiply,
  rotationAbout,
  SIDES,
  type Rotation,
  type Vec3,
} from '../../body/maths.js';
import { HINGES, MIDLINE_KEYS, type Ball, type Posture } from '../../body/posture.js';

/** Joints of the arms, which may be further on their way than the rest. */
const ARM = /^(shoulder|elbow|forearm|wrist|girdle|protraction)/;
/** Arms that rise by more than this go by their clinical angles: the shortest turn may lead through the body. */
const HIGH = 100;

/** A rotation as the vector it turns about, as long as it turns, degrees. */
function turnVector(m: Rotation): Vec3 {
  const cosine = Math.max(-1, Math.min(1, (m[0] + m[4] + m[8] - 1) / 2));
  const angle = Math.acos(cosine);
  const sine = Math.sin(angle);
  const scale = (sine < 1e-6 ? 0.5 : angle / (2 * sine)) * DEGREES;
  return [(m[5] - m[7]) * scale, (m[6] - m[2]) * scale, (m[1] - m[3]) * scale];
}

/** The shortest way from one rotation to another, part of it. */
function turnedPartway(from: Rotation, to: Rotation, share: number): Rotation {
  const [x, y, z] = turnVector(multiply(inverse(from), to));
  return multiply(from, rotationAbout([x * share, y * share, z * share]));
}

function ballPartway(joint: 'hip' | 'shoulder', side: 'R' | 'L', from: Ball, to: Ball, share: number): Ball {
  if (joint === 'shoulder' && Math.abs(to[0] - from[0]) > HIGH)
    return from.map((angle, i) => angle + share * (to[i]! - angle)) as Ball;
  return ballAngles(side, turnedPartway(ballRotation(side, from), ballRotation(side, to), share));
}

/**
 * A posture on the way from one to another: root and ball joints by the shortest turn, all else straight.
 *
 * @param share 0 at the start, 1 at the end
 * @param arms the same for the arms
 */
export function blendPosture(from: Posture, to: Posture, share: number, arms = share): Posture {
  const blended = { ...from };
  for (const key of MIDLINE_KEYS) blended[key] = from[key] + share * (to[key] - from[key]);
  const root = (at: Posture): Rotation => rootRotation(at.pitch, at.roll, at.yaw);
  Object.assign(blended, rootAngles(turnedPartway(root(from), root(to), share)));
  for (const side of SIDES) {
    for (const hinge of HINGES) {
      const key = `${hinge}${side}` as const;
      blended[key] = from[key] + (ARM.test(hinge) ? arms : share) * (to[key] - from[key]);
    }
    for (const joint of ['hip', 'shoulder'] as const) {
      const key = `${joint}${side}` as const;
      blended[key] = ballPartway(joint, side, from[key], to[key], joint === 'shoulder' ? arms : share);
    }
  }
  return blended;
}
