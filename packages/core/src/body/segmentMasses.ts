import { HEAD_MASS } from './build.js';
import type { Body } from './kinematics.js';
import { lerp, SIDES, type Vec3 } from './maths.js';
import { MASS } from './segments.js';

/** One segment's share of the body's mass, and where its middle is, cm. */
export interface SegmentMass {
  segment: string;
  share: number;
  at: Vec3;
}

/** What each segment weighs as a share of the body, and where; the shares add up to 1. Masses: {@link MASS}. */
export function segmentMasses({ frames, points, build }: Body): SegmentMass[] {
  const masses: SegmentMass[] = [];
  // A child's head is heavier beside the rest.
  const head = HEAD_MASS[build];
  const rest = (1 - head) / (1 - MASS.headAndNeck.share);
  const put = (segment: string, { share, at }: { share: number; at: number }, from: Vec3, to: Vec3): void => {
    masses.push({ segment, share: segment === 'head' ? head : share * rest, at: lerp(from, to, at) });
  };
  const origin = (name: string): Vec3 => frames[name]!.origin;
  put('head', MASS.headAndNeck, origin('C7'), points.crown!);
  put('thorax', MASS.thorax, origin('T12'), origin('C7'));
  put('abdomen', MASS.abdomen, origin('L5'), origin('T12'));
  put('pelvis', MASS.pelvis, origin('pelvis'), origin('L5'));
  for (const side of SIDES) {
    put(`upperArm${side}`, MASS.upperArm, origin(`upperArm${side}`), origin(`forearm${side}`));
    put(`forearm${side}`, MASS.forearm, origin(`forearm${side}`), origin(`hand${side}`));
    put(`hand${side}`, MASS.hand, points[`palmMid${side}`]!, points[`palmMid${side}`]!);
    put(`thigh${side}`, MASS.thigh, origin(`thigh${side}`), origin(`shank${side}`));
    put(`shank${side}`, MASS.shank, origin(`shank${side}`), origin(`foot${side}`));
    put(`foot${side}`, MASS.foot, points[`heel${side}`]!, points[`toe${side}`]!);
  }
  return masses;
}
