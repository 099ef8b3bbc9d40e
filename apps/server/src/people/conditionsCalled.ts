import { RULEBOOK } from '@lotus-steady/core/rulebook';

/** Fewer letters than this would find half of all conditions. */
const LETTERS_LEAST = 3;

/** Spellings that differ in accents, hyphens and capitals alone are the same. */
const folded = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/**
 * Conditions, by id, that are called something with these words in it, by their name or by what people call them.
 *
 * @example conditionsCalled({ words: 'glauc' }) // ['glaucoma']
 */
export function conditionsCalled({ words }: { words: string }): string[] {
  const wanted = folded(words);
  if (wanted.length < LETTERS_LEAST) return [];
  return RULEBOOK.conditions
    .filter(({ name, aliases }) => [name, ...aliases].some((one) => ` ${folded(one)}`.includes(` ${wanted}`)))
    .map(({ id }) => id);
}
