import { USUAL_BODY, type BodyRanges, type Norms } from '../src/authoring/ruleWords.js';

const bodyOf = (
  hipFlexion: number,
  hipFlexionWithKneeStraight: number,
  hipExtension: number,
  shoulderFlexion: number,
  ankleFlexion: number,
  thoracicTwist: number,
): BodyRanges => ({
  hipFlexion,
  hipFlexionWithKneeStraight,
  hipExtension,
  shoulderFlexion,
  ankleFlexion,
  thoracicTwist,
});

/** Children bend further than the grown. */
const CHILD = bodyOf(125, 90, 28, 176, 45, 42);

/** What people of an age usually can do: read where nobody has asked or measured. All from memory, rounded. */
export const NORMS: Norms = {
  strength: {
    cite: 'danneskiold-samsoe-2009',
    // Children, per kilogram: common practice, no published source.
    byAge: [
      { from: 4, legs: 0.6, arms: 0.6, trunk: 0.6 },
      { from: 8, legs: 0.75, arms: 0.7, trunk: 0.75 },
      { from: 13, legs: 0.9, arms: 0.85, trunk: 0.9 },
      { from: 20, legs: 1, arms: 1, trunk: 1 },
      { from: 40, legs: 0.95, arms: 0.95, trunk: 0.95 },
      { from: 50, legs: 0.87, arms: 0.88, trunk: 0.88 },
      { from: 60, legs: 0.77, arms: 0.8, trunk: 0.8 },
      { from: 70, legs: 0.66, arms: 0.7, trunk: 0.7 },
      { from: 80, legs: 0.54, arms: 0.6, trunk: 0.6 },
      { from: 90, legs: 0.43, arms: 0.5, trunk: 0.5 },
    ],
    man: { legs: 1.25, arms: 1.5, trunk: 1.3 },
    spread: 0.22,
  },
  oneLeg: {
    cite: 'springer-2007',
    byAge: [
      { from: 18, middle: 43, careful: 30 },
      { from: 40, middle: 40, careful: 25 },
      { from: 50, middle: 37, careful: 15 },
      { from: 60, middle: 27, careful: 8 },
      { from: 70, middle: 15, careful: 5 },
      { from: 80, middle: 6, careful: 1 },
    ],
  },
  chairStands: {
    cite: 'steadi',
    byAge: [
      { from: 60, men: 16.5, women: 14.5, fewMen: 14, fewWomen: 12 },
      { from: 65, men: 15, women: 13.5, fewMen: 12, fewWomen: 11 },
      { from: 70, men: 14.5, women: 12.5, fewMen: 12, fewWomen: 10 },
      { from: 75, men: 14, women: 12.5, fewMen: 11, fewWomen: 10 },
      { from: 80, men: 12.5, women: 11.5, fewMen: 10, fewWomen: 9 },
      { from: 85, men: 11, women: 10.5, fewMen: 8, fewWomen: 8 },
      { from: 90, men: 9.5, women: 7.5, fewMen: 7, fewWomen: 4 },
    ],
  },
  fromFloor: {
    cite: 'brito-2012',
    byAge: [
      { from: 0, middle: 'alone', careful: 'alone' },
      { from: 65, middle: 'alone', careful: 'chair' },
      { from: 80, middle: 'chair', careful: 'no' },
      { from: 90, middle: 'no', careful: 'no' },
    ],
  },
  // Hips: the clinical range less ten degrees that the pelvis goes along; straight legs and the turn of the chest are
  // common practice, no published source. Nine in ten: the middle less 1.28 standard deviations.
  ranges: {
    cite: 'roach-miles-1991',
    byAge: [
      { from: 0, middle: CHILD, careful: CHILD },
      { from: 13, middle: USUAL_BODY, careful: bodyOf(95, 65, 12, 155, 28, 28) },
      { from: 40, middle: bodyOf(108, 78, 19, 166, 36, 35), careful: bodyOf(93, 62, 10, 152, 26, 27) },
      { from: 60, middle: bodyOf(106, 73, 17, 160, 33, 32), careful: bodyOf(90, 58, 8, 145, 23, 25) },
      { from: 75, middle: bodyOf(102, 69, 14, 152, 30, 29), careful: bodyOf(86, 54, 6, 135, 20, 22) },
    ],
  },
  // Backward reach of the arm, held by the hand: common practice, no published source.
  reachBehind: {
    byAge: [
      { from: 0, middle: 90, careful: 90 },
      { from: 60, middle: 70, careful: 50 },
      { from: 70, middle: 65, careful: 45 },
      { from: 80, middle: 50, careful: 35 },
    ],
  },
};
