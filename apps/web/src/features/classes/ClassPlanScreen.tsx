import {
  compareFittings,
  followedChoices,
  NO_CHOICES,
  parseSequence,
  type Choices,
  type Fitting,
  type HouseView,
  type Today,
} from '@lotus-steady/core';
import { ClassHouseView } from './ClassHouseView.js';
import { TodayFields } from './TodayFields.js';
import { UserPlus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '../../data/client.js';
import { useClass } from '../../data/classes/useClass.js';
import { useFit } from '../../data/classes/useFit.js';
import { useSaveClass } from '../../data/classes/useSaveClass.js';
import { useHall } from '../../data/hall/useHall.js';
import { usePeople } from '../../data/people/usePeople.js';
import { useSequences } from '../../data/sequences/useSequences.js';
import type { ClassDraft, ClassWhole } from '../../data/types.js';
import { catalogue } from '../../data/catalogue.js';
import { Button } from '../../ui/Button.js';
import { CheckField, FieldFrame, SelectField, TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { sayDate } from '../../domain/words/say.js';
import { today } from '../../data/today.js';
import { Problem, Reading } from '../../ui/states.js';
import { bodiesOf } from '../../domain/fitting/bodies.js';
import { FittingView } from '../../domain/fitting/FittingView.js';
import { Differences } from '../../domain/fitting/Differences.js';
import { PersonDialog } from '../../domain/person/PersonDialog.js';

interface Plan {
  title: string;
  on: string;
  time: string;
  place: string;
  sequenceText: string;
  people: Record<string, Today>;
  houseView: Record<string, string>;
  choices: Choices;
}

const emptyPlan = (): Plan => ({
  title: '',
  on: today(),
  time: '',
  place: '',
  sequenceText: '',
  people: {},
  houseView: {},
  choices: NO_CHOICES,
});
const KEPT = 'lotus-steady.plan';
const planOf = (known: ClassWhole, hall: HouseView): Plan => ({
  // Only where the class differs from the hall.
  houseView: Object.fromEntries(
    Object.entries(known.houseView).filter(([topic, position]) => hall[topic] !== position),
  ),
  title: known.title,
  on: known.on,
  time: known.time ?? '',
  place: known.place ?? '',
  sequenceText: known.sequenceText,
  choices: known.choices,
  people: Object.fromEntries(known.people.map(({ id, today: state }) => [id, state])),
});
/** What is kept over a reload holds ids only: how someone is today never leaves the page unsaved. */
const kept = (): Plan => {
  try {
    return { ...emptyPlan(), ...(JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Partial<Plan>) };
  } catch {
    return emptyPlan();
  }
};
const keep = (plan: Plan): void =>
  sessionStorage.setItem(
    KEPT,
    JSON.stringify({ ...plan, people: Object.fromEntries(Object.keys(plan.people).map((id) => [id, {}])) }),
  );
const draftOf = (plan: Plan, title: string): ClassDraft => ({
  title,
  on: plan.on,
  sequenceText: plan.sequenceText,
  people: Object.entries(plan.people).map(([id, state]) => ({ id, today: state })),
  houseView: plan.houseView,
  choices: plan.choices,
  ...(plan.time ? { time: plan.time } : {}),
  ...(plan.place ? { place: plan.place } : {}),
});

/** A new class: the sequence, the people, the date, then the fitting, then kept. */
export const NewClassScreen = () => <PlanForm start={kept()} />;

/** A known class: what was planned, to be changed and fitted again. */
export function ClassPlanScreen({ id }: { id: string }) {
  return <KnownPlan id={id} />;
}

function KnownPlan({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  const hall = useHall();
  return data ? (
    <PlanForm id={id} start={planOf(data, hall.houseView)} before={data.fitting} version={data.version} />
  ) : (
    <Page title="Plan">
      <Reading what="Loading the class" of={reading} />
    </Page>
  );
}

/** `before`: the class's fitting as it is kept, to say what a new date or other people change. */
function PlanForm({
  id,
  start,
  before,
  version,
}: {
  id?: string;
  start: Plan;
  before?: Fitting;
  version?: number;
}) {
  const [plan, setPlan] = useState(start);
  const [adding, setAdding] = useState(false);
  const [asked, setAsked] = useState(false);
  const sequences = useSequences();
  const people = usePeople();
  const fit = useFit();
  const save = useSaveClass(id);
  const navigate = useNavigate();
  const change = (part: Partial<Plan>): void => {
    setPlan((now) => ({
      ...now,
      ...part,
      ...(part.sequenceText === undefined
        ? {}
        : {
            choices: followedChoices(
              start.choices,
              stepTexts(start.sequenceText),
              stepTexts(part.sequenceText),
            ),
          }),
    }));
    fit.reset();
    save.reset();
  };
  useEffect(() => {
    if (!id) keep(plan);
  }, [id, plan]);
  const { sequence, errors: lines } = plan.sequenceText.trim()
    ? parseSequence(plan.sequenceText, catalogue().poses)
    : { sequence: undefined, errors: [] };
  const title = plan.title.trim() || sequence?.title || '';
  const problem = (fit.error ?? save.error) as ApiError | null;
  const wrong = (field: string): string | undefined =>
    problem?.fields?.find((item) => item.field === field)?.message;
  const unplaced =
    problem?.fields?.filter(
      (item) =>
        !['on', 'title', 'time', 'place'].includes(item.field) && !item.field.startsWith('sequenceText'),
    ) ?? [];
  const coming = Object.keys(plan.people);

  async function keepClass(): Promise<void> {
    const { id: saved } = await save.mutateAsync({ version, draft: draftOf(plan, title) });
    if (!id) sessionStorage.removeItem(KEPT);
    await navigate(`/classes/${saved}/fitting`);
  }
  if (fit.data) {
    return (
      <Page
        wide
        title={title}
        about={`${sayDate(plan.on)}${plan.time ? `, ${plan.time}` : ''} · ${coming.length} people · not saved yet`}
        actions={
          <>
            <Button
              look="main"
              disabled={save.isPending}
              onClick={() => void keepClass().catch(() => undefined)}
            >
              {save.isPending ? 'Saving …' : 'Save class'}
            </Button>
            <Button onClick={() => fit.reset()}>Back to the plan</Button>
          </>
        }
      >
        {save.error && (
          <div className="p-4">
            <Problem error={save.error} />
          </div>
        )}
        {before && <Differences comparison={compareFittings(before, fit.data)} />}
        <FittingView fitting={fit.data} bodies={bodiesOf(people.data, fit.data.on)} />
      </Page>
    );
  }
  const ready = sequence && !lines.length && coming.length > 0 && plan.on;
  const missing = [
    !sequence && 'a sequence',
    lines.length > 0 && 'every line of the sequence readable',
    !coming.length && 'who is coming',
    !plan.on && 'the date',
  ]
    .filter(Boolean)
    .join(', ');
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
          event.preventDefault();
          setAsked(true);
          if (ready) fit.mutate(draftOf(plan, title));
        }}
      >
        <section className="space-y-4">
          <h2 className="text-xl">The sequence</h2>
          <SelectField
            label="Start from"
            value=""
            onChange={(event) => {
              const chosen = sequences.data?.find((item) => item.id === event.target.value);
              if (chosen) change({ sequenceText: chosen.source, title: plan.title || chosen.title });
            }}
          >
            <option value="">
              {sequences.isPending ? 'Loading the sequences …' : 'Choose a sequence, or paste one below'}
            </option>
            {sequences.data?.map((item) => (
              <option key={item.id} value={item.id}>
                {item.title}
              </option>
            ))}
          </SelectField>
          <FieldFrame
            label="Sequence"
            hint={
              sequence && !lines.length
                ? `${sequence.steps.length} steps, ${sequence.minutes} minutes`
                : 'One step a line, starting with a dash: - Tree, 30 s each side'
            }
          >
            {(ids) => (
              <textarea
                {...ids}
                rows={16}
                spellCheck={false}
                value={plan.sequenceText}
                onChange={(event) => change({ sequenceText: event.target.value })}
                className="w-full rounded-lg border border-strong-line bg-paper px-3 py-2 leading-relaxed"
                placeholder={'# Thursday Mixed\nminutes: 60\n- Cat and cow, 6 rounds\n- Tree, 30 s each side'}
              />
            )}
          </FieldFrame>
          {lines.length > 0 && (
            <ul role="alert" className="space-y-2 rounded-xl border border-clay bg-clay-wash p-4">
              {lines.map((line) => (
                <li key={line.line}>
                  {line.message}
                  {line.nearest.length > 0 && (
                    <span className="mt-1 flex flex-wrap gap-2">
                      {line.nearest.map((name) => (
                        <Button
                          key={name}
                          className="min-h-9 px-2! py-0.5!"
                          onClick={() =>
                            change({
                              sequenceText: plan.sequenceText
                                .split('\n')
                                .map((text, i) => (i === line.line - 1 ? replaceName(text, name) : text))
                                .join('\n'),
                            })
                          }
                        >
                          {name}
                        </Button>
                      ))}
                    </span>
                  )}
                </li>
              ))}
            </ul>
          )}
        </section>
        <section className="space-y-4">
          <h2 className="text-xl">The class</h2>
          <TextField
            label="Title"
            value={plan.title}
            placeholder={sequence?.title}
            error={wrong('title')}
            onChange={(event) => change({ title: event.target.value })}
          />
          <div className="grid grid-cols-2 gap-4">
            <TextField
              label="Date"
              type="date"
              value={plan.on}
              error={wrong('on')}
              onChange={(event) => change({ on: event.target.value })}
            />
            <TextField
              label="Time"
              type="time"
              value={plan.time}
              error={wrong('time')}
              onChange={(event) => change({ time: event.target.value })}
            />
          </div>
          <TextField
            label="Place"
            value={plan.place}
            error={wrong('place')}
            onChange={(event) => change({ place: event.target.value })}
          />
          <fieldset>
            <legend className="mb-1 flex w-full items-center text-xl">
              <span className="font-display font-semibold">Who is coming</span>
              <span className="ml-3 text-base text-soft">{coming.length} chosen</span>
            </legend>
            <Button look="quiet" onClick={() => setAdding(true)}>
              <UserPlus aria-hidden size={20} />
              Add a person
            </Button>
            <Reading what="Loading the people" of={people} />
            <ul className="max-h-96 divide-y divide-line overflow-auto rounded-xl border border-line bg-paper">
              {people.data?.map((person) => (
                <li key={person.id} className="px-3">
                  <CheckField
                    label={person.name}
                    checked={person.id in plan.people}
                    onChange={(event) => {
                      const { [person.id]: _gone, ...rest } = plan.people;
                      change({ people: event.target.checked ? { ...rest, [person.id]: {} } : rest });
                    }}
                  />
                  {person.id in plan.people && (
                    <TodayFields
                      person={person}
                      on={plan.on}
                      state={plan.people[person.id]!}
                      onChange={(state) => change({ people: { ...plan.people, [person.id]: state } })}
                    />
                  )}
                </li>
              ))}
            </ul>
          </fieldset>
          <ClassHouseView chosen={plan.houseView} onChange={(houseView) => change({ houseView })} />
          {unplaced.length > 0 && (
            <ul role="alert" className="rounded-xl border border-clay bg-clay-wash p-4">
              {unplaced.map((item) => (
                <li key={item.field}>
                  {whose(item.field, coming, people.data)}
                  {item.message}
                </li>
              ))}
            </ul>
          )}
          {problem && !problem.fields?.length && <Problem error={problem} />}
          {asked && !ready && (
            <p role="alert" className="font-semibold text-clay">
              Still needed: {missing}.
            </p>
          )}
          <Button look="main" type="submit" className="w-full text-lg" disabled={fit.isPending}>
            {fit.isPending ? 'Fitting …' : 'Fit this class'}
          </Button>
        </section>
      </form>
      {adding && (
        <PersonDialog
          onClose={() => setAdding(false)}
          onSaved={(personId) => {
            change({ people: { ...plan.people, [personId]: {} } });
            setAdding(false);
          }}
        />
      )}
    </Page>
  );
}

/** What each step says. */
const stepTexts = (source: string): string[] =>
  parseSequence(source, catalogue().poses).sequence.steps.map(({ text }) => text);

/** Puts a known name where an unknown one stood; the hold behind the comma stays. */
const replaceName = (line: string, name: string): string => {
  const [, bullet = '- '] = /^(\s*(?:[-–—*•·]|\d+[.)])\s+)/.exec(line) ?? [];
  const comma = line.indexOf(',');
  return `${bullet}${name}${comma >= 0 ? line.slice(comma) : ''}`;
};

const whose = (
  field: string,
  ids: readonly string[],
  people?: readonly { id: string; name: string }[],
): string => {
  const match = /^people\[(\d+)\]/.exec(field);
  const person = match && people?.find(({ id }) => id === ids[Number(match[1])]);
  return person ? `${person.name}: ` : '';
};
