import { dateAfter, PAIN_PLACES, sayPlace } from '@lotus-steady/core';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useHall } from '../../data/hall/useHall.js';
import { useIncidents, useSaveIncident } from '../../data/incidents/useIncidents.js';
import { usePeople } from '../../data/people/usePeople.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { today } from '../../data/today.js';
import type { Incident, IncidentDraft } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { CheckField, FieldFrame, BOX, edge, SelectField, TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { SearchField } from '../../ui/SearchField.js';
import { Problem, Reading } from '../../ui/states.js';

type Values = IncidentDraft & { personId: string };

/** After so many days somebody is asked how it is, unless the teacher says otherwise (common practice). */
const ASK_AFTER = 3;

const LABELS = {
  on: 'Date',
  time: 'Time',
  what: 'What happened',
  where: 'What was hurt',
  doing: 'What was being done: pose, way, prop',
  done: 'What was done at once',
  called: 'Who was called or told, and when',
  seenBy: 'Who saw it',
  followUpOn: 'Ask again on',
  followUp: 'What to ask or do then',
  outcome: 'How it went on',
} as const;

const UP = [
  { to: '/hall', name: 'Hall' },
  { to: '/incidents', name: 'Incidents' },
];

/** A new incident: of whom and in which class may be in the address. */
export function NewIncidentScreen() {
  const [params] = useSearchParams();
  return (
    <IncidentForm
      name={`incident:new:${params.get('class') ?? ''}`}
      read={{
        ...{ personId: params.get('person') ?? '', classId: params.get('class') },
        ...{ on: today(), time: '', what: '', where: '', doing: '', done: '', called: '', seenBy: '' },
        ...{ followUpOn: dateAfter(today(), ASK_AFTER), followUp: '', outcome: '', isClosed: false },
      }}
    />
  );
}

/** An incident that was written down, to be gone on with and printed. */
export function IncidentScreen({ id }: { id: string }) {
  const reading = useIncidents();
  const known = reading.data?.find((one) => one.id === id);
  if (known) return <IncidentForm name={`incident:${id}`} read={valuesOf(known)} known={known} />;
  return (
    <Page title="Incident" up={UP}>
      <Reading what="Loading the incident" of={reading} />
      {reading.data && <p>This incident is not in the list.</p>}
    </Page>
  );
}

const valuesOf = ({ id: _id, person: _person, version: _version, ...values }: Incident): Values => values;

function IncidentForm({ name, read, known }: { name: string; read: Values; known?: Incident }) {
  const form = useForm<Values>({ defaultValues: read });
  const { register, handleSubmit, reset, watch, getValues, setValue } = form;
  const draft = useDraft(form, name, known?.version ?? 0);
  const save = useSaveIncident();
  const navigate = useNavigate();
  const theirs = savedMeanwhile<Incident>(save.error);
  const wrong = new Map(fieldsOf(save.error).map(({ field, message }) => [field, message]));
  const error = (field: string) => (wrong.has(field) ? { error: wrong.get(field)! } : {});
  const send = (version: number) =>
    handleSubmit(({ personId, ...values }) =>
      save.mutate(
        {
          personId,
          ...(known ? { id: known.id, version } : {}),
          draft: { ...values, followUpOn: values.followUpOn || null },
        },
        {
          onSuccess: () => {
            draft.forget();
            void navigate('/incidents');
          },
        },
      ),
    );
  const long = (field: 'what' | 'done' | 'called' | 'followUp' | 'outcome', rows = 3) => (
    <FieldFrame label={LABELS[field]} {...error(field)}>
      {(ids) => (
        <textarea rows={rows} {...ids} {...register(field)} className={`${BOX} ${edge(wrong.get(field))}`} />
      )}
    </FieldFrame>
  );
  return (
    <Page
      title={known ? `Incident, ${known.person}` : 'An incident'}
      up={UP}
      about="Write what was seen and said, not what it may have been."
      main={
        known && (
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={20} />
            Print
          </Button>
        )
      }
    >
      {known && <Printed of={known} />}
      <form
        noValidate
        className="no-print max-w-3xl space-y-4"
        onSubmit={(event) => void send(draft.base)(event)}
      >
        <DraftNotice draft={draft} />
        {!known && (
          <Whose
            value={watch('personId')}
            onChange={(id) => setValue('personId', id, { shouldDirty: true })}
          />
        )}
        <div className="flex flex-wrap gap-4">
          <TextField type="date" label={LABELS.on} className="w-48" {...error('on')} {...register('on')} />
          <TextField
            type="time"
            label={LABELS.time}
            className="w-36"
            {...error('time')}
            {...register('time')}
          />
          <SelectField label={LABELS.where} className="w-56" {...register('where')}>
            <option value="">nothing</option>
            {PAIN_PLACES.map((place) => (
              <option key={place} value={place}>
                {sayPlace(place)}
              </option>
            ))}
          </SelectField>
        </div>
        {long('what', 4)}
        <TextField label={LABELS.doing} maxLength={300} {...register('doing')} />
        {long('done')}
        {long('called', 2)}
        <TextField label={LABELS.seenBy} maxLength={300} {...register('seenBy')} />
        <TextField
          type="date"
          label={LABELS.followUpOn}
          className="w-48"
          {...error('followUpOn')}
          {...register('followUpOn')}
        />
        {long('followUp', 2)}
        {long('outcome')}
        <CheckField label="Closed: nothing more is to be asked" {...register('isClosed')} />
        {theirs && (
          <Conflict
            what="this incident"
            differences={differing(
              Object.entries(LABELS).map(([field, label]) => [
                label,
                String(getValues(field as keyof Values) ?? ''),
                String(theirs[field as keyof Incident] ?? ''),
              ]),
            )}
            onMine={() => void send(theirs.version)()}
            onTheirs={() => {
              draft.rebase(theirs.version);
              reset(valuesOf(theirs));
              save.reset();
            }}
          />
        )}
        {save.error && !theirs && <Problem error={save.error} />}
        <Button look="main" type="submit" disabled={save.isPending || !watch('personId')}>
          {save.isPending ? 'Saving …' : 'Save the incident'}
        </Button>
      </form>
    </Page>
  );
}

/** So many are offered while one looks for somebody. */
const OFFERED = 8;

/** To whom it happened: looked for by a few letters. */
function Whose({ value, onChange }: { value: string; onChange: (personId: string) => void }) {
  const [find, setFind] = useState('');
  const found = usePeople(find);
  const { data: [chosen] = [] } = usePeopleByIds(value ? [value] : []);
  if (value)
    return (
      <p className="flex items-center gap-3">
        To whom: <b>{chosen?.name ?? '…'}</b>
        <Button look="quiet" onClick={() => onChange('')}>
          Somebody else
        </Button>
      </p>
    );
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">To whom</legend>
      <SearchField label="Find somebody" placeholder="a name" value={find} onChange={setFind} />
      <ul aria-label="Found" className="mt-2 flex flex-wrap gap-2">
        {(found.data ?? []).slice(0, OFFERED).map(({ id, name }) => (
          <li key={id}>
            <Button onClick={() => onChange(id)}>{name}</Button>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

/** The incident on paper, for whoever must have it. */
function Printed({ of }: { of: Incident }) {
  const hall = useHall();
  const rows: [string, string][] = [
    ['Hall', hall.name],
    ['To whom', of.person],
    ['When', `${sayDate(of.on)}${of.time ? `, ${of.time}` : ''}`],
    [LABELS.what, of.what],
    [LABELS.where, of.where ? sayPlace(of.where) : ''],
    [LABELS.doing, of.doing],
    [LABELS.done, of.done],
    [LABELS.called, of.called],
    [LABELS.seenBy, of.seenBy],
    [LABELS.followUpOn, of.followUpOn ? sayDate(of.followUpOn) : ''],
    [LABELS.followUp, of.followUp],
    [LABELS.outcome, of.outcome],
  ];
  return (
    <div className="hidden print:block">
      <dl className="divide-y divide-line">
        {rows
          .filter(([, said]) => said)
          .map(([label, said]) => (
            <div key={label} className="grid grid-cols-[14rem_1fr] gap-4 py-2">
              <dt className="text-soft">{label}</dt>
              <dd className="whitespace-pre-line">{said}</dd>
            </div>
          ))}
      </dl>
      <p className="mt-10 flex gap-16">
        <span className="w-64 border-t border-ink pt-1">Date, name, signature</span>
        <span className="w-64 border-t border-ink pt-1">Seen by</span>
      </p>
    </div>
  );
}
