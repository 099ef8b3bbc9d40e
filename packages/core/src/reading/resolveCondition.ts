import { distance } from 'fastest-levenshtein';
import type { Condition } from '../rules/types.js';
import { fold } from './fold.js';

/** A condition by id, name or alias; otherwise the names that come nearest. */
export function resolveCondition(
  written: string,
  conditions: readonly Condition[],
): Condition | { nearest: readonly string[] } {
  const text = fold(written);
  const found = conditions.find((condition) =>
    [condition.id, condition.name, ...condition.aliases].some((name) => fold(name) === text),
  );
  if (found) return found;
  const far = (condition: Condition): number =>
    Math.min(...[condition.name, ...condition.aliases].map((name) => distance(text, fold(name))));
  return {
    nearest: [...conditions]
      .sort((a, b) => far(a) - far(b))
      .slice(0, 3)
      .map((condition) => condition.name),
  };
}
