import { Plus, Users } from 'lucide-react';
import { Link } from 'react-router';
import { useClasses } from '../../data/classes/useClasses.js';
import { useSession } from '../../data/session/useSession.js';
import type { ClassLine } from '../../data/types.js';
import { ButtonLink } from '../../ui/Button.js';
import { MoreButton } from '../../ui/MoreButton.js';
import { Page } from '../../ui/Page.js';
import { sayDate, sayPeople } from '../../domain/words/say.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { Welcome } from './Welcome.js';

const NewClass = () => (
  <ButtonLink to="/classes/new" look="main">
    <Plus aria-hidden size={20} />
    New class
  </ButtonLink>
);

/** The classes that are coming, and those that have been. */
export function ClassesScreen() {
  const coming = useClasses('coming');
  const past = useClasses('past');
  const { hall } = useSession();
  const isAssistant = hall.role === 'assistant';
  const none = coming.data?.length === 0 && past.data?.length === 0;
  return (
    <Page title="Classes" main={isAssistant ? undefined : <NewClass />}>
      <Welcome />
      <Reading what="Loading the classes" of={coming} />
      {none && (
        <Empty action={isAssistant ? undefined : <NewClass />}>
          No class yet.{!isAssistant && ' Start with a sequence, the people and the date.'}
        </Empty>
      )}
      <ClassList name="Upcoming" items={coming.data} />
      <MoreButton what="classes to come" of={coming} />
      <ClassList name="Past" items={past.data} />
      <MoreButton what="past classes" of={past} />
      {past.error && <Problem error={past.error} again={() => void past.refetch()} />}
    </Page>
  );
}

/** Where a class is taught and recorded from; whoever helps in the room has it open to look at. */
function Doors({ of: { id, title, recorded } }: { of: ClassLine }) {
  const { hall } = useSession();
  if (hall.role === 'assistant')
    return (
      <ButtonLink look="quiet" to={`/classes/${id}/room`} aria-label={`Room, ${title}`}>
        Room
      </ButtonLink>
    );
  const after = recorded ? 'Recorded' : 'After class';
  return (
    <div className="flex gap-1">
      <ButtonLink look="quiet" to={`/classes/${id}/teach`} aria-label={`Teach, ${title}`}>
        Teach
      </ButtonLink>
      <ButtonLink look="quiet" to={`/classes/${id}/after`} aria-label={`${after}, ${title}`}>
        {after}
      </ButtonLink>
    </div>
  );
}

function ClassList({ name, items }: { name: string; items: readonly ClassLine[] | undefined }) {
  if (!items?.length) return null;
  return (
    <section className="mt-8 first:mt-0">
      <h2 className="mb-3 text-xl">{name}</h2>
      <ul className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper">
        {items.map((item) => (
          <li
            key={item.id}
            className="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-4 hover:bg-teal-wash"
          >
            <div className="w-56 text-soft">
              {sayDate(item.on)}
              {item.time && <span className="block tabular-nums">{item.time}</span>}
            </div>
            <div className="min-w-52 flex-1">
              <Link
                to={`/classes/${item.id}/fitting`}
                className="font-display text-xl font-semibold hover:text-teal"
              >
                {item.title}
              </Link>
              {item.place && <span className="block text-soft">{item.place}</span>}
            </div>
            <span className="flex items-center gap-2 text-soft">
              <Users aria-hidden size={18} />
              {sayPeople(item.people)}
            </span>
            <Doors of={item} />
          </li>
        ))}
      </ul>
    </section>
  );
}
