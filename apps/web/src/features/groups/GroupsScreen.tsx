import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { useGroups } from '../../data/groups/useGroups.js';
import { sayPeople } from '../../domain/words/say.js';
import { ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty, Reading } from '../../ui/states.js';
import { sayMeets } from './words.js';

/** All groups, in the order of the week. */
export function GroupsScreen() {
  const reading = useGroups();
  const { data: groups } = reading;
  const add = (
    <ButtonLink look="main" to="/groups/new">
      <Plus aria-hidden size={20} />
      New group
    </ButtonLink>
  );
  return (
    <Page
      title="Groups"
      up={[{ to: '/classes', name: 'Classes' }]}
      about="Who comes every week, who waits for a place, and who does otherwise on a day."
      main={add}
    >
      <Reading what="Loading the groups" of={reading} />
      {groups?.length === 0 && (
        <Empty action={add}>No group yet. A group meets on one day of the week.</Empty>
      )}
      {groups && groups.length > 0 && (
        <ul className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper">
          {groups.map((group) => {
            const waiting = group.people.filter((one) => one.waiting).length;
            const regulars = group.people.length - waiting;
            return (
              <li
                key={group.id}
                className="flex flex-wrap items-center gap-x-6 gap-y-1 px-5 py-3 hover:bg-teal-wash"
              >
                <span className="w-44 text-soft">{sayMeets(group)}</span>
                <span className="min-w-52 flex-1">
                  <Link
                    to={`/groups/${group.id}`}
                    className="font-display text-xl font-semibold hover:text-teal"
                  >
                    {group.title}
                  </Link>
                  {group.place && <span className="block text-soft">{group.place}</span>}
                </span>
                <span className="text-soft tabular-nums">
                  {group.most ? `${regulars} of ${group.most}` : sayPeople(regulars)}
                  {waiting > 0 && <span className="ml-3 font-semibold text-ink">{waiting} waiting</span>}
                </span>
              </li>
            );
          })}
        </ul>
      )}
    </Page>
  );
}
