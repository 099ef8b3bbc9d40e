import { changesOf, momentsOf, paceOf, sayPlace, taughtTimes, type TaughtTime } from '@lotus-steady/core';
import { catalogue } from '../../data/catalogue.js';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useForm } from 'react-hook-form';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useClass } from '../../data/classes/useClass.js';
import { marksWith, useMarks } from '../../data/classes/useMarks.js';
import { waiting } from '../../data/outbox/outbox.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveRecords } from '../../data/classes/useSaveRecords.js';
import type { ClassWhole, MarkInClass, RecordEntry } from '../../data/types.js';
import { today } from '../../data/today.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Page } from '../../ui/Page.js';
import { sayDate } from '../../domain/words/say.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { HowHard } from './HowHard.js';
import { PersonRecord } from './PersonRecord.js';
import { keptTeaching, teachDraft } from './useTeaching.js';

/** Afterwards: who came, pain before and after, what was eased or stopped, a word. */
export function AfterClassScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const marks = useMarks(id);
  if (reading.data && reading.data.on > today()) return <StillToCome known={reading.data} />;
  if (reading.data && marks.data) return <AfterForm known={reading.data} marks={marks.data} />;
  return (
    <Page title="After class">
      <Reading what="Loading the class" of={reading.error ? reading : marks} />
    </Page>
  );
}

const upOf = ({ id, title }: ClassWhole) => [
  { to: '/classes', name: 'Classes' },
  { to: `/classes/${id}/fitting`, name: title },
];

/** What has not been cannot be recorded. */
const StillToCome = ({ known }: { known: ClassWhole }) => (
  <Page title="After class" about={`${known.title}, ${sayDate(known.on)}`} up={upOf(known)}>
    <Empty>
      This class is still to come: it is recorded when it has been.{' '}
      <ButtonLink look="quiet" to={`/classes/${known.id}/fitting`}>
        To its fitting
      </ButtonLink>
    </Empty>
  </Page>
);

const blank = (person: ClassWhole['people'][number]): RecordEntry => ({
  personId: person.id,
  came: true,
  painBefore: person.today.pain ?? null,
  painAfter: null,
  effort: null,
  pressureAfter: null,
  changes: [],
  word: '',
});

const recordsOf = ({ people, records }: Pick<ClassWhole, 'people' | 'records'>): RecordEntry[] =>
  people.map((person) => records.find(({ personId }) => personId === person.id) ?? blank(person));

/** Records with what was noted in class; what is written down already stands. */
function withNoted(known: ClassWhole, marks: readonly MarkInClass[]): RecordEntry[] {
  return recordsOf(known).map((record) => {
    const steps = new Set(record.changes.map(({ step }) => step));
    const more = changesOf({ changes: marks }, record.personId).filter(({ step }) => !steps.has(step));
    return more.length
      ? { ...record, changes: [...record.changes, ...(more as RecordEntry['changes'])] }
      : record;
  });
}

/** What the class took, where it was taught on this device. */
function timesOf({ id, fitting }: ClassWhole, own: unknown): { times?: TaughtTime[] } {
  const kept = keptTeaching(id);
  // Of a class that was cut, what it came to is not what was planned.
  if (!kept?.teaching.spent.length || kept.left) return {};
  const pace = paceOf(own);
  const times = taughtTimes(kept.teaching, momentsOf(fitting, catalogue(), pace), pace);
  return times.length ? { times } : {};
}

/** A record in a line, to hold it against another. */
const sayRecord = ({
  came,
  painBefore,
  painAfter,
  effort,
  pressureAfter,
  changes,
  word,
}: RecordEntry): string =>
  came
    ? [
        typeof painBefore !== 'number' ? '' : `pain before ${painBefore}`,
        typeof painAfter !== 'number' ? '' : `after ${painAfter}`,
        typeof effort !== 'number' ? '' : `effort ${effort}`,
        pressureAfter ? `pressure ${pressureAfter}` : '',
        ...changes.map(sayChange),
        word,
      ]
        .filter(Boolean)
        .join(', ') || 'attended'
    : ['did not attend', word].filter(Boolean).join(', ');

const sayChange = ({ step, what, where, word }: RecordEntry['changes'][number]): string =>
  [`step ${step} ${what}`, where ? `${sayPlace(where)} hurt` : '', word ?? ''].filter(Boolean).join(': ');

function AfterForm(read: { known: ClassWhole; marks: readonly MarkInClass[] }) {
  // What the form began with, whatever is read meanwhile.
  const [known, setKnown] = useState(read.known);
  const [marks] = useState(() => marksWith(read.marks, read.known.id, waiting()));
  const form = useForm<{ records: RecordEntry[] }>({ defaultValues: { records: withNoted(known, marks) } });
  const { handleSubmit, reset, getValues, setValue } = form;
  const draft = useDraft(form, `class:${known.id}:after`, known.version);
  const save = useSaveRecords(known.id, [`class:${known.id}:after`, teachDraft(known.id)]);
  const navigate = useNavigate();
  const hall = useHall();
  const theirs = savedMeanwhile<ClassWhole>(save.error);
  const fields = fieldsOf(save.error);
  const send = (version: number) =>
    handleSubmit(({ records }) =>
      save.mutate(
        { version, records, marks: marks.map((mark) => mark.id), ...timesOf(known, hall.pace) },
        {
          onSuccess: (how) => {
            // What waits is told of on every screen, and what was typed stays here until it has arrived.
            if (how === 'saved') draft.forget();
            void navigate(`/classes/${known.id}/fitting`);
          },
        },
      ),
    );
  return (
    <Page title="After class" about={`${known.title}, ${sayDate(known.on)}`} up={upOf(known)}>
      {!known.people.length && <Empty>Nobody was down for this class.</Empty>}
      <form noValidate className="space-y-4" onSubmit={(event) => void send(draft.base)(event)}>
        <DraftNotice draft={draft} />
        {known.people.length > 0 && (
          <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
            <p className="max-w-xl text-soft">
              Everybody came and did what was planned, unless you say otherwise. How hard it was decides what
              is proposed next.
            </p>
            <HowHard
              label="How hard it was, for all"
              value={null}
              onChange={(effort) => {
                for (const [i, { came, effort: own }] of getValues('records').entries())
                  if (came && typeof own !== 'number')
                    setValue(`records.${i}.effort`, effort, { shouldDirty: true });
              }}
            />
          </div>
        )}
        <ul className="space-y-2">
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
          <ButtonLink look="quiet" to={`/incidents/new?class=${known.id}`}>
            Write an incident down
          </ButtonLink>
        )}
        {known.people.length > 0 && (
          <Button look="main" type="submit" disabled={save.isPending}>
            {save.isPending ? 'Saving …' : 'Save the record'}
          </Button>
        )}
      </form>
    </Page>
  );
}
