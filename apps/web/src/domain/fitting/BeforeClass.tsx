import { floorVisits, type Fitting } from '@lotus-steady/core';
import type { ReactNode } from 'react';
import { variantById } from '../../data/catalogue.js';
import { useLearnedPace } from '../../data/hall/useLearnedPace.js';
import { sayProps } from '../words/say.js';
import { LastNotes } from './lastTimes.js';
import type { Live } from './live.js';

/** From so many unplanned minutes on it is said what they are for. */
const FREE_FROM = 3;

/** What the minutes are for that no step takes (common practice, no published source). */
function sayFree({ asked, planned }: Fitting['minutes']): string {
  const free = Math.round(asked) - Math.round(planned);
  return free >= FREE_FROM ? `; ${free} min free for arriving, questions and a longer rest` : '';
}

/** From so many minutes on it is said how long it takes as her classes go. */
const OFF_FROM = 2;

/** How long a class takes as hers have gone so far, where that is not what is planned. */
function sayAtPace({ planned }: Fitting['minutes'], off = 1): string {
  const real = Math.round(planned * off);
  return Math.abs(real - Math.round(planned)) >= OFF_FROM ? `; about ${real} as your classes go` : '';
}

/** What to know before class, and the numbers of the whole. */
export const BeforeClass = ({
  fitting,
  names,
  live,
  children,
}: {
  fitting: Fitting;
  names: Map<string, string>;
  live: Live | undefined;
  children: ReactNode;
}) => (
  <section
    aria-label="Before class"
    className="flex flex-wrap items-start gap-x-8 gap-y-2 border-b border-line bg-paper px-5 py-3"
  >
    <div className="min-w-72 flex-1">
      <ToKnow fitting={fitting} names={names} live={live} />
      <LastNotes />
    </div>
    <div className="max-w-2xl">
      <Numbers fitting={fitting} />
      {children}
    </div>
  </section>
);

/** What to ask and to stop, what else to know, and what is odd about the order, with what settles it. */
function ToKnow({
  fitting,
  names,
  live,
}: {
  fitting: Fitting;
  names: Map<string, string>;
  live: Live | undefined;
}) {
  const alerts = fitting.lanes.flatMap((lane) =>
    lane.alerts.map((alert) => ({ ...alert, name: names.get(lane.person)! })),
  );
  const urgent = alerts.filter(({ kind }) => kind !== 'stage');
  const rest = alerts
    .filter(({ kind }) => kind === 'stage')
    .map(({ name, text }) => (
      <li key={name + text}>
        <b>{name}</b>: {text}
      </li>
    ));
  return (
    <ul className="space-y-1">
      {urgent.map(({ name, kind, text }) => (
        <li key={name + text} className="flex gap-2">
          <span aria-hidden className="mt-1.5 size-3 shrink-0 rotate-45 rounded-[3px] bg-clay forced-mark" />
          <span>
            <b>{name}</b>
            {kind === 'stop' ? <b className="text-clay"> sits out. </b> : ': '}
            {text}
          </span>
        </li>
      ))}
      {!urgent.length && <li className="text-soft">Nothing to ask or stop before this class.</li>}
      {rest.length > 0 && (
        <li className="print:hidden">
          <details>
            <summary className="min-h-6 content-center text-teal">{rest.length} more to know</summary>
            <ul className="mt-1 space-y-1">{rest}</ul>
          </details>
        </li>
      )}
      {fitting.notes.map((note) => (
        <Note key={note.text} note={note} live={live} />
      ))}
      {rest.length > 0 && (
        <li className="hidden print:block">
          <ul>{rest}</ul>
        </li>
      )}
    </ul>
  );
}

const Note = ({
  note: { text, step, fix },
  live,
}: {
  note: Fitting['notes'][number];
  live: Live | undefined;
}) => (
  <li className="text-soft">
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
);

/** Minutes, how often down to the floor, and what must be in the room. */
function Numbers({ fitting: { minutes, steps, room } }: { fitting: Fitting }) {
  const visits = floorVisits(steps.map((step) => variantById(step.variant).variant.level));
  const off = useLearnedPace().data?.learned?.off;
  const short = room.flatMap(({ prop, short: by }) => (by ? [{ prop, count: by }] : []));
  return (
    <dl className="flex flex-wrap gap-x-5 gap-y-1">
      <div>
        <dd className="inline font-bold tabular-nums">{Math.round(minutes.planned)}</dd>{' '}
        <dt className="inline text-soft">
          of {minutes.asked} min
          {minutes.written > minutes.planned
            ? `, shortened from ${Math.round(minutes.written)}`
            : sayFree(minutes)}
          {sayAtPace(minutes, off)}
        </dt>
        {minutes.over > 0 && (
          <dd className="font-semibold text-clay">
            still {Math.ceil(minutes.over)} min over: leave a step out
          </dd>
        )}
      </div>
      <div>
        <dd className="inline font-bold">{visits}</dd>{' '}
        <dt className="inline text-soft">{visits === 1 ? 'time' : 'times'} down to the floor</dt>
      </div>
      <div>
        <dt className="sr-only">Props in the room</dt>
        <dd>{sayProps(room) || 'no props'}</dd>
        {short.length > 0 && <dd className="font-semibold text-clay">{sayProps(short)} short in the hall</dd>}
      </div>
    </dl>
  );
}
