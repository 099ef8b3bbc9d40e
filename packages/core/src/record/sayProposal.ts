import { spokenDate } from '../calendar/dates.js';
import { sayPlace } from '../people/bodyPlaces.js';
import type { LimitProposal, PropProposal } from './proposals.js';

/** No more days than so many are named one by one. */
const NAMED = 3;

/**
 * Why something is proposed, as it is kept with the limit and told in the next fitting.
 *
 * @param poseName of a pose, by its id
 * @example "right shoulder hurt in Downward-facing dog (15 October, 22 October)"
 */
export function sayProposal(
  proposal: LimitProposal | PropProposal,
  poseName: (pose: string) => string,
): string {
  if (proposal.what === 'ease-in') return `back after ${Math.floor(proposal.away! / 7)} weeks away`;
  if (proposal.what !== 'limit')
    return `easy${proposal.what === 'further' ? ' right up to it' : ''} on ${list(proposal.easy!)}`;
  const { flares, place } = proposal.seen!;
  const poses = [...new Set(flares.flatMap(({ pose }) => pose ?? []))].map(poseName);
  const days = flares.map(({ on }) => on);
  return `${sayPlace(place)} hurt${poses.length ? ` in ${poses.join(', ')}` : ''} (${list(days)})`;
}

/** Some days, the earliest first. */
const list = (days: readonly string[]): string =>
  [...new Set(days)].sort().slice(-NAMED).map(spokenDate).join(', ');
