import type { Level } from '../../poses/types.js';
import type { Way } from '../../poses/ways.js';

const distances = new WeakMap<readonly Way[], Map<string, number>>();

/**
 * How many moves lie between two levels, over whatever ways there are: lying on the belly is nearer to all
 * fours than to the back.
 */
export function levelDistance(from: Level, to: Level, ways: readonly Way[]): number {
  if (from === to) return 0;
  let known = distances.get(ways);
  if (!known) distances.set(ways, (known = new Map()));
  const key = `${from}|${to}`;
  let moves = known.get(key);
  if (moves === undefined) {
    let reached = new Set<Level>([from]);
    for (moves = 0; !reached.has(to); moves++)
      reached = new Set([
        ...reached,
        ...ways.flatMap((way) => [
          ...(reached.has(way.from) ? [way.to] : []),
          ...(way.back && reached.has(way.to) ? [way.from] : []),
        ]),
      ]);
    known.set(key, moves);
  }
  return moves;
}
