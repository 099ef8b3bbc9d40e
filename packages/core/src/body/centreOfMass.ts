import { HEAD_MASS } from './build.js';
import type { Body } from './kinematics.js';
import { add, lerp, scale, SIDES, type Vec3 } from './maths.js';
import { MASS } from './segments.js';

/** Where the whole body's centre of mass is, in cm. Masses: {@link MASS}. */
export function centreOfMass({ frames, points, build }: Body): Vec3 {
  let centre: Vec3 = [0, 0, 0];
  let total = 0;
  const put = ({ share, at }: { share: number; at: number }, from: Vec3, to: Vec3): void => {
    total += share;
    centre = add(centre, scale(lerp(from, to, at), share));
  };
  const origin = (name: string): Vec3 => frames[name]!.origin;
  // A child's head is heavier beside the rest.
  const head = HEAD_MASS[build];
  const rest = (1 - MASS.headAndNeck.share) / (1 - head);
  put({ ...MASS.headAndNeck, share: head * rest }, origin('C7'), points.crown!);
  put(MASS.thorax, origin('T12'), origin('C7'));
  put(MASS.abdomen, origin('L5'), origin('T12'));
  put(MASS.pelvis, origin('pelvis'), origin('L5'));
  for (const side of SIDES) {
    put(MASS.upperArm, origin(`upperArm${side}`), origin(`forearm${side}`));
    put(MASS.forearm, origin(`forearm${side}`), origin(`hand${side}`));
    put(MASS.hand, points[`palmMid${side}`]!, points[`palmMid${side}`]!);
    put(MASS.thigh, origin(`thigh${side}`), origin(`shank${side}`));
    put(MASS.shank, origin(`shank${side}`), origin(`foot${side}`));
    put(MASS.foot, points[`heel${side}`]!, points[`toe${side}`]!);
  }
  return scale(centre, 1 / total);
}
