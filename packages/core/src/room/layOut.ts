import { munkres } from 'munkres';
import { doorways, footprintOf, overlap, PLACE_SIZES, toDoor, toFreeWall, type Box } from './footprint.js';
import { sightOf, teacherAt, type Point } from './sight.js';
import type { PlaceNeeds, Room, Spot } from './types.js';

/** Kept free before the front wall for the teacher, cm. */
const TEACHERS = 200;
/** A place against a wall is so far from it, cm. */
const AT_WALL = 10;
/** Within so much of a wall it is at hand, cm. */
export const AT_HAND = 60;
/** Left between places beside and behind each other at least, and with ease: an arm's reach to each side, cm. */
const LEAST = { beside: 30, behind: 20 };
const EASY = { beside: 85, behind: 45 };
/** By how much of the way to the next place a row may be shifted, so that one sees between two of those before. */
const SHIFTS = [0, 1, 2, 3, 4, 5, 6, 7].map((eighths) => eighths / 8);
/** As far apart as the room lets them be, or with ease: at the left wall, in the middle, at the right wall. */
const ACROSS_WAYS: readonly (readonly [beside: number, aside: number])[] = [
  [Infinity, 0.5],
  [EASY.beside, 0],
  [EASY.beside, 0.5],
  [EASY.beside, 1],
];
/** More rows than anybody is seen in. */
const ROWS_MOST = 12;

/**
 * What a place costs, as cm that are walked: to the wall and back for each step that needs it; to be away from the
 * wall, the door, the teacher for whom it matters; to turn far to see; to sit before others; to be hidden; to be
 * crowded. Weights are ours.
 */
const COST = {
  wallStep: 2,
  wall: 2,
  door: 3,
  teacher: 2,
  far: 0.2,
  turn: 3,
  before: 60,
  hidden: 150,
  crowded: 0.4,
};
/** Turned by more than so much, one sees the teacher with effort, degrees. */
const EASY_TURN = 45;

interface Slot {
  spot: Omit<Spot, 'personId'>;
  row: number;
}

/** Who could not be given a place, beside everybody's. */
export interface Layout {
  spots: Spot[];
  /** Ids of those for whom there is no room. */
  without: string[];
}

/**
 * Lays places out in rows, all facing the teacher: who needs the wall at it, who may have to leave near a door, who
 * hears or sees badly in front, rows staggered where that opens the sight, and as little to walk as there can be.
 *
 * @param fixed places that stand as they are; the others go around them
 * @returns the same for the same input; of who does not fit, the ids
 */
export function layOut(room: Room, people: readonly PlaceNeeds[], fixed: readonly Spot[] = []): Layout {
  const stands = new Set(fixed.map(({ personId }) => personId));
  const kinds = new Map(people.map(({ personId, kind }) => [personId, kind]));
  const kept = fixed.filter(({ personId }) => kinds.has(personId));
  const free = people.filter(({ personId }) => !stands.has(personId));
  if (!free.length) return { spots: [...kept], without: [] };
  const taken = [...kept.map((spot) => footprintOf(spot, kinds.get(spot.personId)!)), ...doorways(room)];
  let best: { cost: number; layout: Layout } | undefined;
  for (const { slots, crowding } of gridsFor(room, people, taken)) {
    if (!slots.length) continue;
    const layout = assigned(slots, free, room);
    const spots = [...kept, ...layout.spots];
    const hidden = hiddenIn(spots, room);
    const cost =
      layout.cost +
      hidden * COST.hidden +
      crowding * COST.crowded * free.length +
      layout.without.length * 1e6;
    if (!best || cost < best.cost - 1e-6) best = { cost, layout: { spots, without: layout.without } };
  }
  if (best) return { ...best.layout, spots: nudged(best.layout.spots, stands, kinds, taken, room) };
  return {
    spots: [...kept],
    without: free.map(({ personId }) => personId),
  };
}

/** How many do not see the teacher. */
function hiddenIn(spots: readonly Spot[], room: Room): number {
  const teacher = teacherAt(room, spots);
  return spots.filter((spot) => sightOf(spot, spots, teacher).hiddenBy).length;
}

/** And so much is left to both sides of her then, cm: for what lies beside a place. */
const NUDGED_TO = 45;
/** Aside by so much one may see past who is before one, cm. */
const ASIDE = [15, -15, 30, -30, 45, -45];

/** Whoever sees nothing is moved a little to the side, where nobody else loses the sight by it. */
function nudged(
  spots: readonly Spot[],
  fixed: ReadonlySet<string>,
  kinds: ReadonlyMap<string, PlaceNeeds['kind']>,
  taken: readonly Box[],
  room: Room,
): Spot[] {
  let now = [...spots];
  for (const { personId } of spots) {
    const spot = now.find((one) => one.personId === personId)!;
    if (fixed.has(personId) || !sightOf(spot, now, teacherAt(room, now)).hiddenBy) continue;
    const others = now.filter((one) => one !== spot);
    const boxes = [...taken, ...others.map((one) => footprintOf(one, kinds.get(one.personId)!))];
    const better = ASIDE.map((by) => now.map((one) => (one === spot ? { ...one, xCm: one.xCm + by } : one)))
      .filter((all) => {
        const moved = footprintOf(
          all.find((one) => one.personId === personId)!,
          kinds.get(personId)!,
        );
        const wide = { ...moved, left: moved.left - NUDGED_TO, right: moved.right + NUDGED_TO };
        return moved.left >= 0 && moved.right <= room.widthCm && !boxes.some((box) => overlap(box, wide));
      })
      .sort((a, b) => hiddenIn(a, room) - hiddenIn(b, room))[0];
    if (better && hiddenIn(better, room) < hiddenIn(now, room)) now = better;
  }
  return now;
}

/** Every person to one slot, so that all of it costs least. */
function assigned(
  slots: readonly Slot[],
  people: readonly PlaceNeeds[],
  room: Room,
): Layout & { cost: number } {
  const rows = Math.max(...slots.map(({ row }) => row)) + 1;
  const teacher = teacherAt(
    room,
    slots.map(({ spot }) => spot),
  );
  const costs = people.map((needs) => slots.map((slot) => costOf(needs, slot, rows, room, teacher)));
  const spots: Spot[] = [];
  const placed = new Set<string>();
  let cost = 0;
  for (const [person, slot] of munkres(costs)) {
    const { personId, kind } = people[person]!;
    placed.add(personId);
    spots.push({ personId, ...atWall(slots[slot]!.spot, kind, room) });
    cost += costs[person]![slot]!;
  }
  const order = new Map(people.map(({ personId }, i) => [personId, i]));
  spots.sort((a, b) => order.get(a.personId)! - order.get(b.personId)!);
  return {
    spots,
    cost,
    without: people.map(({ personId }) => personId).filter((id) => !placed.has(id)),
  };
}

/** A place smaller than its slot goes to the back wall where the slot is at it. */
function atWall(spot: Slot['spot'], kind: PlaceNeeds['kind'], { depthCm, freeWalls }: Room): Slot['spot'] {
  const slack = (PLACE_SIZES.mat.along - PLACE_SIZES[kind].along) / 2;
  const isLast = depthCm - (spot.yCm + PLACE_SIZES.mat.along / 2) <= AT_WALL;
  return isLast && freeWalls.includes('back') ? { ...spot, yCm: spot.yCm + slack } : spot;
}

function costOf(
  { kind, wallSteps, nearWall, nearDoor, nearTeacher }: PlaceNeeds,
  { spot, row }: Slot,
  rows: number,
  room: Room,
  teacher: Point,
): number {
  const wall = toFreeWall(footprintOf(atWall(spot, kind, room), kind), room);
  const away = Number.isFinite(wall) ? Math.max(0, wall - AT_HAND) : 0;
  const door = toDoor(spot, room);
  const far = Math.hypot(spot.xCm - teacher.xCm, spot.yCm - teacher.yCm);
  const { turn } = sightOf({ personId: '', ...spot }, [], teacher);
  return (
    away * COST.wallStep * wallSteps.length +
    (nearWall ? away * COST.wall : 0) +
    (nearDoor && Number.isFinite(door) ? door * COST.door : 0) +
    far * (nearTeacher ? COST.teacher : COST.far) +
    Math.max(0, turn - EASY_TURN) * COST.turn +
    (kind === 'mat' ? 0 : (rows - 1 - row) * COST.before)
  );
}

/** Rows and columns in which all might lie, close together or as far apart as the room lets them. */
function* gridsFor(
  room: Room,
  people: readonly PlaceNeeds[],
  taken: readonly Box[],
): Generator<{ slots: Slot[]; crowding: number }> {
  const across = Math.max(...people.map(({ kind }) => PLACE_SIZES[kind].across));
  const { along } = PLACE_SIZES.mat;
  // Whoever is given it, all of it is free.
  const whole = ({ xCm, yCm }: Slot['spot']): Box => ({
    left: xCm - across / 2,
    right: xCm + across / 2,
    front: yCm - along / 2,
    back: yCm + along / 2,
  });
  const columnsMost = fitting(room.widthCm - 2 * AT_WALL, across, LEAST.beside);
  const rowsMost = Math.min(ROWS_MOST, fitting(room.depthCm - TEACHERS - AT_WALL, along, LEAST.behind));
  for (let rows = 1; rows <= rowsMost; rows++) {
    const needed = Math.ceil(people.length / rows);
    for (let columns = Math.min(needed, columnsMost); columns <= Math.min(columnsMost, needed + 2); columns++)
      for (const [most, aside] of ACROSS_WAYS)
        for (const toBack of [0, 1])
          for (const isStaggered of [false, true]) {
            const xs = spread(
              [AT_WALL + across / 2, room.widthCm - AT_WALL - across / 2],
              columns,
              across + most,
              aside,
            );
            const ys = spread(
              [TEACHERS + along / 2, room.depthCm - AT_WALL - along / 2],
              rows,
              along + EASY.behind,
              toBack,
            );
            const pitch = columns > 1 ? xs[1]! - xs[0]! : room.widthCm;
            const last = room.widthCm - AT_WALL - across / 2;
            const slots: Slot[] = [];
            ys.forEach((yCm, row) => {
              const shifted = (by: number): Slot[] =>
                xs
                  .map((x) => x + pitch * by)
                  .filter((x) => x <= last)
                  .map((xCm): Slot => ({ spot: { xCm, yCm, heading: 0 }, row }))
                  .filter(({ spot }) => !taken.some((box) => overlap(box, whole(spot))));
              slots.push(...(isStaggered ? mostInSight(SHIFTS.map(shifted), slots, room) : shifted(0)));
            });
            yield { slots, crowding: Math.max(0, across + EASY.beside - pitch) };
          }
  }
}

/** Of several ways to set a row the one from which most see past the rows before it. */
function mostInSight(ways: readonly Slot[][], before: readonly Slot[], room: Room): Slot[] {
  const others = before.map(({ spot }, i): Spot => ({ personId: `${i}`, ...spot }));
  const teacher = teacherAt(room, others);
  const seen = (slots: readonly Slot[]): number =>
    slots.filter(({ spot }) => !sightOf({ personId: '', ...spot }, others, teacher).hiddenBy).length;
  return ways.reduce((best, way) => (seen(way) > seen(best) ? way : best));
}

/** How many of a length go into a length with a gap between them. */
const fitting = (length: number, each: number, gap: number): number =>
  Math.max(0, Math.floor((length + gap) / (each + gap)));

/** Evenly between two ends, not further apart than `most`; what is left over goes by `share` before them. */
function spread([from, to]: readonly [number, number], count: number, most: number, share: number): number[] {
  const pitch = count > 1 ? Math.min(most, (to - from) / (count - 1)) : 0;
  const start = from + (to - from - pitch * (count - 1)) * share;
  return Array.from({ length: count }, (_, i) => start + i * pitch);
}
