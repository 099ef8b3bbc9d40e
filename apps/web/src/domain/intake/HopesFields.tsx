import { HOPES } from '@lotus-steady/core';
import type { UseFormReturn } from 'react-hook-form';
import { poseName } from '../../data/catalogue.js';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { CheckField } from '../../ui/Field.js';
import { usePosesOf } from '../../workers/useWork.js';
import type { PersonValues } from '../person/personValues.js';
import { useStaging } from '../person/useStaging.js';

/** So many poses that serve what is hoped for are named. */
const NAMED = 10;

/** What somebody hopes for, and which poses open to them serve it. */
export function HopesFields({
  form: { register },
  line,
}: {
  form: UseFormReturn<PersonValues>;
  line: PersonLine;
}) {
  const { data } = usePosesOf(line, useStaging(today()));
  return (
    <div className="space-y-4">
      <fieldset className="grid gap-x-6 sm:grid-cols-2">
        <legend className="sr-only">What they hope for</legend>
        {HOPES.map(({ id, words }) => (
          <CheckField key={id} label={words} value={id} {...register('hopes')} />
        ))}
      </fieldset>
      {data && data.good.length > 0 && (
        <p aria-live="polite">
          Serves it, and is open today: {data.good.slice(0, NAMED).map(poseName).join(', ').toLowerCase()}.
        </p>
      )}
    </div>
  );
}
