import { capsulesOf, CLASH_PAIRS, nearest, nearestShare } from './clashes.js';
import { touchesOf } from './contacts.js';
import { frictionRays } from './footholds.js';
import { lerp, scale, SIDES, sub, unit, type Vec3 } from './maths.js';
import { SEGMENT_OF_POINT } from './segmentOf.js';
import type { SolvedShape } from './solve.js';

/** A place where one part of the body presses on another. */
export interface BodyRest {
  at: Vec3;
  /** The part that is pushed, and the one that pushes back. */
  segment: string;
  against: string;
  /** What it can be pushed by. */
  forces: readonly Vec3[];
  /** How little it is used where nothing asks for it: weight that lies there 1, a hand that presses more. */
  effort: number;
}

/** Skin on cloth: common practice, no published source. */
const SKIN_FRICTION = 0.4;
/** A hand that presses is work, and a foot that presses against the other leg is nothing to lean on. */
const EFFORT = { lies: 5, hand: 20, foot: 50 } as const;

const PRESSES = /^(palm|tips|wrist|sole)/;
const HOLDS = /^(palm|wrist|tips)/;

/** How little somebody leans on a point that presses on the body. */
function effortOf(point: string): number {
  if (/^(sole|foot|heel|ankle|instep)/.test(point)) return EFFORT.foot;
  return PRESSES.test(point) ? EFFORT.hand : EFFORT.lies;
}

/** Parts of the body as segments with mass. */
const segmentOfPart = (part: string): string => (part === 'torso' ? 'thorax' : part);

/**
 * Where a shape's author lets the body press on itself: hands on thighs, a foot on the other leg, the belly on the
 * thighs, a hand round a foot. A hand that holds may pull too.
 */
export function bodyRests({ shape, body }: SolvedShape): BodyRest[] {
  const rests: BodyRest[] = [];
  const parts = capsulesOf(body);
  const onto = (point: string, part: string, effort: number, pulls: boolean): void => {
    const [from, to] = parts[part]!;
    const at = body.points[point]!;
    const normal = unit(sub(at, lerp(from, to, nearestShare(at, from, to))));
    const pushes = frictionRays(normal, SKIN_FRICTION);
    rests.push({
      at,
      segment: SEGMENT_OF_POINT[point]!,
      against: segmentOfPart(part),
      forces: pulls ? [...pushes, ...pushes.map((force) => scale(force, -1))] : pushes,
      effort,
    });
  };
  for (const [point, target] of shape.at ?? []) {
    if (typeof target !== 'string' || !PRESSES.test(point)) continue;
    const part = SEGMENT_OF_POINT[target];
    // Two hands that meet push nothing up.
    if (!part || !SEGMENT_OF_POINT[point] || /^(palm|wrist)/.test(target) || !parts[part]) continue;
    onto(point, part, effortOf(point), HOLDS.test(point) && /^(foot|shank)/.test(part));
  }
  for (const [point, part] of touchesOf(shape)) onto(point, part, effortOf(point), false);
  rests.push(...lyingTogether(parts));
  return rests;
}

/** Parts that rest on each other wherever they meet: legs, the belly on the thighs, the seat on the heels. */
const RESTING_PAIRS = CLASH_PAIRS.filter((pair) =>
  pair.every((part) => /^(thigh|shank|foot|torso|pelvis)/.test(part)),
).concat(SIDES.map((side) => [`thigh${side}`, `shank${side}`] as const));
/** Nearer than this, cm, a part sinks onto the one below it. */
const SINKS = 7;
/** More upright than this a push holds weight; across, legs that only stand side by side do not lean on each other. */
const UPRIGHT = 0.5;
/** A thigh and its calf always meet at the knee: they rest on each other only when folded, beyond this share. */
const FOLDED = 0.4;

function lyingTogether(parts: ReturnType<typeof capsulesOf>): BodyRest[] {
  return RESTING_PAIRS.flatMap(([a, b]): BodyRest[] => {
    const below = parts[b]!;
    const folds = a.startsWith('thigh') && b === `shank${a.slice(-1)}`;
    const { first, second, overlap } = nearest(
      parts[a]!,
      folds ? [lerp(below[0], below[1], FOLDED), below[1], below[2], below[3]] : below,
    );
    const away = unit(sub(first, second));
    const rests = folds ? overlap > 0 : overlap > -SINKS && Math.abs(away[1]) > UPRIGHT;
    if (!rests) return [];
    return [
      {
        at: lerp(first, second, 0.5),
        segment: segmentOfPart(a),
        against: b === 'torso' ? 'abdomen' : segmentOfPart(b),
        forces: frictionRays(away, SKIN_FRICTION),
        effort: EFFORT.lies,
      },
    ];
  });
}
