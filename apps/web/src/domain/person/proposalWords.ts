import { sayPlace, whereOfTask, type Proposal } from '@lotus-steady/core';
import { sayShortDate } from '../words/say.js';
import { sayOwnLimit } from './personWords.js';

const HEADS = {
  limit: 'A limit',
  further: 'A little further',
  again: 'Try without',
  'ease-in': 'Less for a while',
} as const;

/** "A little further: right arm up to 145°". */
export function sayProposed(proposal: Proposal): string {
  if (proposal.what === 'lower-prop') {
    const { to, from, task } = proposal;
    return `A lower prop: ${to ? `${to} cm` : 'nothing'} ${whereOfTask(task)} (now ${from} cm)`;
  }
  if (proposal.what === 'ask')
    return proposal.place
      ? `Ask about the ${sayPlace(proposal.place)}`
      : `Ask where it hurt on ${sayShortDate(proposal.flares[0]!.on)}`;
  const { what, limit, instead } = proposal;
  const now = what === 'further' && instead?.most !== undefined ? ` (now ${instead.most})` : '';
  return `${HEADS[what]}: ${sayOwnLimit(limit)}${now}`;
}
