import { activityOf, farthest, type Activity, type Done, type HowFar } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';

/** What a record says of how much was done, and how far. */
export interface DoneSums {
  activity: Activity;
  far: HowFar;
}

const KNOWN = new Set(BUILT_IN.poses.flatMap(({ ladder }) => ladder.map(({ id }) => id)));
/** A part of a version asks for no more effort than the whole of it. */
const wholeOf = (variant: string): string => variant.split('~')[0]!;

/** Sums of what somebody was given in a class; what the hall has of its own is not counted. */
export function doneSums(did: readonly Done[]): DoneSums {
  const known = did
    .map((done) => ({ ...done, variant: wholeOf(done.variant) }))
    .filter(({ variant }) => KNOWN.has(variant));
  return {
    activity: activityOf(known, BUILT_IN),
    far: farthest(did.map(({ far }) => far)),
  };
}
