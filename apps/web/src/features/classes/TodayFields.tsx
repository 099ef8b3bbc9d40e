import { readPeople, stagePerson, type Today, type WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo, useState } from 'react';
import { CuffDialog } from '../../domain/person/CuffDialog.js';
import { useStaging } from '../../domain/person/useStaging.js';
import type { PersonLine } from '../../data/types.js';

const SIGNS: Readonly<Record<string, WarningSign>> = RULEBOOK.warningSigns;
const YES_NO = [
  ['dizzy', 'dizzy'],
  ['headache', 'headache'],
  ['fever', 'fever'],
] as const;

interface Props {
  person: PersonLine;
  on: string;
  state: Today;
  onChange: (state: Today) => void;
}

/**
 * How someone is today, asked before class: the usual questions, the warning signs for this person, and at
 * once what they come to.
 */
export function TodayFields({ person, on, state, onChange }: Props) {
  const set = (part: Today): void =>
    onChange(
      Object.fromEntries(
        Object.entries({ ...state, ...part }).filter(([, value]) => value !== undefined && value !== ''),
      ) as Today,
    );
  return (
    <div role="group" aria-label={`Today, ${person.name}`} className="space-y-1 pb-2 pl-8">
      <UsualQuestions person={person} state={state} onSet={set} />
      <WarningSigns person={person} chosen={state.signs ?? []} onSet={(signs) => set({ signs })} />
      <ComesTo person={person} on={on} state={state} />
    </div>
  );
}

type Asked = Pick<Props, 'person' | 'state'> & { onSet: (part: Today) => void };

/** A number typed into a small field; nothing where it is empty. */
const numberOf = (typed: string): number | undefined => (typed === '' ? undefined : Number(typed));

function UsualQuestions({ person, state, onSet }: Asked) {
  const { name, conditions } = person;
  const [measures, setMeasures] = useState(false);
  const isPregnant = conditions.some(({ condition }) => condition === 'pregnancy');
  const box = 'min-h-9 rounded-md border border-strong-line bg-paper px-2';
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-soft">
      <span>Today:</span>
      <label className="flex items-center gap-2">
        pain
        <input
          aria-label={`Pain today, ${name}`}
          type="number"
          min={0}
          max={10}
          className={`${box} w-16`}
          value={state.pain ?? ''}
          onChange={(event) => onSet({ pain: numberOf(event.target.value) })}
        />
      </label>
      <label className="flex items-center gap-2">
        blood pressure
        <input
          aria-label={`Blood pressure today, ${name}`}
          placeholder="128/82"
          className={`${box} w-24`}
          value={state.bp ?? ''}
          onChange={(event) => onSet({ bp: event.target.value })}
        />
      </label>
      <button
        type="button"
        aria-label={`From a cuff, ${name}`}
        className="min-h-9 rounded-md px-1 text-teal underline decoration-dotted underline-offset-4"
        onClick={() => setMeasures(true)}
      >
        from a cuff
      </button>
      {measures && (
        <CuffDialog
          name={name}
          onClose={() => setMeasures(false)}
          onTake={(bp) => {
            onSet({ bp });
            setMeasures(false);
          }}
        />
      )}
      <label className="flex items-center gap-2">
        hours slept
        <input
          aria-label={`Hours of sleep, ${name}`}
          type="number"
          min={0}
          max={16}
          className={`${box} w-16`}
          value={typeof state.slept === 'number' ? state.slept : ''}
          onChange={(event) => onSet({ slept: numberOf(event.target.value) })}
        />
      </label>
      {([...YES_NO, ['bleeding', isPregnant ? 'bleeding in pregnancy' : 'period']] as const).map(
        ([key, words]) => (
          <label key={key} className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-(--teal)"
              checked={state[key] ?? false}
              onChange={(event) => onSet({ [key]: event.target.checked || undefined })}
            />
            {words}
          </label>
        ),
      )}
    </div>
  );
}

/** Warning signs that everyone is asked for, and those of this person's conditions. */
function signsFor({ conditions }: PersonLine): [string, WarningSign][] {
  const own = new Set(
    conditions.flatMap(({ condition }): readonly string[] => {
      const known = RULEBOOK.conditions.find(({ id }) => id === condition);
      return known?.warnings ?? [];
    }),
  );
  return Object.entries(SIGNS).filter(([id, { everyone }]) => everyone || own.has(id));
}

const WarningSigns = ({
  person,
  chosen,
  onSet,
}: {
  person: PersonLine;
  chosen: readonly string[];
  onSet: (signs: readonly string[] | undefined) => void;
}) => (
  <details>
    <summary className="min-h-9 content-center text-teal">
      Warning signs{chosen.length > 0 && `: ${chosen.length} today`}
    </summary>
    <ul className="grid gap-x-4">
      {signsFor(person).map(([id, { asks, who }]) => (
        <li key={id}>
          <label className="flex gap-2 py-0.5">
            <input
              type="checkbox"
              className="mt-1 size-4 shrink-0 accent-(--teal)"
              checked={chosen.includes(id)}
              onChange={(event) => {
                const next = event.target.checked ? [...chosen, id] : chosen.filter((sign) => sign !== id);
                onSet(next.length ? next : undefined);
              }}
            />
            <span>
              {asks} <span className="text-soft">({who})</span>
            </span>
          </label>
        </li>
      ))}
    </ul>
  </details>
);

/** What the answers come to: no class today, or what to know. */
function ComesTo({ person, on, state }: Pick<Props, 'person' | 'on' | 'state'>) {
  const staging = useStaging(on);
  const { version: _version, ...line } = person;
  const text = JSON.stringify({ ...line, today: state });
  const alerts = useMemo(() => {
    const { people, errors } = readPeople([JSON.parse(text)], RULEBOOK, on);
    return errors.length
      ? []
      : stagePerson(people[0]!, staging).alerts.filter(({ kind }) => kind !== 'stage');
  }, [text, on, staging]);
  const stops = alerts.filter(({ kind }) => kind === 'stop');
  const others = alerts.filter(({ kind }) => kind !== 'stop');
  return (
    <>
      {stops.length > 0 && (
        <div role="alert" className="rounded-lg border border-clay bg-clay-wash px-3 py-2">
          <b className="text-clay">{person.name} must not practise today.</b>
          <ul>
            {stops.map(({ text: words }) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </div>
      )}
      {others.length > 0 && (
        <ul className="text-soft">
          {others.map(({ kind, text: words }) => (
            <li key={words} className={kind === 'conflict' ? 'font-semibold text-clay' : ''}>
              {words}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
