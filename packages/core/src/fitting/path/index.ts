/**
 * The way through the class: one lane, exact.
 *
 * In: a lane table and, step by step, its options.
 * Out: the best path: at each step an option, the passage to it, and the counter-pose that answers it.
 */
export type { Choice, Counter, Path } from './choosePath.js';
export { Walk, type Stage } from './walk.js';
