import { LIMBS, PRONOUNS, pronounOf, type Pronoun } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { X } from 'lucide-react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { Button } from '../../ui/Button.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';
import { CAN_QUESTIONS, LIMB_ANSWERS, LIMB_LABELS } from './canWords.js';
import { ConditionPicker } from './ConditionPicker.js';
import { SCREENING, type PersonValues } from './personValues.js';
import { StageFields } from './StageFields.js';

interface Props {
  form: UseFormReturn<PersonValues>;
  /** What is wrong with a field, in words. */
  wrong: (field: string) => string | undefined;
}

/** Groups that the date of birth or the day tells; nobody needs to enter them. */
export const KNOWN_BY_ITSELF = new Set(['child', 'teenager', 'older-adult', 'acute-illness', 'menstruation']);

/** Name, birth, and how somebody is spoken of. */
export const WhoFields = ({ form: { register }, wrong }: Props) => (
  <div className="grid gap-4 sm:grid-cols-2">
    <TextField label="Name" autoFocus {...register('name')} error={wrong('name')} />
    <TextField
      label="Date of birth"
      type="date"
      {...register('born')}
      error={wrong('born')}
      hint="Children and older adults are known from it."
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
  </div>
);

/** Height and weight. */
export const SizeFields = ({ form: { register }, wrong }: Props) => (
  <div className="grid gap-4 sm:grid-cols-2">
    <TextField
      label="Height in cm"
      inputMode="numeric"
      placeholder="165"
      {...register('heightCm')}
      error={wrong('heightCm')}
      hint="Figures and props are sized to it."
    />
    <TextField
      label="Weight in kg"
      inputMode="decimal"
      {...register('weightKg')}
      error={wrong('weightKg')}
      hint="Only for how figures of them are drawn. May stay open."
    />
  </div>
);

/** What is counted and timed once; all of it, or what can be told without a test. */
export const ScreeningFields = ({
  form: { register },
  wrong,
  only,
}: Props & { only?: readonly string[] }) => (
  <div className="grid gap-4 sm:grid-cols-2">
    {SCREENING.filter(([key]) => !only || only.includes(key)).map(([key, label]) => (
      <TextField
        key={key}
        label={label}
        inputMode="decimal"
        {...register(`screening.${key}`)}
        error={wrong(`screening.${key}`)}
      />
    ))}
  </div>
);

/** What they can do: told, or left open, to be read from norms. */
export function CanFields({ form: { register, watch }, wrong }: Props) {
  const { subject } = pronounOf({ pronoun: (watch('pronoun') || undefined) as Pronoun | undefined });
  return (
    <fieldset className="space-y-4">
      <legend className="font-semibold">What {subject} can do</legend>
      <p className="text-soft">
        What is left open is read from what people of that age usually can do, and asked for.
      </p>
      <div className="flex flex-wrap gap-x-8">
        <CheckField label="stands" {...register('stand')} />
        <CheckField label="puts weight on the knees" {...register('kneel')} />
      </div>
      <div className="grid gap-4 sm:grid-cols-2">
        {CAN_QUESTIONS.map(({ key, label, answers }) => (
          <SelectField key={key} label={label} {...register(`can.${key}`)} error={wrong(`can.${key}`)}>
            <option value="">not known</option>
            {answers.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </SelectField>
        ))}
        {LIMBS.map((limb) => (
          <SelectField key={limb} label={LIMB_LABELS[limb]} {...register(`limbs.${limb}`)}>
            <option value="">full</option>
            {LIMB_ANSWERS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </SelectField>
        ))}
      </div>
    </fieldset>
  );
}

/** Conditions and groups, each with its questions. */
export function ConditionFields({ form: { control, watch, setValue }, wrong }: Props) {
  const conditions = useFieldArray({ control, name: 'conditions' });
  return (
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
        takesAnything
        onPick={(condition, words) => conditions.append({ condition, details: words ? { words } : {} })}
      />
    </fieldset>
  );
}
