import { doorways, footprintOf, overlap, toFreeWall, toWall } from './footprint.js';
import { AT_HAND } from './layOut.js';
import { sightOf, teacherAt } from './sight.js';
import { WALLS, type PlaceNeeds, type Room, type Spot } from './types.js';

/** What is not right about somebody's place. */
export interface RoomProblem {
  personId: string;
  kind: 'outside' | 'overlap' | 'door' | 'wall' | 'hidden' | 'turned';
  /** Whom it is with. */
  with?: string;
  /** At which steps, where it is about the wall; how far away that is, cm. */
  steps?: readonly number[];
  cm?: number;
}

/** Turned by more than so much the teacher is behind one, degrees. */
const BEHIND = 100;
/** A mat that stands out of the room by less is laid in, cm. */
const OUT = 1;

/** What is not right about the places of a room: what cannot be first. */
export function roomProblems(
  room: Room,
  people: readonly PlaceNeeds[],
  spots: readonly Spot[],
): RoomProblem[] {
  const needs = new Map(people.map((one) => [one.personId, one]));
  const placed = spots.flatMap((spot) => {
    const of = needs.get(spot.personId);
    return of ? [{ spot, of, box: footprintOf(spot, of.kind) }] : [];
  });
  const ways = doorways(room);
  const teacher = teacherAt(room, spots);
  return placed.flatMap(({ spot, of, box }, i): RoomProblem[] => {
    const { personId } = spot;
    const other = placed.slice(i + 1).find((one) => overlap(box, one.box));
    const wall = toFreeWall(box, room);
    const isOutside = WALLS.some((one) => toWall(box, one, room) < -OUT);
    const { turn, hiddenBy } = sightOf(spot, spots, teacher);
    return [
      ...(isOutside ? [{ personId, kind: 'outside' } as const] : []),
      ...(other ? [{ personId, kind: 'overlap', with: other.spot.personId } as const] : []),
      ...(ways.some((way) => overlap(way, box)) ? [{ personId, kind: 'door' } as const] : []),
      ...(of.wallSteps.length && wall > AT_HAND
        ? [{ personId, kind: 'wall', steps: of.wallSteps, cm: Math.round(wall) } as const]
        : []),
      ...(turn > BEHIND ? [{ personId, kind: 'turned' } as const] : []),
      ...(hiddenBy ? [{ personId, kind: 'hidden', with: hiddenBy } as const] : []),
    ];
  });
}
