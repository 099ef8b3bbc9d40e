import type { UseFormReturn } from 'react-hook-form';
import { BOX, FieldFrame } from '../../ui/Field.js';
import type { PersonValues } from '../person/personValues.js';

/** Why somebody comes, in their own words: what a class is for is read beside it. */
export const WhyFields = ({ form: { register } }: { form: UseFormReturn<PersonValues> }) => (
  <FieldFrame
    label="What brings you here?"
    hint="In their own words. It stands at the top of their page, and with their next class."
  >
    {(ids) => (
      <textarea
        {...ids}
        rows={4}
        maxLength={2000}
        {...register('why')}
        className={`${BOX} border-strong-line`}
      />
    )}
  </FieldFrame>
);
