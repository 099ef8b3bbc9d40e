import { OPENING_WORDS, OPENINGS, type Condition, type LimitKind } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useQuery } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { useMemo } from 'react';
import { Controller, useFieldArray, type UseFormReturn } from 'react-hook-form';
import { catalogue, poseName } from '../../data/catalogue.js';
import { ownVariantsQuery } from '../../data/ownVariants/ownVariantsQuery.js';
import { Button } from '../../ui/Button.js';
import type { Choice } from '../../ui/choices.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';
import { waitsFor, type PersonValues } from './personValues.js';

const KINDS: Readonly<Record<string, LimitKind>> = RULEBOOK.limitKinds;

const KIND_CHOICES: readonly Choice[] = Object.entries(KINDS).map(([value, { says }]) => ({
  value,
  label: says,
}));

/** What a clearance may be for: a condition as a whole, or one of its rules. */
const clearanceChoices = (conditions: readonly Condition[]): Choice[] =>
  conditions.flatMap(({ id, name, rules }) => [
    { value: id, label: `${name}: may come to class`, group: name },
    ...rules
      .filter(({ level }) => level !== 'watch')
      .map((rule) => ({ value: rule.id, label: `lifts: ${rule.reason}`, group: name })),
  ]);

interface Props {
  form: UseFormReturn<PersonValues>;
  wrong: (field: string) => string | undefined;
}

/** A person's personal limits: what, how far, who set it and until when. */
export function LimitFields({ form: { control, register, watch }, wrong }: Props) {
  const { fields, append, remove } = useFieldArray({ control, name: 'limits' });
  return (
    <fieldset className="space-y-3">
      <legend className="font-semibold">Personal limits</legend>
      {fields.map((field, i) => {
        const kind = KINDS[watch(`limits.${i}.kind`)];
        const at = (key: string): string | undefined => wrong(`limits[${i}].${key}`);
        return (
          <div key={field.id} className="grid gap-3 rounded-xl border border-line bg-sunk p-4 sm:grid-cols-2">
            <Controller
              control={control}
              name={`limits.${i}.kind`}
              render={({ field: { ref, ...of } }) => (
                <ComboboxField label="What" error={at('kind')} choices={KIND_CHOICES} {...of} ref={ref} />
              )}
            />
            {kind?.unit && (
              <TextField
                label={kind.unit === 'degrees' ? 'Degrees' : 'Seconds'}
                inputMode="numeric"
                placeholder={String(kind.usual)}
                error={at('most')}
                {...register(`limits.${i}.most`)}
              />
            )}
            {kind?.sided && (
              <SelectField label="Side" error={at('side')} {...register(`limits.${i}.side`)}>
                <option value="">both</option>
                <option value="right">right</option>
                <option value="left">left</option>
              </SelectField>
            )}
            <TextField
              label="Set by"
              placeholder="themselves, physiotherapist, teacher"
              error={at('by')}
              {...register(`limits.${i}.by`)}
            />
            <TextField
              label="Until"
              type="date"
              error={at('until')}
              hint="Leave blank if there is no end date."
              {...register(`limits.${i}.until`)}
            />
            <TextField label="Why" error={at('why')} {...register(`limits.${i}.why`)} />
            <Button look="quiet" className="self-end justify-self-end" onClick={() => remove(i)}>
              <X aria-hidden size={18} />
              Remove
            </Button>
          </div>
        );
      })}
      <Button
        look="quiet"
        onClick={() =>
          append({
            kind: 'no-kneeling',
            side: '',
            most: '',
            by: '',
            until: '',
            why: '',
          })
        }
      >
        <Plus aria-hidden size={18} />A personal limit
      </Button>
    </fieldset>
  );
}

/** What a clearance opens: what was said, or no more than yes. */
function OpensFields({
  form: { control, register, watch },
  i,
  error,
  ordered,
}: {
  form: Props['form'];
  i: number;
  error: string | undefined;
  ordered: string | undefined;
}) {
  const says = watch(`clearances.${i}.says`);
  return (
    <div className="sm:col-span-2">
      <SelectField
        label="They said"
        error={error}
        hint={
          says ? 'Everything else waits.' : 'Opens what such a team usually means at that week, and no more.'
        }
        {...register(`clearances.${i}.says`)}
      >
        <option value="">yes, and no more</option>
        <option value="for-what">yes, for these:</option>
        <option value="ordered">only what they ordered:</option>
      </SelectField>
      {says === 'for-what' && (
        <div className="mt-2 flex flex-wrap gap-x-6">
          {OPENINGS.map((opening) => (
            <CheckField
              key={opening}
              label={OPENING_WORDS[opening]}
              value={opening}
              {...register(`clearances.${i}.opens`)}
            />
          ))}
        </div>
      )}
      {says && (
        <Controller
          control={control}
          name={`clearances.${i}.poses`}
          render={({ field }) => (
            <OrderedPoses poses={field.value} onChange={field.onChange} error={ordered} />
          )}
        />
      )}
    </div>
  );
}

/** Poses that a team ordered by name: added by typing, taken off one by one. */
function OrderedPoses({
  poses,
  onChange,
  error,
}: {
  poses: readonly string[];
  onChange: (poses: string[]) => void;
  error: string | undefined;
}) {
  const { isSuccess } = useQuery(ownVariantsQuery);
  const choices = useMemo(
    () => (isSuccess ? catalogue().poses.map(({ id, name }) => ({ value: id, label: name })) : []),
    [isSuccess],
  );
  return (
    <div className="mt-2 space-y-2">
      <ComboboxField
        label="Exercises they ordered"
        hint="Done as they said, also while the rest waits."
        placeholder="Add …"
        choices={choices.filter(({ value }) => !poses.includes(value))}
        value=""
        onChange={(pose) => pose && onChange([...poses, pose])}
        error={error}
      />
      {poses.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {poses.map((pose) => (
            <li key={pose} className="flex items-center gap-1 rounded-full border border-line bg-paper pl-3">
              {poseName(pose)}
              <button
                type="button"
                aria-label={`Remove: ${poseName(pose)}`}
                className="grid size-9 cursor-pointer place-items-center rounded-full text-soft hover:bg-sunk"
                onClick={() => onChange(poses.filter((one) => one !== pose))}
              >
                <X aria-hidden size={16} />
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Medical clearances: who gave it, when, until when, and for which condition or rule; it lifts only that. */
export function ClearanceFields({ form, wrong }: Props) {
  const { control, register, watch } = form;
  const { fields, append, remove } = useFieldArray({ control, name: 'clearances' });
  const has = watch('conditions').map(({ condition }) => condition);
  const conditions = RULEBOOK.conditions.filter(({ id }) => has.includes(id));
  return (
    <fieldset className="space-y-3">
      <legend className="font-semibold">Medical clearances</legend>
      {fields.map((field, i) => {
        const at = (key: string): string | undefined => wrong(`clearances[${i}].${key}`);
        return (
          <div key={field.id} className="grid gap-3 rounded-xl border border-line bg-sunk p-4 sm:grid-cols-2">
            <Controller
              control={control}
              name={`clearances.${i}.for`}
              render={({ field: { ref, ...of } }) => (
                <ComboboxField
                  label="For"
                  error={at('for')}
                  hint="Only what is named is lifted."
                  placeholder="Choose …"
                  choices={clearanceChoices(conditions)}
                  {...of}
                  ref={ref}
                />
              )}
            />
            <TextField
              label="Given by"
              placeholder="midwife, surgeon, physiotherapist"
              error={at('by')}
              {...register(`clearances.${i}.by`)}
            />
            <TextField label="On" type="date" error={at('on')} {...register(`clearances.${i}.on`)} />
            <TextField label="Until" type="date" error={at('until')} {...register(`clearances.${i}.until`)} />
            <TextField label="In their words" error={at('words')} {...register(`clearances.${i}.words`)} />
            {waitsFor(watch(`clearances.${i}.for`)) && (
              <OpensFields form={form} i={i} error={at('opens')} ordered={at('poses')} />
            )}
            <Button
              look="quiet"
              className="self-end justify-self-end sm:col-start-2"
              onClick={() => remove(i)}
            >
              <X aria-hidden size={18} />
              Remove
            </Button>
          </div>
        );
      })}
      <Button
        look="quiet"
        disabled={!conditions.length}
        onClick={() =>
          append({ for: '', says: '', opens: [], poses: [], by: '', on: '', until: '', words: '' })
        }
      >
        <Plus aria-hidden size={18} />A medical clearance
      </Button>
      {!conditions.length && (
        <p className="text-soft">A medical clearance is for a condition; add that first.</p>
      )}
    </fieldset>
  );
}
