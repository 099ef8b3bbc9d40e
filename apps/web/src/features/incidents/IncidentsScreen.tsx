import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { useIncidents } from '../../data/incidents/useIncidents.js';
import { today } from '../../data/today.js';
import type { Incident } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty, Reading } from '../../ui/states.js';

/** What happened to people in and around classes: what is to be followed up first. */
export function IncidentsScreen() {
  const reading = useIncidents();
  const { data } = reading;
  const open = data?.filter(({ isClosed }) => !isClosed);
  return (
    <Page
      title="Incidents"
      about="A fall, a faint, a sudden pain: what happened, what was done, who was told, and when to ask again."
      up={[{ to: '/hall', name: 'Hall' }]}
      main={
        <ButtonLink look="main" to="/incidents/new">
          <Plus aria-hidden size={20} />
          Write one down
        </ButtonLink>
      }
    >
      <Reading what="Loading the incidents" of={reading} />
      {data?.length === 0 && <Empty>Nothing has happened, or nothing was written down.</Empty>}
      <Listed title="To follow up" of={open} />
      <Listed title="Closed" of={data?.filter(({ isClosed }) => isClosed)} />
    </Page>
  );
}

const Listed = ({ title, of }: { title: string; of: readonly Incident[] | undefined }) =>
  of?.length ? (
    <section className="mb-8">
      <h2 className="mb-2 text-xl">{title}</h2>
      <ul className="divide-y divide-line rounded-2xl border border-line bg-paper">
        {of.map(({ id, person, on, what, followUpOn, isClosed }) => (
          <li key={id} className="px-4 py-3">
            <Link to={`/incidents/${id}`} className="font-semibold text-teal underline">
              {person}, {sayDate(on)}
            </Link>
            {followUpOn && !isClosed && (
              <span className={followUpOn <= today() ? 'font-semibold text-clay' : 'text-soft'}>
                {' '}
                · ask again on {sayDate(followUpOn)}
              </span>
            )}
            <p className="line-clamp-2">{what}</p>
          </li>
        ))}
      </ul>
    </section>
  ) : null;
