import { changesOf } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Controller, useForm, type UseFormReturn } from 'react-hook-form';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { forgetDraft } from '../../data/drafts/drafts.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useClass } from '../../data/classes/useClass.js';
import { useSaveRecords } from '../../data/classes/useSaveRecords.js';
import type { ClassWhole, RecordEntry } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { CheckField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { sayDate } from '../../domain/words/say.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { keptTeaching, teachDraft } from './useTeaching.js';

/** Afterwards: who came, pain before and after, what was eased or stopped, a word. */
export function AfterClassScreen({ id }: { id: string }) {
  const reading = useClass(id);
  if (reading.data) return <AfterForm known={reading.data} />;
  return (
    <Page title="After class">
      <Reading what="Loading the class" of={reading} />
    </Page>
  );
}

const blank = (person: ClassWhole['people'][number]): RecordEntry => ({
  personId: person.id,
  came: true,
  painBefore: person.today.pain ?? null,
  painAfter: null,
  changes: [],
  word: '',
});

/** By how much pain is more after class than before; 0 where either is not known. */
const moreBy = ({ painBefore, painAfter }: RecordEntry): number =>
  (painAfter ?? 0) - (painBefore ?? painAfter ?? 0);

const recordsOf = ({ people, records }: Pick<ClassWhole, 'people' | 'records'>): RecordEntry[] =>
  people.map((person) => records.find(({ personId }) => personId === person.id) ?? blank(person));

/** Records with what was changed in class on this device; what is written down already stands. */
function withTaught(known: ClassWhole): RecordEntry[] {
  const teaching = keptTeaching(known.id)?.teaching;
  return recordsOf(known).map((record) => {
    const steps = new Set(record.changes.map(({ step }) => step));
    const more = teaching ? changesOf(teaching, record.personId).filter(({ step }) => !steps.has(step)) : [];
    return more.length ? { ...record, changes: [...record.changes, ...more] } : record;
  });
}

/** A record in a line, to hold it against another. */
const sayRecord = ({ came, painBefore, painAfter, changes, word }: RecordEntry): string =>
  came
    ? [
        typeof painBefore !== 'number' ? '' : `pain before ${painBefore}`,
        typeof painAfter !== 'number' ? '' : `after ${painAfter}`,
        ...changes.map(({ step, what }) => `step ${step} ${what}`),
        word,
      ]
        .filter(Boolean)
        .join(', ') || 'attended'
    : ['did not attend', word].filter(Boolean).join(', ');

function AfterForm(read: { known: ClassWhole }) {
  // What the form began with, whatever is read meanwhile.
  const [known, setKnown] = useState(read.known);
  const form = useForm<{ records: RecordEntry[] }>({ defaultValues: { records: withTaught(known) } });
  const { handleSubmit, reset, getValues } = form;
  const draft = useDraft(form, `class:${known.id}:after`, known.version);
  const save = useSaveRecords(known.id);
  const navigate = useNavigate();
  const theirs = savedMeanwhile<ClassWhole>(save.error);
  const fields = fieldsOf(save.error);
  const send = (version: number) =>
    handleSubmit(({ records }) =>
      save.mutate(
        { version, records },
        {
          onSuccess: () => {
            draft.forget();
            forgetDraft(teachDraft(known.id));
            void navigate(`/classes/${known.id}/fitting`);
          },
        },
      ),
    );
  return (
    <Page
      title="After class"
      about={`${known.title}, ${sayDate(known.on)}`}
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${known.id}/fitting`, name: known.title },
      ]}
    >
      {!known.people.length && <Empty>Nobody was down for this class.</Empty>}
      <form noValidate className="space-y-4" onSubmit={(event) => void send(draft.base)(event)}>
        <DraftNotice draft={draft} />
        <ul className="space-y-3">
          {known.people.map(({ id, name }, i) => (
            <PersonRecord
              key={id}
              name={name}
              at={i}
              form={form}
              known={known}
              wrong={fields.filter((item) => item.field.startsWith(`records[${i}]`))}
            />
          ))}
        </ul>
        {theirs && (
          <Conflict
            what="this record"
            differences={differing(
              recordsOf(theirs).map((record, i) => [
                theirs.people[i]!.name,
                sayRecord(
                  getValues('records').find(({ personId }) => personId === record.personId) ?? record,
                ),
                sayRecord(record),
              ]),
            )}
            onMine={() => void send(theirs.version)()}
            onTheirs={() => {
              setKnown(theirs);
              draft.rebase(theirs.version);
              reset({ records: recordsOf(theirs) });
              save.reset();
            }}
          />
        )}
        {save.error && !theirs && <Problem error={save.error} />}
        {known.people.length > 0 && (
          <Button look="main" type="submit" disabled={save.isPending}>
            {save.isPending ? 'Saving …' : 'Save the record'}
          </Button>
        )}
      </form>
    </Page>
  );
}

/** One person's record: whether they came, pain, what was eased or stopped, a note. */
function PersonRecord({
  name,
  at,
  form: { register, control, watch },
  known,
  wrong,
}: {
  name: string;
  at: number;
  form: UseFormReturn<{ records: RecordEntry[] }>;
  known: ClassWhole;
  wrong: readonly { field: string; message: string }[];
}) {
  const entry = watch(`records.${at}`);
  return (
    <li
      className={`rounded-2xl border bg-paper p-4 ${wrong.length ? 'border-2 border-clay' : 'border-line'}`}
    >
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h2 className="w-48 text-lg">{name}</h2>
        <CheckField label="attended" aria-label={`${name} attended`} {...register(`records.${at}.came`)} />
        {entry.came && (
          <>
            {(['painBefore', 'painAfter'] as const).map((key) => (
              <Controller
                key={key}
                control={control}
                name={`records.${at}.${key}`}
                render={({ field }) => (
                  <Pain
                    label={key === 'painBefore' ? 'Pain before' : 'after'}
                    name={name}
                    value={field.value ?? null}
                    onChange={field.onChange}
                  />
                )}
              />
            ))}
            {moreBy(entry) >= 2 && <b className="text-clay">up by {moreBy(entry)}: ease next time</b>}
          </>
        )}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {entry.came && (
          <Controller
            control={control}
            name={`records.${at}.changes`}
            render={({ field }) => (
              <Changes known={known} name={name} changes={field.value} onChange={field.onChange} />
            )}
          />
        )}
        <label className="min-w-64 flex-1">
          <span className="sr-only">Note on {name}</span>
          <textarea
            rows={1}
            placeholder="Note"
            maxLength={2000}
            {...register(`records.${at}.word`)}
            className="block min-h-11 w-full rounded-lg border border-strong-line bg-paper px-3 py-2"
          />
        </label>
      </div>
      {wrong.map((item) => (
        <p key={item.field} role="alert" className="font-semibold text-clay">
          {item.message}
        </p>
      ))}
    </li>
  );
}

const Pain = ({
  label,
  name,
  value,
  onChange,
}: {
  label: string;
  name: string;
  value: number | null;
  onChange: (value: number | null) => void;
}) => (
  <label className="flex items-center gap-2">
    {label}
    <input
      type="number"
      min={0}
      max={10}
      inputMode="numeric"
      aria-label={`Pain ${label === 'after' ? 'after' : 'before'}, ${name}`}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
      className="min-h-11 w-18 rounded-lg border border-strong-line bg-paper px-2 text-center"
    />
    <span className="text-soft">of 10</span>
  </label>
);

/** What was eased or stopped on the day, step by step. */
function Changes({
  known,
  name,
  changes,
  onChange,
}: {
  known: ClassWhole;
  name: string;
  changes: RecordEntry['changes'];
  onChange: (changes: RecordEntry['changes']) => void;
}) {
  const title = (step: number): string =>
    `${step}. ${variantById(known.fitting.steps[step - 1]!.variant).pose.name}`;
  return (
    <>
      {changes.map((item) => (
        <span
          key={item.step}
          className="inline-flex items-center gap-1 rounded-full border border-line bg-sunk pl-3"
        >
          {title(item.step)} <b>{item.what}</b>
          <button
            type="button"
            aria-label={`Remove: ${title(item.step)} ${item.what}, ${name}`}
            className="min-h-9 px-2"
            onClick={() => onChange(changes.filter((other) => other !== item))}
          >
            <X aria-hidden size={16} />
          </button>
        </span>
      ))}
      {(['eased', 'stopped'] as const).map((what) => (
        <ComboboxField
          key={what}
          label={`Add a step ${what}, ${name}`}
          labelLook="hidden"
          placeholder={`${what} …`}
          className="w-40"
          nothing="No step of that name."
          choices={known.fitting.steps.map(({ step }) => ({ value: String(step), label: title(step) }))}
          value=""
          onChange={(chosen) =>
            onChange(
              [...changes.filter(({ step }) => step !== Number(chosen)), { step: Number(chosen), what }].sort(
                (a, b) => a.step - b.step,
              ),
            )
          }
        />
      ))}
    </>
  );
}
