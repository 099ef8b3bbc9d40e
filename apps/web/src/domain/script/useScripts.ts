import { ageOn, scriptsOf, type Moment, type Said } from '@lotus-steady/core';
import { useMemo } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { useOwnWords } from '../../data/words/useOwnWords.js';
import type { PersonLine } from '../../data/types.js';

/** Younger than so many years one is told things as a child is. */
const CHILD_BELOW = 13;

/** Whether only children are in a class. */
export const areChildren = (people: readonly Pick<PersonLine, 'born'>[] | undefined, on: string): boolean =>
  Boolean(people?.length) && people!.every(({ born }) => born !== undefined && ageOn(born, on) < CHILD_BELOW);

/** What to say at each moment of a class, with the hall's own words in it. */
export function useScripts(
  moments: readonly Moment[],
  people: readonly Pick<PersonLine, 'born'>[] | undefined,
  on: string,
): Said[][] {
  const words = useOwnWords().data;
  return useMemo(() => {
    const own = Object.fromEntries((words ?? []).map(({ pose, words: says }) => [pose, says]));
    return scriptsOf(moments, { catalogue: catalogue(), isChildren: areChildren(people, on), own });
  }, [moments, people, on, words]);
}
