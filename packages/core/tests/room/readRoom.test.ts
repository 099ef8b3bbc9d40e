/** A room as it is told: what cannot be is refused where it stands. */
import fc from 'fast-check';
import { readRoom, WALLS, type Room } from '../../src/index.js';

const HALL: Room = {
  widthCm: 960,
  depthCm: 1180,
  doors: [{ wall: 'right', atCm: 160 }],
  freeWalls: ['back', 'left'],
};
const wrong = (more: object): string[] =>
  readRoom({ ...HALL, ...more }).errors.map(({ field, message }) => `${field}: ${message}`);

test('a room is read as it is kept', () => {
  expect(readRoom(HALL)).toEqual({ room: HALL, errors: [] });
  expect(readRoom({ widthCm: 500, depthCm: 600 }).room).toEqual({
    ...{ widthCm: 500, depthCm: 600 },
    ...{ doors: [], freeWalls: [] },
  });
});

test.each<[string, object, string[]]>([
  ['no length', { widthCm: NaN }, ['room.widthCm: A length from 2 to 40 m is needed.']],
  [
    'a corridor and a field',
    { widthCm: 120, depthCm: 9000 },
    ['room.widthCm: A length from 2 to 40 m is needed.', 'room.depthCm: A length from 2 to 40 m is needed.'],
  ],
  [
    'a wall that no room has',
    { freeWalls: ['ceiling'] },
    ['room.freeWalls: Walls are front, right, back, left.'],
  ],
  [
    'a door past the end of its wall',
    { doors: [{ wall: 'back', atCm: 1000 }] },
    ['room.doors[0]: This wall is 9.6 m long: the door is not in it.'],
  ],
  [
    'a door in the floor',
    { doors: [HALL.doors[0], { wall: 'floor', atCm: 1 }] },
    ['room.doors[1]: A door is in a wall: front, right, back, left.'],
  ],
])('%s', (_what, more, errors) => {
  expect(wrong(more)).toEqual(errors);
});

test('whatever is sent is read or refused, never half', () => {
  fc.assert(
    fc.property(fc.anything(), fc.anything(), fc.anything(), (widthCm, doors, freeWalls) => {
      const { room, errors } = readRoom({ widthCm, depthCm: 700, doors, freeWalls });
      expect(room === undefined).toBe(errors.length > 0);
      for (const wall of room?.freeWalls ?? []) expect(WALLS).toContain(wall);
    }),
  );
});
