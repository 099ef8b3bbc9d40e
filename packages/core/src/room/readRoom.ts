import type { InputError } from '../people/types.js';
import { WALLS, type Door, type Room, type Wall } from './types.js';

/** A room that people lie down in, each way, cm. */
const LEAST = 200;
const MOST = 4000;
const DOORS_MOST = 8;

const isWall = (value: unknown): value is Wall => WALLS.includes(value as Wall);
const isLength = (value: unknown): value is number =>
  typeof value === 'number' && Number.isFinite(value) && value >= LEAST && value <= MOST;

/** A room as sent or kept. @returns it, or what is wrong by field: `room.widthCm`, `room.doors[0]` */
export function readRoom(value: unknown): { room?: Room; errors: InputError[] } {
  if (typeof value !== 'object' || value === null)
    return { errors: [{ field: 'room', message: 'How wide and how deep a room is is needed.' }] };
  const { widthCm, depthCm, doors = [], freeWalls = [] } = value as Partial<Room>;
  const errors: InputError[] = [];
  if (!isLength(widthCm)) errors.push({ field: 'room.widthCm', message: LENGTH_NEEDED });
  if (!isLength(depthCm)) errors.push({ field: 'room.depthCm', message: LENGTH_NEEDED });
  if (!Array.isArray(freeWalls) || !freeWalls.every(isWall))
    errors.push({ field: 'room.freeWalls', message: `Walls are ${WALLS.join(', ')}.` });
  if (!Array.isArray(doors) || doors.length > DOORS_MOST)
    errors.push({ field: 'room.doors', message: `At most ${DOORS_MOST} doors.` });
  if (errors.length) return { errors };
  const room = { widthCm: widthCm!, depthCm: depthCm! };
  const wrong = doors.flatMap((door, i) => doorErrors(door, `room.doors[${i}]`, room));
  if (wrong.length) return { errors: wrong };
  return {
    room: {
      ...room,
      doors: doors.map(({ wall, atCm }) => ({ wall, atCm })),
      freeWalls: WALLS.filter((wall) => freeWalls.includes(wall)),
    },
    errors: [],
  };
}

const LENGTH_NEEDED = `A length from ${LEAST / 100} to ${MOST / 100} m is needed.`;

function doorErrors(
  door: Partial<Door> | null,
  field: string,
  { widthCm, depthCm }: Pick<Room, 'widthCm' | 'depthCm'>,
): InputError[] {
  if (!door || !isWall(door.wall)) return [{ field, message: `A door is in a wall: ${WALLS.join(', ')}.` }];
  const length = door.wall === 'front' || door.wall === 'back' ? widthCm : depthCm;
  const { atCm } = door;
  return typeof atCm === 'number' && atCm >= 0 && atCm <= length
    ? []
    : [{ field, message: `This wall is ${length / 100} m long: the door is not in it.` }];
}
