import type { Given, Moment, TeachingClock } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';

/** Facing a class, her right is their left: both are said. */
export const SIDE_WORDS = {
  right: { theirs: 'Their right', yours: 'on your left as you face them' },
  left: { theirs: 'Their left', yours: 'on your right as you face them' },
} as const;

/** What is done in a moment, whatever the side. */
function poseOfMoment({ step, then, round }: Moment): string {
  if (round) return `${step.flow!.name}, round ${round.at} of ${step.flow!.rounds}`;
  return `${then ? 'What follows: after ' : ''}${variantById(step.variant).pose.name}`;
}

/** A moment as it is called: "Tree, right side". */
export const nameOfMoment = (moment: Moment): string =>
  `${poseOfMoment(moment)}${moment.side ? `, ${moment.side} side` : ''}`;

/** The same as it is said to those who do it. */
export const aloudOfMoment = (moment: Moment): string =>
  `${poseOfMoment(moment)}.${moment.side ? ` Your ${moment.side}.` : ''}`;

/** What somebody was given, in a word. */
export const GIVEN_WORDS: Readonly<Record<Given, string>> = {
  'less-far': 'less far',
  supported: 'an easier way',
  rest: 'rests',
  stopped: 'has stopped',
};

/** How a class stands against its plan: "on time", "2 min behind". Half a minute is on time. */
export function sayDrift(behind: number): string {
  const minutes = Math.round(Math.abs(behind) / 60);
  if (Math.abs(behind) < 30) return 'on time';
  if (!minutes) return behind > 0 ? 'half a minute behind' : 'half a minute ahead';
  return `${minutes} min ${behind > 0 ? 'behind' : 'ahead'}`;
}

/** A time of the day: "19:02". @param at ms since 1970 */
export const sayTime = (at: number): string =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/**
 * When it ends as it goes now: "ends about 19:02".
 *
 * @param now ms since 1970
 * @param off how long her classes take, by what was planned for them
 */
export const sayEnd = ({ toGo }: Pick<TeachingClock, 'toGo'>, now: number, off = 1): string =>
  `ends about ${sayTime(now + toGo * off * 1000)}`;
