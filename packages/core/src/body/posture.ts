import type { Vec3 } from './maths.js';
import type { SideLetter } from './maths.js';

/** A ball joint: `[flexion, abduction, outward rotation]` in degrees. */
export type Ball = Vec3;

type Sided<Name extends string, T> = { [K in `${Name}${SideLetter}`]: T };

/**
 * Every joint angle of a body and where its root is.
 *
 * Angles are degrees in clinical terms, + as named: spine and neck + flexion, `side`, `twist`,
 * `neckSide`, `neckTwist` + to the right, `knee` and `elbow` + flexion, `ankle` + toes up,
 * `inversion` + sole inwards, `forearm` + pronation (0 = palm to the thigh), `wrist` + back of
 * the hand towards the forearm, `girdle` and `protraction` + shoulder blade up and forward (in
 * thousandths of height, about a degree of it each). `x y z` place the middle of the hip joints, in cm.
 * `pitch` + leans forward (90 prone, -90 on the back), `roll` + tips to the right,
 * `yaw` + turns to the right, applied roll first about her own long axis's frame:
 * `Ry(-yaw) Rx(roll) Rz(-pitch)`.
 */
export interface Posture extends Sided<'hip' | 'shoulder', Ball>, Sided<Hinge, number> {
  x: number;
  y: number;
  z: number;
  pitch: number;
  roll: number;
  yaw: number;
  lumbar: number;
  thorax: number;
  neck: number;
  side: number;
  twist: number;
  neckSide: number;
  neckTwist: number;
}

/** What an author writes: a joint without its side means both sides; what is left out is neutral. */
export type AuthoredPosture = Partial<Posture> &
  Partial<Record<'hip' | 'shoulder', Ball>> &
  Partial<Record<Hinge, number>>;

export const MIDLINE_KEYS = [
  'x',
  'y',
  'z',
  'pitch',
  'roll',
  'yaw',
  'lumbar',
  'thorax',
  'neck',
  'side',
  'twist',
  'neckSide',
  'neckTwist',
] as const;
export const HINGES = [
  'knee',
  'ankle',
  'inversion',
  'elbow',
  'forearm',
  'wrist',
  'girdle',
  'protraction',
] as const;
export const BALLS = ['hip', 'shoulder'] as const;

export type MidlineKey = (typeof MIDLINE_KEYS)[number];
export type Hinge = (typeof HINGES)[number];
export type BallName = (typeof BALLS)[number];

/**
 * Fills in both sides and the neutral values.
 *
 * @example completePosture({ knee: 90, kneeL: 0 }) // kneeR 90, kneeL 0, all else standing
 */
export function completePosture(authored: AuthoredPosture): Posture {
  const posture: Record<string, number | Ball> = {};
  for (const key of MIDLINE_KEYS) posture[key] = authored[key] ?? 0;
  for (const side of ['R', 'L'] as const) {
    for (const hinge of HINGES) posture[hinge + side] = authored[`${hinge}${side}`] ?? authored[hinge] ?? 0;
    // Relaxed arms hang a little away from the body.
    posture[`hip${side}`] = [...(authored[`hip${side}`] ?? authored.hip ?? [0, 0, 0])];
    posture[`shoulder${side}`] = [...(authored[`shoulder${side}`] ?? authored.shoulder ?? [0, 6, 0])];
  }
  return posture as unknown as Posture;
}

/** The keys in the order in which a stored posture lists its numbers (ball joints take three). */
const STORED_KEYS: readonly string[] = [
  ...MIDLINE_KEYS,
  ...(['R', 'L'] as const).flatMap((side) => [...BALLS, ...HINGES].map((joint) => joint + side)),
];

/** A posture as a flat list of numbers, hundredths kept: how solved postures are stored. */
export function packPosture(posture: Posture): number[] {
  const record = posture as unknown as Record<string, number | Ball>;
  return STORED_KEYS.flatMap((key) => record[key]!).map((value) => Math.round(value * 100) / 100);
}

/** Reads back what {@link packPosture} wrote. */
export function unpackPosture(numbers: readonly number[]): Posture {
  const posture: Record<string, number | Ball> = {};
  let at = 0;
  for (const key of STORED_KEYS) {
    if (/^(hip|shoulder)/.test(key)) posture[key] = [numbers[at++]!, numbers[at++]!, numbers[at++]!];
    else posture[key] = numbers[at++]!;
  }
  return posture as unknown as Posture;
}

/** The same posture seen in a mirror: right and left change places. */
export function mirrorPosture(posture: Posture): Posture {
  const from = posture as unknown as Record<string, number | Ball>;
  const mirrored: Record<string, number | Ball> = {};
  for (const key of STORED_KEYS) {
    const other = /[RL]$/.test(key) ? key.slice(0, -1) + (key.endsWith('R') ? 'L' : 'R') : key;
    const value = from[other]!;
    const flips = ['z', 'roll', 'yaw', 'side', 'twist', 'neckSide', 'neckTwist'].includes(key);
    if (Array.isArray(value)) mirrored[key] = [...value] as Ball;
    else mirrored[key] = flips ? -value || 0 : value;
  }
  return mirrored as unknown as Posture;
}
