import { INTAKE_GROUPS, type IntakeGroup } from '@lotus-steady/core';
import { Check } from 'lucide-react';
import { useEffect, useMemo, useRef, type FormEvent } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import { useSession } from '../../data/session/useSession.js';
import type { PersonLine } from '../../data/types.js';
import { ConsentFields } from '../../domain/intake/ConsentFields.js';
import { DetailsThatMatter } from '../../domain/intake/DetailsThatMatter.js';
import { DrawnAbilities } from '../../domain/intake/DrawnAbilities.js';
import { GROUP_WORDS } from '../../domain/intake/groups.js';
import { HealthFields } from '../../domain/intake/HealthFields.js';
import { HopesFields, ServesHopes } from '../../domain/intake/HopesFields.js';
import { HurtsFields } from '../../domain/intake/HurtsFields.js';
import { PersonPage, type OnPerson } from '../../domain/intake/PersonPage.js';
import { WhyFields } from '../../domain/intake/WhyFields.js';
import { ClearanceFields, LimitFields } from '../../domain/person/LimitFields.js';
import { ScreeningFields, SizeFields, WhoFields } from '../../domain/person/PersonFields.js';
import { writtenOf, type PersonValues } from '../../domain/person/personValues.js';
import { Button, ButtonLink } from '../../ui/Button.js';

/** What is asked of somebody once, in the order one asks, saved as it is typed; left, it is gone on with later. */
export const IntakeScreen = ({ id }: { id: string }) => (
  <PersonPage id={id} title="Intake">
    {(on) => <Asking {...on} />}
  </PersonPage>
);

function Asking({ person, form, kept }: OnPerson) {
  const [params, setParams] = useSearchParams();
  const navigate = useNavigate();
  const asked = form.watch('asked');
  const group = groupOf(params.get('group'), asked);
  const at = INTAKE_GROUPS.indexOf(group);
  const heading = useRef<HTMLHeadingElement>(null);
  const isFirst = useRef(true);
  useEffect(() => {
    if (!isFirst.current) heading.current?.focus();
    isFirst.current = false;
  }, [group]);

  const goTo = (next: IntakeGroup): void => setParams({ group: next });
  const goOn = (event: FormEvent): void => {
    event.preventDefault();
    if (!asked.includes(group)) {
      const now = [...asked, group];
      form.setValue(
        'asked',
        INTAKE_GROUPS.filter((one) => now.includes(one)),
        { shouldDirty: true },
      );
    }
    const next = INTAKE_GROUPS[at + 1];
    if (next) goTo(next);
    else void kept.flush().then(() => navigate(`/people/${person.id}`));
  };
  const wrong = (field: string): string | undefined =>
    kept.errors.find((error) => error.field === field)?.message;

  return (
    <div className="grid gap-6 lg:grid-cols-[13rem_minmax(0,1fr)]">
      <Groups now={group} asked={asked} onGo={goTo} />
      <form noValidate onSubmit={goOn} className="min-w-0 space-y-5">
        <header>
          <h2 ref={heading} tabIndex={-1} className="text-2xl outline-none">
            {GROUP_WORDS[group][0]}
          </h2>
          <p className="text-soft">{GROUP_WORDS[group][1]}</p>
        </header>
        <Fields group={group} form={form} person={person} wrong={wrong} />
        <div className="flex flex-wrap gap-3 border-t border-line pt-4">
          {at > 0 && <Button onClick={() => goTo(INTAKE_GROUPS[at - 1]!)}>Back</Button>}
          <Button look="main" type="submit">
            {INTAKE_GROUPS[at + 1]
              ? `Next: ${GROUP_WORDS[INTAKE_GROUPS[at + 1]!][0].toLowerCase()}`
              : 'Finish'}
          </Button>
        </div>
      </form>
    </div>
  );
}

/** The group that the address asks for; otherwise the first that has not been asked. */
function groupOf(name: string | null, asked: readonly IntakeGroup[]): IntakeGroup {
  return (
    INTAKE_GROUPS.find((one) => one === name) ?? INTAKE_GROUPS.find((one) => !asked.includes(one)) ?? 'who'
  );
}

/** All groups: where one is, and which have been asked. */
const Groups = ({
  now,
  asked,
  onGo,
}: {
  now: IntakeGroup;
  asked: readonly IntakeGroup[];
  onGo: (group: IntakeGroup) => void;
}) => (
  <nav aria-label="Groups of questions">
    <ol className="flex flex-wrap gap-1 lg:flex-col">
      {INTAKE_GROUPS.map((group, i) => (
        <li key={group}>
          <button
            type="button"
            aria-current={group === now ? 'step' : undefined}
            onClick={() => onGo(group)}
            className={
              'flex min-h-11 w-full cursor-pointer items-center gap-2 rounded-xl px-3 text-left ' +
              (group === now ? 'bg-teal-wash font-semibold text-teal' : 'hover:bg-sunk')
            }
          >
            <span
              aria-hidden
              className="grid size-6 shrink-0 place-items-center rounded-full border border-strong-line text-sm"
            >
              {asked.includes(group) ? <Check size={15} /> : i + 1}
            </span>
            {GROUP_WORDS[group][0]}
            {asked.includes(group) && <span className="sr-only">, asked</span>}
          </button>
        </li>
      ))}
    </ol>
  </nav>
);

interface FieldsProps {
  group: IntakeGroup;
  form: UseFormReturn<PersonValues>;
  person: PersonLine;
  wrong: (field: string) => string | undefined;
}

function Fields({ group, form, person, wrong }: FieldsProps) {
  const line = useTyped(form, person);
  const { account } = useSession();
  switch (group) {
    case 'who':
      return <WhoFields form={form} wrong={wrong} />;
    case 'why':
      return <WhyFields form={form} />;
    case 'health':
      return <HealthFields form={form} />;
    case 'dates':
      return (
        <>
          <DetailsThatMatter form={form} wrong={wrong} line={line} />
          <ClearanceFields form={form} wrong={wrong} />
        </>
      );
    case 'body':
      return (
        <>
          <SizeFields form={form} wrong={wrong} />
          <ScreeningFields form={form} wrong={wrong} />
          <ButtonLink to={`/people/${person.id}/measure`}>
            Measure and test: ranges, clocks, counters
          </ButtonLink>
          <LimitFields form={form} wrong={wrong} />
        </>
      );
    case 'hurts':
      return <HurtsFields form={form} />;
    case 'can':
      return <DrawnAbilities form={form} />;
    case 'hopes':
      return (
        <>
          <HopesFields form={form} />
          <ServesHopes line={line} />
        </>
      );
    case 'consent':
      return <ConsentFields form={form} by={account.name} />;
  }
}

/** Somebody with what is typed so far; the same while nothing is. */
function useTyped(form: UseFormReturn<PersonValues>, person: PersonLine): PersonLine {
  const text = JSON.stringify(writtenOf(form.watch()));
  return useMemo(() => ({ ...person, ...(JSON.parse(text) as Partial<PersonLine>) }), [text, person]);
}
