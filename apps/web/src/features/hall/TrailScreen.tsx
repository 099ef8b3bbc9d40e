import { ShieldCheck } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { useCheckTrail } from '../../data/trail/useCheckTrail.js';
import { useTrail } from '../../data/trail/useTrail.js';
import type { TrailEntry } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { MoreButton } from '../../ui/MoreButton.js';
import { Page } from '../../ui/Page.js';
import { sayDay } from '../../ui/sayDay.js';
import { Empty, Problem, Reading } from '../../ui/states.js';

const WHAT: Readonly<Record<TrailEntry['what'], string>> = {
  'list of people': 'the list of people',
  person: 'what is known',
  changes: 'the log of changes',
  diary: 'the diary',
  'own answers': 'what was filled in',
  'own page': 'the own page',
  'own form': 'the own form',
  'private link': 'a private link',
  'prop heights': 'prop heights that worked',
  everything: 'all that is kept',
  document: 'a document',
  class: 'the class',
  'plan of a class': 'the plan of the class',
  'today at the door': 'how somebody is today, for the class',
  'record of a class': 'how it was, of the class',
  incident: 'an incident',
  'practice at home': 'practice at home',
  letter: 'a letter',
  report: 'a report',
  mail: 'mail',
  fitting: 'a plan that was tried, for whoever was down for it',
  trail: 'this trail',
};

/** What did something by itself. */
const ITSELF: Readonly<Record<string, string>> = { itself: 'The program by itself', machine: 'A machine' };

const whoOf = ({ who, role }: TrailEntry): string => who ?? ITSELF[role] ?? 'Somebody who is no longer here';

/** Who has read and changed what is known of people, the latest first. */
export function TrailScreen() {
  const [params] = useSearchParams();
  const person = params.get('person') ?? undefined;
  const reading = useTrail(person);
  const { data: entries } = reading;
  const name = person && entries?.find((one) => one.personId === person)?.person;
  return (
    <Page
      title="Who has looked"
      up={[{ to: '/hall', name: 'Hall' }]}
      about={
        person
          ? `At what is known of ${name ?? 'one person'}: the page, classes down for, and lists of people.`
          : 'At what is known of people. Who looks again at the same within five minutes is noted once.'
      }
      actions={
        person && (
          <Link to="/hall/trail" className="text-teal underline">
            Show everybody
          </Link>
        )
      }
      main={<Check />}
    >
      <Reading what="Reading the trail" of={reading} />
      {entries?.length === 0 && <Empty>Nobody has looked yet.</Empty>}
      {entries && entries.length > 0 && (
        <div className="overflow-x-auto rounded-2xl border border-line bg-paper">
          <table className="w-full text-left">
            <thead>
              <tr className="border-b border-line text-soft">
                {['No.', 'When', 'Who', 'Did what'].map((head) => (
                  <th key={head} scope="col" className="px-4 py-2 font-semibold">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {entries.map((entry) => (
                <tr key={entry.number} className="border-b border-line align-top last:border-0">
                  <td className="px-4 py-2 text-soft tabular-nums">{entry.number}</td>
                  <td className="px-4 py-2 whitespace-nowrap tabular-nums">{sayDay(entry.at)}</td>
                  <td className="px-4 py-2">{whoOf(entry)}</td>
                  <td className="px-4 py-2">
                    <DidWhat {...entry} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <MoreButton what="entries" of={reading} />
    </Page>
  );
}

function DidWhat({ did, what, personId, person, classId, title, counts }: TrailEntry) {
  return (
    <>
      <b className={did === 'read' ? 'font-normal' : ''}>{did}</b> {WHAT[what]}
      {title && classId && (
        <>
          {' '}
          <Link to={`/classes/${classId}/fitting`} className="text-teal underline">
            {title}
          </Link>
        </>
      )}
      {personId && (
        <>
          {' of '}
          {person ? (
            <Link to={`/people/${personId}`} className="text-teal underline">
              {person}
            </Link>
          ) : (
            'somebody who is no longer kept'
          )}
        </>
      )}
      {counts && (
        <span className="block text-sm text-soft">
          {Object.entries(counts)
            .filter(([, count]) => count > 0)
            .map(([name, count]) => `${count} ${name}`)
            .join(', ')}
        </span>
      )}
    </>
  );
}

/** Looks through the whole chain. */
function Check() {
  const checking = useCheckTrail();
  const { data } = checking;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button onClick={() => checking.mutate()} disabled={checking.isPending}>
        <ShieldCheck aria-hidden size={20} />
        {checking.isPending ? 'Looking through it …' : 'See whether it is whole'}
      </Button>
      <span role="status">
        {data &&
          (data.brokenAt === null ? (
            `Whole: ${data.entries} entries, none changed, none missing.`
          ) : (
            <b className="text-clay">Broken at number {data.brokenAt}: changed or missing there.</b>
          ))}
      </span>
      {checking.error && <Problem error={checking.error} />}
    </div>
  );
}
