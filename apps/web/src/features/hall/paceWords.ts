import type { Pace } from '@lotus-steady/core';

/** The parts of a pace, as they are asked about. */
export const PACE_WORDS: Readonly<Record<keyof Pace, string>> = {
  breath: 'One relaxed breath',
  slowBreath: 'One slow breath',
  childBreath: 'A child’s breath',
  changeSide: 'Change of side',
  changeLevel: 'Getting up or down',
  changeLevelSlow: 'Getting up or down, for slower people',
  props: 'Fetching props',
  talkNew: 'Explaining a new pose',
  talkKnown: 'Naming a known pose',
};

/** Nobody plans to less than this share. */
const NEAR = 0.02;
const percent = (share: number): string => `${Math.round(Math.abs(share) * 100)}%`;

/** Real time by planned time. @example sayOff(1.08) // '8% longer than planned' */
export function sayOff(off: number): string {
  if (Math.abs(off - 1) < NEAR) return 'as long as planned';
  return `${percent(off - 1)} ${off > 1 ? 'longer' : 'shorter'} than planned`;
}

/** One by the other. @example sayLonger(0.9) // '10% shorter' */
export function sayLonger(ratio: number): string {
  if (Math.abs(ratio - 1) < NEAR) return 'no longer';
  return `${percent(ratio - 1)} ${ratio > 1 ? 'longer' : 'shorter'}`;
}
