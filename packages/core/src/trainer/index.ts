/**
 * A trainer for the teacher's eye.
 *
 * In: the rulebook and the catalogue; what a teacher would have done with a case.
 * Out: cases on the borders of rules, what she saw, missed and did too much of, where houses differ, and when to look
 * again.
 */
export { compareEye } from './compareEye.js';
export { dueNext, type EyeCard } from './dueNext.js';
export { EYE_CASES, eyeCase } from './eyeCase.js';
export { eyeOverTime } from './eyeOverTime.js';
export { housesDiffer, type OtherHouse } from './housesDiffer.js';
export type { EyeAnswer, EyeCase, EyeCount, EyeInMonth, EyeStep, EyeWorld, Seen } from './types.js';
