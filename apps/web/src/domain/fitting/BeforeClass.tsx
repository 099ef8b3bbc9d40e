import { floorVisits, type Fitting } from '@lotus-steady/core';
import type { ReactNode } from 'react';
import { variantById } from '../../data/catalogue.js';
import { sayProps } from '../words/say.js';
import type { Live } from './live.js';

/** From so many unplanned minutes on it is said what they are for. */
const FREE_FROM = 3;

/** What the minutes are for that no step takes (common practice, no published source). */
function sayFree({ asked, planned }: Fitting['minutes']): string {
  const free = Math.round(asked) - Math.round(planned);
  return free >= FREE_FROM ? `; ${free} min free for arriving, questions and a longer rest` : '';
}

/** What to know before class, and the figures of the whole. */
export function BeforeClass({
  fitting,
  names,
  live,
  children,
}: {
  fitting: Fitting;
  names: Map<string, string>;
  live: Live | undefined;
  children: ReactNode;
}) {
  const visits = floorVisits(fitting.steps.map((step) => variantById(step.variant).variant.level));
  const alerts = fitting.lanes.flatMap((lane) =>
    lane.alerts.map((alert) => ({ ...alert, name: names.get(lane.person)! })),
  );
  const urgent = alerts.filter((alert) => alert.kind !== 'stage');
  const rest = alerts.filter((alert) => alert.kind === 'stage');
  const more = rest.map((alert) => (
    <li key={alert.name + alert.text}>
      <b>{alert.name}</b>: {alert.text}
    </li>
  ));
  return (
    <section
      aria-label="Before class"
      className="flex flex-wrap items-start gap-x-8 gap-y-2 border-b border-line bg-paper px-5 py-3"
    >
      <ul className="min-w-72 flex-1 space-y-1">
        {urgent.map((alert) => (
          <li key={alert.name + alert.text} className="flex gap-2">
            <span
              aria-hidden
              className="mt-1.5 size-3 shrink-0 rotate-45 rounded-[3px] bg-clay forced-mark"
            />
            <span>
              <b>{alert.name}</b>
              {alert.kind === 'stop' ? <b className="text-clay"> sits out. </b> : ': '}
              {alert.text}
            </span>
          </li>
        ))}
        {!urgent.length && <li className="text-soft">Nothing to ask or stop before this class.</li>}
        {rest.length > 0 && (
          <li className="print:hidden">
            <details>
              <summary className="min-h-6 content-center text-teal">{rest.length} more to know</summary>
              <ul className="mt-1 space-y-1">{more}</ul>
            </details>
          </li>
        )}
        {fitting.notes.map(({ text, step, fix }) => (
          <li key={text} className="text-soft">
            {step ? `Step ${step}: ` : ''}
            {text}
            {fix && live && (
              <>
                {' '}
                <button
                  type="button"
                  className="no-print min-h-11 rounded-lg px-2 font-semibold text-teal hover:bg-teal-wash"
                  onClick={() => live.edit(fix.edit)}
                >
                  {fix.says}
                </button>
              </>
            )}
          </li>
        ))}
        {rest.length > 0 && (
          <li className="hidden print:block">
            <ul>{more}</ul>
          </li>
        )}
      </ul>
      <div className="max-w-2xl">
        <dl className="flex flex-wrap gap-x-5 gap-y-1">
          <div>
            <dd className="inline font-bold tabular-nums">{Math.round(fitting.minutes.planned)}</dd>{' '}
            <dt className="inline text-soft">
              of {fitting.minutes.asked} min
              {fitting.minutes.written > fitting.minutes.planned
                ? `, shortened from ${Math.round(fitting.minutes.written)}`
                : sayFree(fitting.minutes)}
            </dt>
            {fitting.minutes.over > 0 && (
              <dd className="font-semibold text-clay">
                still {Math.ceil(fitting.minutes.over)} min over: leave a step out
              </dd>
            )}
          </div>
          <div>
            <dd className="inline font-bold">{visits}</dd>{' '}
            <dt className="inline text-soft">{visits === 1 ? 'time' : 'times'} down to the floor</dt>
          </div>
          <div>
            <dt className="sr-only">Props in the room</dt>
            <dd>{sayProps(fitting.room) || 'no props'}</dd>
            {fitting.room.some(({ short }) => short) && (
              <dd className="font-semibold text-clay">
                {sayProps(fitting.room.flatMap(({ prop, short }) => (short ? [{ prop, count: short }] : [])))}{' '}
                short in the hall
              </dd>
            )}
          </div>
        </dl>
        {children}
      </div>
    </section>
  );
}
