/** Places in a room: nobody on another, the wall for who needs it, a door for who may have to leave, all in sight. */
import fc from 'fast-check';
import {
  doorways,
  footprintOf,
  layOut,
  roomFor,
  roomProblems,
  sightOf,
  teacherAt,
  type PlaceNeeds,
  type Room,
  type Spot,
} from '../../src/index.js';
import { toDoor, toFreeWall, overlap } from '../../src/room/footprint.js';

const HALL: Room = {
  widthCm: 1000,
  depthCm: 1100,
  doors: [{ wall: 'right', atCm: 150 }],
  freeWalls: ['back', 'left'],
};
const somebody = (personId: string, more: Partial<PlaceNeeds> = {}): PlaceNeeds => ({
  personId,
  kind: 'mat',
  wallSteps: [],
  ...more,
});
const all = (count: number, more: (i: number) => Partial<PlaceNeeds> = () => ({})): PlaceNeeds[] =>
  Array.from({ length: count }, (_, i) => somebody(`p${i}`, more(i)));

const rooms = fc.record({
  widthCm: fc.integer({ min: 300, max: 2000 }),
  depthCm: fc.integer({ min: 450, max: 2000 }),
  doors: fc.array(
    fc.record({
      wall: fc.constantFrom('front', 'right', 'back', 'left'),
      atCm: fc.integer({ min: 0, max: 300 }),
    }),
    { maxLength: 3 },
  ),
  freeWalls: fc.subarray(['front', 'right', 'back', 'left']),
}) as fc.Arbitrary<Room>;
const groups = fc.array(
  fc.record({
    kind: fc.constantFrom('mat', 'chair', 'wheelchair'),
    wallSteps: fc.array(fc.integer({ min: 1, max: 20 }), { maxLength: 3 }),
    nearDoor: fc.option(fc.constant('x'), { nil: undefined }),
    nearTeacher: fc.option(fc.constant('x'), { nil: undefined }),
  }),
  { minLength: 1, maxLength: 24 },
);

test('in any room nobody lies on another, out of it or in a doorway; who has no place is told', () => {
  fc.assert(
    fc.property(rooms, groups, (room, group) => {
      const people = group.map((one, i) => somebody(`p${i}`, one as Partial<PlaceNeeds>));
      const { spots, without } = layOut(room, people);
      expect([...spots.map(({ personId }) => personId), ...without].sort()).toEqual(
        people.map(({ personId }) => personId).sort(),
      );
      const bad = roomProblems(room, people, spots).filter(({ kind }) =>
        ['outside', 'overlap', 'door', 'turned'].includes(kind),
      );
      expect(bad).toEqual([]);
    }),
    { numRuns: 80 },
  );
});

test('the same room and people are laid out the same, whatever the order in which they are named', () => {
  const people = all(9, (i) => (i % 3 ? {} : { nearDoor: 'x' }));
  const where = ({ spots }: { spots: readonly Spot[] }) =>
    spots.map(({ xCm, yCm }) => `${xCm} ${yCm}`).sort();
  expect(where(layOut(HALL, people))).toEqual(where(layOut(HALL, [...people].reverse())));
});

test('who needs the wall is at it, who may leave nearest the door, who hears badly nearest the teacher', () => {
  const people = all(12, (i) => {
    if (i === 3) return { wallSteps: [2, 5, 9] };
    if (i === 5) return { nearDoor: 'may have to go out' };
    return i === 8 ? { nearTeacher: 'hears badly' } : {};
  });
  const { spots } = layOut(HALL, people);
  const spot = (i: number) => spots.find(({ personId }) => personId === `p${i}`)!;
  expect(toFreeWall(footprintOf(spot(3), 'mat'), HALL)).toBeLessThan(60);
  const teacher = teacherAt(HALL, spots);
  const far = ({ xCm, yCm }: Spot) => Math.hypot(xCm - teacher.xCm, yCm - teacher.yCm);
  expect(Math.min(...spots.map((one) => toDoor(one, HALL)))).toBe(toDoor(spot(5), HALL));
  expect(Math.min(...spots.map(far))).toBe(far(spot(8)));
  expect(roomProblems(HALL, people, spots)).toEqual([]);
});

test('twenty-four lie in a hall of 10 by 14 metres, and four in five see the teacher while all stand', () => {
  const room = { ...HALL, depthCm: 1400 };
  const people = all(24);
  const { spots, without } = layOut(room, people);
  expect(without).toEqual([]);
  const problems = roomProblems(room, people, spots);
  expect(problems.filter(({ kind }) => kind !== 'hidden')).toEqual([]);
  expect(problems.length).toBeLessThanOrEqual(24 / 5);
});

test('what was moved by hand stands, and the others go around it', () => {
  const people = all(8);
  const fixed: Spot[] = [{ personId: 'p2', xCm: 480, yCm: 600, heading: 90 }];
  const { spots } = layOut(HALL, people, fixed);
  expect(spots).toContainEqual(fixed[0]);
  expect(roomProblems(HALL, people, spots).filter(({ kind }) => kind === 'overlap')).toEqual([]);
  // Somebody who does not come any more leaves no gap.
  expect(layOut(HALL, people, [{ ...fixed[0]!, personId: 'gone' }])).toEqual(layOut(HALL, people));
});

test('a cupboard has room for nobody, and says so; a room of no size has room for all', () => {
  expect(layOut({ ...HALL, widthCm: 200, depthCm: 200 }, all(2)).without).toEqual(['p0', 'p1']);
  for (let count = 1; count <= 24; count++) {
    const room = roomFor(count);
    const { spots, without } = layOut(room, all(count));
    const problems = roomProblems(room, all(count), spots);
    expect([without, problems.filter(({ kind }) => kind !== 'hidden')]).toEqual([[], []]);
    // As many as a class usually is all see the teacher.
    if (count <= 14) expect(problems).toEqual([]);
  }
});

test('the nearest of all: no other way to give the places out costs less to walk', () => {
  // Held against trying every order of five people over the same places.
  const people = all(5, (i) => [{ wallSteps: [1, 2] }, { nearDoor: 'x' }, {}, { wallSteps: [3] }, {}][i]!);
  const { spots } = layOut(HALL, people);
  const walked = (order: readonly Spot[]): number =>
    people.reduce((sum, { wallSteps, nearDoor }, i) => {
      const spot = order[i]!;
      const wall = Math.max(0, toFreeWall(footprintOf(spot, 'mat'), HALL) - 60);
      return sum + 2 * wall * wallSteps.length + (nearDoor ? 3 * toDoor(spot, HALL) : 0);
    }, 0);
  const orders = <T>(list: readonly T[]): T[][] =>
    list.length
      ? list.flatMap((one, i) => orders(list.filter((_, at) => at !== i)).map((rest) => [one, ...rest]))
      : [[]];
  const least = Math.min(...orders(spots).map(walked));
  expect(walked(spots)).toBeLessThan(least + 60);
});

test('sight: straight ahead, to the side, behind, and somebody in between', () => {
  const teacher = { xCm: 300, yCm: 80 };
  const at = (xCm: number, yCm: number, heading: Spot['heading'] = 0, personId = 'a'): Spot => ({
    personId,
    xCm,
    yCm,
    heading,
  });
  expect(sightOf(at(300, 500), [], teacher).turn).toBeCloseTo(0, 6);
  expect(sightOf(at(300, 500, 90), [], teacher).turn).toBeCloseTo(90, 6);
  expect(sightOf(at(300, 500, 180), [], teacher).turn).toBeCloseTo(180, 6);
  expect(sightOf(at(0, 380), [], teacher).turn).toBeCloseTo(45, 6);
  expect(sightOf(at(300, 500), [at(310, 300, 0, 'b')], teacher).hiddenBy).toBe('b');
  expect(sightOf(at(300, 500), [at(330, 300, 0, 'b'), at(300, 700, 0, 'c')], teacher)).not.toHaveProperty(
    'hiddenBy',
  );
});

test('what is wrong is told with whom, and how far', () => {
  const people = [somebody('a', { wallSteps: [4] }), somebody('b'), somebody('c')];
  const spots: Spot[] = [
    { personId: 'a', xCm: 500, yCm: 500, heading: 0 },
    { personId: 'b', xCm: 540, yCm: 560, heading: 180 },
    { personId: 'c', xCm: 930, yCm: 180, heading: 0 },
  ];
  expect(roomProblems(HALL, people, spots)).toEqual([
    { personId: 'a', kind: 'overlap', with: 'b' },
    { personId: 'a', kind: 'wall', steps: [4], cm: 468 },
    { personId: 'b', kind: 'turned' },
    { personId: 'c', kind: 'door' },
  ]);
  expect(doorways(HALL).every((way) => !overlap(way, footprintOf(spots[0]!, 'mat')))).toBe(true);
});
