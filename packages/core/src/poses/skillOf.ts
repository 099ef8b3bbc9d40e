import type { Variant } from './types.js';

/** What a variant that says nothing of it takes: anyone may try it in a first class. */
const FIRST_CLASS = 1;

/** How much practice a variant takes, 0 none to 4 years. */
export const skillOf = ({ skill = FIRST_CLASS }: Pick<Variant, 'skill'>): number => skill;
