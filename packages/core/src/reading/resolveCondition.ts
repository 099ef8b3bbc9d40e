import { distance } from 'fastest-levenshtein';
import { keep } from '../cache.js';
import type { Condition } from '../rules/types.js';
import { fold } from './fold.js';

/** Letters that are looked at for what was meant: no name is longer. */
const LETTERS_MOST = 120;
/** So many of the nearest names are told. */
const NEAREST = 3;

/** Names that differ in more of their letters than this share are not taken for each other. */
const ALIKE = 0.3;
const SOMETHING_ELSE = 'something-else';

const foldedNames = new WeakMap<Condition, readonly string[]>();
/** Everything a condition is called, spellings folded; its id too. */
const namesOf = (condition: Condition): readonly string[] =>
  foldedNames.get(condition) ??
  keep(foldedNames, condition, [condition.id, condition.name, ...condition.aliases].map(fold));

/** A condition by id, name or alias; otherwise those that may be meant, and the names that come nearest. */
export function resolveCondition(
  written: string,
  conditions: readonly Condition[],
): Condition | { nearest: readonly string[] } {
  const text = fold(written.slice(0, LETTERS_MOST));
  const found = conditions.find((condition) => namesOf(condition).includes(text));
  if (found) return found;
  const meant = conditions.filter(({ maybe = [] }) => maybe.some((name) => fold(name) === text));
  const byDistance = conditions
    .filter((condition) => !meant.includes(condition))
    .map((condition) => {
      const [, ...names] = namesOf(condition);
      return { name: condition.name, far: Math.min(...names.map((name) => distance(text, name))) };
    })
    .sort((a, b) => a.far - b.far);
  // What is near nothing is asked about in its own words, and not taken for what merely looks like it.
  const near = byDistance.filter(({ far }) => far <= text.length * ALIKE);
  const names = [...meant, ...near].slice(0, Math.max(NEAREST, meant.length)).map(({ name }) => name);
  const other = conditions.find(({ id }) => id === SOMETHING_ELSE)?.name;
  return { nearest: names.length < NEAREST && other ? [...new Set([...names, other])] : names };
}
