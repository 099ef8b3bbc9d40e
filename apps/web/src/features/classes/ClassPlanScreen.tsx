import { comingOn, groupDays, isDate, parseSequence, type Fitting } from '@lotus-steady/core';
import { useEffect, useMemo, useState } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { catalogue } from '../../data/catalogue.js';
import { useClass } from '../../data/classes/useClass.js';
import { useFit } from '../../data/classes/useFit.js';
import { useSaveClass } from '../../data/classes/useSaveClass.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useGroup } from '../../data/groups/useGroup.js';
import { useSequences } from '../../data/sequences/useSequences.js';
import { today } from '../../data/today.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSequence } from '../../data/sequences/useSequence.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import type { ClassWhole } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { ErrorSummary } from '../../ui/ErrorSummary.js';
import { TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Problem, Reading } from '../../ui/states.js';
import { ClassHouseView } from './ClassHouseView.js';
import { ComingFields } from './ComingFields.js';
import { FittedPlan } from './FittedPlan.js';
import { draftOf, emptyPlan, planDifferences, planOf, type PlanValues } from './planValues.js';
import { SequenceFields } from './SequenceFields.js';

const NOTHING = { sequence: undefined, errors: [], parts: [] };

/** A text as it is understood; read anew where it is another one. */
const useRead = (text: string): ReturnType<typeof parseSequence> | typeof NOTHING =>
  useMemo(() => (text.trim() ? parseSequence(text, catalogue()) : NOTHING), [text]);

/** A new class: the sequence, the people, the date, then the fitting, then kept. */
export function NewClassScreen() {
  const [params] = useSearchParams();
  const from = params.get('sequence');
  const group = params.get('group');
  if (group) return <NewClassOf id={group} on={params.get('on') ?? undefined} />;
  return from ? <NewClassFrom id={from} /> : <PlanForm start={emptyPlan()} />;
}

/** A new class of a group: on its next day, or on a given one, with who comes then. */
function NewClassOf({ id, on }: { id: string; on: string | undefined }) {
  const reading = useGroup(id);
  const { data: group } = reading;
  const sequences = useSequences();
  if (!group || !sequences.data)
    return (
      <Page title="New class">
        <Reading what="Loading the group" of={group ? sequences : reading} />
      </Page>
    );
  const day = on && isDate(on) ? on : (groupDays(group, today(), 1)[0] ?? today());
  const sequence = sequences.data.find((one) => one.id === group.sequenceId);
  return (
    <PlanForm
      start={{
        ...emptyPlan(),
        title: group.title,
        on: day,
        time: group.time ?? '',
        place: group.place ?? '',
        groupId: group.id,
        people: Object.fromEntries(comingOn(group, day).map((personId) => [personId, {}])),
        ...(sequence ? { sequenceText: sequence.source, sequenceId: sequence.id } : {}),
      }}
    />
  );
}

/** A new class that begins with a sequence of the library. */
function NewClassFrom({ id }: { id: string }) {
  const reading = useSequence(id);
  const { data } = reading;
  return data ? (
    <PlanForm start={{ ...emptyPlan(), title: data.title, sequenceText: data.source, sequenceId: id }} />
  ) : (
    <Page title="New class">
      <Reading what="Loading the sequence" of={reading} />
    </Page>
  );
}

/** A known class: what was planned, to be changed and fitted again. */
export function ClassPlanScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  const hall = useHall();
  return data ? (
    <PlanForm
      known={{ id, before: data.fitting, version: data.version }}
      start={planOf(data, hall.houseView)}
    />
  ) : (
    <Page title="Plan">
      <Reading what="Loading the class" of={reading} />
    </Page>
  );
}

/** A class that is kept: the version that was read, and its fitting, to say what a change comes to. */
interface Known {
  id: string;
  before: Fitting;
  version: number;
}

/** Fields whose errors stand beside them; errors of others stand in the summary alone. */
const SHOWN = ['title', 'on', 'time', 'place'] as const;

function PlanForm(read: { known?: Known; start: PlanValues }) {
  // What the form began with, whatever is read meanwhile.
  const [{ known, start }] = useState(read);
  const id = known?.id;
  const form = useForm<PlanValues>({ defaultValues: start });
  const { handleSubmit, watch, reset, getValues, formState } = form;
  const draft = useDraft(
    form,
    `class:${id ?? (start.groupId ? `new:${start.groupId}:${start.on}` : 'new')}:plan`,
    known?.version,
  );
  const people = usePeopleByIds(Object.keys(watch('people')));
  const fit = useFit();
  const save = useSaveClass(id);
  const navigate = useNavigate();
  useForgotten(watch, fit.reset, save.reset);

  const plan = watch();
  const { sequence, errors: lines, parts } = useRead(plan.sequenceText);
  const title = plan.title.trim() || sequence?.title || '';
  const missing = formState.isSubmitted ? missingIn(plan, lines.length) : {};
  const problem = fit.error ?? save.error;
  const { wrong, messages } = saidOf(problem, missing, plan, people.data);
  const saveClass = (version: number | undefined): void =>
    save.mutate(
      { version, draft: draftOf(getValues(), start, title) },
      {
        onSuccess: ({ id: saved }) => {
          draft.forget();
          void navigate(`/classes/${saved}/fitting`);
        },
      },
    );
  const theirs = savedMeanwhile<ClassWhole>(save.error);

  if (fit.data)
    return (
      <FittedPlan
        title={title}
        plan={plan}
        fitting={fit.data}
        before={known?.before}
        people={people.data}
        saving={save.isPending}
        onSave={() => saveClass(draft.base)}
        onBack={() => fit.reset()}
      >
        {theirs && (
          <Theirs
            theirs={theirs}
            plan={plan}
            people={people.data ?? []}
            onMine={() => saveClass(theirs.version)}
            onTheirs={(taken) => {
              reset(taken);
              draft.rebase(theirs.version);
            }}
          />
        )}
        {save.error && !theirs && <Problem error={save.error} />}
      </FittedPlan>
    );
  return (
    <Page
      up={[
        { to: '/classes', name: 'Classes' },
        ...(id ? [{ to: `/classes/${id}/fitting`, name: start.title }] : []),
      ]}
      title={id ? 'Change the plan' : 'New class'}
    >
      <form
        className="grid gap-x-10 gap-y-6 lg:grid-cols-2"
        noValidate
        onSubmit={(event) => {
          void handleSubmit((values) => {
            if (!Object.keys(missingIn(values, lines.length)).length)
              fit.mutate(draftOf(values, start, title));
          })(event);
        }}
      >
        <div className="lg:col-span-2 empty:hidden">
          <DraftNotice draft={draft} />
        </div>
        <SequenceFields
          form={form}
          sequence={sequence}
          lines={lines}
          parts={parts}
          error={missing.sequence}
        />
        <section className="space-y-4">
          <h2 className="text-xl">The class</h2>
          <ClassFields form={form} title={sequence?.title} missing={missing} wrong={wrong} />
          <ErrorSummary messages={messages} attempt={formState.submitCount} />
          {problem && !fieldsOf(problem).length && <Problem error={problem} />}
          <Button look="main" type="submit" className="w-full text-lg" disabled={fit.isPending}>
            {fit.isPending ? 'Fitting …' : 'Fit this class'}
          </Button>
        </section>
      </form>
    </Page>
  );
}

/** What was fitted, and what was wrong, are of before a change. */
function useForgotten(
  watch: UseFormReturn<PlanValues>['watch'],
  forgetFit: () => void,
  forgetSave: () => void,
): void {
  useEffect(() => {
    const watching = watch(() => {
      forgetFit();
      forgetSave();
    });
    return () => watching.unsubscribe();
  }, [watch, forgetFit, forgetSave]);
}

/** Somebody else's save of this class beside what is here. */
function Theirs({
  theirs,
  plan,
  people,
  onMine,
  onTheirs,
}: {
  theirs: ClassWhole;
  plan: PlanValues;
  people: readonly { id: string; name: string }[];
  onMine: () => void;
  onTheirs: (taken: PlanValues) => void;
}) {
  const taken = planOf(theirs, useHall().houseView);
  // Whoever is in either of them has a name.
  const named = new Map([...theirs.people, ...people].map((one) => [one.id, one]));
  return (
    <Conflict
      what="this class"
      differences={planDifferences(plan, taken, [...named.values()])}
      onMine={onMine}
      onTheirs={() => onTheirs(taken)}
    />
  );
}

/** What is wrong, as it is said beside a field, and all of it for the summary. */
function saidOf(
  problem: Error | null,
  missing: ReturnType<typeof missingIn>,
  plan: PlanValues,
  people?: readonly { id: string; name: string }[],
): { wrong: (field: string) => string | undefined; messages: string[] } {
  const fields = fieldsOf(problem);
  const wrong = (field: string): string | undefined => fields.find((item) => item.field === field)?.message;
  const elsewhere = fields.filter(({ field }) => !SHOWN.some((own) => own === field));
  return {
    wrong,
    messages: [
      ...Object.values(missing),
      ...SHOWN.flatMap((field) => wrong(field) ?? []),
      ...elsewhere.map(({ field, message }) => whose(field, Object.keys(plan.people), people) + message),
    ],
  };
}

/** When, where, who, and what the class decides for itself. */
const ClassFields = ({
  form: { register, control, watch, setValue },
  title,
  missing,
  wrong,
}: {
  form: UseFormReturn<PlanValues>;
  /** What the sequence calls itself. */
  title: string | undefined;
  missing: ReturnType<typeof missingIn>;
  wrong: (field: string) => string | undefined;
}) => (
  <>
    <TextField label="Title" placeholder={title} error={wrong('title')} {...register('title')} />
    <div className="grid grid-cols-2 gap-4">
      <TextField label="Date" type="date" error={missing.on ?? wrong('on')} {...register('on')} />
      <TextField label="Time" type="time" error={wrong('time')} {...register('time')} />
    </div>
    <TextField label="Place" error={wrong('place')} {...register('place')} />
    <ComingFields control={control} error={missing.people} />
    <ClassHouseView
      chosen={watch('houseView')}
      onChange={(houseView) => setValue('houseView', houseView, { shouldDirty: true })}
    />
  </>
);

/** What a plan still needs before it can be fitted, said at its field. */
function missingIn(
  { sequenceText, on, people }: PlanValues,
  unread: number,
): { sequence?: string; on?: string; people?: string } {
  const marked =
    unread === 1 ? 'Fix the marked line of the sequence.' : 'Fix the marked lines of the sequence.';
  const sequence = sequenceText.trim() ? unread && marked : 'Still needed: a sequence.';
  return {
    ...(sequence ? { sequence } : {}),
    ...(on ? {} : { on: 'Still needed: the date.' }),
    ...(Object.keys(people).length ? {} : { people: 'Still needed: who is coming.' }),
  };
}

/** Whom an error of the server's is about: `people[2].today.bp` is the third of those who come. */
const whose = (
  field: string,
  ids: readonly string[],
  people?: readonly { id: string; name: string }[],
): string => {
  const match = /^people\[(\d+)\]/.exec(field);
  const person = match && people?.find(({ id }) => id === ids[Number(match[1])]);
  return person ? `${person.name}: ` : '';
};
