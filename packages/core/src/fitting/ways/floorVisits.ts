import { FLOOR_LEVELS } from '../../poses/levels.js';
import type { Level } from '../../poses/types.js';

/**
 * How often one goes down to the floor on the way through some levels.
 *
 * @example floorVisits(['chair', 'all-fours', 'lying', 'standing', 'lying']) // 2
 */
export const floorVisits = (levels: readonly Level[]): number =>
  levels.filter((level, i) => FLOOR_LEVELS.has(level) && (i === 0 || !FLOOR_LEVELS.has(levels[i - 1]!)))
    .length;
