import type { HowFar } from './types.js';

/** The furthest of some, kind by kind and side by side. */
export function farthest(all: readonly HowFar[]): HowFar {
  const most: Record<string, number | readonly [number, number]> = {};
  for (const far of all)
    for (const [kind, value] of Object.entries(far)) {
      const known = most[kind] ?? value;
      most[kind] =
        typeof value === 'number' || typeof known === 'number'
          ? Math.max(known as number, value as number)
          : [Math.max(known[0], value[0]), Math.max(known[1], value[1])];
    }
  return most;
}
