import { dueBefore } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { personOf } from '../person/personWords.js';
import { useStaging } from '../person/useStaging.js';
import { sayDate } from '../words/say.js';

const KINDS = { change: '', clearance: 'The clearance ends: ', limit: 'The personal limit ends: ' } as const;

/** What a clearance is for, or a limit is, in words. */
const worded = (says: string): string =>
  says.replace(/^[\w-]+/, (id) => {
    const known = RULEBOOK.conditions.find((one) => one.id === id)?.name;
    return known ?? RULEBOOK.limitKinds[id]?.says ?? id;
  });

/** What runs out or changes for some people until a class. */
export function DueBefore({ people, on }: { people: readonly PersonLine[]; on: string }) {
  const staging = useStaging(today());
  const text = JSON.stringify(people);
  const due = useMemo(
    () =>
      (JSON.parse(text) as PersonLine[]).flatMap((line) => {
        const person = personOf(line);
        const list = person ? dueBefore(person, staging, on) : [];
        return list.length ? [{ id: line.id, name: line.name, list }] : [];
      }),
    [text, staging, on],
  );
  return (
    <section aria-label="Before the next time">
      <h2 className="mb-2 text-xl">Before {sayDate(on)}</h2>
      {due.length === 0 ? (
        <p className="text-soft">Nothing runs out and nothing changes for who comes.</p>
      ) : (
        <ul className="space-y-3">
          {due.map(({ id, name, list }) => (
            <li key={id}>
              <Link to={`/people/${id}`} className="font-semibold text-teal underline">
                {name}
              </Link>
              <ul className="list-disc pl-5">
                {list.map((one) => (
                  <li key={one.kind + one.on + one.says}>
                    From {sayDate(one.on)}: {KINDS[one.kind]}
                    {one.kind === 'change' ? one.says : worded(one.says)}
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
