import type { Pose, Variant } from './types.js';

/** Whether it is moved in and not held: what is counted in rounds, walked, or hopped. */
export const isMoving = ({ hold }: Pick<Pose, 'hold'>, { declared }: Pick<Variant, 'declared'>): boolean =>
  hold.unit === 'rounds' || declared.impact !== undefined;
