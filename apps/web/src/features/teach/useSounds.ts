import { aloudBetween, passedIn, type Moment, type Said } from '@lotus-steady/core';
import { useEffect, useRef } from 'react';
import { beSilent, chime, sayAloud } from './sounds.js';
import { aloudOfMoment } from './teachWords.js';
import type { AtTeaching } from './useTeaching.js';
import type { TeachSettings } from './useTeachSettings.js';

/** What is read aloud on the way to a moment: nothing that is for one person alone, and not how to come out. */
const aloudAtOnce = (said: readonly Said[] = []): string[] =>
  said.filter(({ as, to, after }) => !to && after === undefined && as !== 'come-out').map(({ says }) => says);

const comeOut = (said: readonly Said[] = []): string | undefined =>
  said.find(({ as }) => as === 'come-out')?.says;

/** What is read aloud in a hold since the last look. */
function aloudSince(
  said: readonly Said[] = [],
  was: Pick<AtTeaching, 'teaching' | 'now'>,
  is: Pick<AtTeaching, 'teaching' | 'now'>,
): string[] {
  const before =
    was.teaching.at === is.teaching.at && was.teaching.phase === 'hold'
      ? passedIn(was.teaching, was.now) / 1000
      : -1;
  const passed = passedIn(is.teaching, is.now) / 1000;
  return said
    .filter(({ after, to }) => after !== undefined && !to && after > before && after <= passed)
    .map(({ says }) => says);
}

/** Says and sounds what has come to pass since the last look. */
export function useSounds(
  { teaching, now }: AtTeaching,
  moments: readonly Moment[],
  settings: TeachSettings,
  scripts: readonly Said[][],
): void {
  const before = useRef({ teaching, now });
  useEffect(() => {
    const was = before.current;
    before.current = { teaching, now };
    if (settings.isAloud)
      for (const one of aloudBetween(was.teaching, was.now, teaching, now, moments, settings.counting)) {
        if (one.say === 'moment') {
          sayAloud(aloudOfMoment(moments[one.moment]!), true);
          for (const line of aloudAtOnce(scripts[one.moment])) sayAloud(line);
        } else if (one.say === 'count') sayAloud(String(one.number));
        else sayAloud(comeOut(scripts[teaching.at]) ?? 'Come out slowly.', true);
      }
    if (settings.isAloud && teaching.phase === 'hold')
      for (const line of aloudSince(scripts[teaching.at], was, { teaching, now })) sayAloud(line);
    const begins = was.teaching.phase !== 'hold' && teaching.phase === 'hold';
    const ends = was.teaching.phase === 'hold' && teaching.phase !== 'hold' && was.teaching.at <= teaching.at;
    if (settings.hasChime && (begins || ends)) chime();
  }, [teaching, now, moments, settings, scripts]);
  useEffect(() => beSilent, []);
}
