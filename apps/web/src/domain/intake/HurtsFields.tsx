import { placeOf, sayPlace } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState } from 'react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { Button } from '../../ui/Button.js';
import type { PersonValues } from '../person/personValues.js';
import { BodyOutline } from './BodyOutline.js';

/**
 * Where it hurts, pointed at; what it may be is asked at once, for a place alone changes nothing: a name does, and
 * *something else* takes it in its own words.
 */
export function HurtsFields({ form: { control, watch } }: { form: UseFormReturn<PersonValues> }) {
  const { append } = useFieldArray({ control, name: 'conditions' });
  const [places, setPlaces] = useState<string[]>([]);
  const conditions = watch('conditions');
  const taken = new Set(conditions.map(({ condition }) => condition));
  const add = (condition: string, place: string): void => {
    const { side } = placeOf(place)!;
    const known = RULEBOOK.condition(condition);
    append({
      condition,
      details: {
        ...(side && known.fields.some(({ key }) => key === 'side') ? { side } : {}),
        ...(condition === 'something-else' ? { words: `pain: ${sayPlace(place)}` } : {}),
      },
    });
  };
  return (
    <div className="flex flex-wrap gap-6">
      <BodyOutline label="Where it hurts" places={places} onChange={setPlaces} />
      <div className="min-w-64 flex-1 space-y-4" aria-live="polite">
        {!places.length && <p className="text-soft">Point at what hurts; then say what it is.</p>}
        {places.map((place) => {
          const { place: at } = placeOf(place)!;
          return (
            <section key={place}>
              <h3 className="text-lg first-letter:uppercase">{sayPlace(place)}</h3>
              <div className="mt-1 flex flex-wrap gap-2">
                {[...at.conditions, 'something-else'].map((id) => (
                  <Button key={id} disabled={taken.has(id)} onClick={() => add(id, place)}>
                    {RULEBOOK.condition(id).name}
                    {taken.has(id) && ': noted'}
                  </Button>
                ))}
              </div>
            </section>
          );
        })}
      </div>
    </div>
  );
}
