import {
  HOPES,
  limitedPlaces,
  sayPlace,
  type Alert,
  type Person,
  type StagedPerson,
} from '@lotus-steady/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { poseName } from '../../data/catalogue.js';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { sayDate } from '../../domain/words/say.js';
import { useAhead, useOpens, usePosesOf } from '../../workers/useWork.js';
import { PersonFigures } from './PersonFigures.js';

/** So many poses of each kind are named. */
const NAMED = 8;
/** Of those that an answer opens so many. */
const SUCH_AS = 4;

/** Somebody as they were read, and where they stand today. */
export interface Now {
  person: Person;
  staged: StagedPerson;
}

/** What matters now, on one screen: the body with what is limited, where they stand, what is out, good, and to ask. */
export function NowPanel({ line, now: { person, staged } }: { line: PersonLine; now: Now }) {
  const staging = useStaging(today());
  const { data: [next] = [] } = useAhead(line, staging);
  const { data: poses } = usePosesOf(line, staging);
  return (
    <section
      aria-label="What matters now"
      className="mb-8 grid gap-6 lg:grid-cols-[auto_minmax(0,1fr)_minmax(0,1fr)]"
    >
      <div>
        <PersonFigures person={line} limited={limitedPlaces(person)} />
        <Limited person={person} />
      </div>
      <div className="space-y-4">
        {line.intake.why && (
          <blockquote className="border-l-4 border-teal pl-3 italic">{line.intake.why}</blockquote>
        )}
        <Stops alerts={staged.alerts} />
        <Part title="Now">
          {staged.stages.map(({ name, label }) => (label ? `${name}, ${label}` : name)).join(' · ') ||
            'No condition is known.'}
          <ul className="list-disc pl-5">
            {staged.alerts
              .filter(({ kind }) => kind === 'stage')
              .map(({ text: words }) => (
                <li key={words}>{words}</li>
              ))}
          </ul>
          {next && (
            <span className="block text-soft">
              Changes on {sayDate(next.on)}
              {next.stages.length > 0 && `: ${next.stages.join('; ')}`}
            </span>
          )}
        </Part>
        <ToAsk line={line} alerts={staged.alerts} />
      </div>
      <div className="space-y-4">
        {(line.intake.hopes?.length ?? 0) > 0 && (
          <Part title="Hopes">
            {HOPES.filter(({ id }) => line.intake.hopes!.includes(id))
              .map(({ words }) => words)
              .join(' · ')}
          </Part>
        )}
        {poses && (
          <>
            <Part title={poses.good.length ? 'Good for that' : `Open: ${poses.open.length} poses`}>
              <Poses ids={poses.good.length ? poses.good : poses.open} />
            </Part>
            <Part title={`Out as they are usually done: ${poses.out.length} poses`}>
              <Poses ids={poses.out} />
            </Part>
          </>
        )}
      </div>
    </section>
  );
}

/** What nobody has said, tested or cleared yet, and what a good answer would open. */
function ToAsk({ line, alerts }: { line: PersonLine; alerts: readonly Alert[] }) {
  const { data: opens = [] } = useOpens(line, useStaging(today()));
  const asks = alerts.filter(({ kind }) => kind === 'ask' || kind === 'clearance' || kind === 'refer');
  if (!asks.length && !opens.length && line.intake.hopes?.length) return null;
  return (
    <Part title="To ask">
      <ul className="list-disc pl-5">
        {asks.map(({ text }) => (
          <li key={text}>{text}</li>
        ))}
        {opens.map(({ asks: question, opens: poses }) => (
          <li key={question}>
            If {line.name} {question}: {poses.length} more {poses.length === 1 ? 'pose' : 'poses'}, such as{' '}
            {poses.slice(0, SUCH_AS).map(poseName).join(', ').toLowerCase()}.
          </li>
        ))}
        {!line.intake.hopes?.length && (
          <li>
            <Link className="text-teal underline" to={`/people/${line.id}/intake?group=hopes`}>
              What do they hope for?
            </Link>{' '}
            Then what is good for it stands here.
          </li>
        )}
      </ul>
    </Part>
  );
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <div>
    <h2 className="text-lg">{title}</h2>
    <div>{children}</div>
  </div>
);

const Stops = ({ alerts }: { alerts: readonly Alert[] }) => {
  const stops = alerts.filter(({ kind }) => kind === 'stop' || kind === 'conflict');
  if (!stops.length) return null;
  return (
    <ul className="rounded-xl border border-clay bg-clay-wash p-3 font-semibold text-clay">
      {stops.map(({ kind, text }) => (
        <li key={text}>
          {kind === 'stop' ? 'No class today. ' : ''}
          {text}
        </li>
      ))}
    </ul>
  );
};

/** Poses by name, each with its own page; the rest is counted. */
const Poses = ({ ids }: { ids: readonly string[] }) => (
  <p>
    {ids.slice(0, NAMED).map((id, i) => (
      <span key={id}>
        {i > 0 && ', '}
        <Link className="text-teal hover:underline" to={`/atlas/${id}`}>
          {poseName(id).toLowerCase()}
        </Link>
      </span>
    ))}
    {ids.length > NAMED && <span className="text-soft"> and {ids.length - NAMED} more</span>}
  </p>
);

const Limited = ({ person }: { person: Person }) => {
  const places = limitedPlaces(person);
  if (!places.length) return null;
  return <p className="max-w-52 text-center text-soft">Marked: {places.map(sayPlace).join(', ')}</p>;
};
