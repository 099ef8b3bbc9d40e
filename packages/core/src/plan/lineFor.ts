import type { Pose } from '../poses/types.js';

/**
 * A line that adds a pose to a written sequence, as long as it usually is held.
 *
 * @example lineFor(eagle) // 'Eagle, 5 breaths each side'
 */
export const lineFor = ({ name, hold, side }: Pick<Pose, 'name' | 'hold' | 'side'>): string =>
  `${name}, ${hold.usual} ${hold.unit}${side ? ' each side' : ''}`;
