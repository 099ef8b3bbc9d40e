import { fold } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

/** Fewer letters than this would find half of all conditions. */
const LETTERS_LEAST = 3;

/**
 * Conditions, by id, that are called something with these words in it, by their name or by what people call them.
 *
 * @example conditionsCalled({ words: 'glauc' }) // ['glaucoma']
 */
export function conditionsCalled({ words }: { words: string }): string[] {
  const wanted = fold(words);
  if (wanted.length < LETTERS_LEAST) return [];
  return RULEBOOK.conditions
    .filter(({ name, aliases }) => [name, ...aliases].some((one) => ` ${fold(one)}`.includes(` ${wanted}`)))
    .map(({ id }) => id);
}
