/**
 * What a candidate costs against the step's intent. The order is what matters: the ladder before
 * another pose, the same purpose before a shared one, rest last. Chosen by us, adjustable here.
 */
export const WEIGHTS = {
  /** Another rung at all, and each rung further away. */
  rung: 10, perRung: 3,
  /** A fuller rung than was asked, where a more supported one would also do. */
  fuller: 4,
  /** All of the hold given up; a rest given up costs more, so that it is the last thing cut. */
  hold: 12, restHold: 80,
  /** Something put within reach. */
  added: 1,
  /** Another pose, and one that serves only part of the purpose. */
  pose: 100, partPurpose: 60,
  /** A level the class is not on, and one the person is not on. */
  classLevel: 8, levelChange: 2,
  energy: 4, effort: 3, prop: 0.5,
  rest: 1000,
} as const;
