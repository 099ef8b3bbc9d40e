import type { Vec3 } from './maths.js';
import type { AuthoredPosture } from './posture.js';

/** What a contact rests on: the floor, the wall, a chair's seat, or a prop of that height in cm. */
export type Surface = 'floor' | 'wall' | 'seat' | number;

/** A coordinate that is left free is `null`. */
export type Target = readonly [number | null, number | null, number | null];

/** A joint that is to stay between two angles: `lumbar`, `kneeR`, or a ball joint's part, `hipR.0` its flexion. */
export interface JointBound {
  joint: string;
  low: number;
  high: number;
  /** A degree beyond it. */
  weight: number;
}

/**
 * One key frame as its author states it: rough joint angles, what touches what, and what may give.
 *
 * Names of points are those of `landmarks.ts`; without a side they mean both. `?` after a name:
 * it touches but carries next to nothing. Lengths in cm at 165 cm of height unless they are a
 * prop's; they scale with the person.
 */
export interface Shape {
  /** One side is solved and mirrored. Use it whenever the shape is symmetric. */
  symmetric?: true;
  posture: AuthoredPosture;
  /** Which points rest on which surface. `palm` and `sole` lie flat. */
  on: readonly (readonly [Surface, string])[];
  /** A point at another point or at a place; `gapCm` asks for a distance instead; weight 1. */
  at?: readonly (readonly [string, string | Target, { gapCm?: number; off?: Target; weight?: number }?])[];
  /**
   * A point on the skin of a part, wherever along it: an ankle on a thigh, a hand on the belly (`torso`),
   * the chin on a hand.
   */
  touch?: readonly (readonly [point: string, part: string, gapCm?: number])[];
  /** Direction of a limb from one point to another; weight 1. */
  aim?: readonly (readonly [from: string, to: string, direction: Target, weight?: number])[];
  /** Direction of a frame's own axis; weight 1. */
  face?: readonly (readonly [frame: string, axis: Vec3, direction: Target, weight?: number])[];
  /**
   * Joints the solver may move: `legs`, `armR`, `spine`, `hip`, `hipR.flexion`, `neck~4` (four times as
   * stiff).
   */
  free: string;
  /** Points over whose middle the centre of mass should stand. */
  balance?: string;
  /** Pairs of parts whose flesh presses together, such as `footL-thighR`. */
  apart?: string;
  /** What one body gives, or how far on the way a shape is: never written by an author. */
  bounds?: readonly JointBound[];
  /** Only the joints move: the root stays where it is. */
  still?: true;
  /** Arms that are placed afterwards, and meanwhile touch nothing. */
  withoutArms?: true;
}

/** A prop as it stands in the room. Heights and sizes in cm; they do not scale with the person. */
export type PropPlacement =
  | {
      kind: 'chair';
      x?: number;
      z?: number;
      /** +1: the sitter looks towards +x. */ faces?: 1 | -1;
      where: string;
    }
  | { kind: 'wall'; x: number; where: string }
  | { kind: 'block'; heightCm: number; under: readonly string[]; lies?: 'upright' | 'across'; where: string }
  | {
      kind: 'bolster';
      heightCm: number;
      under: readonly string[];
      baseCm?: number;
      lengthCm?: number;
      along?: Vec3;
      where: string;
    }
  | {
      kind: 'stool';
      heightCm: number;
      x: number;
      z?: number;
      /** Length along x and across, cm. */ size: readonly [number, number];
      where: string;
    }
  | { kind: 'roll'; thickCm: number; between: readonly [string, string]; lengthCm: number; where: string }
  | { kind: 'strap'; through: readonly string[]; where: string }
  | {
      kind: 'blanket';
      count: number;
      heightCm: number;
      under: readonly string[];
      edge?: string;
      small?: true;
      where: string;
    };

/** Height of a usual chair's seat, cm. */
export const SEAT_CM = 45;

/** An upright box in the room, corner to corner. */
export interface Box {
  part: 'seat' | 'back';
  min: Vec3;
  max: Vec3;
}

/** Seat and back of every chair among the props: what a body may not pass through. */
export function chairBoxes(props: readonly PropPlacement[]): Box[] {
  return props.flatMap((prop) => {
    if (prop.kind !== 'chair') return [];
    const { x = 0, z = 0, faces = 1 } = prop;
    const span = (a: number, b: number): [number, number] => (faces > 0 ? [x + a, x + b] : [x - b, x - a]);
    const [s0, s1] = span(-21, 20);
    const [b0, b1] = span(-24, -21);
    return [
      { part: 'seat' as const, min: [s0, SEAT_CM - 3, z - 21] as Vec3, max: [s1, SEAT_CM, z + 21] as Vec3 },
      { part: 'back' as const, min: [b0, 58, z - 19] as Vec3, max: [b1, 88, z + 19] as Vec3 },
    ];
  });
}

/** Where the wall stands, if there is one. */
export const wallAt = (props: readonly PropPlacement[]): number | undefined =>
  props.find((prop) => prop.kind === 'wall')?.x;
