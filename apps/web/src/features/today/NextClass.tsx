import type { Comparison } from '@lotus-steady/core';
import { DoorOpen, GraduationCap } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useClass } from '../../data/classes/useClass.js';
import { useLastTimes } from '../../data/classes/useLastTimes.js';
import { useProposedFor } from '../../data/classes/useProposedFor.js';
import { useRecheck } from '../../data/classes/useRecheck.js';
import type { ClassLine, ClassWhole } from '../../data/types.js';
import { sayChange } from '../../domain/fitting/sayChange.js';
import { sayLastTimes } from '../../domain/fitting/sayLastTimes.js';
import { sayProposed } from '../../domain/person/proposalWords.js';
import { sayPeople, sayShortDate, sayWhen, shortNames } from '../../domain/words/say.js';
import { ButtonLink } from '../../ui/Button.js';
import { Empty, Reading } from '../../ui/states.js';

/** The class that comes next, and what to know for it. */
export function NextClass({ next }: { next: ClassLine | undefined }) {
  if (!next)
    return (
      <Empty>
        No class is planned for the next two weeks.{' '}
        <Link to="/classes/new" className="text-teal underline">
          Plan one
        </Link>
      </Empty>
    );
  return (
    <section aria-label="The next class" className="space-y-6">
      <div className="rounded-2xl border border-teal bg-teal-wash p-5">
        <p className="text-soft">
          {sayWhen(next)} · {sayPeople(next.people)}
        </p>
        <h2 className="text-2xl">
          <Link to={`/classes/${next.id}/fitting`} className="hover:underline">
            {next.title}
          </Link>
        </h2>
        <p className="mt-3 flex flex-wrap gap-3">
          <ButtonLink look="main" to={`/classes/${next.id}/teach`}>
            <GraduationCap aria-hidden size={20} />
            Teach
          </ButtonLink>
          <ButtonLink to={`/classes/${next.id}/door`}>
            <DoorOpen aria-hidden size={20} />
            At the door
          </ButtonLink>
          <ButtonLink to={`/classes/${next.id}/fitting`}>Its fitting</ButtonLink>
        </p>
      </div>
      <ToKnow key={next.id} id={next.id} />
    </section>
  );
}

function ToKnow({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  return data ? <Known known={data} /> : <Reading what="Looking at who comes" of={reading} />;
}

function Known({ known }: { known: ClassWhole }) {
  const { id, people, fitting } = known;
  const changed = useRecheck(id).data;
  const last = useLastTimes(id).data ?? [];
  const names = shortNames(people.map(({ name }) => name));
  const { byPose, notes } = sayLastTimes(last, people);
  const asks = fitting.lanes.flatMap(({ person, alerts }) =>
    alerts
      .filter(({ kind }) => kind !== 'stage')
      .map(({ text, kind }) => ({ who: names.get(person) ?? person, text, sitsOut: kind === 'stop' })),
  );
  return (
    <>
      <Changed comparison={changed} />
      <Part title="To ask at the door" none="Nothing to ask or stop.">
        {asks.map(({ who, text, sitsOut }) => (
          <li key={who + text}>
            <b>{who}</b>: {sitsOut && <b className="text-clay">sits out. </b>}
            {text}
          </li>
        ))}
      </Part>
      <Part title="From last time" none="Nothing was written down.">
        {notes.map(({ who, says, on: then }) => (
          <li key={who + says}>
            <b>{who}</b>: {says} <span className="text-soft">({sayShortDate(then)})</span>
          </li>
        ))}
        {[...byPose].map(([pose, said]) => (
          <li key={pose}>
            <b>{said.pose}</b>: {said.says.join('; ')}
          </li>
        ))}
      </Part>
      <Proposed id={id} />
    </>
  );
}

/** What would be fitted otherwise now than when it was planned. */
const Changed = ({ comparison }: { comparison: Comparison | undefined }) =>
  comparison?.differences.length ? (
    <section aria-label="Changed since it was planned">
      <h3 className="mb-1 text-xl">Changed since it was planned</h3>
      <p>{comparison.says}</p>
      <ul className="list-disc pl-5">
        {comparison.differences.slice(0, SHOWN).map((one, i) => (
          <li key={i}>
            <b>{one.person}</b>: {sayChange(one)} <span className="text-soft">{one.why}</span>
          </li>
        ))}
      </ul>
      {comparison.differences.length > SHOWN && (
        <p className="text-soft">and {comparison.differences.length - SHOWN} more, on its fitting.</p>
      )}
    </section>
  ) : null;

/** What their classes propose: decided on each one’s page. */
function Proposed({ id }: { id: string }) {
  const { data } = useProposedFor(id);
  if (!data?.length) return null;
  return (
    <section aria-label="To decide">
      <h3 className="mb-1 text-xl">To decide, from their classes</h3>
      <ul className="list-disc pl-5">
        {data.flatMap(({ personId, name, proposals }) =>
          proposals.map((proposal) => (
            <li key={personId + proposal.key}>
              <Link to={`/people/${personId}`} className="font-semibold text-teal underline">
                {name}
              </Link>
              : {sayProposed(proposal)}
            </li>
          )),
        )}
      </ul>
    </section>
  );
}

/** So many differences are named. */
const SHOWN = 6;

function Part({ title, none, children }: { title: string; none: string; children: ReactNode[] }) {
  return (
    <section>
      <h3 className="mb-1 text-xl">{title}</h3>
      {children.flat().length ? (
        <ul className="list-disc pl-5">{children}</ul>
      ) : (
        <p className="text-soft">{none}</p>
      )}
    </section>
  );
}
