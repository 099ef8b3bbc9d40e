import { LIMB_MUSCLES, type LimbMuscle, type MidlineMuscle } from '../body/muscles.js';
import { keep } from '../cache.js';
import type { Breath, Level } from './types.js';

/** What muscles of the trunk and neck hold, % of body weight × height. */
export const MIDLINE_MOMENTS = [
  'trunkExtensorMoment',
  'trunkFlexorMoment',
  'trunkSideMoment',
  'neckExtensorMoment',
  'neckFlexorMoment',
] as const satisfies readonly `${MidlineMuscle}Moment`[];

/** What muscles of a limb hold, % of body weight × height. */
export const LIMB_MOMENTS = Object.keys(LIMB_MUSCLES).map(
  (muscle) => `${muscle}Moment`,
) as `${LimbMuscle}Moment`[];

/** How far neck, chest and low back go, degrees. */
export const SPINE_ANGLES = [
  'lumbarFlexion',
  'lumbarExtension',
  'thoracicFlexion',
  'thoracicExtension',
  'neckFlexion',
  'neckExtension',
  'neckRotation',
  'neckSideBend',
  'sideBend',
  'lumbarTwist',
  'thoracicTwist',
] as const;

/** How far parts of the body are below or above the heart, cm. */
export const HEART_HEIGHTS = [
  'headBelowHeart',
  'eyesBelowHeart',
  'pelvisAboveHeart',
  'legsAboveHeart',
  'armsAboveHeart',
] as const;

/** Measures that exist once, in the order in which they are stored. Degrees, cm, shares of body weight. */
export const MIDLINE_MEASURES = [
  ...SPINE_ANGLES,
  'closedTwist',
  'spineLoad',
  'lowBackMoment',
  ...HEART_HEIGHTS,
  'trunkIncline',
  'inverted',
  'handsShare',
  'forearmsShare',
  'neckShare',
  'kneesShare',
  'feetShare',
  'seatShare',
  'balanceMargin',
  'supports',
  'oneLeg',
  'feetApart',
  'bellyPressed',
  'supine',
  'faceUp',
  'faceDown',
  'abdominalLoad',
  'isometric',
  'eyesClosed',
  'heelsLifted',
  'eyeContact',
  'bind',
  'hang',
  'strap',
  'jumping',
  'met',
  ...MIDLINE_MOMENTS,
  'momentSpread',
] as const;

/** How far the joints of a limb go, degrees. */
export const LIMB_ANGLES = [
  'hipFlexion',
  'hipExtension',
  'hipAbduction',
  'hipAdduction',
  'hipRotationIn',
  'hipRotationOut',
  'kneeFlexion',
  'kneeHyperextension',
  'ankleFlexion',
  'shoulderFlexion',
  'shoulderAbduction',
  'shoulderExtension',
  'shoulderRotationIn',
  'shoulderRotationOut',
  'wristExtension',
  'hipFlexionWithKneeStraight',
] as const;

/** How far a limb is moved from one frame of a movement to another, degrees: see `limbMoves`. */
export const LIMB_MOVES = ['armMoves', 'legMoves'] as const;

/** Measures of a limb: each exists for the right and the left. */
export const SIDED_MEASURES = [
  ...LIMB_ANGLES,
  'wristLoad',
  'kneeLoad',
  ...LIMB_MOVES,
  ...LIMB_MOMENTS,
] as const;

export type MidlineMeasure = (typeof MIDLINE_MEASURES)[number];
export type SidedMeasure = (typeof SIDED_MEASURES)[number];
export type MeasureName = MidlineMeasure | `${SidedMeasure}${'Right' | 'Left'}`;

/** Every measure's name, in stored order. */
export const MEASURE_NAMES: readonly MeasureName[] = [
  ...MIDLINE_MEASURES,
  ...SIDED_MEASURES.flatMap((name) => [`${name}Right`, `${name}Left`] as const),
];

/** What a variant asks of a body of one height. */
export type Measures = Readonly<Record<MeasureName, number>>;

/**
 * Every measure there, none of them said: parsed, because an object of this many names that was filled one
 * by one is slow to read afterwards.
 */
const BLANK = JSON.parse(
  JSON.stringify(Object.fromEntries(MEASURE_NAMES.map((name) => [name, 0.5]))),
) as Record<MeasureName, number>;

/** Measures by name and place in the stored order. */
export function makeMeasures(valueOf: (name: MeasureName, at: number) => number): Measures {
  const measures = { ...BLANK };
  for (let at = 0; at < MEASURE_NAMES.length; at++)
    measures[MEASURE_NAMES[at]!] = valueOf(MEASURE_NAMES[at]!, at);
  return measures;
}

/** A variant with everything that rules can look at. */
export interface Judged {
  measures: Measures;
  level: Level;
  breath: Breath;
  support: 'none' | 'hand' | 'trunk';
  /** Practice it takes, 0 to 4. */
  skill: number;
  /** A limb that the hands lift. */
  helped?: 'arm' | 'leg';
}

const OTHER_SIDE = { Right: 'Left', Left: 'Right' } as const;

const mirrors = new WeakMap<Measures, Measures>();

/** The measures of the left form of a variant that is described on the right: limbs change places. */
export const mirrorMeasures = (measures: Measures): Measures =>
  mirrors.get(measures) ?? keep(mirrors, measures, makeMirror(measures));

function makeMirror(measures: Measures): Measures {
  const mirrored: Record<string, number> = { ...measures };
  for (const name of SIDED_MEASURES) {
    for (const side of ['Right', 'Left'] as const)
      mirrored[name + side] = measures[`${name}${OTHER_SIDE[side]}`];
  }
  return mirrored as Measures;
}

/** Of several key frames the worst value counts; these are worst when low. */
const WORST_WHEN_LOW: ReadonlySet<MeasureName> = new Set<MeasureName>([
  'balanceMargin',
  'supports',
  'feetApart',
  'trunkIncline',
]);

/** The worse of two values of a measure. */
export const worse = (name: MeasureName, a: number, b: number): number =>
  WORST_WHEN_LOW.has(name) ? Math.min(a, b) : Math.max(a, b);

/** One set of measures for a movement: each value the worst over its frames. */
export function worstMeasures(frames: readonly Measures[]): Measures {
  return makeMeasures((name) =>
    frames.reduce((worst, frame) => worse(name, worst, frame[name]), frames[0]![name]),
  );
}
