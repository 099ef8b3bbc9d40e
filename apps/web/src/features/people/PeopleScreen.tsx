import {
  LIMIT_KINDS,
  stagePerson,
  readPeople,
  USUAL_HOUSE_VIEW,
  type LimitKind,
  type Person,
} from '@lotus-steady/core';
import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { usePeople, type PersonLine } from '../../api/queries.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayDate, today } from '../../ui/say.js';
import { Empty, Reading } from '../../ui/states.js';
import { PersonDialog } from './PersonDialog.js';

/** Someone as the core reads them; undefined where something entered no longer holds. */
export function personOf({ id: _id, ...written }: PersonLine): Person | undefined {
  const { people, errors } = readPeople([written], today());
  return errors.length ? undefined : people[0];
}

/** What someone's conditions mean today, in a few words each. */
export function stagesToday(line: PersonLine): string[] {
  const person = personOf(line);
  return person
    ? stagePerson(person, today(), USUAL_HOUSE_VIEW).stages.map(({ name, label }) =>
        label ? `${name}, ${label}` : name,
      )
    : [];
}

/** What someone does not do, and their own measured ranges. */
export const ownLimits = ({ can, ranges, limits }: PersonLine): string[] => [
  ...limits.map(({ kind: id, side, most, by, until, why }) => {
    const kind: LimitKind = LIMIT_KINDS[id];
    return (
      `${side ? `${side}: ` : ''}${kind.says}${kind.unit ? ` ${most} ${kind.unit}` : ''}${why ? `, ${why}` : ''} ` +
      `(${by}${until ? `, until ${sayDate(until)}` : ''})`
    );
  }),
  ...[
    !can.stand && 'does not stand',
    !can.floor && 'does not get to the floor',
    !can.kneel && 'no weight on the knees',
  ].filter((text): text is string => text !== false),
  ...Object.entries(ranges).map(
    ([range, degrees]) => `${range.replace(/([A-Z])/g, ' $1').toLowerCase()} to ${degrees} degrees`,
  ),
];

/** Everyone who comes. */
export function PeopleScreen() {
  const reading = usePeople();
  const { data: people } = reading;
  const [adding, setAdding] = useState(false);
  const [find, setFind] = useState('');
  const navigate = useNavigate();
  const shown = people?.filter((person) => person.name.toLowerCase().includes(find.trim().toLowerCase()));
  const add = (
    <Button look="main" onClick={() => setAdding(true)}>
      <UserPlus aria-hidden size={20} />
      Add a person
    </Button>
  );
  return (
    <Page
      title="People"
      actions={
        <>
          {add}
          <input
            type="search"
            aria-label="Find a person"
            placeholder="Find a person"
            value={find}
            onChange={(event) => setFind(event.target.value)}
            className="min-h-11 rounded-lg border border-strong-line bg-paper px-3"
          />
        </>
      }
    >
      <Reading what="Reading the people" of={reading} />
      {people && !people.length && (
        <Empty action={add}>Nobody yet. Add the people who come to your classes.</Empty>
      )}
      {people && people.length > 0 && !shown?.length && <Empty>Nobody of that name.</Empty>}
      {shown && shown.length > 0 && (
        <ul className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper">
          {shown.map((person) => (
            <li key={person.id} className="flex flex-wrap gap-x-6 gap-y-1 px-5 py-3 hover:bg-teal-wash">
              <Link
                to={`/people/${person.id}`}
                className="w-56 font-display text-lg font-semibold hover:text-teal"
              >
                {person.name}
              </Link>
              <span className="min-w-60 flex-1 text-soft">
                {[...stagesToday(person), ...ownLimits(person)].join(' · ') || 'nothing known that matters'}
              </span>
            </li>
          ))}
        </ul>
      )}
      {adding && (
        <PersonDialog onClose={() => setAdding(false)} onSaved={(id) => void navigate(`/people/${id}`)} />
      )}
    </Page>
  );
}
