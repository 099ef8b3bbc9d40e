import type { Side } from '../side.js';
import { blank, type Masked } from './readCount.js';

/** What a line says of sides: some, or the one that was not done yet; and of which limb. */
export interface Sides {
  sides?: readonly Side[] | 'other';
  limb?: 'leg' | 'arm';
  /** Right and left were named, one after the other. */
  inTurn?: true;
}

const ANY_LIMB = '(?:side|leg|arm|foot|hand|knee|direction|way)s?';
const LIMB = `(?:[\\s-]*${ANY_LIMB})?`;
const OF_LEG = /\b(?:leg|foot|knee)s?\b/iu;
const OF_ARM = /\b(?:arm|hand)s?\b/iu;
const BETWEEN = '\\s*(?:,|;|\\/|\\+|&|then|and|and then)\\s*(?:the\\s+)?';
/** Both, in English; and abroad: German, French, Spanish, Italian, Dutch, Portuguese. */
const BOTH_WORDS = [
  `\\b(?:on\\s+)?(?:each|every|both|either|per)\\s+(?:of\\s+the\\s+)?${ANY_LIMB}\\b`,
  `(?<![\\p{L}/])(?:e\\s?\\/\\s?s|b\\s?\\/\\s?s|ea\\.?(?:\\s+side)?|r\\s?\\/\\s?l|l\\s?\\/\\s?r)(?![\\p{L}/])`,
  `\\b(?:right|rt)${LIMB}${BETWEEN}(?:left|lt)${LIMB}\\b(?:\\s+sides?\\b)?`,
  `\\b(?:left|lt)${LIMB}${BETWEEN}(?:right|rt)${LIMB}\\b`,
  `\\b(?:each|both|either)\\b`,
];
const BOTH_ABROAD = [
  '(?:jede|beide|je)\\s+seiten?',
  '(?:de\\s+)?chaque\\s+côté',
  'des\\s+deux\\s+côtés',
  '(?:de\\s+|por\\s+|en\\s+)?cada\\s+lado',
  '(?:per|ogni)\\s+lato',
  '(?:elke|beide|per)\\s+(?:kant|zijde)(?:en)?',
  'ambos\\s+(?:os\\s+)?lados',
  'entrambi\\s+i\\s+lati',
];
const RIGHT_ABROAD = 'rechts|droite|derecha|destra|direita';
const LEFT_ABROAD = 'links|gauche|izquierda|sinistra|esquerda';
const PAIR_ABROAD = `(?:${RIGHT_ABROAD})\\s*(?:,|\\/|\\+|und|et|y|e|en)\\s*(?:${LEFT_ABROAD})`;
/** Ways of saying both, in the habits of shorthand. */
const BOTH = new RegExp(
  [...BOTH_WORDS, `(?<!\\p{L})(?:${[...BOTH_ABROAD, PAIR_ABROAD].join('|')})(?!\\p{L})`].join('|'),
  'iu',
);
/** Letters for sides are capitals: "R + L", "R then L". */
const THEN = '\\s*(?:[,;/+&]|then|and|\\s)\\s*';
const BOTH_LETTERS = new RegExp(`(?<![\\p{L}\\d])(?:R${THEN}L|L${THEN}R)(?![\\p{L}\\d-])`, 'u');
const OTHER = new RegExp(
  [
    `\\b(?:(?:and\\s+)?(?:on\\s+)?the\\s+)?(?:(?:other|second|2nd)\\s+(?:side|leg|arm)|opposite\\s+side)\\b`,
    `\\b(?:swap|change)\\s+sides\\b`,
  ].join('|'),
  'iu',
);
const ONE = new RegExp(
  `\\b(?:on\\s+)?(?:the\\s+)?(right|left|rt|lt|${RIGHT_ABROAD}|${LEFT_ABROAD})${LIMB}(?![\\p{L}])`,
  'iu',
);
const RIGHT = new RegExp(`^(?:r|rt|right|${RIGHT_ABROAD})$`, 'iu');
const ONE_LETTER = new RegExp(`(?<![\\p{L}\\d'’-])([RL])${LIMB}(?![\\p{L}\\d'’-])`, 'u');

function limbIn(text: string): Sides['limb'] {
  if (OF_LEG.test(text)) return 'leg';
  return OF_ARM.test(text) ? 'arm' : undefined;
}

const BOTH_SIDES: readonly Side[] = ['right', 'left'];

const KINDS: readonly (readonly [pattern: RegExp, sides: (found: string) => Sides['sides']])[] = [
  [OTHER, () => 'other'],
  [BOTH_LETTERS, () => BOTH_SIDES],
  [BOTH, () => BOTH_SIDES],
  [ONE, (found) => [sideOf(found)]],
  [ONE_LETTER, (found) => [sideOf(found)]],
];
const sideOf = (found: string): Side =>
  found.split(/[^\p{L}]+/u).some((word) => RIGHT.test(word)) ? 'right' : 'left';

/**
 * Takes only the last thing that is said of sides out of a line: what stands before it may be part of a name.
 *
 * @example readLastSide('Side bend, both hands down, left') // sides ['left'], rest 'Side bend, both hands down,     '
 */
export function readLastSide(text: string): Masked<Sides> {
  let last: { from: number; to: number; sides: Sides['sides'] } | undefined;
  for (const [pattern, sidesOf] of KINDS)
    for (const match of text.matchAll(new RegExp(pattern.source, `${pattern.flags}g`))) {
      const to = match.index + match[0].length;
      const isLater = !last || to > last.to || (to === last.to && match.index < last.from);
      if (isLater) last = { from: match.index, to, sides: sidesOf(match[0]) };
    }
  if (!last?.sides) return { rest: text };
  const limb = limbIn(text.slice(last.from, last.to));
  return { sides: last.sides, ...(limb ? { limb } : {}), rest: blank(text, last.from, last.to) };
}

/**
 * Takes what is said of sides out of a line: "R/L", "e/s", "both legs", "left", "other side".
 *
 * @example readSides('Janu R') // sides ['right'], rest 'Janu  '
 */
export function readSides(text: string): Masked<Sides> {
  let rest = text;
  let limb: Sides['limb'];
  const take = (pattern: RegExp): RegExpExecArray | undefined => {
    const match = pattern.exec(rest);
    if (!match) return undefined;
    rest = blank(rest, match.index, match.index + match[0].length);
    limb = limbIn(match[0]) ?? limb;
    return match;
  };
  const found = ((): Sides => {
    if (take(OTHER)) return { sides: 'other' };
    if (take(BOTH_LETTERS) ?? take(BOTH)) {
      // "Both sides, R then L" says it twice.
      void (take(BOTH_LETTERS) ?? take(BOTH));
      return { sides: BOTH_SIDES };
    }
    const one = take(ONE) ?? take(ONE_LETTER);
    if (!one) return {};
    const side: Side = RIGHT.test(one[1]!) ? 'right' : 'left';
    // "R 4b, L 4b": the other is said further on.
    const other = take(ONE) ?? take(ONE_LETTER);
    if (other && RIGHT.test(other[1]!) !== (side === 'right')) return { sides: BOTH_SIDES, inTurn: true };
    return { sides: [side] };
  })();
  return { ...found, ...(limb ? { limb } : {}), rest };
}
