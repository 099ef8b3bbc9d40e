import { DEGREES, dot, SIDES, sub, unit, unrotate, type SideLetter, type Vec3 } from '../body/maths.js';
import type { SolvedShape } from '../body/solve.js';
import type { LIMB_MOVES, Measures } from './measures.js';

type LimbMove = `${(typeof LIMB_MOVES)[number]}${'Right' | 'Left'}`;
type Bodies = readonly Pick<SolvedShape, 'body'>[];

/** Points from the trunk outwards, and the part of the trunk that a limb hangs on. */
const LIMBS = {
  arm: { from: 'T8', points: ['shoulderJ', 'elbow', 'wrist', 'knuckles'] },
  leg: { from: 'pelvis', points: ['hipJ', 'knee', 'ankle', 'ball'] },
} as const;

/** How finely it is told, degrees: limbs of people of one height move no more alike. */
const STEP = 5;

const angle = (a: Vec3, b: Vec3): number => Math.acos(Math.max(-1, Math.min(1, dot(a, b)))) * DEGREES;

/** How far one part of a limb turns between two frames, degrees: in the room and against the trunk, the less. */
function turned(a: Bodies[number], b: Bodies[number], from: string, to: string, trunk: string): number {
  const way = ({ body: { points } }: Bodies[number]): Vec3 => unit(sub(points[to]!, points[from]!));
  const within = (one: Bodies[number]): Vec3 => unrotate(one.body.frames[trunk]!.rotation, way(one));
  return Math.min(angle(way(a), way(b)), angle(within(a), within(b)));
}

function moveOf(shapes: Bodies, limb: keyof typeof LIMBS, side: SideLetter): number {
  const { from: trunk, points } = LIMBS[limb];
  let most = 0;
  shapes.forEach((a, i) => {
    for (const b of shapes.slice(i + 1))
      for (let at = 1; at < points.length; at++)
        most = Math.max(most, turned(a, b, `${points[at - 1]}${side}`, `${points[at]}${side}`, trunk));
  });
  return Math.round(most / STEP) * STEP;
}

/**
 * How far each limb is moved in a movement, degrees: the part of it that turns most between any two frames, both in
 * the room and against the trunk. A leg that stays where it is while the trunk folds does not move, nor does an arm
 * that the trunk takes along, nor one that hangs. A held shape moves nothing.
 *
 * @example A heel that slides away on a chair: `legMovesRight` about 40, the others 0.
 */
export function limbMoves(shapes: Bodies): Pick<Measures, LimbMove> {
  const moves = SIDES.flatMap((side) =>
    (['arm', 'leg'] as const).map((limb) => [
      `${limb}Moves${side === 'R' ? 'Right' : 'Left'}`,
      moveOf(shapes, limb, side),
    ]),
  );
  return Object.fromEntries(moves) as Pick<Measures, LimbMove>;
}
