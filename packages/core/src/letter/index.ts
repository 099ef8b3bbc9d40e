/**
 * A letter to whoever treats somebody.
 *
 * In: the person on a day, how classes were, the last class as it was fitted to her.
 * Out: a draft in plain words, for the teacher to edit.
 */
export { LETTER_TO, letterDraft, type LetterInput, type LetterTo } from './letterDraft.js';
