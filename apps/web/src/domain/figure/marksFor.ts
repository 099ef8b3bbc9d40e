import type { BendJoint, Mark } from '@lotus-steady/figure/scene';

type SideLetter = 'R' | 'L';

/** A mark of a measure, on a side if it has one. */
type Marking = (value: number, side: SideLetter) => readonly Mark[];

const bend =
  (joint: 'hip' | 'hipOut' | 'knee' | 'ankle' | 'shoulder' | 'wrist'): Marking =>
  (degrees, side) => [{ kind: 'bend', joint: `${joint}${side}`, degrees }];
const spine =
  (joint: BendJoint): Marking =>
  (degrees) => [{ kind: 'bend', joint, degrees }];
const turn: Marking = (degrees) => [{ kind: 'turn', degrees }];
const below =
  (at: string, sign: 1 | -1 = 1): Marking =>
  (cm) => [{ kind: 'level', at, belowHeartCm: sign * cm }];
/** Half of the share on each of a pair. */
const onBoth =
  (at: string): Marking =>
  (share) =>
    (['R', 'L'] as const).map((side) => ({ kind: 'load', at: at + side, share: share / 2 }));
const onOne =
  (at: string): Marking =>
  (share, side) => [{ kind: 'load', at: at + side, share }];
const spot =
  (at: string): Marking =>
  () => [{ kind: 'spot', at }];
const spotOf =
  (at: string): Marking =>
  (_, side) => [{ kind: 'spot', at: at + side }];

/** How each measure is shown on a figure; one that is not a place or an angle is not. */
const MARKINGS: Readonly<Record<string, Marking>> = {
  lumbarFlexion: spine('lowBack'),
  lumbarExtension: spine('lowBack'),
  thoracicFlexion: spine('upperBack'),
  thoracicExtension: spine('upperBack'),
  neckFlexion: spine('neck'),
  neckExtension: spine('neck'),
  neckRotation: spine('neck'),
  neckSideBend: spine('neck'),
  sideBend: spine('side'),
  lumbarTwist: turn,
  thoracicTwist: turn,
  closedTwist: turn,
  headBelowHeart: below('ear'),
  eyesBelowHeart: below('eyes'),
  pelvisAboveHeart: below('sacrum', -1),
  legsAboveHeart: below('ankleR', -1),
  armsAboveHeart: below('wristR', -1),
  handsShare: onBoth('palmMid'),
  forearmsShare: onBoth('elbow'),
  kneesShare: onBoth('knee'),
  feetShare: onBoth('ball'),
  seatShare: onBoth('sit'),
  neckShare: (share) => [{ kind: 'load', at: 'neckBack', share }],
  spineLoad: (share) => [{ kind: 'load', at: 'lowBack', share }],
  wristLoad: onOne('palmMid'),
  kneeLoad: onOne('knee'),
  hipFlexion: bend('hip'),
  hipExtension: bend('hip'),
  hipFlexionWithKneeStraight: bend('hip'),
  hipAbduction: bend('hipOut'),
  hipAdduction: bend('hipOut'),
  hipRotationIn: spotOf('hipJ'),
  hipRotationOut: spotOf('hipJ'),
  kneeFlexion: bend('knee'),
  kneeHyperextension: bend('knee'),
  ankleFlexion: bend('ankle'),
  shoulderFlexion: bend('shoulder'),
  shoulderAbduction: bend('shoulder'),
  shoulderExtension: bend('shoulder'),
  shoulderRotationIn: spotOf('shoulderJ'),
  shoulderRotationOut: spotOf('shoulderJ'),
  wristExtension: bend('wrist'),
  lowBackMoment: spot('lowBack'),
  trunkExtensorMoment: spot('lowBack'),
  trunkFlexorMoment: spot('belly'),
  trunkSideMoment: spot('ribR'),
  neckExtensorMoment: spot('neckBack'),
  neckFlexorMoment: spot('chin'),
  abdominalLoad: spot('belly'),
  bellyPressed: spot('belly'),
  eyeContact: spot('eyes'),
};

/** Muscles of a limb by the joint they hold: shown as that place. */
const HELD_AT: readonly (readonly [RegExp, string])[] = [
  [/^(hip|thigh)/, 'hipJ'],
  [/^knee/, 'knee'],
  [/^(ankle|calf)/, 'ankle'],
  [/^shoulder/, 'shoulderJ'],
  [/^elbow/, 'elbow'],
  [/^wrist/, 'wrist'],
];

/**
 * What a measure asks, as marks on a figure: an arc at the joint, an arrow by share of weight, a level beside the
 * heart's, the turn of the trunk. Nothing for what is no place.
 *
 * @param measure as rules name it: with or without its side, and with `Use` where it is a share of a range
 * @param value in the measure's own unit
 * @example marksFor('kneeFlexionRight', 112) // an arc at the right knee that says 112°
 */
export function marksFor(measure: string, value: number): readonly Mark[] {
  const [, bare, side] = /^(.*?)(?:Use)?(Right|Left)?$/.exec(measure)!;
  const marking = MARKINGS[bare!] ?? momentOf(bare!);
  if (!marking) return [];
  if (side) return marking(value, side === 'Right' ? 'R' : 'L');
  const right = marking(value, 'R');
  const left = marking(value, 'L');
  // The same on both sides is one mark in the middle.
  return JSON.stringify(right) === JSON.stringify(left) ? right : [...right, ...left];
}

function momentOf(measure: string): Marking | undefined {
  if (!measure.endsWith('Moment')) return undefined;
  const place = HELD_AT.find(([pattern]) => pattern.test(measure))?.[1];
  return place === undefined ? undefined : spotOf(place);
}
