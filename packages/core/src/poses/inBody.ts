import { rangeOf, type BodyRanges, type GivingJoint } from '../body/bodyRanges.js';
import { USUAL_RANGE } from '../body/ranges.js';
import { keep } from '../cache.js';
import type { Measures } from './measures.js';

/** Arms above the heart by more than this are overhead, cm. */
const OVERHEAD_FROM = 10;
/** Of what shoulders do not give so much comes from the low back, the rest from the chest: common practice. */
const SHOULDERS_TO_LOW_BACK = 0.5;
/** An ankle short by no more than this still has its heel down, degrees. */
const HEEL_GIVES = 3;

/**
 * What a neighbour does that makes up for a joint, as far as it goes: never more than its usual range unless the shape
 * itself is beyond that.
 *
 * @param own what the shape asks of it, degrees, negative where it goes the other way
 * @param short what the joint does not give, degrees
 * @example madeUp(20, 35, 55) // 55; madeUp(-5, 15, 55) // 10
 */
export const madeUp = (own: number, short: number, usual: number): number =>
  Math.max(0, own, Math.min(own + short, usual));

/** What a shape asks of a joint beyond what it gives, degrees; of two limbs the more. */
const shortOf = (measures: Measures, ranges: BodyRanges, joint: GivingJoint): number =>
  joint === 'thoracicTwist'
    ? Math.max(0, measures.thoracicTwist - ranges.thoracicTwist)
    : Math.max(
        0,
        measures[`${joint}Right`] - rangeOf(ranges, joint, 'right'),
        measures[`${joint}Left`] - rangeOf(ranges, joint, 'left'),
      );

/** What was made of a shape for a body, by both: the same again where it is asked again. */
const made = new WeakMap<BodyRanges, WeakMap<Measures, Measures>>();

/**
 * What a shape of the catalogue, which is drawn on a supple body, becomes in a body that goes less far: what a
 * joint does not give, its neighbours take, as bodies do. Hips that stop round the low back, or hollow it where the
 * leg goes back; arms that do not reach overhead hollow low back and chest; ankles lift the heel; a chest that does
 * not turn hands its turn to the low back. What is asked of the joint itself stays as it is. A bound on how far
 * this is from the body solved within its ranges is in the tests.
 *
 * @returns the same measures where nothing is short
 * @example A seated fold, low back 20, hips 115 over straight legs that give 80: the low back rounds 55, all it has.
 */
export function inBody(measures: Measures, ranges: BodyRanges): Measures {
  const known = made.get(ranges) ?? keep(made, ranges, new WeakMap<Measures, Measures>());
  return known.get(measures) ?? keep(known, measures, makeInBody(measures, ranges));
}

function makeInBody(measures: Measures, ranges: BodyRanges): Measures {
  const hips = Math.max(
    shortOf(measures, ranges, 'hipFlexion'),
    shortOf(measures, ranges, 'hipFlexionWithKneeStraight'),
  );
  const legBack = shortOf(measures, ranges, 'hipExtension');
  const overhead = measures.armsAboveHeart > OVERHEAD_FROM ? shortOf(measures, ranges, 'shoulderFlexion') : 0;
  const chest = shortOf(measures, ranges, 'thoracicTwist');
  const heel = measures.feetShare > 0 && shortOf(measures, ranges, 'ankleFlexion') > HEEL_GIVES;
  if (!hips && !legBack && !overhead && !chest && !heel) return measures;
  const toLowBack = overhead * SHOULDERS_TO_LOW_BACK;
  return {
    ...measures,
    lumbarFlexion: madeUp(
      measures.lumbarFlexion || -measures.lumbarExtension,
      hips,
      USUAL_RANGE.lumbarFlexion,
    ),
    lumbarExtension: madeUp(measures.lumbarExtension, legBack + toLowBack, USUAL_RANGE.lumbarExtension),
    thoracicExtension: madeUp(
      measures.thoracicExtension,
      overhead - toLowBack,
      USUAL_RANGE.thoracicExtension,
    ),
    lumbarTwist: madeUp(measures.lumbarTwist, chest, USUAL_RANGE.lumbarTwist),
    heelsLifted: heel ? 1 : measures.heelsLifted,
  };
}
