/** Whose proportions a body has: grown, or a child's of an age band. */
export type Build = 'adult' | 'child-3-5' | 'child-6-8' | 'child-9-12';

/** Parts of the body whose share of height changes with age. */
export type BuildPart = 'head' | 'neck' | 'trunk' | 'arm' | 'leg';

/**
 * How long each part is beside an adult's of the same height; the parts on the way from sole to
 * crown add up to the height again.
 *
 * Sitting height is about 0.56 of height at 4 years, 0.54 at 7, 0.53 at 10 and 0.52 grown, the head about
 * 1/5.4, 1/6.2, 1/7 and 1/7.7 (Fredriks 2005 and common drawing tables, both from memory); the
 * trunk is what is left over (derived).
 */
export const BUILDS: Readonly<Record<Build, Readonly<Record<BuildPart, number>>>> = {
  adult: { head: 1, neck: 1, trunk: 1, arm: 1, leg: 1 },
  'child-3-5': { head: 1.42, neck: 0.9, trunk: 1.068, arm: 0.93, leg: 0.91 },
  'child-6-8': { head: 1.27, neck: 0.94, trunk: 1.035, arm: 0.96, leg: 0.945 },
  'child-9-12': { head: 1.13, neck: 0.97, trunk: 1.024, arm: 0.98, leg: 0.97 },
};

/**
 * Share of body mass in head and neck; the other parts shrink together to make room.
 * Children: after Jensen 1986, from memory, rounded (0.081 grown: Winter).
 */
export const HEAD_MASS: Readonly<Record<Build, number>> = {
  adult: 0.081,
  'child-3-5': 0.18,
  'child-6-8': 0.14,
  'child-9-12': 0.11,
};

/**
 * The proportions to use for someone of an age in whole years; unknown counts as grown.
 *
 * @example buildOf(7) // 'child-6-8'; buildOf(13) // 'adult': teenagers come close enough
 */
export const buildOf = (years: number | undefined): Build => {
  if (years === undefined || years >= 13) return 'adult';
  if (years >= 9) return 'child-9-12';
  if (years >= 6) return 'child-6-8';
  return 'child-3-5';
};

/** Which part a frame belongs to: its landmarks scale with it. */
export const partOfFrame = (frame: string): BuildPart => {
  if (frame === 'head') return 'head';
  if (frame === 'C4') return 'neck';
  if (/^(thigh|shank|foot)/.test(frame)) return 'leg';
  if (/^(upperArm|forearm|hand)/.test(frame)) return 'arm';
  return 'trunk';
};
