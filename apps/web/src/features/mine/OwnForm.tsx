import type { IntakeGroup } from '@lotus-steady/core';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { Autosave } from '../../data/drafts/Autosave.js';
import { useSentOnLeaving } from '../../data/drafts/useSentOnLeaving.js';
import { sendOwnAnswers, useOwnForm } from '../../data/mine/useOwnForm.js';
import type { OwnAnswers, PersonLine } from '../../data/types.js';
import { DetailsFields } from '../../domain/intake/DetailsFields.js';
import { DrawnAbilities } from '../../domain/intake/DrawnAbilities.js';
import { HealthFields } from '../../domain/intake/HealthFields.js';
import { HopesFields } from '../../domain/intake/HopesFields.js';
import { HurtsFields } from '../../domain/intake/HurtsFields.js';
import { WhyFields } from '../../domain/intake/WhyFields.js';
import { ScreeningFields, SizeFields } from '../../domain/person/PersonFields.js';
import { valuesOf, writtenOf, type PersonValues } from '../../domain/person/personValues.js';
import { changedAnswers } from './changedAnswers.js';
import { Button } from '../../ui/Button.js';
import { Reading } from '../../ui/states.js';

/** What she fills in herself, and how it is asked of her. */
const ASKED: readonly (readonly [group: IntakeGroup, title: string])[] = [
  ['why', 'What brings you here?'],
  ['health', 'What should your teacher know of your health?'],
  ['dates', 'Since when, and how is it?'],
  ['body', 'Your height, and falls'],
  ['hurts', 'Where does it hurt?'],
  ['can', 'What can you do?'],
  ['hopes', 'What do you hope for?'],
];

/** Her own form: kept as she types, sealed, and counting for nothing until her teacher has looked. */
export function OwnForm({ onClose }: { onClose: () => void }) {
  const reading = useOwnForm(true);
  const { data } = reading;
  if (!data) return <Reading what="Opening your form" of={reading} />;
  const line = { ...data.person, ...data.sent?.answers } as PersonLine;
  return <Filling known={data.person} start={line} onClose={onClose} />;
}

/** What of the form is hers to say. */
function answersOf(values: PersonValues): OwnAnswers {
  const { born, sex, pronoun, heightCm, weightKg, can, screening, conditions, intake } = writtenOf(values);
  return { born, sex, pronoun, heightCm, weightKg, can, screening, conditions, intake };
}

const SAID = {
  saved: 'Kept. Your teacher sees it.',
  saving: 'Keeping …',
  waiting: 'Keeping …',
  'not-saved': 'Not kept yet',
  conflict: 'Not kept yet',
} as const;

function Filling({ known, start, onClose }: { known: PersonLine; start: PersonLine; onClose: () => void }) {
  const form = useForm<PersonValues>({ defaultValues: valuesOf(start) });
  const [at, setAt] = useState(0);
  const [touched, setTouched] = useState(false);
  const autosave = useMemo(
    () =>
      new Autosave<OwnAnswers, PersonLine>(0, {
        save: async (answers, version) => {
          await sendOwnAnswers(answers);
          return { version: version + 1 };
        },
        request: (answers) => ['/api/mine/form', { method: 'PUT', body: JSON.stringify(answers) }],
      }),
    [],
  );
  useSentOnLeaving(autosave);
  const state = useSyncExternalStore(autosave.watch, autosave.now);
  useEffect(() => {
    const { unsubscribe } = form.watch(() => {
      setTouched(true);
      autosave.change(changedAnswers(answersOf(form.getValues()), answersOf(valuesOf(known))));
    });
    return () => {
      unsubscribe();
      void autosave.flush();
    };
  }, [autosave, form, known]);
  const [group, title] = ASKED[at]!;
  const isLast = at === ASKED.length - 1;
  return (
    <form
      noValidate
      aria-labelledby="own-form"
      className="mb-8 space-y-4 rounded-2xl border border-line bg-paper p-5"
      onSubmit={(event) => {
        event.preventDefault();
        if (isLast) void autosave.flush().then(onClose);
        else setAt(at + 1);
      }}
    >
      <p className="text-soft">
        {at + 1} of {ASKED.length}.{' '}
        <span role="status" aria-live="polite">
          {touched && SAID[state.saved]} {state.problem}
        </span>
      </p>
      <h2 id="own-form" className="text-xl">
        {title}
      </h2>
      <Group group={group} form={form} line={start} />
      <div className="flex flex-wrap gap-3">
        {at > 0 && <Button onClick={() => setAt(at - 1)}>Back</Button>}
        <Button look="main" type="submit">
          {isLast ? 'Done' : 'Next'}
        </Button>
        {!isLast && (
          <Button look="quiet" onClick={() => void autosave.flush().then(onClose)}>
            Go on another time
          </Button>
        )}
      </div>
    </form>
  );
}

const nothingWrong = (): undefined => undefined;

function Group({
  group,
  form,
  line,
}: {
  group: IntakeGroup;
  form: UseFormReturn<PersonValues>;
  line: PersonLine;
}) {
  const props = { form, wrong: nothingWrong };
  switch (group) {
    case 'why':
      return <WhyFields form={form} own />;
    case 'health':
      return <HealthFields form={form} />;
    case 'dates':
      return <DetailsFields {...props} line={line} own />;
    case 'body':
      return (
        <>
          <SizeFields {...props} />
          <ScreeningFields {...props} only={['fallsLastYear']} />
        </>
      );
    case 'hurts':
      return <HurtsFields form={form} />;
    case 'can':
      return <DrawnAbilities form={form} />;
    default:
      return <HopesFields form={form} />;
  }
}
