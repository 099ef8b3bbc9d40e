import { BODY_POINTS } from './landmarks.js';

const SPINE_SEGMENT: Readonly<Record<string, string>> = {
  L5: 'pelvis',
  L3: 'abdomen',
  T12: 'abdomen',
  T8: 'thorax',
  T3: 'thorax',
  C7: 'thorax',
  C4: 'head',
};

/** Which segment of the body a landmark's flesh belongs to: what pushes there pushes that segment. */
export const SEGMENT_OF_POINT: Readonly<Record<string, string>> = Object.fromEntries(
  BODY_POINTS.map(({ name, frame }) => [
    name,
    // Weight on a knee goes into the shin bone as it does into the thigh's: what is below the joint carries it.
    /^knee/.test(name) ? `shank${name.slice(-1)}` : (SPINE_SEGMENT[frame] ?? frame),
  ]),
);
