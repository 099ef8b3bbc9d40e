import { lesserRanges, stagePerson, type BodyRanges } from '@lotus-steady/core';
import { useMemo } from 'react';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { bodyOf, type PersonBody } from '../fitting/bodies.js';
import { personOf } from './personWords.js';
import { useStaging } from './useStaging.js';

/** What figures of someone are drawn with today, and how far their joints go, the lesser side of each. */
export function useOwnBody(person: PersonLine | undefined): { body?: PersonBody; ranges?: BodyRanges } {
  const staging = useStaging(today());
  const text = JSON.stringify(person);
  return useMemo(() => {
    if (text === undefined) return {};
    const line = JSON.parse(text) as PersonLine;
    const read = personOf(line);
    return {
      body: bodyOf(line, today()),
      ...(read ? { ranges: lesserRanges(stagePerson(read, staging).abilities.body) } : {}),
    };
  }, [text, staging]);
}
