import { placeOf, sayPlace } from '../people/bodyPlaces.js';
import type { Today } from '../people/types.js';
import { limbsOfSide } from './limbs.js';
import type { Bound, Evidence, LimbSide, Rule } from './types.js';

/** A rule that is in force where it hurts. */
interface PainRule {
  rule: Rule;
  condition: string;
  sides?: readonly LimbSide[];
}

/**
 * What asks something of a place, by the place: each is watched where it hurts today. Degrees, cm, shares of weight;
 * common practice, no published source.
 */
const ASKS: Readonly<Record<string, readonly Bound[]>> = {
  head: [{ measure: 'headBelowHeart', over: 5 }],
  neck: [
    { measure: 'neckExtension', over: 20 },
    { measure: 'neckRotation', over: 40 },
    { measure: 'neckShare', over: 0.02 },
  ],
  shoulder: [
    { measure: 'shoulderFlexion', over: 120 },
    { measure: 'shoulderExtension', over: 40 },
    { measure: 'wristLoad', over: 0.1 },
  ],
  elbow: [{ measure: 'wristLoad', over: 0.1 }],
  wrist: [{ measure: 'wristLoad', over: 0.05 }],
  'upper-back': [
    { measure: 'thoracicFlexion', over: 20 },
    { measure: 'thoracicTwist', over: 25 },
  ],
  'low-back': [
    { measure: 'lumbarFlexion', over: 35 },
    { measure: 'lumbarExtension', over: 12 },
    { measure: 'lumbarTwist', over: 6 },
  ],
  belly: [
    { measure: 'bellyPressed', over: 0 },
    { measure: 'abdominalLoad', over: 1 },
  ],
  pelvis: [
    { measure: 'oneLeg', over: 0 },
    { measure: 'hipAbduction', over: 40 },
  ],
  hip: [
    { measure: 'hipFlexion', over: 100 },
    { measure: 'hipAbduction', over: 40 },
    { measure: 'hipRotationOut', over: 45 },
  ],
  thigh: [{ measure: 'hipFlexionWithKneeStraight', over: 70 }],
  knee: [
    { measure: 'kneesShare', over: 0.05 },
    { measure: 'kneeFlexion', over: 100 },
  ],
  ankle: [
    { measure: 'ankleFlexion', over: 20 },
    { measure: 'oneLeg', over: 0 },
  ],
};

/** Measures of a limb, which are looked at on the side that hurts. */
const OF_A_LIMB = /^(shoulder|wrist|hip|knee|ankle)/;
const TOLD: Evidence = { kind: 'common-practice', source: 'what the person has told you today' };

/** What is watched where it hurts today: nothing is taken away, and what asks something of the place is said. */
export const painRules = ({ painAt = [] }: Today): PainRule[] =>
  painAt.flatMap((kept) => {
    const found = placeOf(kept);
    if (!found) return [];
    const words = sayPlace(kept);
    return (ASKS[found.place.id] ?? []).map((bound, i): PainRule => {
      const isLimbs = 'measure' in bound && OF_A_LIMB.test(bound.measure);
      return {
        condition: 'today',
        rule: {
          id: `today.hurts-${kept}-${i + 1}`,
          level: 'watch',
          all: [bound],
          ...(isLimbs && found.side ? { limb: 'affected' as const } : {}),
          cue: `Only as far as the ${words} stays quiet.`,
          reason: `The ${words} hurts today.`,
          evidence: TOLD,
        },
        ...(isLimbs && found.side ? { sides: limbsOfSide(found.side) } : {}),
      };
    });
  });
