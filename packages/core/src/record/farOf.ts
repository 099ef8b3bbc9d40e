import type { Side } from '../side.js';
import type { HowFar } from './types.js';

/** How far something went of a kind of limit, on one side, or on the further one; 0 where it was not there at all. */
export function farOf(far: HowFar, kind: string, side: Side | undefined): number {
  const value = far[kind] ?? 0;
  if (typeof value === 'number') return value;
  return side ? value[side === 'right' ? 0 : 1] : Math.max(...value);
}
