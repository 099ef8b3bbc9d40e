import { Plus, Users } from 'lucide-react';
import { Link } from 'react-router';
import { useClasses } from '../../data/classes/useClasses.js';
import type { ClassLine } from '../../data/types.js';
import { ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayDate } from '../../domain/words/say.js';
import { today } from '../../data/today.js';
import { Empty, Reading } from '../../ui/states.js';
import { Welcome } from './Welcome.js';

const NewClass = () => (
  <ButtonLink to="/classes/new" look="main">
    <Plus aria-hidden size={20} />
    New class
  </ButtonLink>
);

/** The classes that are coming, and those that have been. */
export function ClassesScreen() {
  const reading = useClasses();
  const { data: classes } = reading;
  const now = today();
  const coming = classes?.filter((item) => item.on >= now) ?? [];
  const past = classes?.filter((item) => item.on < now).reverse() ?? [];
  return (
    <Page title="Classes" main={<NewClass />}>
      <Welcome />
      <Reading what="Loading the classes" of={reading} />
      {classes && !classes.length && (
        <Empty action={<NewClass />}>No class yet. Start with a sequence, the people and the date.</Empty>
      )}
      {coming.length > 0 && <ClassList name="Upcoming" items={coming} />}
      {past.length > 0 && <ClassList name="Past" items={past} />}
    </Page>
  );
}

const ClassList = ({ name, items }: { name: string; items: readonly ClassLine[] }) => (
  <section className="mb-8">
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
            {item.people} {item.people === 1 ? 'person' : 'people'}
          </span>
          <div className="flex gap-1">
            <ButtonLink look="quiet" to={`/classes/${item.id}/teach`} aria-label={`Teach, ${item.title}`}>
              Teach
            </ButtonLink>
            <ButtonLink
              look="quiet"
              to={`/classes/${item.id}/after`}
              aria-label={`${item.recorded ? 'Recorded' : 'After class'}, ${item.title}`}
            >
              {item.recorded ? 'Recorded' : 'After class'}
            </ButtonLink>
          </div>
        </li>
      ))}
    </ul>
  </section>
);
