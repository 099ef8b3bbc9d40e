import { dateAfter } from '@lotus-steady/core';
import { Link } from 'react-router';
import { today } from '../../data/today.js';
import type { ClassLine } from '../../data/types.js';
import { sayPeople, sayShortDate } from '../../domain/words/say.js';

/** The next seven days at a glance. */
export function ThisWeek({ classes }: { classes: readonly ClassLine[] }) {
  const week = classes.filter(({ on }) => on >= today() && on < dateAfter(today(), 7));
  return (
    <section aria-labelledby="week">
      <h2 id="week" className="mb-2 text-xl">
        The next seven days
      </h2>
      {week.length === 0 && <p className="text-soft">No class is planned.</p>}
      <ul className="space-y-1">
        {week.map(({ id, title, on, time, people }) => (
          <li key={id} className="grid grid-cols-[5.5rem_3.5rem_1fr] gap-2">
            <span className="text-soft">{sayShortDate(on)}</span>
            <span className="tabular-nums">{time}</span>
            <span>
              <Link to={`/classes/${id}/fitting`} className="font-semibold text-teal underline">
                {title}
              </Link>{' '}
              <span className="text-soft">{sayPeople(people)}</span>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link to="/classes?view=week" className="text-teal underline">
          The week, with times that have no class yet
        </Link>
      </p>
    </section>
  );
}
