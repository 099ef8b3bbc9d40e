import { ArrowUp, X } from 'lucide-react';
import { useState } from 'react';
import { usePeople } from '../../data/people/usePeople.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { SearchField } from '../../ui/SearchField.js';

type Roster = { id: string; waiting: boolean }[];

/** So many are offered while one looks for somebody. */
const OFFERED = 8;

/** Who belongs to a group, in order, and who waits for a place. */
export function RosterField({ people, onChange }: { people: Roster; onChange: (people: Roster) => void }) {
  const [find, setFind] = useState('');
  const found = usePeople(find);
  const { data: known = [] } = usePeopleByIds(people.map(({ id }) => id));
  const names = new Map(known.map(({ id, name }) => [id, name]));
  const on = new Set(people.map(({ id }) => id));
  const offered = (found.data ?? []).filter(({ id }) => !on.has(id)).slice(0, OFFERED);
  const change = (at: number, waiting: boolean): void =>
    onChange(people.map((one, i) => (i === at ? { ...one, waiting } : one)));
  const up = (at: number): void => {
    const next = [...people];
    next.splice(at - 1, 2, people[at]!, people[at - 1]!);
    onChange(next);
  };
  return (
    <fieldset>
      <legend className="mb-2 font-display text-xl font-semibold">Who belongs to it</legend>
      <ol
        aria-label="Roster"
        className="mb-3 divide-y divide-line rounded-xl border border-line bg-paper empty:hidden"
      >
        {people.map(({ id, waiting }, at) => {
          const name = names.get(id) ?? '…';
          return (
            <li key={id} className="flex flex-wrap items-center gap-2 px-3">
              <span className="flex-1 py-2 font-semibold">{name}</span>
              <CheckField
                label="waits"
                aria-label={`${name} waits for a place`}
                checked={waiting}
                onChange={({ target }) => change(at, target.checked)}
              />
              <Button look="quiet" aria-label={`${name} one up`} disabled={at === 0} onClick={() => up(at)}>
                <ArrowUp aria-hidden size={18} />
              </Button>
              <Button
                look="quiet"
                aria-label={`Take ${name} off`}
                onClick={() => onChange(people.filter((one) => one.id !== id))}
              >
                <X aria-hidden size={18} />
              </Button>
            </li>
          );
        })}
      </ol>
      <SearchField
        label="Find somebody for the group"
        placeholder="Add somebody: a name"
        value={find}
        onChange={setFind}
        className="mb-2 block w-full"
      />
      <ul className="flex flex-wrap gap-2">
        {offered.map(({ id, name }) => (
          <li key={id}>
            <Button onClick={() => onChange([...people, { id, waiting: false }])}>Add {name}</Button>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
