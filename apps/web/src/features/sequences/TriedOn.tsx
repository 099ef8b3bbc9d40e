import { typicalPeople, type Fitting } from '@lotus-steady/core';
import { today } from '../../data/today.js';
import { VerdictMark } from '../../domain/marks/VerdictMark.js';
import { sayWay } from '../../domain/words/sayWay.js';
import { variantById } from '../../data/catalogue.js';

/** Those who are in every try: for the clock, and not shown. */
export const ANYONE = 'anyone';

/** Who may come, and what they would do: a plan is judged before anyone is named. */
export function TriedOn({
  fitting,
  who,
  onWho,
}: {
  fitting: Fitting;
  who: readonly string[];
  onWho: (who: readonly string[]) => void;
}) {
  const all = typicalPeople(today()).filter(({ id }) => id !== ANYONE);
  return (
    <section aria-label="Tried on" className="space-y-3">
      <h2 className="text-xl">Who might come</h2>
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="sr-only">Try the plan on</legend>
        {all.map(({ id, name }) => (
          <label key={id} className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-(--teal)"
              checked={who.includes(id)}
              onChange={(event) =>
                onWho(event.target.checked ? [...who, id] : who.filter((one) => one !== id))
              }
            />
            {name}
          </label>
        ))}
      </fieldset>
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {fitting.lanes
          .filter(({ person }) => all.some(({ id, name }) => name === person && who.includes(id)))
          .map((lane) => (
            <Try key={lane.personId} lane={lane} />
          ))}
      </ul>
      <p className="text-sm text-soft">
        Made-up people under your house view. Each person’s own doctor, midwife or physiotherapist comes
        first.
      </p>
    </section>
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
