import { HOUSE_PROPS, sayHeld, USUAL_HOUSE, type HomeStep, type HouseProp } from '@lotus-steady/core';
import { useState } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useHomeDraft, useKeepHome } from '../../data/home/useHome.js';
import { variantById } from '../../data/catalogue.js';
import type { PersonKnown, PersonRecord } from '../../data/types.js';
import { Figure } from '../../domain/figure/Figure.js';
import { nameOfHomeStep } from '../../domain/person/nameOfHomeStep.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { BOX, CheckField, FieldFrame, SelectField, TextField } from '../../ui/Field.js';
import { Problem, Reading } from '../../ui/states.js';
import { classesOf } from './classesOf.js';

/** How a house's things are called. */
const CALLED: Readonly<Record<HouseProp, string>> = {
  wall: 'a free wall',
  chair: 'a firm chair',
  table: 'a table',
  book: 'thick books',
  cushion: 'cushions',
  blanket: 'blankets',
  tie: 'a tie or belt',
  towel: 'a towel',
  rug: 'a mat or rug',
};

interface Form {
  classId: string;
  has: HouseProp[];
  /** Numbers of steps; undefined where what is proposed is taken. */
  chosen: number[] | null;
  notes: Record<string, string>;
  times: Record<string, string>;
  words: string;
  whom: string;
  until: string;
}

/** Something new to practise, from one of her classes. */
export function NewHome({
  person,
  records,
  isAnother,
}: {
  person: PersonKnown;
  records: readonly PersonRecord[];
  isAnother: boolean;
}) {
  const classes = classesOf(records);
  const form = useForm<Form>({
    defaultValues: {
      classId: classes[0]?.classId ?? '',
      has: [...USUAL_HOUSE],
      chosen: null,
      notes: {},
      times: {},
      words: '',
      whom: '',
      until: '',
    },
  });
  const draft = useDraft(form, `home:${person.id}`, 0);
  const [isOpen, setOpen] = useState(!isAnother || draft.typedAt !== undefined);
  const [first] = person.name.split(' ');
  if (!classes.length)
    return (
      <p className="text-soft">{first} has come to no class lately: there is nothing to take it from.</p>
    );
  if (!isOpen) return <Button onClick={() => setOpen(true)}>Something new, from a class</Button>;
  return (
    <section aria-labelledby="new" className="space-y-5">
      <h2 id="new" className="text-xl">
        {isAnother ? 'Something new' : 'From a class'}
      </h2>
      <DraftNotice draft={draft} />
      <SelectField label="Which class" className="max-w-md" {...form.register('classId')}>
        {classes.map(({ classId, title, on }) => (
          <option key={classId} value={classId}>
            {sayDate(on)}: {title}
          </option>
        ))}
      </SelectField>
      <House form={form} />
      <Choice
        person={person}
        form={form}
        onKept={() => {
          draft.forget();
          setOpen(false);
        }}
      />
    </section>
  );
}

function House({ form }: { form: UseFormReturn<Form> }) {
  const has = form.watch('has');
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">In the house</legend>
      <div className="flex flex-wrap gap-x-5">
        {HOUSE_PROPS.map((prop) => (
          <CheckField
            key={prop}
            label={CALLED[prop]}
            checked={has.includes(prop)}
            onChange={({ target }) =>
              form.setValue(
                'has',
                HOUSE_PROPS.filter((one) => (one === prop ? target.checked : has.includes(one))),
                { shouldDirty: true },
              )
            }
          />
        ))}
      </div>
    </fieldset>
  );
}

/** What is safe alone, what of it she takes, and what is not for home. */
function Choice({
  person: { id, name },
  form,
  onKept,
}: {
  person: PersonKnown;
  form: UseFormReturn<Form>;
  onKept: () => void;
}) {
  const { classId, has, chosen, notes, times, words, whom, until } = form.watch();
  const reading = useHomeDraft(id, classId, has);
  const keep = useKeepHome(id);
  const { data } = reading;
  if (!data) return <Reading what="Looking what is safe alone" of={reading} />;
  const { draft } = data;
  const taken = (chosen ?? data.chosen).filter((step) => draft.steps.some((one) => one.step === step));
  const take = (step: number, isTaken: boolean): void =>
    form.setValue('chosen', isTaken ? [...taken, step] : taken.filter((one) => one !== step), {
      shouldDirty: true,
    });
  const [first] = name.split(' ');
  if (draft.refused)
    return (
      <p role="status" className="rounded-xl border-2 border-clay p-4">
        <b>Nothing for home just now.</b> {draft.refused}
      </p>
    );
  const save = (): void =>
    keep.mutate(
      {
        ...{ classId, has, words: words.trim(), whom: whom.trim(), until: until || data.until },
        steps: taken.map((step) => ({
          step,
          ...(notes[step]?.trim() ? { note: notes[step].trim() } : {}),
          ...(times[step] ? { timesADay: Number(times[step]) } : {}),
        })),
      },
      { onSuccess: onKept },
    );
  return (
    <>
      {draft.withWhom && <p className="font-semibold">Together with {draft.withWhom}.</p>}
      <ul className={`space-y-3 ${reading.isFetching ? 'opacity-60' : ''}`}>
        {draft.steps.map((step) => (
          <Step
            key={step.step}
            step={step}
            isTaken={taken.includes(step.step)}
            form={form}
            onTake={(isTaken) => take(step.step, isTaken)}
          />
        ))}
      </ul>
      {draft.notAtHome.length > 0 && (
        <details>
          <summary className="min-h-6 content-center text-teal">
            Not for home ({draft.notAtHome.length})
          </summary>
          <ul className="list-disc pl-5">
            {draft.notAtHome.map(({ step, variant, why }) => (
              <li key={step}>
                <b>{variantById(variant).pose.name}</b>: {why}
              </li>
            ))}
          </ul>
        </details>
      )}
      <FieldFrame label={`Words to ${first}`}>
        {(ids) => (
          <textarea
            {...ids}
            rows={3}
            maxLength={1000}
            {...form.register('words')}
            className={`${BOX} border-strong-line max-w-3xl`}
          />
        )}
      </FieldFrame>
      <div className="flex flex-wrap gap-4">
        <TextField
          label="Whom to ask: a name, a number"
          className="min-w-72"
          maxLength={200}
          {...form.register('whom')}
        />
        <TextField
          label="The last day"
          type="date"
          hint={`No later than ${sayDate(data.until)}: then it is looked at again.`}
          max={data.until}
          value={until || data.until}
          onChange={(event) => form.setValue('until', event.target.value, { shouldDirty: true })}
        />
      </div>
      {keep.error && <Problem error={keep.error} />}
      <Button look="main" disabled={keep.isPending || !taken.length} onClick={save}>
        Keep it: {taken.length} {taken.length === 1 ? 'exercise' : 'exercises'}
      </Button>
    </>
  );
}

function Step({
  step: one,
  isTaken,
  form,
  onTake,
}: {
  step: HomeStep;
  isTaken: boolean;
  form: UseFormReturn<Form>;
  onTake: (isTaken: boolean) => void;
}) {
  const { step, variant, hold, sides, says, house, often, eye } = one;
  const { pose } = variantById(variant);
  return (
    <li
      className={`flex flex-wrap gap-4 rounded-xl border p-3 ${
        isTaken ? 'border-teal bg-teal-wash' : 'border-line bg-paper'
      }`}
    >
      <Figure
        variant={variant}
        side={pose.side ? sides[0] : undefined}
        decorative
        className="w-28 shrink-0"
      />
      <div className="min-w-60 flex-1">
        <CheckField
          label={nameOfHomeStep(one)}
          checked={isTaken}
          onChange={({ target }) => onTake(target.checked)}
        />
        <p>
          {sayHeld(hold)}
          {sides.length > 1 && ' each side'}
          {says && `. ${says}`}
        </p>
        {house.length > 0 && <p className="text-soft">Needs {house.join('; ')}</p>}
        {eye.length > 0 && <p className="text-clay">Yours to say, unseen: {eye.join(' ')}</p>}
      </div>
      {isTaken && (
        <div className="flex flex-wrap items-end gap-3">
          <TextField
            label="Times a day"
            className="w-28"
            inputMode="numeric"
            placeholder={often[0] === often[1] ? String(often[0]) : `${often[0]} to ${often[1]}`}
            {...form.register(`times.${step}`, {
              setValueAs: (typed: string | undefined) => typed?.replace(/\D/g, '') ?? '',
            })}
          />
          <TextField label="A word" className="w-64" maxLength={300} {...form.register(`notes.${step}`)} />
        </div>
      )}
    </li>
  );
}
