import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { useController, type Control } from 'react-hook-form';
import { usePeople } from '../../data/people/usePeople.js';
import { PersonDialog } from '../../domain/person/PersonDialog.js';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { Reading } from '../../ui/states.js';
import type { PlanValues } from './planValues.js';
import { TodayFields } from './TodayFields.js';

/** Who is coming, and how each of them is today. */
export function ComingFields({ control, error }: { control: Control<PlanValues>; error?: string }) {
  const people = usePeople();
  const [adding, setAdding] = useState(false);
  const { field: coming } = useController({ control, name: 'people' });
  const { field: on } = useController({ control, name: 'on' });
  const chosen = coming.value;
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
      <Reading what="Loading the people" of={people} />
      <ul className="max-h-96 divide-y divide-line overflow-auto rounded-xl border border-line bg-paper">
        {people.data?.map((person) => {
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
