import { PAIN_MATTERS, sayPlace } from '@lotus-steady/core';
import { poseName } from '../../data/catalogue.js';
import type { LastTime } from '../../data/types.js';
import { shortNames } from '../words/say.js';

/** What is to be remembered of the last time: by id of a pose, and of each person. */
export interface SaidOfLastTime {
  byPose: ReadonlyMap<string, { pose: string; says: readonly string[] }>;
  notes: readonly { who: string; says: string; on: string }[];
}

/** How the last class was for some people, in words. */
export function sayLastTimes(
  last: readonly LastTime[],
  people: readonly { id: string; name: string }[],
): SaidOfLastTime {
  const short = shortNames(people.map(({ name }) => name));
  const names = new Map(people.map(({ id, name }) => [id, short.get(name) ?? name]));
  const byPose = new Map<string, { pose: string; says: string[] }>();
  for (const { personId, changes } of last)
    for (const { pose, what, where, word } of changes) {
      const says = [where ? `${sayPlace(where)} hurt` : what, word].filter(Boolean).join(': ');
      const known = byPose.get(pose) ?? { pose: poseName(pose), says: [] };
      byPose.set(pose, { ...known, says: [...known.says, `${names.get(personId)}, ${says}`] });
    }
  return {
    byPose,
    notes: last.flatMap(({ personId, on, word, painBefore, painAfter }) => {
      const up = (painAfter ?? 0) - (painBefore ?? painAfter ?? 0);
      const says = [up >= PAIN_MATTERS ? `pain was up by ${up} after` : '', word].filter(Boolean).join('; ');
      return says ? [{ who: names.get(personId) ?? '', says, on }] : [];
    }),
  };
}
