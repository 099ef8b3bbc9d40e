import { youngHolds, type Muscle } from '../../body/muscles.js';
import {
  LIMB_MOMENTS,
  MIDLINE_MOMENTS,
  SIDED_MEASURES,
  SPINE_ANGLES,
  type Judged,
  type MeasureName,
  type Measures,
  type MidlineMeasure,
  type SidedMeasure,
} from '../../poses/measures.js';
import type { Level } from '../../poses/types.js';

/** Levels on which nobody loses the balance, so that a hand to hold is no support that could be missed. */
export const STEADY: ReadonlySet<Level> = new Set<Level>([
  'chair',
  'sitting',
  'lying',
  'side-lying',
  'prone',
]);

/** Moments are not told apart more finely than this, beside what young adults hold. */
const SAME_MOMENT = 0.15;
/** Angles are not told apart more finely than this, degrees. */
const SAME_ANGLE = 3;
/** Shares of body weight are not told apart more finely than this. */
const SAME_SHARE = 0.05;

/**
 * What a joint does all day, degrees: sitting on a chair, reaching for a shelf; nobody minds it. Common practice, no
 * published source.
 */
const EVERYDAY = {
  hipFlexion: 100,
  hipExtension: 10,
  hipAbduction: 30,
  hipAdduction: 15,
  hipRotationIn: 20,
  hipRotationOut: 30,
  kneeFlexion: 100,
  kneeHyperextension: 3,
  ankleFlexion: 20,
  shoulderFlexion: 120,
  shoulderAbduction: 100,
  shoulderExtension: 40,
  shoulderRotationIn: 60,
  shoulderRotationOut: 60,
  wristExtension: 60,
  hipFlexionWithKneeStraight: 70,
  lumbarFlexion: 25,
  lumbarExtension: 8,
  thoracicFlexion: 20,
  thoracicExtension: 8,
  neckFlexion: 35,
  neckExtension: 15,
  neckRotation: 40,
  neckSideBend: 20,
  sideBend: 15,
  lumbarTwist: 5,
  thoracicTwist: 20,
} as const satisfies Partial<Record<SidedMeasure | MidlineMeasure, number>>;

/** A measure's names by side, put together once; a midline measure is the same on both. */
type BySide = readonly [MeasureName, MeasureName];
const SIDED = new Set<string>(SIDED_MEASURES);
const bySide = (name: SidedMeasure | MidlineMeasure): BySide =>
  SIDED.has(name)
    ? [`${name as SidedMeasure}Right`, `${name as SidedMeasure}Left`]
    : [name as MidlineMeasure, name as MidlineMeasure];

/** A measure, of a limb on its worse side. */
const worseOf = (measures: Measures, [right, left]: BySide): number =>
  Math.max(measures[right], measures[left]);

/** Every moment with what young adults hold of it, % of body weight × height. */
const YOUNG: readonly (readonly [names: BySide, young: number])[] = [...MIDLINE_MOMENTS, ...LIMB_MOMENTS].map(
  (name) => [bySide(name), youngHolds(name.replace('Moment', '') as Muscle)],
);
const USUALLY: readonly (readonly [names: BySide, usual: number])[] = Object.entries(EVERYDAY).map(
  ([name, usual]) => [bySide(name as keyof typeof EVERYDAY), usual],
);

const BELOW_THE_NECK = YOUNG.filter(([[name]]) => !name.startsWith('neck'));
const BACK_AND_KNEES = USUALLY.filter(([[name]]) =>
  (SPINE_ANGLES as readonly string[]).concat('kneeFlexionRight').includes(name),
);

/** @param least shares of what young adults hold up to this are nothing that is asked */
const asksStrength = (asked: Measures, taken: Measures, least: number, of = YOUNG): boolean =>
  of.some(
    ([names, young]) =>
      worseOf(taken, names) > Math.max(worseOf(asked, names) + SAME_MOMENT * young, least * young),
  );

const asksRange = (asked: Measures, taken: Measures, of = USUALLY): boolean =>
  of.some(([names, usual]) => worseOf(taken, names) > Math.max(usual, worseOf(asked, names)) + SAME_ANGLE);

const asksLoad = (asked: Measures, taken: Measures): boolean =>
  (['handsShare', 'forearmsShare', 'neckShare', 'kneesShare'] as const).some(
    (name) => taken[name] > asked[name] + SAME_SHARE && taken[name] > 3 * SAME_SHARE,
  );

/** Whether something to hold is taken away from someone who may lose the balance. */
const losesSupport = (asked: Judged, taken: Judged): boolean =>
  asked.support !== 'none' && taken.support === 'none' && !STEADY.has(taken.level);

/**
 * Whether a fuller way of doing a pose asks more than another of strength, balance, range, skill or of what is leaned
 * on, or takes away something to hold: then it is no easing. What measures cannot tell apart is the same, and what
 * joints do all day is nothing.
 */
export const asksMore = (asked: Judged, taken: Judged): boolean =>
  asksOtherwise(asked, taken) ||
  asksStrength(asked.measures, taken.measures, 0) ||
  asksRange(asked.measures, taken.measures);

const asksOtherwise = (asked: Judged, taken: Judged): boolean =>
  taken.skill > asked.skill ||
  taken.measures.oneLeg > asked.measures.oneLeg ||
  losesSupport(asked, taken) ||
  asksLoad(asked.measures, taken.measures);

/**
 * The same of a pose done part of its way. A body that does not rest yet holds itself: strength that nobody minds is
 * nothing, and a head that is just lifted neither. Of joints those of back and knees are looked at: the others lie
 * between those of two plain shapes.
 */
export const asksMorePartway = (asked: Judged, taken: Judged): boolean =>
  asksOtherwise(asked, taken) ||
  asksStrength(asked.measures, taken.measures, NO_EFFORT, BELOW_THE_NECK) ||
  asksRange(asked.measures, taken.measures, BACK_AND_KNEES);

/** Shares of what young adults hold that nobody minds in another shape than was asked: chosen by us. */
const NO_EFFORT = 0.5;

/** Whether another pose asks for what nobody who was asked this one has shown: skill, a balance, real strength. */
export const asksAnew = (asked: Judged, taken: Judged): boolean =>
  taken.skill > Math.max(asked.skill, 1) ||
  taken.measures.oneLeg > asked.measures.oneLeg ||
  losesSupport(asked, taken) ||
  asksStrength(asked.measures, taken.measures, NO_EFFORT);
