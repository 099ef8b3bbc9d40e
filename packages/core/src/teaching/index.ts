/**
 * Teaching a class.
 *
 * In: a fitting, and what is done in class, each at its instant.
 * Out: moments in order, where the class is, its clock and breath, what is to be said, what was changed for whom.
 */
export { aloudBetween, type Aloud, type Counting } from './aloudBetween.js';
export { breathAt, breathOf, type BreathAt } from './breathAt.js';
export { changesOf, differingNow, changeFor, oneEach, stopped, type Now } from './changes.js';
export { countAt, plannedUntil, teachingClock, type Counted, type TeachingClock } from './clock.js';
export { momentsOf, type Count, type Doing, type Moment, type RoundShape } from './moments.js';
export { learnPace, type LearnedPace } from './learnPace.js';
export { LEAD_PARTS, taughtTimes, type LeadPart, type TaughtTime, type Took } from './taughtTimes.js';
export { momentOfShown, readShown, shownMoment, type Shown, type ShownMoment } from './shown.js';
export { shapeAt } from './shapeAt.js';
export {
  NOT_BEGUN,
  passedIn,
  teach,
  teachingAt,
  type Act,
  type Given,
  type ChangeForOne,
  type Phase,
  type Teaching,
} from './teaching.js';
