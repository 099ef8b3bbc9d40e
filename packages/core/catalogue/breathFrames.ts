/**
 * Which way a movement goes on the in-breath: with the key frames, unless it is named here. Held against what the pose
 * says of either breath and what its key frames measure; common practice, no published source.
 */
import type { Pose, Variant } from '../src/authoring/poseWords.js';

/** Poses all of whose movements lead back to the first key frame on the in-breath. */
const POSES: readonly string[] = [
  'chin-tuck',
  'shoulder-roll',
  'elbow-circles',
  'wrist-circles',
  'finger-spread',
  'seated-leg-lift',
  'chair-march',
  'forearm-waves',
  'pelvic-tilt',
  'knee-opening',
  'knee-lift-into-hand',
  'bridge-pulse',
  'curl',
  'side-lying-leg-lift',
  'roll-down',
  'one-knee-down',
  'candle-breath',
  'frog-hop',
];

/** Single variants of other poses. */
const VARIANTS: readonly string[] = [
  'foot-pump.by-hand',
  'foot-pump.lying',
  'foot-pump.staff',
  'cat-cow.chair-lift',
  'cat-cow.flat-to-hollow',
  'rocking.ball',
  'kangaroo-squat.standing',
];

const backwards = (pose: Pose, variant: Variant): boolean => variant.frames.length > 1 && (POSES.includes(pose.id) || VARIANTS.includes(variant.id));

/** Poses with the key frame that their in-breath leads to. */
export const withBreath = (poses: readonly Pose[]): Pose[] =>
  poses.map((pose) => ({
    ...pose,
    ladder: pose.ladder.map((variant) => (backwards(pose, variant) ? { ...variant, inBreathTo: 'first' } : variant)) as unknown as Pose['ladder'],
  }));
