const LETTERS: Readonly<Record<string, string>> = {
  ś: 'sh',
  ṣ: 'sh',
  ṛ: 'ri',
  ṝ: 'ri',
  ḷ: 'li',
  ṃ: 'm',
  ṅ: 'n',
  ñ: 'n',
  c: 'ch',
  ā: 'a',
  ī: 'i',
  ū: 'u',
  ṭ: 't',
  ḍ: 'd',
  ṇ: 'n',
  ḥ: 'h',
};

/**
 * A Sanskrit name in plain English letters, as most teachers write it.
 *
 * @example plainSpelling('Vṛkṣāsana') // 'vrikshasana'
 */
export const plainSpelling = (sanskrit: string): string =>
  [...sanskrit.normalize('NFC').toLowerCase()]
    .map((letter) => LETTERS[letter] ?? letter)
    .join('')
    .replace(/chch/g, 'cch')
    .replace(/chh/g, 'ch');
