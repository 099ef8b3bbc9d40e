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

/** Levels that are on the floor: getting there and back takes something. */
export const FLOOR_LEVELS: ReadonlySet<Level> = new Set<Level>([
  'lying',
  'side-lying',
  'prone',
  'sitting',
  'kneeling',
  'all-fours',
  'inverted',
]);
