import type { Level } from './types.js';

/** Every level on which a body can be. */
export const LEVELS: readonly Level[] = [
  'lying',
  'side-lying',
  'prone',
  'sitting',
  'kneeling',
  'all-fours',
  'squatting',
  'chair',
  'standing',
  'inverted',
];
