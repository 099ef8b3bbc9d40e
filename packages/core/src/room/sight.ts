import type { Room, Spot } from './types.js';

/** Somewhere in a room, cm from the left and the front wall. */
export interface Point {
  xCm: number;
  yCm: number;
}

/** She stands so far before the middle of the first place, and from the front wall at least, cm. */
const BEFORE = 220;
const FROM_WALL = 80;

/** Where the teacher stands: before the middle of all places. */
export function teacherAt(room: Pick<Room, 'widthCm'>, spots: readonly Point[]): Point {
  if (!spots.length) return { xCm: room.widthCm / 2, yCm: FROM_WALL };
  const xs = spots.map(({ xCm }) => xCm);
  const first = Math.min(...spots.map(({ yCm }) => yCm));
  return { xCm: (Math.min(...xs) + Math.max(...xs)) / 2, yCm: Math.max(FROM_WALL, first - BEFORE) };
}

/** Whoever stands so close to the line of sight hides what is behind, cm: about half the width of the shoulders. */
const HIDES = 20;

/** How somebody sees the teacher. */
export interface Sight {
  /** By how much she turns from where she faces, degrees, 0 to 180. */
  turn: number;
  /** Who stands in between. */
  hiddenBy?: string;
}

/**
 * Whether somebody sees the teacher while all stand, and how far she turns for it.
 *
 * @example sightOf({ personId: 'a', xCm: 300, yCm: 500, heading: 0 }, [], { xCm: 300, yCm: 80 }).turn // 0
 */
export function sightOf(spot: Spot, others: readonly Spot[], teacher: Point): Sight {
  const dx = teacher.xCm - spot.xCm;
  const dy = teacher.yCm - spot.yCm;
  const far = Math.hypot(dx, dy);
  const bearing = (Math.atan2(dx, -dy) * 180) / Math.PI;
  const turn = Math.abs(((bearing - spot.heading + 540) % 360) - 180);
  const hiding = others.find(({ personId, xCm, yCm }) => {
    if (personId === spot.personId) return false;
    const [x, y] = [xCm - spot.xCm, yCm - spot.yCm];
    const along = (x * dx + y * dy) / far;
    return along > 0 && along < far && Math.abs(x * dy - y * dx) / far < HIDES;
  });
  return { turn, ...(hiding ? { hiddenBy: hiding.personId } : {}) };
}
