import { BUILDS, HEAD_MASS } from '../body/build.js';
import { BODY_POINTS } from '../body/landmarks.js';
import { BALL_LIMITS, JOINT_LIMITS } from '../body/ranges.js';
import { LENGTH, LUMBAR_SHARE, MASS } from '../body/segments.js';
import { fingerprint } from '../fingerprint.js';
import { MEASURE_NAMES } from './measures.js';
import { isSized } from './sizedProps.js';
import type { Variant } from './types.js';

/**
 * Raise this when the solver or the measures change what they compute for the same data:
 * stored solutions are then made anew.
 */
const METHOD = 9;

const BODY = JSON.stringify([
  METHOD,
  LENGTH,
  BUILDS,
  HEAD_MASS,
  LUMBAR_SHARE,
  MASS,
  BODY_POINTS,
  JOINT_LIMITS,
  BALL_LIMITS,
  MEASURE_NAMES,
]);

/** A fingerprint of all that a variant's stored solution depends on. */
export const variantPrint = ({ frames, props, declared, level }: Variant): string =>
  fingerprint(
    BODY + JSON.stringify([frames, props, declared, level, ...(isSized({ props }) ? ['sized'] : [])]),
  );
