import { PRONOUNS, pronounOf, readPerson, type InputError, type Pronoun } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm } from 'react-hook-form';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useSavePerson } from '../../data/people/useSavePerson.js';
import type { PersonLine } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { ErrorSummary } from '../../ui/ErrorSummary.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';
import { today } from '../../data/today.js';
import { Problem } from '../../ui/states.js';
import { ConditionPicker } from './ConditionPicker.js';
import { ClearanceFields, LimitFields } from './LimitFields.js';
import { personDifferences } from './personDifferences.js';
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
  const { register, handleSubmit, control, watch, setValue, getValues, reset, formState } = form;
  const conditions = useFieldArray({ control, name: 'conditions' });
  const save = useSavePerson(person?.id);
  // What the core can tell is said at once and all together; the server checks again and knows the namesakes.
  const [found, setFound] = useState<readonly InputError[]>([]);
  const fields = [...found, ...fieldsOf(save.error)];
  const wrong = (field: string): string | undefined => fields.find((item) => item.field === field)?.message;
  const theirs = savedMeanwhile<PersonLine>(save.error);
  const [version, setVersion] = useState(person?.version);
  const send = (onto: number | undefined) =>
    handleSubmit((values) => {
      const written = writtenOf(values, person);
      const errors: InputError[] = [];
      readPerson(written, '', errors, RULEBOOK, today());
      setFound(errors);
      save.reset();
      if (errors.length) return;
      save.mutate({ version: onto, draft: written }, { onSuccess: ({ id }) => onSaved(id) });
    });
  return (
    <form noValidate className="space-y-5" onSubmit={(event) => void send(version)(event)}>
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
        <SelectField label="Spoken of as" {...register('pronoun')} error={wrong('pronoun')}>
          <option value="">they, or by name</option>
          {PRONOUNS.map((word) => (
            <option key={word} value={word}>
              {word}
            </option>
          ))}
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
        <legend className="font-semibold">
          What {pronounOf({ pronoun: (watch('pronoun') || undefined) as Pronoun | undefined }).subject} can do
        </legend>
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
      <ErrorSummary messages={fields.map(({ message }) => message)} attempt={formState.submitCount} />
      {theirs ? (
        <Conflict
          what="this person"
          differences={personDifferences(getValues(), valuesOf(theirs))}
          onMine={() => void send(theirs.version)()}
          onTheirs={() => {
            reset(valuesOf(theirs));
            setVersion(theirs.version);
            save.reset();
          }}
        />
      ) : (
        save.error && !fieldsOf(save.error).length && <Problem error={save.error} />
      )}
      <div className="flex justify-end gap-3">
        <Button onClick={onCancel}>Cancel</Button>
        <Button look="main" type="submit" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Save person'}
        </Button>
      </div>
    </form>
  );
}
