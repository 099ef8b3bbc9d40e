import { dateAfter } from '@lotus-steady/core';
import { Link } from 'react-router';
import { useIncidents } from '../../data/incidents/useIncidents.js';
import { today } from '../../data/today.js';
import { sayDate } from '../../domain/words/say.js';
import { Problem } from '../../ui/states.js';

/** So many days ahead it is said whom to ask again. */
const AHEAD = 7;

/** Whom to ask how it is, after something has happened. */
export function FollowUps() {
  const { data, error } = useIncidents();
  const due = data?.filter(
    ({ isClosed, followUpOn }) => !isClosed && followUpOn && followUpOn <= dateAfter(today(), AHEAD),
  );
  if (error) return <Problem error={error} />;
  if (!due?.length) return null;
  return (
    <section aria-labelledby="follow-ups">
      <h2 id="follow-ups" className="mb-2 text-xl">
        Ask how it is
      </h2>
      <ul className="divide-y divide-line rounded-2xl border border-line bg-paper">
        {due.map(({ id, person, on, followUpOn }) => (
          <li key={id} className="px-4 py-2">
            <Link to={`/incidents/${id}`} className="font-semibold text-teal underline">
              {person}
            </Link>
            <span className={followUpOn! <= today() ? 'block font-semibold text-clay' : 'block text-soft'}>
              on {sayDate(followUpOn!)}, after {sayDate(on)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
