import type { Catalogue } from '../poses/catalogue.js';
import type { Done } from './types.js';

/** What somebody did in a class, in minutes and in MET-minutes. */
export interface Activity {
  minutes: number;
  /** Each minute times the METs of what was done in it (Compendium of Physical Activities 2011). */
  metMinutes: number;
}

/**
 * How much was done in a class: the time in shapes, on both sides where a pose has sides; getting there is not counted.
 *
 * @example ten minutes of hatha shapes (2.5 METs) // { minutes: 10, metMinutes: 25 }
 */
export function activityOf(did: readonly Done[], catalogue: Pick<Catalogue, 'variant'>): Activity {
  let seconds = 0;
  let metSeconds = 0;
  for (const { variant: id, seconds: side } of did) {
    const { pose, variant } = catalogue.variant(id);
    const held = side * (pose.side ? 2 : 1);
    seconds += held;
    metSeconds += held * variant.declared.met;
  }
  return { minutes: Math.round(seconds / 60), metMinutes: Math.round(metSeconds / 60) };
}
