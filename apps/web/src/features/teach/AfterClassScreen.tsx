import { variantById } from '../../data/catalogue.js';
import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useBlocker, useNavigate } from 'react-router';
import type { ApiError } from '../../data/client.js';
import { useClass } from '../../data/classes/useClass.js';
import { useSaveRecords } from '../../data/classes/useSaveRecords.js';
import type { ClassWhole, RecordEntry } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { CheckField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { sayDate } from '../../domain/words/say.js';
import { Empty, Problem, Reading } from '../../ui/states.js';

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

function AfterForm({ known }: { known: ClassWhole }) {
  const [entries, setEntries] = useState(() =>
    known.people.map(
      (person) => known.records.find((record) => record.personId === person.id) ?? blank(person),
    ),
  );
  const [touched, setTouched] = useState(false);
  const save = useSaveRecords(known.id);
  const navigate = useNavigate();
  const problem = save.error as ApiError | null;
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => touched && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent): void => {
      if (touched) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [touched]);
  const change = (i: number, part: Partial<RecordEntry>): void => {
    setTouched(true);
    setEntries((all) => all.map((entry, k) => (k === i ? { ...entry, ...part } : entry)));
  };
  const [saved, setSaved] = useState(false);
  useEffect(() => {
    if (saved && !touched) void navigate(`/classes/${known.id}/fitting`);
  }, [saved, touched, navigate, known.id]);
  return (
    <Page
      title="After class"
      about={`${known.title}, ${sayDate(known.on)}`}
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${known.id}/fitting`, name: known.title },
      ]}
    >
      {blocker.state === 'blocked' && (
        <Modal title="Leave without saving?" onClose={blocker.reset}>
          <p className="mb-5">What you wrote about this class would be lost.</p>
          <div className="flex flex-wrap justify-end gap-3">
            <Button onClick={blocker.proceed}>Leave without saving</Button>
            <Button look="main" onClick={blocker.reset}>
              Stay here
            </Button>
          </div>
        </Modal>
      )}
      {!entries.length && <Empty>Nobody was down for this class.</Empty>}
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate(
            { version: known.version, records: entries },
            {
              onSuccess: () => {
                setTouched(false);
                setSaved(true);
              },
            },
          );
        }}
      >
        <ul className="mb-5 space-y-3">
          {entries.map((entry, i) => {
            const name = known.people[i]!.name;
            const fields = problem?.fields.filter((item) => item.field.startsWith(`records[${i}]`)) ?? [];
            return (
              <li
                key={entry.personId}
                className={`rounded-2xl border bg-paper p-4 ${fields.length ? 'border-2 border-clay' : 'border-line'}`}
              >
                <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
                  <h2 className="w-48 text-lg">{name}</h2>
                  <CheckField
                    label="attended"
                    aria-label={`${name} attended`}
                    checked={entry.came}
                    onChange={(event) => change(i, { came: event.target.checked })}
                  />
                  {entry.came && (
                    <>
                      <Pain
                        label="Pain before"
                        name={name}
                        value={entry.painBefore ?? null}
                        onChange={(painBefore) => change(i, { painBefore })}
                      />
                      <Pain
                        label="after"
                        name={name}
                        value={entry.painAfter ?? null}
                        onChange={(painAfter) => change(i, { painAfter })}
                      />
                      {moreBy(entry) >= 2 && (
                        <b className="text-clay">up by {moreBy(entry)}: ease next time</b>
                      )}
                    </>
                  )}
                </div>
                <div className="mt-2 flex flex-wrap items-center gap-2">
                  {entry.came && (
                    <Changes
                      known={known}
                      name={name}
                      entry={entry}
                      onChange={(changes) => change(i, { changes })}
                    />
                  )}
                  <label className="min-w-64 flex-1">
                    <span className="sr-only">Note on {name}</span>
                    <textarea
                      rows={1}
                      placeholder="Note"
                      value={entry.word}
                      maxLength={2000}
                      onChange={(event) => change(i, { word: event.target.value })}
                      className="block min-h-11 w-full rounded-lg border border-strong-line bg-paper px-3 py-2"
                    />
                  </label>
                </div>
                {fields.map((item) => (
                  <p key={item.field} role="alert" className="font-semibold text-clay">
                    {item.message}
                  </p>
                ))}
              </li>
            );
          })}
        </ul>
        {problem && (
          <div className="mb-4">
            <Problem error={problem} />
          </div>
        )}
        {entries.length > 0 && (
          <Button look="main" type="submit" disabled={save.isPending}>
            {save.isPending ? 'Saving …' : 'Save the record'}
          </Button>
        )}
      </form>
    </Page>
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
  entry,
  onChange,
}: {
  known: ClassWhole;
  name: string;
  entry: RecordEntry;
  onChange: (changes: RecordEntry['changes']) => void;
}) {
  const title = (step: number): string =>
    `${step}. ${variantById(known.fitting.steps[step - 1]!.variant).pose.name}`;
  return (
    <>
      {entry.changes.map((item) => (
        <span
          key={item.step}
          className="inline-flex items-center gap-1 rounded-full border border-line bg-sunk pl-3"
        >
          {title(item.step)} <b>{item.what}</b>
          <button
            type="button"
            aria-label={`Remove: ${title(item.step)} ${item.what}, ${name}`}
            className="min-h-9 px-2"
            onClick={() => onChange(entry.changes.filter((other) => other !== item))}
          >
            <X aria-hidden size={16} />
          </button>
        </span>
      ))}
      {(['eased', 'stopped'] as const).map((what) => (
        <select
          key={what}
          aria-label={`Add a step ${what}, ${name}`}
          value=""
          className="min-h-11 rounded-lg border border-strong-line bg-paper px-2"
          onChange={(event) =>
            onChange(
              [
                ...entry.changes.filter((item) => item.step !== Number(event.target.value)),
                { step: Number(event.target.value), what },
              ].sort((a, b) => a.step - b.step),
            )
          }
        >
          <option value="">{what} …</option>
          {known.fitting.steps.map((step) => (
            <option key={step.step} value={step.step}>
              {title(step.step)}
            </option>
          ))}
        </select>
      ))}
    </>
  );
}
