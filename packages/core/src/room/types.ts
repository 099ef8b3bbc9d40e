/** A wall of a room, seen from above with the teacher at the top. */
export type Wall = 'front' | 'right' | 'back' | 'left';
export const WALLS: readonly Wall[] = ['front', 'right', 'back', 'left'];

/** A door, in the middle of which `atCm` lies: from the left on front and back wall, from the front on the others. */
export interface Door {
  wall: Wall;
  atCm: number;
}

/** A room, seen from above: x from the left wall, y from the front wall at which the teacher is, both in cm. */
export interface Room {
  widthCm: number;
  depthCm: number;
  doors: readonly Door[];
  /** Walls that one can lean on, put one's legs up: nothing hangs or stands at them. */
  freeWalls: readonly Wall[];
}

/** What somebody's place is made of. */
export type PlaceKind = 'mat' | 'chair' | 'wheelchair';

/** Which way somebody faces, degrees clockwise from above: 0 to the front, 90 to the right wall. */
export type Heading = 0 | 90 | 180 | 270;

/** Where somebody's place is: its middle. */
export interface Spot {
  personId: string;
  xCm: number;
  yCm: number;
  heading: Heading;
}

/** What is wanted of somebody's place. */
export interface PlaceNeeds {
  personId: string;
  kind: PlaceKind;
  /** Steps at which she needs the wall. */
  wallSteps: readonly number[];
  /** Why she is to be near a wall at all times, the door, the teacher; left out where she needs not be. */
  nearWall?: string;
  nearDoor?: string;
  nearTeacher?: string;
}
