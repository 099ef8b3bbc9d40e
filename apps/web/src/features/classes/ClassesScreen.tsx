import { Plus, Users } from 'lucide-react';
import { isDate } from '@lotus-steady/core';
import { Link } from 'react-router';
import { useClasses } from '../../data/classes/useClasses.js';
import { usePlaces } from '../../data/places/usePlaces.js';
import { today } from '../../data/today.js';
import { useSession } from '../../data/session/useSession.js';
import type { ClassLine } from '../../data/types.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { SelectField } from '../../ui/Field.js';
import { OneOf } from '../../ui/OneOf.js';
import { MoreButton } from '../../ui/MoreButton.js';
import { Page } from '../../ui/Page.js';
import { useAddress } from '../../ui/useAddress.js';
import { sayDate, sayPeople } from '../../domain/words/say.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { GroupSelect } from '../../domain/groups/GroupSelect.js';
import { WeekView } from './WeekView.js';

const NewClass = () => (
  <ButtonLink to="/classes/new" look="main">
    <Plus aria-hidden size={20} />
    New class
  </ButtonLink>
);

/** The classes of a week, or those that are coming and those that have been; which of them stays in the address. */
export function ClassesScreen() {
  const [params, put] = useAddress();
  const { hall } = useSession();
  const isAssistant = hall.role === 'assistant';
  const isWeek = params.get('view') === 'week';
  const on = params.get('on') ?? '';
  return (
    <Page
      title="Classes"
      main={isAssistant ? undefined : <NewClass />}
      actions={
        <>
          <OneOf
            label="Shown as"
            of={[
              ['list', 'List'],
              ['week', 'Week'],
            ]}
            value={isWeek ? 'week' : 'list'}
            onChange={(view) => put({ view: view === 'week' ? 'week' : '', on: '' })}
          />
          {!isAssistant && (
            <>
              <ButtonLink to="/groups">Groups</ButtonLink>
              <ButtonLink to="/reports">Reports</ButtonLink>
            </>
          )}
        </>
      }
    >
      {isWeek ? (
        <WeekView on={isDate(on) ? on : today()} onChange={(day) => put({ on: day })} />
      ) : (
        <Lists place={params.get('place') ?? ''} group={params.get('group') ?? ''} onChange={put} />
      )}
    </Page>
  );
}

function Lists({
  place,
  group,
  onChange,
}: {
  place: string;
  group: string;
  onChange: (more: Record<string, string>) => void;
}) {
  const asked = { ...(place ? { place } : {}), ...(group ? { group } : {}) };
  const coming = useClasses('coming', asked);
  const past = useClasses('past', asked);
  const { hall } = useSession();
  const isAssistant = hall.role === 'assistant';
  const none = coming.data?.length === 0 && past.data?.length === 0;
  const isNarrowed = Boolean(place || group);
  return (
    <>
      {!isAssistant && <Narrowing place={place} group={group} onChange={onChange} />}
      <Reading what="Loading the classes" of={coming} />
      {none &&
        (isNarrowed ? (
          <Empty
            action={<Button onClick={() => onChange({ place: '', group: '' })}>Show all classes</Button>}
          >
            No class there.
          </Empty>
        ) : (
          <Empty action={isAssistant ? undefined : <NewClass />}>
            No class yet.{!isAssistant && ' Start with a sequence, the people and the date.'}
          </Empty>
        ))}
      <ClassList name="Upcoming" items={coming.data} />
      <MoreButton what="classes to come" of={coming} />
      <ClassList name="Past" items={past.data} />
      <MoreButton what="past classes" of={past} />
      {past.error && <Problem error={past.error} again={() => void past.refetch()} />}
    </>
  );
}

/** Of one group, at one place; nothing where there is nothing to choose from. */
function Narrowing({
  place,
  group,
  onChange,
}: {
  place: string;
  group: string;
  onChange: (more: Record<string, string>) => void;
}) {
  const { data: places = [] } = usePlaces();
  return (
    <div className="mb-4 flex flex-wrap gap-3 empty:hidden">
      <GroupSelect value={group} all="all groups" onChange={(id) => onChange({ group: id })} />
      {places.length > 0 && (
        <SelectField
          label="Place"
          labelLook="small"
          className="w-64"
          value={place}
          onChange={({ target }) => onChange({ place: target.value })}
        >
          <option value="">all places</option>
          {places.map(({ id, name }) => (
            <option key={id} value={name}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
    </div>
  );
}

/** Where a class is taught and recorded from; whoever helps in the room has it open to look at. */
function Doors({ of: { id, title, on, recorded } }: { of: ClassLine }) {
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
      {on <= today() && (
        <ButtonLink look="quiet" to={`/classes/${id}/after`} aria-label={`${after}, ${title}`}>
          {after}
        </ButtonLink>
      )}
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
