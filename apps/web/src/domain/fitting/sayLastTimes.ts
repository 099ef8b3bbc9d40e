import { PAIN_MATTERS, sayPlace, variantOfTask, whereOfTask, type PropTask } from '@lotus-steady/core';
import { poseName, variantById } from '../../data/catalogue.js';
import type { LastTime, Remembered } from '../../data/types.js';
import { sayOwnLimit } from '../person/personWords.js';
import { shortNames } from '../words/say.js';

/** What is to be remembered of the last time: by id of a pose, and of each person. */
export interface SaidOfLastTime {
  byPose: ReadonlyMap<string, { pose: string; says: readonly string[] }>;
  /** Props that worked for somebody, by id of the pose they are for. */
  props: ReadonlyMap<string, readonly string[]>;
  notes: readonly { who: string; says: string; on: string }[];
}

/** How the last class was for some people, what was decided since, and which props worked, in words. */
export function sayLastTimes(
  last: readonly LastTime[],
  people: readonly { id: string; name: string }[],
  remembered: readonly Remembered[] = [],
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
  const props = new Map<string, string[]>();
  for (const { personId, worked } of remembered)
    for (const { task, heightCm } of worked) {
      const variant = variantOfTask(task);
      if (!variant) continue;
      const { id } = variantById(variant).pose;
      const says = `${names.get(personId)}, ${heightCm} cm ${whereOfTask(task)}`;
      props.set(id, [...(props.get(id) ?? []), says]);
    }
  const decided = remembered.flatMap(({ personId, decided: all }) =>
    all
      .filter(({ answer }) => answer !== 'declined')
      .map((one) => ({ who: names.get(personId) ?? '', says: sayDecided(one), on: one.on })),
  );
  return {
    byPose,
    props,
    notes: last
      .flatMap(({ personId, on, word, painBefore, painAfter }) => {
        const up = (painAfter ?? 0) - (painBefore ?? painAfter ?? 0);
        const says = [up >= PAIN_MATTERS ? `pain was up by ${up} after` : '', word]
          .filter(Boolean)
          .join('; ');
        return says ? [{ who: names.get(personId) ?? '', says, on }] : [];
      })
      .concat(decided),
  };
}

/** What was taken over or asked, as it is told before the next class. */
function sayDecided({
  answer,
  limit,
  isLetGo,
  task,
  heightCm,
  place,
  reason,
}: Remembered['decided'][number]): string {
  if (answer === 'asked')
    return `asked${place ? ` about the ${sayPlace(place)}` : ' where it hurt'}: ${reason}`;
  if (limit) return isLetGo ? `tried again without: ${sayOwnLimit(limit)}` : `new: ${sayOwnLimit(limit)}`;
  return `now ${heightCm} cm ${whereOfTask(task as PropTask)}`;
}
