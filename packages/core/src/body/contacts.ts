import { isSidedPoint } from './landmarks.js';
import { SIDES, type Vec3 } from './maths.js';
import { SEAT_CM, wallAt, type PropPlacement, type Shape, type Surface } from './shape.js';
import type { SideLetter } from './maths.js';

/** A plane `normal · p = distance` that a contact rests on. */
export interface Plane {
  normal: Vec3;
  distance: number;
}

/** One place where the body touches something. */
export interface Contact {
  /** Landmark with its side, or `palmR`, `soleL` for a flat one. */
  name: string;
  flat?: 'palm' | 'sole';
  side?: SideLetter;
  surface: Surface;
  plane: Plane;
  /** Touches, but carries next to nothing. */
  weak: boolean;
}

/** The two landmarks that a flat contact is made of, heel end first. */
export const FLAT_POINTS = { palm: ['palmHeel', 'knuckles'], sole: ['heel', 'ball'] } as const;

function planeOf(surface: Surface, props: readonly PropPlacement[]): Plane {
  if (surface === 'wall') {
    const x = wallAt(props);
    if (x === undefined) throw new Error('A shape rests on the wall, but no wall is among its props.');
    return { normal: [-1, 0, 0], distance: -x };
  }
  return {
    normal: [0, 1, 0],
    distance: typeof surface === 'number' ? surface : { floor: 0, seat: SEAT_CM }[surface],
  };
}

/**
 * The single contacts of a shape: names without a side are doubled, surfaces become planes.
 *
 * @example contactsOf({ on: [['floor', 'sole handBackR?']], … }, []) // soleR, soleL, handBackR (weak)
 */
export function contactsOf(shape: Pick<Shape, 'on'>, props: readonly PropPlacement[]): Contact[] {
  return shape.on.flatMap(([surface, names]) =>
    names.split(' ').flatMap((raw): Contact[] => {
      const weak = raw.endsWith('?');
      const name = weak ? raw.slice(0, -1) : raw;
      const plane = planeOf(surface, props);
      const bare = name.replace(/[RL]$/, '');
      const one = (full: string, side?: SideLetter): Contact => ({
        name: full,
        surface,
        plane,
        weak,
        ...(bare === 'palm' || bare === 'sole' ? { flat: bare } : {}),
        ...(side ? { side } : {}),
      });
      if (name === 'palm' || name === 'sole' || isSidedPoint(name))
        return SIDES.map((side) => one(name + side, side));
      const side =
        /[RL]$/.test(name) && (bare === 'palm' || bare === 'sole' || isSidedPoint(bare))
          ? (name.slice(-1) as SideLetter)
          : undefined;
      return [one(name, side)];
    }),
  );
}

/**
 * Points that rest on a part of the body itself, sides settled: a name without a side is doubled,
 * and its part with it (`['palmMid', 'thigh']` is each hand on its own thigh).
 */
export const touchesOf = ({
  touch = [],
}: Pick<Shape, 'touch'>): [point: string, part: string, gapCm?: number][] =>
  touch.flatMap(([point, part, gapCm]) =>
    isSidedPoint(point)
      ? SIDES.map((side): [string, string, number?] => [
          point + side,
          /^(torso|head|pelvis)$|[RL]$/.test(part) ? part : part + side,
          gapCm,
        ])
      : [[point, part, gapCm] as [string, string, number?]],
  );
