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

/** What somebody hopes for. */
export const HopesFields = ({ form: { register } }: { form: UseFormReturn<PersonValues> }) => (
  <fieldset className="grid gap-x-6 sm:grid-cols-2">
    <legend className="sr-only">What they hope for</legend>
    {HOPES.map(({ id, words }) => (
      <CheckField key={id} label={words} value={id} {...register('hopes')} />
    ))}
  </fieldset>
);

/** Which poses that are open to somebody serve what they hope for. */
export function ServesHopes({ line }: { line: PersonLine }) {
  const { data } = usePosesOf(line, useStaging(today()));
  if (!data?.good.length) return null;
  return (
    <p aria-live="polite">
      Serves it, and is open today: {data.good.slice(0, NAMED).map(poseName).join(', ').toLowerCase()}.
    </p>
  );
}
