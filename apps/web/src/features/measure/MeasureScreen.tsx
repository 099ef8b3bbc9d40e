import { ageOn, RANGES_TO_MEASURE, type RangeToMeasure } from '@lotus-steady/core';
import { useState } from 'react';
import { poseName } from '../../data/catalogue.js';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { PersonPage, type OnPerson } from '../../domain/intake/PersonPage.js';
import { numbersIn } from '../../domain/person/personValues.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { usePoseChanges } from '../../workers/useWork.js';
import { RangeField } from './RangeField.js';
import { RangeList } from './RangeList.js';
import { Tests } from './Tests.js';

/** What can be measured and tested on somebody: each range with its picture, each test with its clock. */
export const MeasureScreen = ({ id }: { id: string }) => (
  <PersonPage id={id} title="Measure and test">
    {(on) => <Measuring {...on} />}
  </PersonPage>
);

function Measuring({ person, form }: OnPerson) {
  const [shown, setShown] = useState<RangeToMeasure>(RANGES_TO_MEASURE[0]!);
  const ranges = form.watch('ranges');
  const screening = form.watch('screening');
  const age = person.born === undefined ? undefined : ageOn(person.born, today());
  const now: PersonLine = { ...person, ranges: numbersIn(ranges), screening: numbersIn(screening) };
  return (
    <div className="max-w-6xl">
      <Changed before={person} now={now} />
      <h2 className="mb-3 text-xl">Ranges</h2>
      <div className="mb-10 grid gap-6 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <RangeList ranges={ranges} shown={shown} age={age} onShow={setShown} />
        <RangeField key={shown.range} of={shown} form={form} person={person} age={age} />
      </div>
      <Tests form={form} person={person} age={age} />
    </div>
  );
}

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
