import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { useController, type Control } from 'react-hook-form';
import { usePeople } from '../../data/people/usePeople.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import type { PersonLine } from '../../data/types.js';
import { PersonDialog } from '../../domain/person/PersonDialog.js';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { MoreButton } from '../../ui/MoreButton.js';
import { SearchField } from '../../ui/SearchField.js';
import { Reading } from '../../ui/states.js';
import type { PlanValues } from './planValues.js';
import { TodayFields } from '../../domain/person/TodayFields.js';

/** Who is coming, and how each of them is today. */
export function ComingFields({ control, error }: { control: Control<PlanValues>; error?: string }) {
  const [find, setFind] = useState('');
  const people = usePeople(find);
  const [adding, setAdding] = useState(false);
  const { field: coming } = useController({ control, name: 'people' });
  const { field: on } = useController({ control, name: 'on' });
  const chosen = coming.value;
  const { data: known } = usePeopleByIds(Object.keys(chosen));
  const shown = withChosen(people.data, known, chosen);
  return (
    <fieldset>
      <legend className="mb-1 flex w-full items-center text-xl">
        <span className="font-display font-semibold">Who is coming</span>
        <span className="ml-3 text-base text-soft">{Object.keys(chosen).length} chosen</span>
      </legend>
      <Button look="quiet" onClick={() => setAdding(true)}>
        <UserPlus aria-hidden size={20} />
        Add a person
      </Button>
      {error && (
        <p tabIndex={-1} data-error={error} className="mb-1 text-sm font-semibold text-clay">
          {error}
        </p>
      )}
      <SearchField
        label="Find who is coming"
        placeholder="Find a person"
        value={find}
        onChange={setFind}
        className="mb-2 block w-full"
      />
      <Reading what="Loading the people" of={people} />
      <ul
        className={
          'max-h-96 divide-y divide-line overflow-auto rounded-xl border border-line bg-paper ' +
          // What stands below stays in its place when they come.
          `${people.isPending ? 'min-h-74' : ''}`
        }
      >
        {shown.map((person) => {
          const state = chosen[person.id];
          return (
            <li key={person.id} className="px-3">
              <CheckField
                label={person.name}
                checked={state !== undefined}
                onChange={(event) => {
                  const { [person.id]: _gone, ...rest } = chosen;
                  coming.onChange(event.target.checked ? { ...rest, [person.id]: {} } : rest);
                }}
              />
              {state && (
                <TodayFields
                  person={person}
                  on={on.value}
                  state={state}
                  onChange={(next) => coming.onChange({ ...chosen, [person.id]: next })}
                />
              )}
            </li>
          );
        })}
        {people.hasNextPage && (
          <li className="px-3 pb-3">
            <MoreButton what="people" of={people} />
          </li>
        )}
      </ul>
      {adding && (
        <PersonDialog
          onClose={() => setAdding(false)}
          onSaved={(id) => {
            coming.onChange({ ...chosen, [id]: {} });
            setAdding(false);
          }}
        />
      )}
    </fieldset>
  );
}

/** Those who were found and those who are chosen, each once, by their names. */
function withChosen(
  found: readonly PersonLine[] = [],
  known: readonly PersonLine[] = [],
  chosen: PlanValues['people'],
): PersonLine[] {
  const also = known.filter(({ id }) => id in chosen && !found.some((one) => one.id === id));
  return [...found, ...also].sort((a, b) => a.name.localeCompare(b.name));
}
