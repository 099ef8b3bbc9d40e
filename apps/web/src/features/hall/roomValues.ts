import { WALLS, type Room, type Wall } from '@lotus-steady/core';

/** A room as it is typed: lengths in metres. */
export interface RoomValues {
  width: string;
  depth: string;
  doors: { wall: Wall; at: string }[];
  freeWalls: Record<Wall, boolean>;
}

const metres = (cm: number): string => String(cm / 100);
const cmOf = (text: string): number => Math.round(Number(text.replace(',', '.')) * 100);

/** @example roomValues({ widthCm: 960, depthCm: 1180, doors: [], freeWalls: ['left'] }).width // '9.6' */
export const roomValues = (room?: Room): RoomValues => ({
  width: room ? metres(room.widthCm) : '',
  depth: room ? metres(room.depthCm) : '',
  doors: room?.doors.map(({ wall, atCm }) => ({ wall, at: metres(atCm) })) ?? [],
  freeWalls: Object.fromEntries(
    WALLS.map((wall) => [wall, room?.freeWalls.includes(wall) ?? false]),
  ) as RoomValues['freeWalls'],
});

/** A room as it is kept; undefined where nobody has said how large it is. What is no number the server refuses. */
export function roomOf({ width, depth, doors, freeWalls }: RoomValues): Room | undefined {
  if (!width.trim() && !depth.trim()) return undefined;
  return {
    widthCm: cmOf(width),
    depthCm: cmOf(depth),
    doors: doors.map(({ wall, at }) => ({ wall, atCm: cmOf(at) })),
    freeWalls: WALLS.filter((wall) => freeWalls[wall]),
  };
}
