import { readPerson, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm } from 'react-hook-form';
import type { ApiError } from '../../data/client.js';
import { useSavePerson } from '../../data/people/useSavePerson.js';
import type { PersonLine } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';
import { today } from '../../data/today.js';
import { Problem } from '../../ui/states.js';
import { ConditionPicker } from './ConditionPicker.js';
import { ClearanceFields, LimitFields } from './LimitFields.js';
import { SCREENING, valuesOf, writtenOf, type PersonValues } from './personValues.js';
import { StageFields } from './StageFields.js';

/** Groups that the date of birth or the day tells; nobody needs to enter them. */
const KNOWN_BY_ITSELF = new Set(['child', 'teenager', 'older-adult', 'acute-illness', 'menstruation']);

/** The short form of a person. What is wrong is said at its field; nothing typed is lost. */
export function PersonForm({
  person,
  onSaved,
  onCancel,
}: {
  person?: PersonLine;
  onSaved: (id: string) => void;
  onCancel: () => void;
}) {
  const form = useForm<PersonValues>({ defaultValues: valuesOf(person) });
  const { register, handleSubmit, control, watch, setValue } = form;
  const conditions = useFieldArray({ control, name: 'conditions' });
  const save = useSavePerson(person?.id);
  // What the core can tell is said at once and all together; the server checks again and knows the namesakes.
  const [found, setFound] = useState<readonly InputError[]>([]);
  const problem = save.error as ApiError | null;
  const fields = [...found, ...(problem?.fields ?? [])];
  const wrong = (field: string): string | undefined => fields.find((item) => item.field === field)?.message;
  const shown = new Set(['name', 'born', 'heightCm', 'sex', ...SCREENING.map(([key]) => `screening.${key}`)]);
  const others = fields.filter(
    (item) => !shown.has(item.field) && !/^(conditions|limits|clearances)\[/.test(item.field),
  );
  return (
    <form
      noValidate
      className="space-y-5"
      onSubmit={(event) =>
        void handleSubmit(async (values) => {
          const written = writtenOf(values, person);
          const errors: InputError[] = [];
          readPerson(written, '', errors, RULEBOOK, today());
          setFound(errors);
          save.reset();
          if (errors.length) return;
          const saved = await save
            .mutateAsync({ version: person?.version, draft: written })
            .catch(() => undefined);
          if (saved) onSaved(saved.id);
        })(event)
      }
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label="Name" autoFocus {...register('name')} error={wrong('name')} />
        <TextField
          label="Date of birth"
          type="date"
          {...register('born')}
          error={wrong('born')}
          hint="Children and older adults are known from it."
        />
        <TextField
          label="Height in cm"
          inputMode="numeric"
          placeholder="165"
          {...register('heightCm')}
          error={wrong('heightCm')}
        />
        <SelectField label="Norms for" {...register('sex')} error={wrong('sex')}>
          <option value="">not said</option>
          <option value="woman">women</option>
          <option value="man">men</option>
        </SelectField>
        {SCREENING.map(([key, label]) => (
          <TextField
            key={key}
            label={label}
            inputMode="decimal"
            {...register(`screening.${key}`)}
            error={wrong(`screening.${key}`)}
          />
        ))}
      </div>
      <fieldset className="flex flex-wrap gap-x-8">
        <legend className="font-semibold">What works</legend>
        <CheckField label="stands" {...register('stand')} />
        <CheckField label="gets to the floor and back" {...register('floor')} />
        <CheckField label="puts weight on the knees" {...register('kneel')} />
      </fieldset>
      <fieldset className="space-y-3">
        <legend className="font-semibold">Conditions and groups</legend>
        {conditions.fields.map((entry, i) => {
          const condition = RULEBOOK.conditions.find(
            (known) => known.id === watch(`conditions.${i}.condition`),
          );
          return (
            condition && (
              <div key={entry.id} className="rounded-xl border border-line bg-sunk p-4">
                <div className="flex items-center justify-between">
                  <h3 className="text-lg">{condition.name}</h3>
                  <Button
                    look="quiet"
                    onClick={() => conditions.remove(i)}
                    aria-label={`Take ${condition.name} away`}
                  >
                    <X aria-hidden size={20} />
                  </Button>
                </div>
                {wrong(`conditions[${i}].condition`) && (
                  <p className="font-semibold text-clay">{wrong(`conditions[${i}].condition`)}</p>
                )}
                {condition.clearance && (
                  <p className="mb-2 text-soft">Medical clearance: {condition.clearance}</p>
                )}
                <StageFields
                  condition={condition}
                  details={watch(`conditions.${i}.details`)}
                  wrong={(key) => wrong(`conditions[${i}].${key}`)}
                  onChange={(details) => setValue(`conditions.${i}.details`, details, { shouldDirty: true })}
                />
              </div>
            )
          );
        })}
        <ConditionPicker
          label="Add one"
          taken={watch('conditions').map(({ condition }) => condition)}
          without={KNOWN_BY_ITSELF}
          onPick={(condition) => conditions.append({ condition, details: {} })}
        />
      </fieldset>
      <LimitFields form={form} wrong={wrong} />
      <ClearanceFields form={form} wrong={wrong} />
      {others.length > 0 && (
        <ul role="alert" className="text-clay">
          {others.map((item) => (
            <li key={item.field}>{item.message}</li>
          ))}
        </ul>
      )}
      {problem && !problem.fields.length && <Problem error={problem} />}
      <div className="flex justify-end gap-3">
        <Button onClick={onCancel}>Cancel</Button>
        <Button look="main" type="submit" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Save person'}
        </Button>
      </div>
    </form>
  );
}
