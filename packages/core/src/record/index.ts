/**
 * What happened in classes, and what it proposes for the next.
 *
 * In: the fittings of classes that were taught, how each was for a person, her limits.
 * Out: what she was given and how far it went; a limit where something hurt, a little further where it was easy,
 * less after a long time away.
 */
export { doneOf } from './doneOf.js';
export { FROM_CLASSES, NOT_PACED_UP } from './further.js';
export { limitsSeen, type Flare, type SeenLimit } from './limitsSeen.js';
export {
  proposals,
  type AskProposal,
  type LimitProposal,
  type Proposal,
  type PropProposal,
} from './proposals.js';
export { type WorkedProp } from './lowerProp.js';
export { measuredOverTime, type KnownVersion, type MeasuredOverTime } from './measuredOverTime.js';
export { activityAdvice, MODERATE, type ActivityAdvice } from './activityAdvice.js';
export { activityOf, type Activity } from './activityOf.js';
export { farthest } from './farthest.js';
export { progressOf, type Progress } from './progress.js';
export { sayProposal } from './sayProposal.js';
export { PAIN_MATTERS, type Done, type HowFar, type RecordOf, type StepChange } from './types.js';
