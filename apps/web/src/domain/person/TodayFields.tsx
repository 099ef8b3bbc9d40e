import type { Today } from '@lotus-steady/core';
import { useState } from 'react';
import type { PersonLine } from '../../data/types.js';
import { ComesTo } from './ComesTo.js';
import { CuffDialog } from './CuffDialog.js';
import { WarningSigns } from './WarningSigns.js';

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
