/** Sequences ready to teach: our own, common practice; what they ask is held against the people of their frame. */
import type { ReadySequence } from '../../src/authoring/frameWords.js';
import { BACKS } from './backs.js';
import { CHAIR } from './chair.js';
import { CHILDREN } from './children.js';
import { MAT } from './mat.js';
import { PREGNANCY } from './pregnancy.js';

export { READY_COURSES } from './courses.js';

export const READY: readonly ReadySequence[] = [...MAT, ...BACKS, ...PREGNANCY, ...CHAIR, ...CHILDREN];
