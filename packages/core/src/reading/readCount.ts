import type { Pose } from '../poses/types.js';

/** How long a step is asked for: breaths or rounds as counted, or seconds. */
export type AskedHold = { unit: 'breaths' | 'rounds' | 'seconds'; count: number };

/** What a line says of how long and how often. */
export interface Count {
  /** A range is read as its lower end: nobody is held longer than was said. Without a unit, the pose's own. */
  hold?: { unit: AskedHold['unit'] | undefined; count: number };
  /** So many times over: "3 × 5 breaths". */
  times?: number;
}

/** A text with what was understood of it blanked out, so that every other letter keeps its place. */
export type Masked<T> = T & { rest: string };

const NUMBER_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  sixty: 60,
  ninety: 90,
  half: 0.5,
  'half a': 0.5,
  'a few': 3,
  few: 3,
  'a couple of': 2,
  'a couple': 2,
  couple: 2,
  once: 1,
  twice: 2,
  thrice: 3,
};

const WORDS = Object.keys(NUMBER_WORDS)
  .filter((word) => !['once', 'twice', 'thrice'].includes(word))
  .sort((a, b) => b.length - a.length)
  .join('|');
const N = `(\\d+(?:[.,]\\d+)?|\\b(?:${WORDS})\\b)`;
const RANGE = `${N}(?:\\s*(?:[-–—]|\\bto\\b|\\bor\\b)\\s*${N})?`;
/** "Three big breaths": what is said of a breath before its name. */
const HOW = '(?:(?:big|deep|slow|full|long|easy|quiet|soft|natural|more|nice|whole)\\s+)*';
const UNIT =
  '(breaths?|bre?ths?|brs?|bths?|b|rounds?|rnds?|rds?|times|repetitions|reps?|seconds?|secs?|s|minutes?|mins?|m' +
  '|atemzüge|atemzug|respirations?|respiraciones|respiri|ademhalingen|respirações)(?![\\p{L}\\d])';
const PRIME = `(\\d+(?:[.,]\\d+)?)\\s*(''|"|″|”|'|′|’)(?!\\p{L})`;
const CLOCK = '(\\d+):(\\d\\d)(?:\\s*(?:min|minutes|m)\\b)?';
const BY = '(?:[x×*]|\\btimes\\b)';

const flags = 'iu';
const PRODUCT = new RegExp(`${N}\\s*${BY}\\s*${RANGE}\\s*${HOW}(?:${UNIT}|(''|"|″|'|′))`, flags);
const HOLD = new RegExp(`${RANGE}\\s*${HOW}${UNIT}\\.?`, flags);
const TIMES_AFTER = new RegExp(`(?<![\\p{L}\\d])[x×*]\\s*${N}(?![\\p{L}\\d])`, flags);
const TIMES_BEFORE = new RegExp(`(?<![\\p{L}\\d.,])${N}\\s*[x×](?![\\p{L}\\d])`, flags);
const OFTEN = /\b(once|twice|thrice)\b/iu;
const BARE = /(?<=^|[\s,;(–-])(\d+)(?=\s*(?:$|[,;)/+]))/u;

const numberOf = (text: string): number =>
  NUMBER_WORDS[text.toLowerCase().replace(/\s+/g, ' ')] ?? Number(text.replace(',', '.'));

/** The lower end of a range. */
const lower = (from: string, to: string | undefined): number =>
  to === undefined ? numberOf(from) : Math.min(numberOf(from), numberOf(to));

function unitOf(word: string): { unit: AskedHold['unit']; seconds: number } {
  const text = word.toLowerCase();
  if (/^(b|atem|resp|adem)/u.test(text)) return { unit: 'breaths', seconds: 1 };
  if (/^(r|times)/u.test(text)) return { unit: 'rounds', seconds: 1 };
  const isSeconds = /^s/u.test(text) || ["''", '"', '″', '”'].includes(text);
  return { unit: 'seconds', seconds: isSeconds ? 1 : 60 };
}

const held = (count: number, word: string): NonNullable<Count['hold']> => {
  const { unit, seconds } = unitOf(word);
  return { unit, count: count * seconds };
};

/** Blanks a stretch of a text out. */
export const blank = (text: string, from: number, to: number): string =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

const without = (text: string, match: RegExpExecArray): string =>
  blank(text, match.index, match.index + match[0].length);

/**
 * Takes what is said of breaths, rounds, seconds and minutes out of a line: digits and words, ranges, primes, products.
 *
 * @param bare whether a number that stands alone is a count too: "Happy baby, 5"
 * @example readCount('Boat 3 × 5 breaths') // hold 5 breaths, times 3, rest 'Boat            '
 */
export function readCount(text: string, bare: boolean): Masked<Count> {
  const product = PRODUCT.exec(text);
  if (product)
    return {
      times: numberOf(product[1]!),
      hold: held(lower(product[2]!, product[3]), product[4] ?? product[5]!),
      rest: without(text, product),
    };
  let rest = text;
  const take = (pattern: RegExp): RegExpExecArray | undefined => {
    const match = pattern.exec(rest);
    if (match) rest = without(rest, match);
    return match ?? undefined;
  };
  let found: Count = {};
  const clock = take(new RegExp(CLOCK, flags));
  const prime = clock ? undefined : take(new RegExp(PRIME, flags));
  if (clock) found = { hold: { unit: 'seconds', count: Number(clock[1]) * 60 + Number(clock[2]) } };
  else if (prime) found = { hold: held(numberOf(prime[1]!), prime[2]!) };
  else {
    const first = take(HOLD);
    if (first) found = { hold: held(lower(first[1]!, first[2]), first[3]!) };
    const second = first && take(HOLD);
    // "1 breath each side, 5 rounds": so long, and so often.
    if (second) {
      const more = held(lower(second[1]!, second[2]), second[3]!);
      found =
        more.unit === 'rounds' && found.hold!.unit !== 'rounds'
          ? { ...found, times: more.count }
          : { hold: more, ...(found.hold!.unit === 'rounds' ? { times: found.hold!.count } : {}) };
    }
  }
  const times = take(TIMES_AFTER) ?? take(TIMES_BEFORE);
  const often = times ? undefined : take(OFTEN);
  const so = times ?? often;
  if (so && found.hold) found = { ...found, times: numberOf(so[1]!) };
  else if (times) found = { hold: { unit: undefined, count: numberOf(times[1]!) } };
  else if (often) found = { times: numberOf(often[1]!) };
  if (!found.hold && bare) {
    const number = take(BARE);
    if (number) found = { ...found, hold: { unit: undefined, count: Number(number[1]) } };
    // "R 5, L 5" says it twice.
    const again = number && BARE.exec(rest);
    if (again && again[1] === number[1]) take(BARE);
  }
  return { ...found, rest };
}

/** A hold as a step has it: what was said, or as long as the pose usually is held. */
export const holdOf = (hold: Count['hold'], { hold: usual }: Pick<Pose, 'hold'>): AskedHold => ({
  unit: hold?.unit ?? usual.unit,
  count: hold?.count ?? usual.usual,
});
