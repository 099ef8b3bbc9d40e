import { closest } from 'fastest-levenshtein';
import type { InputError } from '../people/types.js';
import type { Rulebook } from './rulebook.js';
import type { HouseView } from './houseViewTypes.js';

/**
 * Checks chosen positions and fills in the usual ones. Unknown topics and positions are named with the
 * nearest known.
 */
export function readHouseView(
  chosen: unknown,
  { houseViewTopics, usualHouseView }: Pick<Rulebook, 'houseViewTopics' | 'usualHouseView'>,
): { houseView: HouseView; errors: InputError[] } {
  const errors: InputError[] = [];
  const houseView: Record<string, string> = { ...usualHouseView };
  if (chosen === undefined || chosen === null) return { houseView, errors };
  if (typeof chosen !== 'object' || Array.isArray(chosen))
    return {
      houseView,
      errors: [{ field: 'houseView', message: 'houseView is a table of topics and positions.' }],
    };
  for (const [topic, position] of Object.entries(chosen)) {
    const known = Object.hasOwn(houseViewTopics, topic) ? houseViewTopics[topic] : undefined;
    const field = `houseView.${topic}`;
    if (!known)
      errors.push({
        field,
        message: `There is no topic "${topic}". Did you mean "${closest(topic, Object.keys(houseViewTopics))}"?`,
      });
    else if (typeof position !== 'string' || !known.positions.some(({ id }) => id === position))
      errors.push({ field, message: `"${topic}" takes ${known.positions.map(({ id }) => id).join(', ')}.` });
    else houseView[topic] = position;
  }
  return { houseView, errors };
}

/** A topic and the position that a view takes on it, in words. */
export function positionOf(
  topic: string,
  view: HouseView,
  { houseViewTopics }: Pick<Rulebook, 'houseViewTopics'>,
): { topic: string; name: string; position: string; positionName: string } {
  const known = houseViewTopics[topic]!;
  const position =
    known.positions.find(({ id }) => id === view[topic]) ??
    known.positions.find(({ id }) => id === known.usual)!;
  return { topic, name: known.name, position: position.id, positionName: position.name };
}
