import type { Side } from '../side.js';
import type { Condition } from '../rules/types.js';
import { resolveCondition } from './resolveCondition.js';

/** A condition as somebody said it: known by a name, or in its own words. */
export interface SaidCondition {
  condition: string;
  side?: Side;
  /** What was said, where it is none of the list. */
  words?: string;
}

const SIDE = /\b(right|left)(?:[- ]sided?)?\b/i;

/**
 * Conditions said in one breath, with commas, semicolons or line breaks between. Each is known by its name or by what
 * people call it, its side taken from the words; what is none of them is one *something else* with its own words.
 *
 * @example readConditionNames('HBP, left frozen shoulder, brittle ears', conditions)
 * // high-blood-pressure; frozen-shoulder on the left; something-else "brittle ears"
 */
export function readConditionNames(said: string, conditions: readonly Condition[]): SaidCondition[] {
  const read: SaidCondition[] = [];
  const unknown: string[] = [];
  for (const part of said.split(/[,;\n]+/)) {
    const words = part.trim();
    if (!words) continue;
    const side = SIDE.exec(words)?.[1]?.toLowerCase() as Side | undefined;
    const bare = words.replace(SIDE, ' ').replace(/\s+/g, ' ').trim();
    const found = [words, bare]
      .map((name) => resolveCondition(name, conditions))
      .find((one): one is Condition => 'id' in one);
    if (!found) unknown.push(words);
    else if (!read.some(({ condition }) => condition === found.id))
      read.push({
        condition: found.id,
        ...(side && found.fields.some(({ key }) => key === 'side') ? { side } : {}),
      });
  }
  // One entry holds all that is none of the list: there is one something else.
  return unknown.length ? [...read, { condition: 'something-else', words: unknown.join(', ') }] : read;
}
