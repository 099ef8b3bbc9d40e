import { dateAfter, daysBetween } from '@lotus-steady/core';
import { CalendarPlus, LibraryBig } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useAddClasses } from '../../data/classes/useAddClasses.js';
import { useClass } from '../../data/classes/useClass.js';
import { useSequenceOfClass } from '../../data/classes/useSequenceOfClass.js';
import { useHall } from '../../data/hall/useHall.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { useChangeSequence } from '../../data/sequences/useChangeSequence.js';
import { useSequences } from '../../data/sequences/useSequences.js';
import { today } from '../../data/today.js';
import type { ClassWhole } from '../../data/types.js';
import { sayDate, sayPeople, sayWhen } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { CheckField, TextField } from '../../ui/Field.js';
import { OneOf } from '../../ui/OneOf.js';
import { Page } from '../../ui/Page.js';
import { Problem, Reading } from '../../ui/states.js';
import { copiesOf } from './copiesOf.js';

/** A class taught again: on another day, every week, or from its sequence in the library. */
export function AgainScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  const up = [
    { to: '/classes', name: 'Classes' },
    { to: `/classes/${id}/fitting`, name: data?.title ?? 'Class' },
  ];
  return (
    <Page title="Teach it again" up={up} {...(data ? { about: `${data.title}, ${sayWhen(data)}` } : {})}>
      {data ? (
        <div className="grid gap-10 lg:grid-cols-2">
          <Copies known={data} />
          <ItsSequence known={data} />
        </div>
      ) : (
        <Reading what="Loading the class" of={reading} />
      )}
    </Page>
  );
}

/** The next day of the same weekday that is not over yet, a week after a class at the earliest. */
function nextWeekday(on: string, now: string): string {
  const next = dateAfter(on, 7);
  return next >= now ? next : dateAfter(next, Math.ceil(daysBetween(next, now) / 7) * 7);
}

/** A year of weeks is as far as anyone plans. */
const WEEKS_MOST = 52;

function Copies({ known }: { known: ClassWhole }) {
  const [first, setFirst] = useState(nextWeekday(known.on, today()));
  const [time, setTime] = useState(known.time ?? '');
  const [often, setOften] = useState<'once' | 'weekly'>('once');
  const [weeks, setWeeks] = useState(8);
  const [withPeople, setWithPeople] = useState(true);
  const hall = useHall();
  const { data: people } = usePeopleByIds(known.people.map(({ id }) => id));
  const here = new Set(people?.map(({ id }) => id));
  const gone = people ? known.people.filter(({ id }) => !here.has(id)) : [];
  const adding = useAddClasses();
  const navigate = useNavigate();
  const isWeeks = weeks >= 2 && weeks <= WEEKS_MOST;
  const count = often === 'once' ? 1 : weeks;
  const days =
    first && (often === 'once' || isWeeks)
      ? Array.from({ length: count }, (_, i) => dateAfter(first, i * 7))
      : [];
  const add = (): void =>
    adding.mutate(
      copiesOf(known, { days, time, people: withPeople ? here : new Set(), hall: hall.houseView }),
      {
        onSuccess: (ids) => void navigate(ids.length === 1 ? `/classes/${ids[0]}/fitting` : '/classes'),
      },
    );
  return (
    <section aria-label="On another day" className="space-y-4">
      <h2 className="text-xl">On another day</h2>
      <OneOf
        label="How often"
        of={[
          ['once', 'Once'],
          ['weekly', 'Every week'],
        ]}
        value={often}
        onChange={setOften}
      />
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        <TextField
          label={often === 'once' ? 'Day' : 'First day'}
          type="date"
          value={first}
          onChange={(event) => setFirst(event.target.value)}
          {...(first ? {} : { error: 'Still needed: the day.' })}
        />
        <TextField label="Time" type="time" value={time} onChange={(event) => setTime(event.target.value)} />
        {often === 'weekly' && (
          <TextField
            label="How many"
            type="number"
            min={2}
            max={WEEKS_MOST}
            value={Number.isNaN(weeks) ? '' : weeks}
            onChange={(event) => setWeeks(event.target.valueAsNumber)}
            {...(isWeeks ? {} : { error: `2 to ${WEEKS_MOST}.` })}
          />
        )}
      </div>
      <CheckField
        label={`With its people (${sayPeople(known.people.length - gone.length)})`}
        checked={withPeople}
        onChange={(event) => setWithPeople(event.target.checked)}
      />
      {withPeople && gone.length > 0 && (
        <p className="text-soft">No longer in the list: {gone.map(({ name }) => name).join(', ')}.</p>
      )}
      {days.length > 0 && (
        <p className="text-soft">
          {days.length === 1
            ? sayDate(days[0]!)
            : `${days.length} classes, ${sayDate(days[0]!)} to ${sayDate(days.at(-1)!)}`}
          . Each is fitted anew for its day; how people are on the day is asked again.
        </p>
      )}
      {adding.error && <Problem error={adding.error} again={add} />}
      <Button look="main" disabled={!days.length || !people || adding.isPending} onClick={add}>
        <CalendarPlus aria-hidden size={20} />
        {adding.isPending ? `${adding.done} of ${days.length} …` : 'Put it in the diary'}
      </Button>
    </section>
  );
}

/** A class's sequence and the one of the library that it began from. */
function ItsSequence({ known: { id, version, sequenceId, sequenceText } }: { known: ClassWhole }) {
  const { data: sequences } = useSequences();
  const own = sequences?.find((one) => one.id === sequenceId);
  const save = useSequenceOfClass(id);
  const change = useChangeSequence();
  const navigate = useNavigate();
  const isSame = own?.source === sequenceText;
  const openDesk = (sequence: string): void => void navigate(`/sequences/${sequence}`);
  return (
    <section aria-label="Its sequence" className="space-y-4">
      <h2 className="text-xl">Its sequence</h2>
      {own && (
        <p>
          It began from{' '}
          <Link to={`/sequences/${own.id}`} className="font-semibold text-teal underline">
            {own.title}
          </Link>{' '}
          {isSame ? 'and is the same still.' : 'and has changed since.'}
        </p>
      )}
      {!own && <p className="text-soft">It is not in the library yet.</p>}
      <div className="flex flex-wrap gap-2">
        {own && !isSame && (
          <Button
            look="main"
            disabled={change.isPending}
            onClick={() =>
              change.mutate(
                { id: own.id, version: own.version, change: { source: sequenceText } },
                { onSuccess: () => openDesk(own.id) },
              )
            }
          >
            <LibraryBig aria-hidden size={20} />
            Save the changes there too
          </Button>
        )}
        {!isSame && (
          <Button
            look={own ? 'plain' : 'main'}
            disabled={save.isPending}
            onClick={() =>
              save.mutate({ version, source: sequenceText }, { onSuccess: (made) => openDesk(made.id) })
            }
          >
            <LibraryBig aria-hidden size={20} />
            Save as a new sequence
          </Button>
        )}
      </div>
      {[save.error, change.error].map((error, i) => error && <Problem key={i} error={error} />)}
      <p className="text-soft">
        The other way round:{' '}
        <Link to={`/classes/${id}/plan`} className="text-teal underline">
          change the plan
        </Link>{' '}
        and start from a sequence of the library.
      </p>
    </section>
  );
}
