import { spokenDate } from '../calendar/dates.js';
import { sayPlace } from '../people/bodyPlaces.js';
import type { Proposal } from './proposals.js';

/** No more days than so many are named one by one. */
const NAMED = 3;

/**
 * Why something is proposed, as it is kept with the limit and told in the next fitting.
 *
 * @param poseName of a pose, by its id
 * @example "right shoulder hurt in Downward-facing dog (15 October, 22 October)"
 */
export function sayProposal(
  { what, seen, easy = [], away = 0 }: Pick<Proposal, 'what' | 'seen' | 'easy' | 'away'>,
  poseName: (pose: string) => string,
): string {
  if (what === 'ease-in') return `back after ${Math.floor(away / 7)} weeks away`;
  if (what === 'further') return `easy right up to it on ${list(easy)}`;
  const poses = [...new Set(seen!.flares.flatMap(({ pose }) => pose ?? []))].map(poseName);
  const days = seen!.flares.map(({ on }) => on);
  return `${sayPlace(seen!.place)} hurt${poses.length ? ` in ${poses.join(', ')}` : ''} (${list(days)})`;
}

/** Some days, the earliest first. */
const list = (days: readonly string[]): string =>
  [...new Set(days)].sort().slice(-NAMED).map(spokenDate).join(', ');
