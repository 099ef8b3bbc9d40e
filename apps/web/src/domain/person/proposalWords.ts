import { sayPlace, whereOfTask, type AskProposal, type Proposal } from '@lotus-steady/core';
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
  if (proposal.what === 'ask') return askedAbout(proposal);
  const { what, limit, instead } = proposal;
  const now = what === 'further' && instead?.most !== undefined ? ` (now ${instead.most})` : '';
  return `${HEADS[what]}: ${sayOwnLimit(limit)}${now}`;
}

function askedAbout({ place, atHome, flares }: AskProposal): string {
  if (place) return `Ask about the ${sayPlace(place)}`;
  return atHome ? 'Ask about practice at home' : `Ask where it hurt on ${sayShortDate(flares[0]!.on)}`;
}
