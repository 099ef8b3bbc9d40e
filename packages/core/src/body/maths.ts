import { glMatrix, mat3, vec3 } from 'gl-matrix';

// Doubles: single precision would cost the contact solver its millimetres.
glMatrix.setMatrixArrayType(Array);

/** A point or direction `[x forward, y up, z to her right]`. Points are in cm. */
export type Vec3 = [number, number, number];

/** A rotation, column by column: the first three numbers are where the frame's x axis points. */
export type Rotation = [number, number, number, number, number, number, number, number, number];

/** Which side of the body. */
export type SideLetter = 'R' | 'L';

/** Both sides, right first: catalogue data describes the right form. */
export const SIDES: readonly SideLetter[] = ['R', 'L'];

/** +1 on the right, -1 on the left: the sign of z on that side. */
export const signOf = (side: SideLetter): 1 | -1 => (side === 'R' ? 1 : -1);

const RADIANS = Math.PI / 180;

/** Degrees in a radian. */
export const DEGREES = 180 / Math.PI;

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, s: number): Vec3 => [a[0] * s, a[1] * s, a[2] * s];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
// Not Math.hypot: it guards against overflow that centimetres never come near, and is many times slower.
export const length = (a: Vec3): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export const unit = (a: Vec3): Vec3 => scale(a, 1 / (length(a) || 1e-9));
export const cross = (a: Vec3, b: Vec3): Vec3 => vec3.cross([0, 0, 0], a, b) as Vec3;
export const lerp = (a: Vec3, b: Vec3, t: number): Vec3 => vec3.lerp([0, 0, 0], a, b, t) as Vec3;

/** Quick in the middle and slow at both ends, as a body moves. @param t 0 to 1 */
export const eased = (t: number): number => t * t * (3 - 2 * t);

/** The mean of some points. */
export const mean = (points: readonly Vec3[]): Vec3 => scale(points.reduce(add), 1 / points.length);

/** Turns a vector from a frame's own axes into the world's. */
export const rotate = (m: Rotation, v: Vec3): Vec3 => vec3.transformMat3([0, 0, 0], v, m) as Vec3;

/** Turns a vector from the world's axes into a frame's own. */
export const unrotate = (m: Rotation, v: Vec3): Vec3 => [
  m[0] * v[0] + m[1] * v[1] + m[2] * v[2],
  m[3] * v[0] + m[4] * v[1] + m[5] * v[2],
  m[6] * v[0] + m[7] * v[1] + m[8] * v[2],
];

/** First `b`, then `a`, seen from the world; or: `b` within the frame `a`. */
export const multiply = (a: Rotation, b: Rotation): Rotation =>
  mat3.multiply([0, 0, 0, 0, 0, 0, 0, 0, 0], a, b) as Rotation;

/** The rotation that undoes `a`. */
export const inverse = (a: Rotation): Rotation => [a[0], a[3], a[6], a[1], a[4], a[7], a[2], a[5], a[8]];

/** Rotation about x by degrees. */
export function rotationX(degrees: number): Rotation {
  const c = Math.cos(degrees * RADIANS);
  const s = Math.sin(degrees * RADIANS);
  return [1, 0, 0, 0, c, s, 0, -s, c];
}

/** Rotation about y by degrees. */
export function rotationY(degrees: number): Rotation {
  const c = Math.cos(degrees * RADIANS);
  const s = Math.sin(degrees * RADIANS);
  return [c, 0, -s, 0, 1, 0, s, 0, c];
}

/** Rotation about z by degrees. */
export function rotationZ(degrees: number): Rotation {
  const c = Math.cos(degrees * RADIANS);
  const s = Math.sin(degrees * RADIANS);
  return [c, s, 0, -s, c, 0, 0, 0, 1];
}

/** Rotation about the vector `w` by its length in degrees; no preferred axis, so no gimbal lock. */
export function rotationAbout(w: Vec3): Rotation {
  const angle = length(w);
  if (angle < 1e-9) return [1, 0, 0, 0, 1, 0, 0, 0, 1];
  const [x, y, z] = scale(w, 1 / angle);
  const c = Math.cos(angle * RADIANS);
  const s = Math.sin(angle * RADIANS);
  const t = 1 - c;
  return [
    t * x * x + c,
    t * x * y + s * z,
    t * x * z - s * y,
    t * x * y - s * z,
    t * y * y + c,
    t * y * z + s * x,
    t * x * z + s * y,
    t * y * z - s * x,
    t * z * z + c,
  ];
}
