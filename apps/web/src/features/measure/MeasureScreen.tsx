import { ageOn, RANGES_TO_MEASURE, type RangeToMeasure } from '@lotus-steady/core';
import { useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { poseName } from '../../data/catalogue.js';
import { lineIn } from '../../data/people/lineIn.js';
import { usePerson } from '../../data/people/usePerson.js';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { useSavedAsTyped } from '../../domain/intake/useSavedAsTyped.js';
import { MergeFields } from '../../domain/person/MergeFields.js';
import { valuesOf, type PersonValues } from '../../domain/person/personValues.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { Page } from '../../ui/Page.js';
import { Reading } from '../../ui/states.js';
import { usePoseChanges } from '../../workers/useWork.js';
import { RangeField } from './RangeField.js';
import { RangeList } from './RangeList.js';
import { Tests } from './Tests.js';

/** What can be measured and tested on somebody: each range with its picture, each test with its clock. */
export function MeasureScreen({ id }: { id: string }) {
  const reading = usePerson(id);
  if (reading.data) return <Measuring person={lineIn(reading.data)} />;
  return (
    <Page title="Measure and test" up={[{ to: '/people', name: 'People' }]}>
      <Reading what="Loading" of={reading} />
    </Page>
  );
}

const SAID = {
  saved: 'All changes saved',
  saving: 'Saving …',
  waiting: 'Saving …',
  'not-saved': 'Not saved yet',
  conflict: 'Not saved yet',
} as const;

function Measuring({ person: read }: { person: PersonLine }) {
  const start = useRef(read);
  const person = start.current;
  const form = useForm<PersonValues>({ defaultValues: valuesOf(person) });
  const kept = useSavedAsTyped(person, form);
  const [shown, setShown] = useState<RangeToMeasure>(RANGES_TO_MEASURE[0]!);
  const ranges = form.watch('ranges');
  const screening = form.watch('screening');
  const age = person.born === undefined ? undefined : ageOn(person.born, today());
  const now: PersonLine = { ...person, ranges: numbersIn(ranges), screening: numbersIn(screening) };
  return (
    <Page
      title={`Measure and test: ${person.name}`}
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${person.id}`, name: person.name },
      ]}
      about={
        <span role="status" aria-live="polite">
          {SAID[kept.state.saved]}
          {kept.state.problem && `: ${kept.state.problem}`}
        </span>
      }
    >
      {kept.conflicts.length > 0 && (
        <MergeFields what="this person" conflicts={kept.conflicts} onDecide={kept.decide} />
      )}
      <Changed before={person} now={now} />
      <h2 className="mb-3 text-xl">Ranges</h2>
      <div className="mb-10 grid gap-6 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <RangeList ranges={ranges} shown={shown} age={age} onShow={setShown} />
        <RangeField key={shown.range} of={shown} form={form} person={person} age={age} />
      </div>
      <Tests form={form} person={person} age={age} />
    </Page>
  );
}

/** What was typed, as numbers; what is no number is not there yet. */
const numbersIn = (typed: Readonly<Record<string, string>>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(typed).flatMap(([key, value]) => {
      const number = Number(value.replace(',', '.'));
      return value.trim() && Number.isFinite(number) ? [[key, number]] : [];
    }),
  );

/** So many poses are named. */
const NAMED = 8;

/** What everything measured on this visit opens and closes in their poses. */
function Changed({ before, now }: { before: PersonLine; now: PersonLine }) {
  const { data } = usePoseChanges(before, now, useStaging(today()));
  const say = (poses: readonly string[]): string =>
    `${poses.slice(0, NAMED).map(poseName).join(', ').toLowerCase()}${
      poses.length > NAMED ? ` and ${poses.length - NAMED} more` : ''
    }`;
  return (
    <p role="status" aria-live="polite" className="mb-5 rounded-xl bg-sunk px-4 py-3">
      {!data || (!data.opens.length && !data.closes.length) ? (
        'Nothing measured today has opened or closed a pose so far.'
      ) : (
        <>
          {data.opens.length > 0 && <>Opens {say(data.opens)}. </>}
          {data.closes.length > 0 && <>Closes {say(data.closes)}.</>}
        </>
      )}
    </p>
  );
}
