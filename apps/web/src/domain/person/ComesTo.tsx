import { readPeople, stagePerson, type Today } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import type { PersonLine } from '../../data/types.js';
import { useStaging } from './useStaging.js';

interface Props {
  person: PersonLine;
  on: string;
  state: Today;
}

/** What the answers come to: no class today, or what to know. */
export function ComesTo({ person, on, state }: Props) {
  const staging = useStaging(on);
  const { version: _version, ...line } = person;
  const text = JSON.stringify({ ...line, today: state });
  const alerts = useMemo(() => {
    const { people, errors } = readPeople([JSON.parse(text)], RULEBOOK, on);
    return errors.length
      ? []
      : stagePerson(people[0]!, staging).alerts.filter(({ kind }) => kind !== 'stage');
  }, [text, on, staging]);
  const stops = alerts.filter(({ kind }) => kind === 'stop');
  const others = alerts.filter(({ kind }) => kind !== 'stop');
  return (
    <>
      {stops.length > 0 && (
        <div role="alert" className="rounded-lg border border-clay bg-clay-wash px-3 py-2">
          <b className="text-clay">{person.name} must not practise today.</b>
          <ul>
            {stops.map(({ text: words }) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </div>
      )}
      {others.length > 0 && (
        <ul className="text-soft">
          {others.map(({ kind, text: words }) => (
            <li key={words} className={kind === 'conflict' ? 'font-semibold text-clay' : ''}>
              {words}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
