import type { Room } from './types.js';

/** Each place with the room around it, and what is kept for the teacher and along the walls, cm. */
const EACH = { across: 150, along: 230 };
const AROUND = { beside: 60, before: 200, behind: 30 };

/** A room as large as so many need with ease, where nobody has said how large it is: any wall will do. */
export function roomFor(people: number): Room {
  const columns = Math.max(1, Math.ceil(Math.sqrt(people * 1.5)));
  const rows = Math.max(1, Math.ceil(people / columns));
  return {
    widthCm: columns * EACH.across + AROUND.beside,
    depthCm: rows * EACH.along + AROUND.before + AROUND.behind,
    doors: [],
    freeWalls: ['right', 'back', 'left'],
  };
}
