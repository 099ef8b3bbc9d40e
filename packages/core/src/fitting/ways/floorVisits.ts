import type { Level } from '../../poses/types.js';

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

/**
 * How often one goes down to the floor on the way through some levels.
 *
 * @example floorVisits(['chair', 'all-fours', 'lying', 'standing', 'lying']) // 2
 */
export const floorVisits = (levels: readonly Level[]): number =>
  levels.filter((level, i) => FLOOR_LEVELS.has(level) && (i === 0 || !FLOOR_LEVELS.has(levels[i - 1]!)))
    .length;
