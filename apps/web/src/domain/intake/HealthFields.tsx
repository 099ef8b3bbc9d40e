import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { X } from 'lucide-react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { ConditionPicker } from '../person/ConditionPicker.js';
import { KNOWN_BY_ITSELF } from '../person/PersonFields.js';
import type { PersonValues } from '../person/personValues.js';
import { SeveralConditions } from './SeveralConditions.js';

/** What somebody has, one after the other or several at once; what each asks about itself comes next. */
export function HealthFields({ form: { control, watch } }: { form: UseFormReturn<PersonValues> }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'conditions' });
  const taken = watch('conditions').map(({ condition }) => condition);
  return (
    <div className="space-y-4">
      <ConditionPicker
        label="A condition, an operation, a stage of life"
        taken={taken}
        without={KNOWN_BY_ITSELF}
        takesAnything
        onPick={(condition, words) => append({ condition, details: words ? { words } : {} })}
      />
      <SeveralConditions
        taken={taken}
        onAdd={(several) =>
          append(
            several.map(({ condition, words, side }) => ({
              condition,
              details: { ...(words ? { words } : {}), ...(side ? { side } : {}) },
            })),
          )
        }
      />
      {fields.length > 0 ? (
        <ul className="flex flex-wrap gap-2" aria-label="What there is">
          {fields.map((field, i) => {
            const condition = RULEBOOK.conditions.find(({ id }) => id === field.condition);
            const { words } = watch(`conditions.${i}.details`) ?? {};
            const name = condition?.name ?? field.condition;
            return (
              <li
                key={field.id}
                className="flex items-center gap-1 rounded-full border border-line bg-paper pl-4"
              >
                {name}
                {typeof words === 'string' && words && `: ${words}`}
                <button
                  type="button"
                  aria-label={`Take ${name} away`}
                  className="grid size-10 cursor-pointer place-items-center rounded-full text-soft hover:bg-sunk"
                  onClick={() => remove(i)}
                >
                  <X aria-hidden size={18} />
                </button>
              </li>
            );
          })}
        </ul>
      ) : (
        <p className="text-soft">Nothing so far. Someone without any is read as healthy for their age.</p>
      )}
    </div>
  );
}
