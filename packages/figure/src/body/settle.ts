/**
 * Brings the skin to what the body rests on: nothing sinks in, and where the solver has a point of the skin touch,
 * the skin touches.
 */
import {
  POINT_RADIUS,
  SKIN_POINTS,
  wallAt,
  type Body,
  type PropPlacement,
  type Vec3,
} from '@lotus-steady/core/body';
import type { Piece } from '../props/pieces.js';
import type { Skinned } from './skin.js';

/** A surface nearby: how far a place is outside it, cm, and which way is out. */
type Nearby = (x: number, y: number, z: number) => number;

/** A point of the skin that is nearer to a surface than this, cm, rests on it. */
const TOUCHES_CM = 2;
/** How far round such a point the skin is drawn down to it, cm at 165 cm. */
const PATCH_CM = 6;

interface Support {
  distance: Nearby;
  out: (x: number, y: number, z: number) => Vec3;
}

const floor: Support = { distance: (_x, y) => y, out: () => [0, 1, 0] };
const wall = (at: number): Support => ({ distance: (x) => at - x, out: () => [-1, 0, 0] });

/** What a body rests on among the pieces of props: tops of boxes and the round of bolsters. */
export function supportOf({ solid }: Piece): Support {
  if (solid.kind === 'tube') {
    const { from, to, radius } = solid;
    const axis: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
    const squared = axis[0] ** 2 + axis[1] ** 2 + axis[2] ** 2 || 1;
    const away = (x: number, y: number, z: number): Vec3 => {
      const t = Math.max(
        0,
        Math.min(1, ((x - from[0]) * axis[0] + (y - from[1]) * axis[1] + (z - from[2]) * axis[2]) / squared),
      );
      return [x - from[0] - axis[0] * t, y - from[1] - axis[1] * t, z - from[2] - axis[2] * t];
    };
    return {
      distance: (x, y, z) => Math.hypot(...away(x, y, z)) - radius,
      out: (x, y, z) => {
        const v = away(x, y, z);
        const l = Math.hypot(...v) || 1;
        return [v[0] / l, v[1] / l, v[2] / l];
      },
    };
  }
  const { min, max } = solid;
  return {
    distance: (x, y, z) => Math.max(y - max[1], min[1] - y, x - max[0], min[0] - x, z - max[2], min[2] - z),
    out: (x, y, z) => {
      // The nearest face, the top before a side; nothing is pushed out below.
      const ways: readonly [number, Vec3][] = [
        [(max[1] - y) * 0.7, [0, 1, 0]],
        [max[0] - x, [1, 0, 0]],
        [x - min[0], [-1, 0, 0]],
        [max[2] - z, [0, 0, 1]],
        [z - min[2], [0, 0, -1]],
      ];
      return ways.reduce((a, b) => (b[0] < a[0] ? b : a))[1];
    },
  };
}

/**
 * Settles a skinned body on floor, wall and props, in place.
 *
 * @param closes whether the skin is drawn down to what it nearly touches: in a list that is less than a pixel
 */
export function settle(
  skinned: Skinned,
  body: Body,
  props: readonly PropPlacement[],
  pieces: readonly Piece[],
  closes: boolean,
): void {
  const { position } = skinned;
  const wallX = wallAt(props);
  const supports = [
    floor,
    ...(wallX === undefined ? [] : [wall(wallX)]),
    ...pieces.filter((piece) => piece.firm).map(supportOf),
  ];
  if (closes) for (const support of supports) close(position, body, support);
  for (let i = 0; i < position.length; i += 3) if (position[i + 1]! < 0) position[i + 1] = 0;
  if (wallX !== undefined)
    for (let i = 0; i < position.length; i += 3) if (position[i]! > wallX) position[i] = wallX;
  for (const piece of pieces) if (piece.firm) clear(position, piece);
}

/** Draws the skin to a support where the solver has it touch. */
function close(position: Float32Array, { points, heightCm }: Body, { distance, out }: Support): void {
  const reach = (PATCH_CM * heightCm) / 165;
  for (const name of SKIN_POINTS) {
    const [x, y, z] = points[name]!;
    const radius = POINT_RADIUS[name]! * heightCm;
    if (Math.abs(distance(x, y, z) - radius) > TOUCHES_CM) continue;
    const way = out(x, y, z);
    const [px, py, pz] = [x - way[0] * radius, y - way[1] * radius, z - way[2] * radius];
    let gap = Infinity;
    const near: number[] = [];
    for (let i = 0; i < position.length; i += 3) {
      const away =
        Math.abs(position[i]! - px) + Math.abs(position[i + 1]! - py) + Math.abs(position[i + 2]! - pz);
      if (away > reach * 1.6) continue;
      near.push(i);
      gap = Math.min(gap, distance(position[i]!, position[i + 1]!, position[i + 2]!));
    }
    if (!(gap > 0.05) || gap > 3) continue;
    for (const i of near) {
      const away = Math.hypot(position[i]! - px, position[i + 1]! - py, position[i + 2]! - pz);
      const share = Math.max(0, 1 - (away / reach) ** 2);
      for (let axis = 0; axis < 3; axis++) position[i + axis]! -= way[axis]! * gap * Math.min(1, share * 1.6);
    }
  }
}

/** Takes out of a piece what has sunk into it. */
function clear(position: Float32Array, piece: Piece): void {
  const { distance, out } = supportOf(piece);
  const { solid } = piece;
  const low =
    solid.kind === 'box' ? solid.min : solid.from.map((v, i) => Math.min(v, solid.to[i]!) - solid.radius);
  const high =
    solid.kind === 'box' ? solid.max : solid.from.map((v, i) => Math.max(v, solid.to[i]!) + solid.radius);
  for (let i = 0; i < position.length; i += 3) {
    const x = position[i]!;
    const y = position[i + 1]!;
    const z = position[i + 2]!;
    if (x < low[0]! || x > high[0]! || y < low[1]! || y > high[1]! || z < low[2]! || z > high[2]!) continue;
    if (distance(x, y, z) >= 0) continue;
    const way = out(x, y, z);
    // Far enough along that way to be outside.
    let depth = -distance(x, y, z);
    if (solid.kind === 'box') {
      const axis = way.findIndex((v) => v !== 0);
      depth =
        way[axis]! > 0 ? solid.max[axis]! - position[i + axis]! : position[i + axis]! - solid.min[axis]!;
    }
    for (let axis = 0; axis < 3; axis++) position[i + axis]! += way[axis]! * depth;
  }
}
