import { useRef, type ReactNode } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { lineIn } from '../../data/people/lineIn.js';
import { usePerson } from '../../data/people/usePerson.js';
import type { PersonLine } from '../../data/types.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Page } from '../../ui/Page.js';
import { SAVED_WORDS } from '../../ui/savedWords.js';
import { Reading } from '../../ui/states.js';
import { MergeFields } from '../person/MergeFields.js';
import { valuesOf, type PersonValues } from '../person/personValues.js';
import { useSavedAsTyped, type SavedAsTyped } from './useSavedAsTyped.js';

/** What a screen that changes somebody works with. */
export interface OnPerson {
  /** As they were read when the screen opened. */
  person: PersonLine;
  form: UseFormReturn<PersonValues>;
  kept: SavedAsTyped;
}

interface Props {
  id: string;
  /** What the screen is called before the name. */
  title: string;
  children: (on: OnPerson) => ReactNode;
}

/** A screen on which somebody is changed, saved as it is typed: how it stands with that, and what else was changed. */
export function PersonPage({ id, title, children }: Props) {
  const reading = usePerson(id);
  if (reading.data)
    return (
      <Changing title={title} read={lineIn(reading.data)}>
        {children}
      </Changing>
    );
  return (
    <Page title={title} up={[{ to: '/people', name: 'People' }]}>
      <Reading what="Loading" of={reading} />
    </Page>
  );
}

function Changing({ title, read, children }: Omit<Props, 'id'> & { read: PersonLine }) {
  // The form goes on with what was typed, not with what is read again after each save.
  const person = useRef(read).current;
  const form = useForm<PersonValues>({ defaultValues: valuesOf(person) });
  const kept = useSavedAsTyped(person, form);
  return (
    <Page
      title={`${title}: ${form.watch('name') || person.name}`}
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${person.id}`, name: person.name },
      ]}
      about={
        <span role="status" aria-live="polite">
          {SAVED_WORDS[kept.state.saved]}
          {kept.state.problem && `: ${kept.state.problem}`}
        </span>
      }
      wide
    >
      <div className="space-y-5 px-5 py-5">
        <DraftNotice draft={kept.draft} />
        {kept.conflicts.length > 0 && (
          <MergeFields what="this person" conflicts={kept.conflicts} onDecide={kept.decide} />
        )}
        {children({ person, form, kept })}
      </div>
    </Page>
  );
}
