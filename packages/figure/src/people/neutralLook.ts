import type { Build } from '@lotus-steady/core/body';
import type { Look } from './look.js';

/** The people of lists and of the atlas: women and men, young and old, slender and full, of several tones. */
const NEUTRAL: readonly Look[] = [
  {},
  { man: true, hair: 'short', hairTone: 1, skin: 2, fullness: 0.15 },
  { hair: 'plait', hairTone: 2, skin: 1, fullness: 0.35 },
  { hair: 'short', hairTone: 5, age: 0.8, fullness: 0.25 },
  { hair: 'bun', hairTone: 0, skin: 3, fullness: 0.1 },
  { man: true, hair: 'short', hairTone: 5, skin: 1, age: 0.7, fullness: 0.4 },
  { hair: 'bun', hairTone: 3, skin: 0, fullness: 0.8 },
  { man: true, hair: 'short', hairTone: 0, skin: 3, fullness: 0 },
];

/** Children: girls and boys of several tones. */
const CHILDREN: readonly Look[] = [
  { hair: 'plait', hairTone: 2, skin: 1 },
  { hair: 'short', hairTone: 1, skin: 2 },
  { hair: 'bun', hairTone: 0, skin: 3 },
  { hair: 'short', hairTone: 3, skin: 0 },
  { hair: 'plait', hairTone: 0, skin: 2 },
  { hair: 'short', hairTone: 4, skin: 1 },
];

/**
 * Who shows a pose where nobody in particular is meant: the same person each time, another for another pose.
 *
 * @param pose its id
 * @param build whose proportions the figure has: a child's are a child
 */
export function neutralLook(pose: string, build: Build = 'adult'): Look {
  let sum = 7;
  for (const letter of pose) sum = (Math.imul(sum, 31) + letter.charCodeAt(0)) >>> 0;
  const all = build === 'adult' ? NEUTRAL : CHILDREN;
  return all[sum % all.length]!;
}
