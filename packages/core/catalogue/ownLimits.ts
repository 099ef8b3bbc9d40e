import type { Bound, LimitKind } from '../src/authoring/ruleWords.js';

const over = (measure: Extract<Bound, { measure: unknown }>['measure']) => (most: number) => [{ measure, over: most }] as const;

/** Limits that people bring with them, in their own words. */
export const LIMIT_KINDS = {
  'no-kneeling': { says: 'no weight on the knees', bound: () => over('kneesShare')(0.05) },
  'no-hands': { says: 'no weight on the hands', sided: true, bound: () => over('wristLoad')(0.03) },
  'no-head-down': { says: 'head not below the heart', bound: () => over('headBelowHeart')(5) },
  'no-flat-lying': { says: 'no flat lying', bound: () => over('supine')(0) },
  'no-belly-down': { says: 'not on the belly', bound: () => [{ level: ['prone'] }] },
  'no-floor': { says: 'not down to the floor', bound: () => [{ levelNot: ['chair', 'standing'] }] },
  'no-balance': { says: 'no standing on one leg without a hand', bound: () => [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }] },
  'no-inversion': { says: 'not upside down', bound: () => over('inverted')(0) },
  'arm-raise': { says: 'arm forward and up to', sided: true, unit: 'degrees', usual: 120, bound: over('shoulderFlexion') },
  'arm-out': { says: 'arm out to the side to', sided: true, unit: 'degrees', usual: 90, bound: over('shoulderAbduction') },
  'hip-bend': { says: 'hip bends to', sided: true, unit: 'degrees', usual: 90, bound: over('hipFlexion') },
  'knee-bend': { says: 'knee bends to', sided: true, unit: 'degrees', usual: 90, bound: over('kneeFlexion') },
  'low-back-rounds': { says: 'low back rounds to', unit: 'degrees', usual: 20, bound: over('lumbarFlexion') },
  'low-back-hollows': { says: 'low back hollows to', unit: 'degrees', usual: 5, bound: over('lumbarExtension') },
  'trunk-turns': { says: 'chest turns to', unit: 'degrees', usual: 10, bound: over('thoracicTwist') },
  'head-back': { says: 'head tips back to', unit: 'degrees', usual: 15, bound: over('neckExtension') },
  hold: {
    says: 'holds up to',
    unit: 'seconds',
    usual: 20,
    bound: (most) => [{ holdOver: most }, { still: true }, { purposeNot: ['rest', 'breathe', 'settle'] }],
  },
} as const satisfies Readonly<Record<string, LimitKind>>;
