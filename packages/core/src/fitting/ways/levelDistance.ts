import { keep } from '../../cache.js';
import type { Level } from '../../poses/types.js';
import type { Way } from '../../poses/ways.js';

const distances = new WeakMap<readonly Way[], Map<string, number>>();

/**
 * How many moves lie between two levels, over whatever ways there are: lying on the belly is nearer to all
 * fours than to the back.
 */
export function levelDistance(from: Level, to: Level, ways: readonly Way[]): number {
  if (from === to) return 0;
  const moves = distances.get(ways) ?? keep(distances, ways, new Map<string, number>());
  const key = `${from}|${to}`;
  return moves.get(key) ?? keep(moves, key, countMoves(from, to, ways));
}

/** Moves to the level, one more at a time from wherever one has come to. */
function countMoves(from: Level, to: Level, ways: readonly Way[]): number {
  let reached = new Set<Level>([from]);
  let moves = 0;
  for (; !reached.has(to); moves++)
    reached = new Set([
      ...reached,
      ...ways.flatMap((way) => [
        ...(reached.has(way.from) ? [way.to] : []),
        ...(way.back && reached.has(way.to) ? [way.from] : []),
      ]),
    ]);
  return moves;
}
