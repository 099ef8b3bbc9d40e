/** What a medical clearance may open beyond light work on a chair or standing. */
export const OPENINGS = ['floor', 'balance', 'hands', 'end-range', 'upside-down', 'moderate-effort'] as const;
export type Opening = (typeof OPENINGS)[number];

/** What each is called, as part of a sentence. */
export const OPENING_WORDS: Readonly<Record<Opening, string>> = {
  floor: 'getting down to the floor',
  balance: 'balance without a hand',
  hands: 'load on the hands',
  'end-range': 'end range',
  'upside-down': 'the head below the heart',
  'moderate-effort': 'moderate effort',
};

/** What a clearance opens, as part of a sentence: "end range and the head below the heart"; light work always is. */
export function sayOpenings(openings: readonly Opening[]): string {
  const words = openings.map((one) => OPENING_WORDS[one]);
  if (words.length > 1) return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
  return words[0] ?? 'light work on a chair or standing';
}
