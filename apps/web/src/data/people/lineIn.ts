import type { PersonLine, PersonWhole } from '../types.js';

/** Somebody as the list has them, without what classes brought. */
export const lineIn = ({ records: _records, propNotes: _notes, ...line }: PersonWhole): PersonLine => line;
