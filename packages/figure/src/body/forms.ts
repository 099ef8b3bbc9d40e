/**
 * How bodies differ: bumps and hollows on the sculpted surface, cm along its normal at 165 cm of height. They are
 * drawn to look like people, not measured: our own judgement, no published source.
 */
import { type Build, type Vec3 } from '@lotus-steady/core/body';

/** A limb of which the lower part is missing. */
export type MissingLimb = 'armR' | 'armL' | 'legR' | 'legL';

/** What a body looks like, as far as it is known; each part left out is as it was sculpted: a slim grown woman. */
export interface Form {
  build: Build;
  man?: boolean;
  /** How much fuller than slim, 0 to 1.5: about body mass index 21, and 40. */
  fullness?: number;
  /** Weeks of pregnancy. */
  weeks?: number;
  /** Old age: 0 to 1. */
  age?: number;
  /** How far an in-breath has come: 0 out, 1 in. */
  breath?: number;
  /** Limbs that end below the elbow or the knee. */
  without?: readonly MissingLimb[];
}

/** A bump on the surface: largest at its middle, nothing outside its radii. Right-hand ones are mirrored. */
interface Bump {
  /** In which frame's axes; `trunk` is the pelvis's, upright. */
  frame: 'trunk' | 'head' | 'upperArm' | 'forearm' | 'thigh' | 'shank';
  at: Vec3;
  radii: Vec3;
  cm: number;
}

const bump = (frame: Bump['frame'], at: Vec3, radii: Vec3, cm: number): Bump => ({ frame, at, radii, cm });

const MAN: readonly Bump[] = [
  bump('trunk', [7, 36.3, 6.5], [8, 9, 8], -2.4),
  bump('trunk', [0, 18, 12], [14, 14, 10], 1.5),
  bump('trunk', [0, 0, 14], [14, 14, 9], -1.3),
  bump('trunk', [-8, -3, 7], [9, 10, 9], -1.0),
  bump('trunk', [0, 44, 14], [12, 11, 10], 1.5),
  bump('trunk', [-7, 40, 8], [9, 14, 12], 0.8),
  bump('trunk', [0, 58, 4], [9, 9, 8], 0.8),
  bump('upperArm', [0, -8, 0], [9, 22, 9], 0.6),
  bump('forearm', [0, -7, 0], [7, 16, 7], 0.4),
  bump('head', [4, -5, 4], [7, 5, 5], 0.45),
];

const FULLER: readonly Bump[] = [
  bump('trunk', [10, 14, 0], [14, 19, 19], 6.1),
  bump('trunk', [0, 16, 13], [14, 18, 12], 4.9),
  bump('trunk', [-8, 16, 6], [10, 16, 13], 2.9),
  bump('trunk', [0, 1, 14], [16, 17, 12], 3.5),
  bump('trunk', [-9, -3, 6], [10, 12, 12], 2.6),
  bump('trunk', [8, 35, 7], [10, 11, 10], 2.8),
  bump('trunk', [-6, 40, 6], [10, 18, 13], 2.0),
  bump('trunk', [0, 57, 3], [10, 9, 9], 1.3),
  bump('thigh', [0, -10, 0], [14, 34, 13], 3.3),
  bump('shank', [-2, -12, 0], [10, 24, 9], 1.3),
  bump('upperArm', [0, -12, 0], [10, 22, 10], 2.5),
  bump('forearm', [0, -7, 0], [8, 18, 8], 1.0),
  bump('head', [5, -4.5, 4], [8, 7, 6], 1.2),
  bump('head', [6, -8, 0], [7, 4, 6], 1.0),
];

const OLD: readonly Bump[] = [
  bump('trunk', [-9, 43, 0], [9, 14, 16], 1.6),
  bump('trunk', [0, 44, 15], [10, 10, 9], -0.7),
  bump('trunk', [9, 14, 0], [12, 15, 16], 1.4),
  bump('trunk', [8, 38, 6], [8, 6, 9], -0.9),
  bump('trunk', [8, 31, 7], [8, 6, 9], 0.6),
  bump('upperArm', [0, -8, 0], [9, 22, 9], -0.4),
  bump('thigh', [0, -14, 0], [13, 28, 13], -0.5),
];

const BELLY: readonly Bump[] = [
  bump('trunk', [10, 14.5, 0], [13, 17, 16], 10.5),
  bump('trunk', [8, 35.5, 7], [9, 9, 9], 1.2),
  bump('trunk', [0, 10, 13], [12, 16, 10], 1.0),
];

const BREATH: readonly Bump[] = [
  bump('trunk', [10, 33, 0], [10, 13, 15], 1.2),
  bump('trunk', [10, 17, 0], [11, 13, 14], 1.7),
  bump('trunk', [0, 30, 13], [12, 12, 8], 0.7),
];

const CHILD: readonly Bump[] = [
  bump('trunk', [7, 36.3, 6.5], [8, 10, 9], -3.0),
  bump('trunk', [0, 0, 14], [14, 14, 10], -1.8),
  bump('trunk', [-8, -3, 7], [9, 11, 9], -1.4),
  bump('trunk', [0, 19, 12], [14, 14, 11], 1.3),
  bump('trunk', [9, 15, 0], [11, 15, 15], 1.0),
  bump('trunk', [0, 44, 14], [12, 11, 10], -0.4),
  bump('head', [8, -6, 0], [6, 5, 6], -0.7),
  bump('head', [7, -2.6, 4.4], [4, 4, 4], 0.6),
  bump('head', [8, 6, 0], [6, 6, 7], 0.5),
  bump('head', [10.6, -0.6, 0], [2.2, 2.2, 2], -0.7),
];

/** How much of a child a build is. */
const CHILDLIKE: Readonly<Record<Build, number>> = {
  adult: 0,
  'child-3-5': 1,
  'child-6-8': 0.9,
  'child-9-12': 0.7,
};

/**
 * How far a belly has grown by a week of pregnancy, 0 to 1: hardly before 12, at the navel about 20, all at 40
 * (by the height of the womb, common teaching, from memory).
 */
export const bellyAt = (weeks: number): number => Math.max(0, Math.min(1, (weeks - 10) / 30)) ** 1.15;

/** The bumps of a form, each with how much of it there is. */
function bumpsOf({
  build,
  man,
  fullness = 0,
  weeks,
  age = 0,
  breath = 0,
}: Form): readonly (readonly [Bump, number])[] {
  const child = CHILDLIKE[build];
  const sets: readonly (readonly [readonly Bump[], number])[] = [
    [CHILD, child],
    [MAN, man && !child ? 1 : 0],
    [FULLER, fullness],
    [OLD, child ? 0 : age],
    [BELLY, weeks === undefined ? 0 : bellyAt(weeks)],
    [BREATH, breath],
  ];
  return sets.flatMap(([bumps, by]) => (by ? bumps.map((one) => [one, by] as const) : []));
}

/** A place in each frame's axes, on the right. */
export type Placed = Readonly<Record<Bump['frame'], Vec3>>;

/**
 * How far the surface of a form lies outside the sculpted one at a place, cm.
 *
 * @param head whether the place is on the head: bumps of the trunk end at the neck
 */
export function grownBy(form: Form): ((place: Placed, head: boolean) => number) | undefined {
  const bumps = bumpsOf(form);
  if (!bumps.length) return undefined;
  return (place, head) => {
    let cm = 0;
    for (const [{ frame, at, radii, cm: most }, by] of bumps) {
      if ((frame === 'head') !== head) continue;
      const [x, y, z] = place[frame];
      const away =
        ((x - at[0]) / radii[0]) ** 2 + ((y - at[1]) / radii[1]) ** 2 + ((z - at[2]) / radii[2]) ** 2;
      if (away < 1) cm += most * by * (1 - away) ** 2;
    }
    return cm;
  };
}

/** What tells two forms apart, as text. */
export const formKey = ({
  build,
  man,
  fullness = 0,
  weeks,
  age = 0,
  breath = 0,
  without = [],
}: Form): string =>
  [build, man ? 1 : 0, fullness.toFixed(2), weeks ?? '', age.toFixed(2), breath.toFixed(2), ...without].join(
    ' ',
  );
