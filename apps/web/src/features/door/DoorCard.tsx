import { sayPlace, type Comparison, type Today } from '@lotus-steady/core';
import { Check } from 'lucide-react';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { askAtDoor } from '../../data/classes/askAtDoor.js';
import { Autosave } from '../../data/drafts/Autosave.js';
import { useSentOnLeaving } from '../../data/drafts/useSentOnLeaving.js';
import type { PersonLine } from '../../data/types.js';
import { BodyOutline } from '../../domain/intake/BodyOutline.js';
import { sayChange } from '../../domain/fitting/sayChange.js';
import { ComesTo } from '../../domain/person/ComesTo.js';
import { CuffDialog } from '../../domain/person/CuffDialog.js';
import { stagesToday } from '../../domain/person/personWords.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { WarningSigns } from '../../domain/person/WarningSigns.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { joinChanges } from './joinChanges.js';
import { asksBleeding, isPressureDue } from './doorQuestions.js';

interface Props {
  classId: string;
  on: string;
  person: PersonLine;
  start: Today;
  onAsked: (isAsked: boolean) => void;
}

/** One person at the door: fine, or what is otherwise today, and what that changes in the class. */
export function DoorCard({ classId, on, person, start, onAsked }: Props) {
  const staging = useStaging(on);
  const [today, setToday] = useState<Today>(start);
  const [changes, setChanges] = useState<Comparison['differences']>();
  const [isOpen, setOpen] = useState(false);
  const autosave = useMemo(
    () =>
      new Autosave<Today, { version: number }>(0, {
        save: async (now) => {
          const answer = await askAtDoor(classId, person.id, now);
          setChanges((before = []) => joinChanges(before, answer.comparison.differences));
          return answer;
        },
        request: (now) => [
          `/api/classes/${classId}/door`,
          { method: 'PUT', body: JSON.stringify({ personId: person.id, today: now }) },
        ],
      }),
    [classId, person.id],
  );
  const { saved, problem } = useSyncExternalStore(autosave.watch, autosave.now);
  useSentOnLeaving(autosave);
  useEffect(() => () => void autosave.flush(), [autosave]);
  const set = (part: Today, isAsked = true): void => {
    const next = Object.fromEntries(
      Object.entries({ ...today, ...part, asked: isAsked || undefined }).filter(
        ([, value]) => value !== undefined && value !== '' && !(Array.isArray(value) && !value.length),
      ),
    ) as Today;
    setToday(next);
    onAsked(isAsked);
    autosave.change(next);
  };
  // A reading is no complaint: it stands beside an "as usual", and what it stops stays stopped.
  const { asked, bp, ...complaints } = today;
  const isFine = asked && !Object.keys(complaints).length;
  return (
    <section
      aria-label={person.name}
      className={`rounded-2xl border bg-paper p-4 ${today.asked ? 'border-teal' : 'border-line'}`}
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 className="w-52 text-lg">
          <Link className="hover:text-teal" to={`/people/${person.id}`}>
            {person.name}
          </Link>
        </h2>
        <Button
          look={isFine ? 'main' : 'plain'}
          aria-pressed={Boolean(isFine)}
          onClick={() => (isFine ? set({}, false) : fine())}
        >
          <Check aria-hidden size={18} />
          As usual
        </Button>
        <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Close' : 'Something is new'}
        </Button>
        {isPressureDue(person, on) && <Pressure person={person} today={today} onSet={set} />}
        <span role="status" aria-live="polite" className="text-soft">
          {problem ?? (saved === 'saved' ? '' : 'Fitting …')}
        </span>
      </div>
      <p className="text-soft">{stagesToday(person, staging).join(' · ')}</p>
      {isOpen && <Questions person={person} on={on} today={today} onSet={set} />}
      <ComesTo person={person} on={on} state={today} />
      {changes && <Changes of={changes} personId={person.id} />}
    </section>
  );

  /** Nothing is new: complaints that were told before are taken back, what was measured is not. */
  function fine(): void {
    const next: Today = { asked: true, ...(bp ? { bp } : {}) };
    setToday(next);
    onAsked(true);
    setOpen(false);
    autosave.change(next);
  }
}

type Asked = { person: PersonLine; today: Today; onSet: (part: Today) => void };

function Pressure({ person, today, onSet }: Asked) {
  const [measures, setMeasures] = useState(false);
  return (
    <span className="flex items-center gap-2">
      <label className="flex items-center gap-2">
        pressure
        <input
          aria-label={`Blood pressure today, ${person.name}`}
          placeholder="128/82"
          inputMode="numeric"
          className="min-h-11 w-28 rounded-lg border border-strong-line bg-paper px-3"
          value={today.bp ?? ''}
          onChange={(event) => onSet({ bp: event.target.value })}
        />
      </label>
      <Button look="quiet" onClick={() => setMeasures(true)}>
        from a cuff
      </Button>
      {measures && (
        <CuffDialog
          name={person.name}
          onClose={() => setMeasures(false)}
          onTake={(bp) => {
            onSet({ bp });
            setMeasures(false);
          }}
        />
      )}
    </span>
  );
}

const FEELS = [
  ['dizzy', 'dizzy'],
  ['headache', 'headache'],
  ['fever', 'fever'],
] as const;
/** Fewer hours than this are asked for by the number; a good night needs none. */
const HOURS = [3, 4, 5, 6] as const;

function Questions({ person, on, today, onSet }: Asked & { on: string }) {
  return (
    <div className="mt-3 flex flex-wrap gap-6 border-t border-line pt-3">
      <div className="min-w-64 flex-1 space-y-3">
        <Numbers
          label="Pain, 0 to 10"
          of={Array.from({ length: 11 }, (_, i) => i)}
          value={today.pain}
          onChange={(pain) => onSet({ pain })}
        />
        <div role="group" aria-label="How they feel" className="flex flex-wrap gap-2">
          {[
            ...FEELS,
            ...(asksBleeding(person, on) ? [['bleeding', bleedingWords(person)] as const] : []),
          ].map(([key, words]) => (
            <Button
              key={key}
              look={today[key] ? 'main' : 'plain'}
              aria-pressed={Boolean(today[key])}
              onClick={() => onSet({ [key]: today[key] ? undefined : true })}
            >
              {words}
            </Button>
          ))}
        </div>
        <Numbers
          label="Slept badly: hours"
          of={HOURS}
          value={typeof today.slept === 'number' ? today.slept : undefined}
          onChange={(slept) => onSet({ slept })}
        />
        <TextField
          label="Anything new?"
          maxLength={300}
          value={today.news ?? ''}
          onChange={(event) => onSet({ news: event.target.value })}
        />
        <WarningSigns person={person} chosen={today.signs ?? []} onSet={(signs) => onSet({ signs })} />
      </div>
      <div>
        <p className="mb-1">
          Where it hurts
          {today.painAt?.length ? <b>: {today.painAt.map(sayPlace).join(', ')}</b> : ''}
        </p>
        <BodyOutline
          label={`Where it hurts, ${person.name}`}
          places={today.painAt ?? []}
          onChange={(painAt) => onSet({ painAt })}
        />
      </div>
    </div>
  );
}

const bleedingWords = ({ conditions }: PersonLine): string =>
  conditions.some(({ condition }) => condition === 'pregnancy') ? 'bleeding in pregnancy' : 'period';

/** Numbers to tap, of which one may hold. */
const Numbers = ({
  label,
  of,
  value,
  onChange,
}: {
  label: string;
  of: readonly number[];
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) => (
  <div role="group" aria-label={label}>
    <p aria-hidden className="mb-1">
      {label}
    </p>
    <div className="flex flex-wrap gap-1">
      {of.map((number) => (
        <button
          key={number}
          type="button"
          aria-pressed={value === number}
          onClick={() => onChange(value === number ? undefined : number)}
          className={
            'size-11 cursor-pointer rounded-lg border tabular-nums ' +
            (value === number ? 'border-teal bg-teal font-bold text-teal-ink' : 'border-strong-line')
          }
        >
          {number}
        </button>
      ))}
    </div>
  </div>
);

/** What the class does otherwise now; what changes for others is said too. */
function Changes({ of: differences, personId }: { of: Comparison['differences']; personId: string }) {
  if (!differences.length) return <p className="mt-2 text-soft">The class stays as it is.</p>;
  const own = differences.filter((one) => one.personId === personId);
  const others = new Set(differences.filter((one) => one.personId !== personId).map(({ person }) => person));
  return (
    <details className="mt-2" open={own.length <= 4}>
      <summary className="min-h-9 cursor-pointer content-center font-semibold">
        {own.length === 1 ? 'One change' : `${own.length} changes`} in the class
        {others.size > 0 && `; also for ${[...others].join(', ')}`}
      </summary>
      <ul className="list-disc pl-5">
        {own.map((one, i) => (
          <li key={i}>
            {sayChange(one)} <span className="text-soft">{one.why}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
