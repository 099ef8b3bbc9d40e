import { PAIN_MATTERS, parseReading } from '@lotus-steady/core';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useId, useState } from 'react';
import { Controller, type UseFormReturn } from 'react-hook-form';
import type { ClassWhole, RecordEntry } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { CheckField, TextField } from '../../ui/Field.js';
import { HowHard } from './HowHard.js';
import { StepChanges } from './StepChanges.js';

/** By how much pain is more after class than before; 0 where either is not known. */
const moreBy = ({ painBefore, painAfter }: RecordEntry): number =>
  (painAfter ?? 0) - (painBefore ?? painAfter ?? 0);

/** Whether there is more to see of a record than a line. */
const hasMore = ({ changes, word, pressureAfter }: RecordEntry): boolean =>
  changes.length > 0 || word !== '' || Boolean(pressureAfter);

/** One person's record: a line where all was as planned; what was different unfolds. */
export function PersonRecord({
  name,
  at,
  form: { register, control, watch, formState },
  known,
  wrong,
}: {
  name: string;
  at: number;
  form: UseFormReturn<{ records: RecordEntry[] }>;
  known: ClassWhole;
  wrong: readonly { field: string; message: string }[];
}) {
  const entry = watch(`records.${at}`);
  const [isOpen, setOpen] = useState(() => hasMore(entry) || known.people[at]?.today.bp !== undefined);
  const more = useId();
  const pressureWrong = formState.errors.records?.[at]?.pressureAfter?.message;
  return (
    <li
      className={`rounded-2xl border bg-paper px-4 py-2 ${wrong.length ? 'border-2 border-clay' : 'border-line'}`}
    >
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h2 className="w-44 text-lg">{name}</h2>
        <CheckField label="attended" aria-label={`${name} attended`} {...register(`records.${at}.came`)} />
        {entry.came && (
          <>
            {(['painBefore', 'painAfter'] as const).map((key) => (
              <Controller
                key={key}
                control={control}
                name={`records.${at}.${key}`}
                render={({ field }) => (
                  <Pain
                    label={key === 'painBefore' ? 'Pain before' : 'after'}
                    name={name}
                    value={field.value ?? null}
                    onChange={field.onChange}
                  />
                )}
              />
            ))}
            <Controller
              control={control}
              name={`records.${at}.effort`}
              render={({ field }) => (
                <HowHard
                  label={`How hard it was, ${name}`}
                  shown="How hard"
                  value={field.value ?? null}
                  onChange={field.onChange}
                />
              )}
            />
          </>
        )}
        <Button
          look="quiet"
          aria-expanded={isOpen}
          aria-controls={more}
          aria-label={`What was different, ${name}`}
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? <ChevronDown aria-hidden size={18} /> : <ChevronRight aria-hidden size={18} />}
          What was different
        </Button>
        {moreBy(entry) >= PAIN_MATTERS && <b className="text-clay">up by {moreBy(entry)}: ease next time</b>}
      </div>
      <div id={more} className="mt-1 mb-1 space-y-2" hidden={!isOpen}>
        {entry.came && (
          <Controller
            control={control}
            name={`records.${at}.changes`}
            render={({ field }) => (
              <StepChanges known={known} name={name} changes={field.value} onChange={field.onChange} />
            )}
          />
        )}
        <div className="flex flex-wrap items-start gap-3">
          {entry.came && (
            <TextField
              label="Pressure after"
              aria-label={`Pressure after, ${name}`}
              className="w-40"
              placeholder="142/88"
              inputMode="numeric"
              {...(pressureWrong ? { error: pressureWrong } : {})}
              {...register(`records.${at}.pressureAfter`, {
                setValueAs: (typed: string | null) => typed?.trim() || null,
                validate: (typed) =>
                  !typed || parseReading(typed) !== undefined || 'Two numbers, the higher first: 142/88.',
              })}
            />
          )}
          <label className="min-w-64 flex-1">
            <span className="mb-1 block font-semibold">Note</span>
            <textarea
              rows={1}
              aria-label={`Note on ${name}`}
              maxLength={2000}
              {...register(`records.${at}.word`)}
              className="block min-h-11 w-full rounded-lg border border-strong-line bg-paper px-3 py-2"
            />
          </label>
        </div>
      </div>
      {wrong.map((item) => (
        <p key={item.field} role="alert" className="font-semibold text-clay">
          {item.message}
        </p>
      ))}
    </li>
  );
}

const Pain = ({
  label,
  name,
  value,
  onChange,
}: {
  label: string;
  name: string;
  value: number | null;
  onChange: (value: number | null) => void;
}) => (
  <label className="flex items-center gap-2">
    {label}
    <input
      type="number"
      min={0}
      max={10}
      inputMode="numeric"
      aria-label={`Pain ${label === 'after' ? 'after' : 'before'}, ${name}`}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
      className="min-h-11 w-16 rounded-lg border border-strong-line bg-paper px-2 text-center"
    />
  </label>
);
