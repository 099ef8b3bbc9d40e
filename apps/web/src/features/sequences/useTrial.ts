import { typicalPeople } from '@lotus-steady/core';
import { useMemo, useState } from 'react';
import { useClassInputs } from '../../data/classes/useClassInputs.js';
import { today } from '../../data/today.js';
import type { DayRules } from '../../workers/fitWork.js';

/** Who is in every try, for the clock and the props; and is not shown. */
const ANYONE = 'anyone';
/** Those a plan is tried on until she chooses. */
const TRIED_FIRST: readonly string[] = ['week-30', 'seat-only', 'pressure', 'one-fall'];

/** Whom a plan is tried on: made-up people, or those of a class of hers on its day. */
export interface Trial {
  /** Of the made-up people those who are chosen, by id. */
  who: readonly string[];
  onWho: (who: readonly string[]) => void;
  /** The class whose people they are; empty where they are made up. */
  classId: string;
  onClass: (id: string) => void;
  /** As they are written down, the one who is not shown first. */
  people: readonly Readonly<Record<string, unknown>>[];
  /** The rules of the class's day. */
  day: DayRules | undefined;
  error: Error | null;
}

export function useTrial(): Trial {
  const [who, onWho] = useState(TRIED_FIRST);
  const [classId, onClass] = useState('');
  const { data: inputs, error } = useClassInputs(classId);
  const tried = useMemo((): Pick<Trial, 'people' | 'day'> => {
    const typical = typicalPeople(today()).map(({ id, name, written }) => ({
      id,
      person: { name, ...written },
    }));
    const anyone = typical.find(({ id }) => id === ANYONE)!.person;
    if (!inputs) {
      const chosen = typical.filter(({ id }) => id !== ANYONE && who.includes(id));
      return { people: [anyone, ...chosen.map(({ person }) => person)], day: undefined };
    }
    const { people, on, houseView, hall, pace } = inputs;
    return {
      people: [anyone, ...(people as unknown as Trial['people'])],
      day: { on, houseView, hall, pace },
    };
  }, [inputs, who]);
  return { who, onWho, classId, onClass, ...tried, error };
}
