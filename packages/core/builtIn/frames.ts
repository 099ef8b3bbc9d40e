/** Frames of classes, and what they may aim at; apart, so that only who begins a plan takes them in. */
export { AIMS, FRAMES } from '../catalogue/frames/index.js';
export { LESSON_AIMS, LESSON_BANDS, LESSON_WORDS } from '../catalogue/frames/lessons.js';
