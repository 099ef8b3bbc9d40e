import { WAYS } from '../../../catalogue/ways.js';
import type { Level } from '../../poses/types.js';

const known = new Map<string, number>();

/**
 * How many moves lie between two levels, over whatever ways there are: lying on the belly is nearer to all
 * fours than to the back.
 */
export function levelDistance(from: Level, to: Level): number {
  if (from === to) return 0;
  const key = `${from}|${to}`;
  let moves = known.get(key);
  if (moves === undefined) {
    let reached = new Set<Level>([from]);
    for (moves = 0; !reached.has(to); moves++)
      reached = new Set([
        ...reached,
        ...WAYS.flatMap((way) => [
          ...(reached.has(way.from) ? [way.to] : []),
          ...(way.back && reached.has(way.to) ? [way.from] : []),
        ]),
      ]);
    known.set(key, moves);
  }
  return moves;
}
