/** Words that say nothing about which pose is meant. */
const FILLERS = new Set([
  'pose',
  'poses',
  'the',
  'a',
  'an',
  'with',
  'your',
  'in',
  'of',
  'and',
  'then',
  'into',
  'to',
  'on',
  'at',
  'for',
  'or',
  'asana',
  'please',
  'some',
  'do',
]);

/** Numbers as words and as Roman numerals: "warrior II", "warrior 2", "warrior two". */
const NUMBERS: Readonly<Record<string, string>> = {
  one: '1',
  i: '1',
  two: '2',
  ii: '2',
  three: '3',
  iii: '3',
  four: '4',
  iv: '4',
};

/** Different words for the same thing, after folding. */
const SAME: Readonly<Record<string, string>> = {
  reclined: 'lin',
  reclining: 'lin',
  liing: 'lin',
  supin: 'lin',
  supine: 'lin',
  supt: 'lin',
  siting: 'seated',
  leged: 'leg',
  handed: 'hand',
  armed: 'arm',
  breating: 'breat',
  alternating: 'alternate',
};

/**
 * Habits of writing Sanskrit in plain letters, each folded to one spelling. The same is done to
 * English words; both sides of a comparison go through it, so nothing is lost by it.
 */
const HABITS: readonly (readonly [RegExp, string])[] = [
  [/x/g, 'ks'],
  [/ck/g, 'k'],
  [/w/g, 'v'],
  [/z/g, 's'],
  [/ph/g, 'p'],
  [/gh/g, 'g'],
  [/([cjtdbk])h/g, '$1'],
  [/sh/g, 's'],
  [/aa/g, 'a'],
  [/ee/g, 'i'],
  [/ii/g, 'i'],
  [/oo/g, 'u'],
  [/uu/g, 'u'],
  [/au/g, 'o'],
  [/ri(?=[kstvdn])|ru(?=k)/g, 'r'],
  [/y/g, 'i'],
  [/m(?=[stbhvk])/g, 'n'],
  [/(.)\1+/g, '$1'],
  [/(?<=asan)a$/g, ''],
  [/(?<=..)s$/g, ''],
  [/(?<=...)a$/g, ''],
];

/** The plain letters of a text: no diacritics, lower case, words apart. */
const plain = (text: string): string[] =>
  text
    .normalize('NFD')
    .replace(/r̥̄?|l̥/g, (letter) => letter[0]!)
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’']s\b/g, 's')
    .replace(/[’']/g, '')
    .replace(/&/g, ' and ')
    .replace(/(?<=[a-z])\/(?=[a-z])/g, ' ')
    .replace(/(?<=\d)\/(?=\d)/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .split(' ')
    .filter(Boolean);

const foldWord = (word: string): string => {
  const folded = NUMBERS[word] ?? HABITS.reduce((text, [habit, by]) => text.replace(habit, by), word);
  return SAME[folded] ?? folded;
};

/** The folded words of a name, without the words that say nothing. */
export const words = (text: string): string[] => {
  const folded = plain(text)
    .filter((word) => !FILLERS.has(word))
    .map(foldWord);
  // A forward bend is a forward fold; a side bend is not.
  return folded.includes('forvard') ? folded.map((word) => (word === 'bend' ? 'fold' : word)) : folded;
};

/**
 * Folds a name so that spellings meet: diacritics, v and w, sh and s, long vowels, aspirates,
 * vocalic r, numbers, filler words and a trailing -a.
 *
 * @example fold('Śavāsana') === fold('shavasana') // both 'savasan'
 */
export const fold = (text: string): string => words(text).join(' ');
