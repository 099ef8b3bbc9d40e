import { closest } from 'fastest-levenshtein';
import { HOUSE_VIEW_TOPICS } from '../../catalogue/houseView.js';
import type { InputError } from '../people/types.js';

/** A position for each topic where good teachers differ. */
export type HouseView = Readonly<Record<string, string>>;

/** The usual position on every topic: the most careful one that leaves a usable practice. */
export const USUAL_HOUSE_VIEW: HouseView = Object.fromEntries(
  Object.entries(HOUSE_VIEW_TOPICS).map(([topic, { usual }]) => [topic, usual]),
);

/**
 * Checks chosen positions and fills in the usual ones. Unknown topics and positions are named with the
 * nearest known.
 */
export function readHouseView(chosen: unknown): { houseView: HouseView; errors: InputError[] } {
  const errors: InputError[] = [];
  const houseView: Record<string, string> = { ...USUAL_HOUSE_VIEW };
  if (chosen === undefined || chosen === null) return { houseView, errors };
  if (typeof chosen !== 'object' || Array.isArray(chosen))
    return {
      houseView,
      errors: [{ field: 'houseView', message: 'houseView is a table of topics and positions.' }],
    };
  for (const [topic, position] of Object.entries(chosen)) {
    const known = Object.hasOwn(HOUSE_VIEW_TOPICS, topic) ? HOUSE_VIEW_TOPICS[topic] : undefined;
    const field = `houseView.${topic}`;
    if (!known)
      errors.push({
        field,
        message: `There is no topic "${topic}". Did you mean "${closest(topic, Object.keys(HOUSE_VIEW_TOPICS))}"?`,
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
): { topic: string; name: string; position: string; positionName: string } {
  const known = HOUSE_VIEW_TOPICS[topic]!;
  const position =
    known.positions.find(({ id }) => id === view[topic]) ??
    known.positions.find(({ id }) => id === known.usual)!;
  return { topic, name: known.name, position: position.id, positionName: position.name };
}
