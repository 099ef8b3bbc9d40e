import type { Side } from '../side.js';
import { readCount } from './readCount.js';
import { readSides } from './readSides.js';

/** What is to be done again: the other side, what stands last, or the section; how often in all. */
export interface Repeat {
  side?: Side | 'other';
  scope: 'last' | 'section';
  times: number;
}

const TRIGGER = /\b(?:repeat|rpt|again|same|series|once more|as before|from the top)\b/iu;
const SECTION = /\b(?:series|sequence|flow|all|section|set|whole|as before|from the top)\b/iu;
/** All that a line says that only repeats; anything else makes it something else. */
const ONLY = new Set(
  (
    'repeat rpt again same series sequence flow all section set whole once more as before from the top ' +
    'this that these it do then now and on to with of step steps pose poses everything for in total times'
  ).split(' '),
);

/**
 * Reads a line that repeats what was written: "other side", "same again left", "rpt 3×", "series twice".
 *
 * @returns undefined where it says anything else
 * @example readRepeat('same again left') // side left, scope last, times 2
 */
export function readRepeat(text: string): Repeat | undefined {
  const { sides, rest } = readSides(text);
  const { hold, times, rest: left } = readCount(rest, true);
  const isOther = sides === 'other';
  if (!isOther && !TRIGGER.test(left)) return undefined;
  if (hold && hold.unit !== undefined && hold.unit !== 'rounds') return undefined;
  const words = left.split(/[^\p{L}]+/u).filter(Boolean);
  if (!words.every((word) => ONLY.has(word.toLowerCase()))) return undefined;
  const side = ((): Repeat['side'] => {
    if (isOther) return 'other';
    return sides?.length === 1 ? sides[0] : undefined;
  })();
  return {
    ...(side ? { side } : {}),
    scope: SECTION.test(left) ? 'section' : 'last',
    times: times ?? hold?.count ?? 2,
  };
}
