/** Words that say nothing about which pose is meant. */
const FILLERS = new Set(['pose', 'the', 'a', 'an', 'with', 'your', 'in', 'of', 'and', 'then', 'into', 'to', 'asana']);

/**
 * Folds a name so that spellings meet: diacritics, v and w, sh and s, long vowels, hyphens,
 * filler words and a trailing -a.
 *
 * @example fold('Śavāsana') === fold('shavasana') // both 'savasan'
 */
export const fold = (text: string): string => words(text).join(' ');

/** The folded words of a name. */
export const words = (text: string): string[] => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
  .replace(/[’']s\b/g, 's').replace(/[^a-z0-9]+/g, ' ').split(' ').filter((word) => word && !FILLERS.has(word))
  .map((word) => word.replace(/sh/g, 's').replace(/w/g, 'v').replace(/aa/g, 'a').replace(/ee/g, 'i').replace(/oo/g, 'u').replace(/(?<=asan)a$/, '').replace(/(?<=..)s$/, ''));
