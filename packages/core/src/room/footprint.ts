import type { PlaceKind, Room, Spot, Wall } from './types.js';

/** Across and along, as somebody faces, cm. */
interface Size {
  across: number;
  along: number;
}

/**
 * What each kind of place covers. A mat is about 61 by 183 (common practice, no published source); a chair has the
 * legs before it; an occupied wheelchair takes 80 by 130 (the usual clear space of accessible building, from memory).
 */
export const PLACE_SIZES: Readonly<Record<PlaceKind, Size>> = {
  mat: { across: 65, along: 185 },
  chair: { across: 60, along: 110 },
  wheelchair: { across: 80, along: 130 },
};

/** Edges of a rectangle along the walls, cm. */
export interface Box {
  left: number;
  right: number;
  front: number;
  back: number;
}

/** What a place covers. */
export function footprintOf({ xCm, yCm, heading }: Omit<Spot, 'personId'>, kind: PlaceKind): Box {
  const { across, along } = PLACE_SIZES[kind];
  const isTurned = heading === 90 || heading === 270;
  const width = isTurned ? along : across;
  const depth = isTurned ? across : along;
  return { left: xCm - width / 2, right: xCm + width / 2, front: yCm - depth / 2, back: yCm + depth / 2 };
}

/** Whether two cover some of the same floor; touching is not covering. */
export const overlap = (a: Box, b: Box): boolean =>
  a.left < b.right - EPSILON &&
  b.left < a.right - EPSILON &&
  a.front < b.back - EPSILON &&
  b.front < a.back - EPSILON;

/** Less than anybody lays a mat to, cm. */
const EPSILON = 0.5;

/** From a place to a wall, cm; less than 0 where it goes through it. */
export function toWall({ left, right, front, back }: Box, wall: Wall, { widthCm, depthCm }: Room): number {
  return { left, right: widthCm - right, front, back: depthCm - back }[wall];
}

/** From a place to the nearest wall that one can lean on, cm; Infinity where there is none. */
export const toFreeWall = (box: Box, room: Room): number =>
  Math.min(...room.freeWalls.map((wall) => Math.max(0, toWall(box, wall, room))), Infinity);

/** A door is so wide, and so much of the floor before it stays free, cm (common practice, no published source). */
const DOOR = { width: 90, clear: 100 };

/** The floor before each door, which stays free. */
export function doorways({ doors, widthCm, depthCm }: Room): Box[] {
  return doors.map(({ wall, atCm }): Box => {
    const along = { left: atCm - DOOR.width / 2, right: atCm + DOOR.width / 2 };
    const down = { front: atCm - DOOR.width / 2, back: atCm + DOOR.width / 2 };
    switch (wall) {
      case 'front':
        return { ...along, front: 0, back: DOOR.clear };
      case 'back':
        return { ...along, front: depthCm - DOOR.clear, back: depthCm };
      case 'left':
        return { ...down, left: 0, right: DOOR.clear };
      case 'right':
        return { ...down, left: widthCm - DOOR.clear, right: widthCm };
    }
  });
}

/** From the middle of a place to the nearest door, cm; Infinity where there is none. */
export function toDoor({ xCm, yCm }: Pick<Spot, 'xCm' | 'yCm'>, { doors, widthCm, depthCm }: Room): number {
  const distances = doors.map(({ wall, atCm }) => {
    const x = { left: 0, right: widthCm, front: atCm, back: atCm }[wall];
    const y = { front: 0, back: depthCm, left: atCm, right: atCm }[wall];
    return Math.hypot(xCm - x, yCm - y);
  });
  return Math.min(...distances, Infinity);
}
