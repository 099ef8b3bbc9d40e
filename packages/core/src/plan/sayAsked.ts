import type { AskedHold } from '../reading/readCount.js';

/**
 * How long a step is asked for, as it is written: whole minutes from two on, and one breath alone.
 *
 * @example sayAsked({ unit: 'seconds', count: 180 }) // '3 min'
 */
export function sayAsked({ unit, count }: AskedHold): string {
  if (unit !== 'seconds') return `${count} ${count === 1 ? unit.slice(0, -1) : unit}`;
  return count >= 120 && count % 60 === 0 ? `${count / 60} min` : `${count} s`;
}
