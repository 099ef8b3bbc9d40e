/**
 * The room of a class, seen from above.
 *
 * In: the room's size, doors and free walls; what is wanted of everybody's place.
 * Out: who is where and faces which way, what is not right about it, what to carry in.
 */
export { doorways, footprintOf, PLACE_SIZES, type Box } from './footprint.js';
export { layOut, type Layout } from './layOut.js';
export { packing, type Packed } from './packing.js';
export { placeNeeds, type Placed } from './placeNeeds.js';
export { readRoom } from './readRoom.js';
export { roomFor } from './roomFor.js';
export { roomProblems, type RoomProblem } from './roomProblems.js';
export { sightOf, teacherAt, type Point, type Sight } from './sight.js';
export {
  WALLS,
  type Door,
  type Heading,
  type PlaceKind,
  type PlaceNeeds,
  type Room,
  type Spot,
  type Wall,
} from './types.js';
