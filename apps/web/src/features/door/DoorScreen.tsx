import { useClass } from '../../data/classes/useClass.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import type { ClassWhole, PersonLine } from '../../data/types.js';
import { sayWhen } from '../../domain/words/say.js';
import { ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty, Reading } from '../../ui/states.js';
import { useRef, useState } from 'react';
import { DoorCard } from './DoorCard.js';

/** How everyone who comes is today, ten seconds each; the class is fitted again as it is told. */
export function DoorScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const people = usePeopleByIds(reading.data?.people.map((one) => one.id) ?? []);
  if (reading.data && (people.data || !reading.data.people.length))
    return <AtTheDoor of={reading.data} people={people.data ?? []} />;
  return (
    <Page title="At the door" up={[{ to: '/classes', name: 'Classes' }]}>
      <Reading what="Loading" of={reading} />
    </Page>
  );
}

function AtTheDoor({ of, people }: { of: ClassWhole; people: readonly PersonLine[] }) {
  // What is typed here is what holds; the class is read again after each answer and says nothing new of it.
  const start = useRef(of).current;
  const [asked, setAsked] = useState<ReadonlySet<string>>(
    () => new Set(start.people.flatMap(({ id, today }) => (today.asked ? [id] : []))),
  );
  const known = new Map(people.map((person) => [person.id, person]));
  const coming = [...start.people].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <Page
      title={`At the door: ${start.title}`}
      about={`${sayWhen(start)} · ${asked.size} of ${coming.length} asked`}
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${start.id}/fitting`, name: start.title },
      ]}
      main={
        <ButtonLink look="main" to={`/classes/${start.id}/teach`}>
          Teach
        </ButtonLink>
      }
    >
      {!coming.length && <Empty>Nobody is down for this class.</Empty>}
      <ul className="space-y-4">
        {coming.map(({ id, today }) => {
          const person = known.get(id);
          return (
            person && (
              <li key={id}>
                <DoorCard
                  classId={start.id}
                  on={start.on}
                  person={person}
                  start={today}
                  onAsked={(isAsked) => {
                    const next = new Set(asked);
                    if (isAsked) next.add(id);
                    else next.delete(id);
                    setAsked(next);
                  }}
                />
              </li>
            )
          );
        })}
      </ul>
    </Page>
  );
}
