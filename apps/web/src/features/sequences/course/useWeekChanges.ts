import { changesOn, readPeople, type Change } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { poseName } from '../../../data/catalogue.js';
import { useHall } from '../../../data/hall/useHall.js';
import type { PersonLine } from '../../../data/types.js';

/** Something that changes for somebody from one week of a course to the next. */
export interface PersonChange extends Change {
  person: string;
}

/** What changes for those enrolled, on the days of a course. */
export function useWeekChanges(people: readonly PersonLine[], days: readonly string[]): PersonChange[] {
  const { houseView, rules } = useHall();
  const key = days.join();
  return useMemo(() => {
    const read = readPeople(
      people.map(({ version: _version, ...written }) => written),
      RULEBOOK,
    ).people;
    return read.flatMap((person) =>
      changesOn(person, key.split(','), { rulebook: RULEBOOK, houseView, hall: rules, poseName }).map(
        (change) => ({ person: person.name, ...change }),
      ),
    );
  }, [people, key, houseView, rules]);
}
