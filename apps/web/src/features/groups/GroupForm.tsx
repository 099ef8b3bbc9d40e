import { weekdayOf } from '@lotus-steady/core';
import { Controller, useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useGroup } from '../../data/groups/useGroup.js';
import { useSaveGroup } from '../../data/groups/useSaveGroup.js';
import { usePlaces } from '../../data/places/usePlaces.js';
import { useSequences } from '../../data/sequences/useSequences.js';
import { today } from '../../data/today.js';
import type { Group, GroupDraft, SequenceLine } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Problem, Reading } from '../../ui/states.js';
import { RosterField } from './RosterField.js';
import { WEEKDAYS } from './words.js';

/** A group as its form has it: every value as it is typed. */
export interface GroupValues {
  title: string;
  weekday: string;
  time: string;
  place: string;
  most: string;
  sequenceId: string;
  firstOn: string;
  lastOn: string;
  people: { id: string; waiting: boolean }[];
}

const valuesOf = (group?: Group): GroupValues => ({
  title: group?.title ?? '',
  weekday: String(group?.weekday ?? weekdayOf(today())),
  time: group?.time ?? '',
  place: group?.place ?? '',
  most: group?.most ? String(group.most) : '',
  sequenceId: group?.sequenceId ?? '',
  firstOn: group?.firstOn ?? today(),
  lastOn: group?.lastOn ?? '',
  people: group?.people.map(({ id, waiting }) => ({ id, waiting })) ?? [],
});

const draftOf = ({ title, weekday, firstOn, people, most, ...more }: GroupValues): GroupDraft => ({
  title,
  weekday: Number(weekday),
  firstOn,
  people,
  ...(most.trim() ? { most: Number(most) } : {}),
  ...Object.fromEntries(Object.entries(more).filter(([, value]) => value)),
});

export function NewGroupScreen() {
  const sequences = useSequences();
  return sequences.data ? (
    <Form sequences={sequences.data} />
  ) : (
    <Page title="New group">
      <Reading what="Loading the sequences" of={sequences} />
    </Page>
  );
}

export function EditGroupScreen({ id }: { id: string }) {
  const reading = useGroup(id);
  // What can be chosen is there before the form is: a choice that is not offered would be lost.
  const sequences = useSequences();
  return reading.data && sequences.data ? (
    <Form known={reading.data} sequences={sequences.data} />
  ) : (
    <Page title="Group">
      <Reading what="Loading the group" of={reading.data ? sequences : reading} />
    </Page>
  );
}

function Form({ known, sequences }: { known?: Group; sequences: readonly SequenceLine[] }) {
  const form = useForm<GroupValues>({ defaultValues: valuesOf(known) });
  const { register, control, handleSubmit, reset, getValues } = form;
  const draft = useDraft(form, `group:${known?.id ?? 'new'}`, known?.version);
  const save = useSaveGroup(known?.id);
  const navigate = useNavigate();
  const { data: places = [] } = usePlaces();
  const wrong = (field: string): string | undefined =>
    fieldsOf(save.error).find((one) => one.field === field)?.message;
  const theirs = savedMeanwhile<Group>(save.error);
  const send = (version: number | undefined) =>
    handleSubmit((values) =>
      save.mutate(
        { ...(version === undefined ? {} : { version }), draft: draftOf(values) },
        {
          onSuccess: ({ id }) => {
            draft.forget();
            void navigate(`/groups/${id}`);
          },
        },
      ),
    );
  return (
    <Page
      title={known ? `Change ${known.title}` : 'New group'}
      up={[
        { to: '/classes', name: 'Classes' },
        { to: '/groups', name: 'Groups' },
        ...(known ? [{ to: `/groups/${known.id}`, name: known.title }] : []),
      ]}
    >
      <form
        noValidate
        className="grid gap-x-10 gap-y-6 lg:grid-cols-2"
        onChange={() => save.reset()}
        onSubmit={(event) => void send(draft.base)(event)}
      >
        <div className="empty:hidden lg:col-span-2">
          <DraftNotice draft={draft} />
        </div>
        <section className="space-y-4">
          <TextField label="Title" error={wrong('title')} {...register('title')} />
          <div className="grid grid-cols-2 gap-4">
            <SelectField label="Day of the week" error={wrong('weekday')} {...register('weekday')}>
              {WEEKDAYS.map((day, i) => (
                <option key={day} value={i + 1}>
                  {day}
                </option>
              ))}
            </SelectField>
            <TextField label="Time" type="time" error={wrong('time')} {...register('time')} />
          </div>
          <div className="grid grid-cols-2 gap-4">
            <TextField label="Place" list="places" error={wrong('place')} {...register('place')} />
            <datalist id="places">
              {places.map(({ id, name }) => (
                <option key={id} value={name} />
              ))}
            </datalist>
            <TextField
              label="How many have room"
              inputMode="numeric"
              hint="Blank where there is no limit."
              error={wrong('most')}
              {...register('most')}
            />
          </div>
          <SelectField label="Its classes begin from" {...register('sequenceId')}>
            <option value="">nothing yet</option>
            {sequences.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </SelectField>
          <div className="grid grid-cols-2 gap-4">
            <TextField label="First day" type="date" error={wrong('firstOn')} {...register('firstOn')} />
            <TextField
              label="Last day"
              type="date"
              hint="Blank where it goes on."
              error={wrong('lastOn')}
              {...register('lastOn')}
            />
          </div>
          {theirs && (
            <Conflict
              what="this group"
              differences={differing(rowsOf(getValues(), valuesOf(theirs)))}
              onMine={() => void send(theirs.version)()}
              onTheirs={() => {
                reset(valuesOf(theirs));
                draft.rebase(theirs.version);
                save.reset();
              }}
            />
          )}
          {save.error && !theirs && !fieldsOf(save.error).length && <Problem error={save.error} />}
          {wrong('people') && <p className="font-semibold text-clay">{wrong('people')}</p>}
          <Button look="main" type="submit" disabled={save.isPending}>
            {save.isPending ? 'Saving …' : 'Save the group'}
          </Button>
        </section>
        <Controller
          control={control}
          name="people"
          render={({ field: { value, onChange } }) => <RosterField people={value} onChange={onChange} />}
        />
      </form>
    </Page>
  );
}

const LABELS: Readonly<Record<Exclude<keyof GroupValues, 'people'>, string>> = {
  title: 'Title',
  weekday: 'Day of the week',
  time: 'Time',
  place: 'Place',
  most: 'How many have room',
  sequenceId: 'Its classes begin from',
  firstOn: 'First day',
  lastOn: 'Last day',
};

const rowsOf = (mine: GroupValues, theirs: GroupValues): [string, string, string][] => [
  ...Object.entries(LABELS).map(([key, label]): [string, string, string] => [
    label,
    mine[key as keyof typeof LABELS],
    theirs[key as keyof typeof LABELS],
  ]),
  ['How many belong to it', String(mine.people.length), String(theirs.people.length)],
];
