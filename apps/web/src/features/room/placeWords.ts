import type { PlaceNeeds, Room, RoomProblem, Spot } from '@lotus-steady/core';

const HEADING_WORDS: Readonly<Record<Spot['heading'], string>> = {
  0: 'faces the front',
  90: 'faces the right wall',
  180: 'faces the back',
  270: 'faces the left wall',
};

/** Centimetres as metres: "3.2 m". */
export const sayMetres = (cm: number): string => `${(cm / 100).toFixed(1)} m`;

/** Where somebody is, in words: "mat, 3.2 m from the left, 4.1 m from the front, faces the front". */
export const saySpot = ({ xCm, yCm, heading }: Spot, kind: PlaceNeeds['kind']): string =>
  `${kind}, ${sayMetres(xCm)} from the left, ${sayMetres(yCm)} from the front, ${HEADING_WORDS[heading]}`;

/** How large a room is. */
export const sayRoom = ({ widthCm, depthCm }: Room): string =>
  `${sayMetres(widthCm)} wide, ${sayMetres(depthCm)} deep`;

/** What is not right about a place. @param names short, by id */
export function sayProblem(problem: RoomProblem, names: ReadonlyMap<string, string>): string {
  const other = names.get(problem.with ?? '') ?? 'somebody';
  switch (problem.kind) {
    case 'outside':
      return 'goes through a wall';
    case 'overlap':
      return `lies on ${other}’s place`;
    case 'door':
      return 'is in the way of a door';
    case 'wall': {
      const steps =
        problem.steps!.length === 1 ? `step ${problem.steps![0]}` : `steps ${problem.steps!.join(', ')}`;
      return problem.cm === undefined || !Number.isFinite(problem.cm)
        ? `needs a wall at ${steps}: there is none to lean on`
        : `needs the wall at ${steps}: ${sayMetres(problem.cm)} away`;
    }
    case 'turned':
      return 'has the teacher behind her';
    case 'hidden':
      return `sees the teacher past ${other} only`;
  }
}

/** Why somebody is where she is. */
export function sayNeeds({ wallSteps, nearWall, nearDoor, nearTeacher }: PlaceNeeds): string[] {
  return [
    ...(wallSteps.length
      ? [`the wall at ${wallSteps.length === 1 ? 'step' : 'steps'} ${wallSteps.join(', ')}`]
      : []),
    ...(nearWall ? [`near a wall: ${nearWall}`] : []),
    ...(nearDoor ? [`near a door: ${nearDoor}`] : []),
    ...(nearTeacher ? [`near you: ${nearTeacher}`] : []),
  ];
}
