import type { PersonKnown, PersonLine } from '../types.js';

/** Somebody as the list has them, without what props worked. */
export const lineIn = ({ propNotes: _notes, ...line }: PersonKnown): PersonLine => line;
