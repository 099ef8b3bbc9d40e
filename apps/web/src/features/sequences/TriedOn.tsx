import { typicalPeople, type Fitting } from '@lotus-steady/core';
import { useClasses } from '../../data/classes/useClasses.js';
import { today } from '../../data/today.js';
import { sayDate } from '../../domain/words/say.js';
import { SelectField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';
import type { Trial } from './useTrial.js';
import { VerdictMark } from '../../domain/marks/VerdictMark.js';
import { sayWay } from '../../domain/words/sayWay.js';
import { variantById } from '../../data/catalogue.js';

/** Who may come, and what they would do: a plan is judged before anyone is named, or on the people of a class. */
export function TriedOn({ fitting, trial }: { fitting: Fitting; trial: Trial }) {
  const { who, onWho, classId, onClass, error } = trial;
  const { data: coming } = useClasses('coming');
  const [, ...lanes] = fitting.lanes;
  return (
    <section aria-label="Tried on" className="space-y-3">
      <h2 className="text-xl">Who might come</h2>
      <SelectField
        label="Try the plan on"
        labelLook="hidden"
        value={classId}
        onChange={(event) => onClass(event.target.value)}
      >
        <option value="">Made-up people</option>
        {(coming ?? []).map(({ id, title, on }) => (
          <option key={id} value={id}>
            The people of {title}, {sayDate(on)}
          </option>
        ))}
      </SelectField>
      {!classId && <MadeUp who={who} onWho={onWho} />}
      {error && <Problem error={error} />}
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {lanes.map((lane) => (
          <Try key={lane.personId} lane={lane} />
        ))}
      </ul>
      <p className="text-sm text-soft">
        {classId
          ? 'As they are known today, on the day of the class'
          : 'Made-up people under your house view'}
        . Each person’s own doctor, midwife or physiotherapist comes first.
      </p>
    </section>
  );
}

function MadeUp({ who, onWho }: Pick<Trial, 'who' | 'onWho'>) {
  // The first is in every try.
  const [, ...all] = typicalPeople(today());
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="sr-only">Made-up people</legend>
      {all.map(({ id, name }) => (
        <label key={id} className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-(--teal)"
            checked={who.includes(id)}
            onChange={(event) => onWho(event.target.checked ? [...who, id] : who.filter((one) => one !== id))}
          />
          {name}
        </label>
      ))}
    </fieldset>
  );
}

function Try({ lane: { person, steps, alerts } }: { lane: Fitting['lanes'][number] }) {
  const others = steps.filter(({ verdict }) => verdict !== 'as-written');
  const stops = alerts.filter(({ kind }) => kind === 'stop');
  const asIs = new Set(steps.filter(({ verdict }) => verdict === 'as-written').map(({ step }) => step)).size;
  return (
    <li className="px-4 py-2">
      <details>
        <summary className="min-h-9 cursor-pointer content-center">
          <b>{person}</b>: {asIs} as written
          {others.length ? `, ${new Set(others.map(({ step }) => step)).size} otherwise` : ''}
          {stops.length ? <b className="text-clay"> sits out</b> : null}
        </summary>
        <ul className="space-y-1 pb-2 pl-4">
          {others.map((entry) => (
            <li key={`${entry.step} ${entry.sides.join()}`}>
              {entry.step}. {variantById(entry.askedVariant).pose.name}:{' '}
              <VerdictMark verdict={entry.verdict} bare /> {sayWay(entry)}
              {entry.sides.length === 1 ? ` (${entry.sides[0]})` : ''}
            </li>
          ))}
          {!others.length && <li className="text-soft">All of it as written.</li>}
        </ul>
      </details>
    </li>
  );
}
