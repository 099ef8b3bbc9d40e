import type { UseFormReturn } from 'react-hook-form';
import { BOX, FieldFrame } from '../../ui/Field.js';
import type { PersonValues } from '../person/personValues.js';

/** Why somebody comes, in their own words: what a class is for is read beside it. */
export const WhyFields = ({
  form: { register },
  own,
}: {
  form: UseFormReturn<PersonValues>;
  /** She says it herself. */
  own?: boolean;
}) => (
  <FieldFrame
    label="What brings you here?"
    hint={own ? 'In your own words.' : 'In their own words. It stands at the top of their page.'}
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
