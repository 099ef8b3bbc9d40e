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

/** How far these joints go in one body, degrees; of two limbs the less. */
export type BodyRanges = Readonly<Record<GivingJoint, number>>;

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
export const rangesKey = (ranges: BodyRanges): string => GIVING_JOINTS.map((joint) => ranges[joint]).join();
