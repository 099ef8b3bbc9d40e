import type { Person } from './types.js';

/** How someone wants to be spoken of; they, where nothing is said. */
export type Pronoun = NonNullable<Person['pronoun']>;
export const PRONOUNS: readonly Pronoun[] = ['she', 'he', 'they'];

/** The forms that sentences need: she can, for her, her right. */
export interface PronounWords {
  subject: string;
  object: string;
  possessive: string;
}

const WORDS: Readonly<Record<Pronoun, PronounWords>> = {
  she: { subject: 'she', object: 'her', possessive: 'her' },
  he: { subject: 'he', object: 'him', possessive: 'his' },
  they: { subject: 'they', object: 'them', possessive: 'their' },
};

/**
 * How a sentence speaks of someone.
 *
 * @example `twice is enough for ${pronounOf({ pronoun: 'he' }).object}` // twice is enough for him
 */
export const pronounOf = ({ pronoun }: Pick<Person, 'pronoun'>): PronounWords => WORDS[pronoun ?? 'they'];
