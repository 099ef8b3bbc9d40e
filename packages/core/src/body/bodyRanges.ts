import { keep } from '../cache.js';
import type { Side } from '../side.js';
import { USUAL_RANGE } from './ranges.js';

/** Joints whose neighbours make up for what they do not give, by the measure that reads them. */
export const GIVING_JOINTS = [
  'hipFlexion',
  'hipFlexionWithKneeStraight',
  'hipExtension',
  'shoulderFlexion',
  'ankleFlexion',
  'thoracicTwist',
] as const;

export type GivingJoint = (typeof GIVING_JOINTS)[number];

/** How far these joints go, degrees. */
type Joints = Readonly<Record<GivingJoint, number>>;

/** How far these joints go in one body, degrees: of two limbs the less, and what the other gives where it is more. */
export interface BodyRanges extends Joints {
  readonly right?: Partial<Joints>;
  readonly left?: Partial<Joints>;
}

/** How far the joint of one side goes, degrees. */
export const rangeOf = (ranges: BodyRanges, joint: GivingJoint, side: Side): number =>
  ranges[side]?.[joint] ?? ranges[joint];

const mirrors = new WeakMap<BodyRanges, BodyRanges>();
/** The same body seen in a mirror; itself where both sides are alike. */
export function mirrorRanges(ranges: BodyRanges): BodyRanges {
  const { right, left, ...joints } = ranges;
  if (!right && !left) return ranges;
  const make = (): BodyRanges => ({ ...joints, ...(left && { right: left }), ...(right && { left: right }) });
  return mirrors.get(ranges) ?? keep(mirrors, ranges, make());
}

const lessers = new WeakMap<BodyRanges, BodyRanges>();
/** A body that has on both sides what this one has on the lesser: for what may be done on either. */
export function lesserRanges(ranges: BodyRanges): BodyRanges {
  const { right, left, ...joints } = ranges;
  return right || left ? (lessers.get(ranges) ?? keep(lessers, ranges, joints)) : ranges;
}

/**
 * Somebody of usual ranges: healthy, grown, under 40. Hips: what is usual less ten degrees that the pelvis goes along;
 * hip extension Roach and Miles 1991, shoulders Soucie 2011; all from memory.
 */
export const USUAL_BODY: BodyRanges = {
  hipFlexion: USUAL_RANGE.hipFlexion - 10,
  hipFlexionWithKneeStraight: USUAL_RANGE.hipFlexionWithKneeStraight,
  hipExtension: 22,
  shoulderFlexion: 170,
  ankleFlexion: 38,
  thoracicTwist: USUAL_RANGE.thoracicTwist,
};

/** A name for a body's ranges: the same for the same. */
export const rangesKey = (ranges: BodyRanges): string =>
  GIVING_JOINTS.flatMap((joint) =>
    ranges.right || ranges.left
      ? [rangeOf(ranges, joint, 'right'), rangeOf(ranges, joint, 'left')]
      : ranges[joint],
  ).join();
