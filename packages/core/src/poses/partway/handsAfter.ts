import { SIDES, sub, length } from '../../body/maths.js';
import type { JointBound, Shape } from '../../body/shape.js';
import type { SolvedShape } from '../../body/solve.js';
import type { Grows } from '../types.js';
import type { Partway } from './partwayShape.js';

/** An arm reaches so far from its shoulder, share of the height. */
const ARM = 0.345;
/** Places down a leg where a hand may rest, furthest first, and what they are called. */
const ON_LEG = [
  ['ankle', 'ankles'],
  ['shin', 'shins'],
  ['knee', 'knees'],
  ['thighTop', 'thighs'],
] as const;

/** Arms that rest are not at the end of any range: degrees. */
const EASY_ARMS: readonly JointBound[] = SIDES.flatMap((side): JointBound[] => [
  { joint: `wrist${side}`, low: -30, high: 35, weight: 0.15 },
  { joint: `shoulder${side}.2`, low: -45, high: 45, weight: 0.1 },
  { joint: `shoulder${side}.1`, low: -20, high: 50, weight: 0.1 },
  { joint: `shoulder${side}.0`, low: -15, high: 120, weight: 0.1 },
]);

/** Where hands are that have let go, over a body that stands already: only the arms move. */
export interface HandsPlaced {
  shape: Shape;
  /** Where they are, as it is said: "shins". */
  place: string | undefined;
}

/** The furthest place on a leg that the hand of a side reaches. */
function onLeg({ body }: SolvedShape, side: 'R' | 'L'): readonly [point: string, called: string] | undefined {
  const shoulder = body.points[`shoulderJ${side}`]!;
  const reach = ARM * body.heightCm;
  for (const [point, called] of ON_LEG)
    for (const leg of [side, side === 'R' ? 'L' : 'R'])
      if (length(sub(body.points[`${point}${leg}`]!, shoulder)) <= reach) return [`${point}${leg}`, called];
  return undefined;
}

/** Puts hands that have let go where the pose says: down the leg, on the seat, or hanging. */
export function handsAfter(
  { hands }: Grows,
  { lost, shape }: Partway,
  solved: SolvedShape,
): HandsPlaced | undefined {
  if (!lost.length) return undefined;
  const at = [...(shape.at ?? [])];
  const aim = [...(shape.aim ?? [])];
  let place: string | undefined;
  for (const side of shape.symmetric ? SIDES : lost) {
    const spot = hands === 'leg' ? onLeg(solved, side) : undefined;
    if (hands === 'seat') {
      at.push([`palmMid${side}`, `buttock${side}`, { gapCm: 2.5 }]);
      place = 'seat';
    } else if (spot) {
      at.push([`palmMid${side}`, spot[0], { gapCm: 4 }]);
      place = spot[1];
    } else aim.push([`shoulderJ${side}`, `wrist${side}`, [null, -1, null], 0.6]);
  }
  const { withoutArms: _without, ...rest } = shape;
  return { place, shape: { ...rest, at, aim, bounds: EASY_ARMS, still: true, free: 'arms blade~3' } };
}
