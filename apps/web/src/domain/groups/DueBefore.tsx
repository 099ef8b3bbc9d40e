import { dueBefore } from '@lotus-steady/core';
import { useMemo } from 'react';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { personOf } from '../person/personWords.js';
import { useStaging } from '../person/useStaging.js';
import { sayDate } from '../words/say.js';
import { DueList } from './DueList.js';

/** What runs out or changes for some people until a class. */
export function DueBefore({ people, on }: { people: readonly PersonLine[]; on: string }) {
  const staging = useStaging(today());
  const text = JSON.stringify(people);
  const due = useMemo(
    () =>
      (JSON.parse(text) as PersonLine[]).flatMap((line) => {
        const person = personOf(line);
        const list = person ? dueBefore(person, staging, on) : [];
        return list.length ? [{ id: line.id, name: line.name, due: list }] : [];
      }),
    [text, staging, on],
  );
  return (
    <section aria-label="Before the next time">
      <h2 className="mb-2 text-xl">Before {sayDate(on)}</h2>
      {due.length === 0 ? (
        <p className="text-soft">Nothing runs out and nothing changes for who comes.</p>
      ) : (
        <DueList of={due} />
      )}
    </section>
  );
}
