import { LIMBS } from '@lotus-steady/core';
import { useId } from 'react';
import { Controller, type UseFormReturn } from 'react-hook-form';
import { Figure } from '../figure/Figure.js';
import { CAN_QUESTIONS, LIMB_ANSWERS, LIMB_LABELS } from '../person/canWords.js';
import type { PersonValues } from '../person/personValues.js';

interface Props {
  form: UseFormReturn<PersonValues>;
}

/** What each question looks like: a variant, and which of its key frames. */
const DRAWN: Readonly<Record<string, readonly [variant: string, frame?: number]>> = {
  stand: ['mountain.full'],
  chair: ['sit-to-stand.chair', 1],
  floor: ['low-lunge.hands-on-chair'],
  oneLeg: ['tree.foot-low'],
  walks: ['walk-round.walking', 0],
  kneel: ['tall-kneel.hands-on-hips'],
  hands: ['table.hands'],
  overhead: ['arm-raise.standing', 1],
  flat: ['final-rest.flat'],
  sits: ['easy-seat.blankets'],
  practised: ['meditation.cross-legged'],
};

/** In the order of getting up: standing and moving first, then weight on limbs, then rest. */
const ORDER = [
  'chair',
  'floor',
  'oneLeg',
  'walks',
  'hands',
  'overhead',
  'flat',
  'sits',
  'practised',
] as const;

const YES_NO = [
  [true, 'yes'],
  [false, 'no'],
] as const;

/** The dozen questions of what someone can do, each with its picture; what is left open is read from norms. */
export function DrawnAbilities({ form }: Props) {
  const { control } = form;
  const question = (key: (typeof ORDER)[number]) => CAN_QUESTIONS.find((one) => one.key === key)!;
  return (
    <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
      {(['stand', 'kneel'] as const).map((key) => (
        <Controller
          key={key}
          control={control}
          name={key}
          render={({ field }) => (
            <Question
              title={key === 'stand' ? 'Stands' : 'Weight on the knees'}
              drawn={DRAWN[key]!}
              answers={YES_NO}
              value={field.value}
              onChange={field.onChange}
            />
          )}
        />
      ))}
      {ORDER.map((key) => (
        <Controller
          key={key}
          control={control}
          name={`can.${key}`}
          render={({ field }) => (
            <Question
              title={question(key).label}
              drawn={DRAWN[key]!}
              answers={[...question(key).answers, ['', 'take back']]}
              value={field.value}
              onChange={field.onChange}
            />
          )}
        />
      ))}
      <Limbs form={form} />
    </div>
  );
}

/** A question with its picture and its answers, of which one holds. */
function Question<T extends string | boolean>({
  title,
  drawn: [variant, frame],
  answers,
  value,
  onChange,
}: {
  title: string;
  drawn: readonly [variant: string, frame?: number];
  answers: readonly (readonly [T, string])[];
  value: T;
  onChange: (value: T) => void;
}) {
  const name = useId();
  return (
    <fieldset className="flex gap-2 rounded-2xl border border-line bg-paper p-2 pr-3">
      <legend className="sr-only">{title}</legend>
      <Figure
        variant={variant}
        frame={frame}
        decorative
        width={84}
        height={96}
        className="w-20 shrink-0 self-start"
      />
      <div className="min-w-0">
        <p aria-hidden className="mb-1 font-semibold">
          {title}
        </p>
        <div className="flex flex-wrap gap-1">
          {answers.map(([answer, words]) =>
            answer === '' && value === '' ? null : (
              <label
                key={String(answer)}
                className={
                  'flex min-h-7 cursor-pointer items-center rounded-full border px-2.5 text-sm ' +
                  'has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-teal ' +
                  lookOf(answer === value, answer === '')
                }
              >
                <input
                  type="radio"
                  className="sr-only"
                  name={name}
                  checked={answer === value}
                  onChange={() => onChange(answer)}
                />
                {words}
              </label>
            ),
          )}
        </div>
      </div>
    </fieldset>
  );
}

/** What holds is filled; that nothing is to be known any more is said quietly. */
function lookOf(isChosen: boolean, isOpen: boolean): string {
  if (isOpen) return 'border-transparent text-soft underline';
  return isChosen ? 'border-teal bg-teal text-teal-ink' : 'border-strong-line';
}

/** Each limb: full, or what is the matter with it. */
const Limbs = ({ form: { register } }: Props) => (
  <fieldset className="rounded-2xl border border-line bg-paper p-2 px-3">
    <legend className="sr-only">Limbs</legend>
    <p aria-hidden className="mb-1 font-semibold">
      Arms and legs
    </p>
    <div className="grid grid-cols-2 gap-x-3 gap-y-1">
      {LIMBS.map((limb) => (
        <label key={limb} className="text-sm text-soft">
          {LIMB_LABELS[limb]}
          <select
            {...register(`limbs.${limb}`)}
            className="mt-0.5 min-h-9 w-full rounded-md border border-strong-line bg-paper px-2 text-ink"
          >
            <option value="">full</option>
            {LIMB_ANSWERS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </label>
      ))}
    </div>
  </fieldset>
);
