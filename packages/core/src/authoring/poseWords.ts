/** Short words to write poses, ways and stories with, and the types that they are made of. */
import type { PropPlacement, Shape, Target } from '../body/shape.js';
import type { Action, Declared, Level, Purpose, Region, UsualHold, Variant } from '../poses/types.js';

export type { Vec3 } from '../body/maths.js';
export type { PropPlacement, Shape } from '../body/shape.js';
export type { CounterPoses } from '../poses/counterPoses.js';
export type { Theme } from '../poses/themes.js';
export type { Flow, FlowShape } from '../poses/flows.js';
export type { Declared, Grows, Level, Pose, Purpose, Variant } from '../poses/types.js';
export type { Way } from '../poses/ways.js';

/** One rung of a ladder; what is left out is usual: natural breath, no props, nothing to hold on to. */
export const rung = (
  id: string,
  name: string,
  words: string,
  level: Level,
  declared: Declared,
  frames: Shape | readonly Shape[],
  view: readonly [number, number],
  cues: readonly string[],
  more: Partial<Variant> = {},
): Variant => ({
  id,
  name,
  words: words ? words.split('|') : [],
  level,
  breath: 'natural',
  props: [],
  support: 'none',
  frames: Array.isArray(frames) ? frames : [frames as Shape],
  view,
  declared,
  cues,
  ...more,
});

/** What a pose is for. */
export const to = (action: Action, region: Region, spine?: NonNullable<Purpose['spine']>): Purpose => ({
  action,
  region,
  ...(spine ? { spine } : {}),
});

/** Held for so many breaths; bounds of what is still this pose. */
export const breaths = (usual: number, least: number, most: number): UsualHold => ({
  unit: 'breaths',
  usual,
  least,
  most,
});
/** Repeated so many times. */
/**
 * `breathsEach`: a round that goes both ways, or down and up, takes a breath for each (common practice, no
 * published source).
 */
export const rounds = (usual: number, least: number, most: number, breathsEach?: number): UsualHold => ({
  unit: 'rounds',
  usual,
  least,
  most,
  ...(breathsEach ? { roundBreaths: breathsEach } : {}),
});

type At = NonNullable<Shape['at']>[number];
type Aim = NonNullable<Shape['aim']>[number];

const left = (name: string): string => (name.endsWith('R') ? `${name.slice(0, -1)}L` : name);
const flip = (target: Target): Target => [target[0], target[1], target[2] === null ? null : -target[2]];

/** What is said of the right, said of both sides. */
export const bothAt = (...list: readonly At[]): At[] =>
  list.flatMap(([point, target, more]): At[] => [
    [point, target, ...(more ? [more] : [])] as unknown as At,
    [
      left(point),
      typeof target === 'string' ? left(target) : flip(target),
      ...(more ? [more.off ? { ...more, off: flip(more.off) } : more] : []),
    ] as unknown as At,
  ]);
export const bothAim = (...list: readonly Aim[]): Aim[] =>
  list.flatMap(([from, to, direction, weight = 1]): Aim[] => [
    [from, to, direction, weight],
    [left(from), left(to), flip(direction), weight],
  ]);

/**
 * A shape with something changed: joint angles over the base's, further targets after the base's,
 * all else in its place. `sided` where the two sides now differ.
 */
export function vary(
  base: Shape,
  posture: Shape['posture'],
  { sided, ...more }: Partial<Shape> & { sided?: true } = {},
): Shape {
  const { symmetric, ...rest } = base;
  const joined = <T>(a: readonly T[] = [], b: readonly T[] = []): readonly T[] => [...a, ...b];
  return {
    ...rest,
    ...(symmetric && !sided ? { symmetric } : {}),
    ...more,
    posture: { ...base.posture, ...posture },
    at: joined(base.at, more.at),
    aim: joined(base.aim, more.aim),
    face: joined(base.face, more.face),
    touch: joined(base.touch, more.touch),
  };
}

/** A block standing, lying flat or on its long edge. Usual blocks are 23 by 15 by 10 cm. */
export const block = (
  heightCm: number,
  under: string,
  where: string,
  lies?: 'upright' | 'across',
): PropPlacement => ({
  kind: 'block',
  heightCm,
  under: under.split(' '),
  ...(lies ? { lies } : {}),
  where,
});
/** Folded blankets, 2.5 cm each. */
export const blankets = (
  count: number,
  under: string,
  where: string,
  more: { small?: true; edge?: string } = { small: true },
): PropPlacement => ({
  kind: 'blanket',
  count,
  heightCm: count * 2.5,
  under: under.split(' '),
  where,
  ...more,
});
/** A step, stool or low couch of some height, its middle `x` cm ahead. */
export const stool = (
  heightCm: number,
  x: number,
  where: string,
  size: readonly [number, number] = [30, 42],
): PropPlacement => ({
  kind: 'stool',
  heightCm,
  x,
  size,
  where,
});
