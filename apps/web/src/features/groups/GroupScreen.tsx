import { askedNext, comingOn, groupDays } from '@lotus-steady/core';
import { Link } from 'react-router';
import { useGroup } from '../../data/groups/useGroup.js';
import { useGroupDay } from '../../data/groups/useGroupDay.js';
import { useRemoveGroup } from '../../data/groups/useRemoveGroup.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { today } from '../../data/today.js';
import type { Group, PersonLine } from '../../data/types.js';
import { sayDate, sayShortDate } from '../../domain/words/say.js';
import { ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { RemoveButton } from '../../ui/RemoveButton.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { DueBefore } from '../../domain/groups/DueBefore.js';
import { sayMeets } from './words.js';

/** So many of the next days are shown. */
const DAYS = 6;

/** One group: who comes when, who waits, and what is other by the next time. */
export function GroupScreen({ id }: { id: string }) {
  const reading = useGroup(id);
  const { data: group } = reading;
  const { data: people } = usePeopleByIds(group?.people.map((one) => one.id) ?? []);
  const { remove, restore } = useRemoveGroup();
  const days = group ? groupDays(group, today(), DAYS) : [];
  const next = days.find((on) => on > today());
  return (
    <Page
      title={group?.title ?? 'Group'}
      up={[
        { to: '/classes', name: 'Classes' },
        { to: '/groups', name: 'Groups' },
      ]}
      about={group && `${sayMeets(group)}${group.place ? ` · ${group.place}` : ''}`}
      actions={
        group && (
          <>
            <ButtonLink to={`/groups/${id}/edit`}>Change</ButtonLink>
            <ButtonLink to={`/classes?group=${id}`}>Its classes</ButtonLink>
            <ButtonLink to={`/reports?group=${id}`}>Report</ButtonLink>
            <RemoveButton
              name={group.title}
              list="/groups"
              busy={remove.isPending}
              onRemove={(done) => remove.mutate(id, done)}
              onRestore={() => restore.mutateAsync(id)}
            />
          </>
        )
      }
    >
      <Reading what="Loading the group" of={reading} />
      {remove.error && <Problem error={remove.error} />}
      {group && people && (
        <>
          {group.people.length > 0 ? (
            <WhoComes group={group} people={people} days={days} />
          ) : (
            <Empty action={<ButtonLink to={`/groups/${id}/edit`}>Say who belongs to it</ButtonLink>}>
              Nobody belongs to it yet.
            </Empty>
          )}
          {next && (
            <DueBefore people={people.filter((one) => comingOn(group, next).includes(one.id))} on={next} />
          )}
        </>
      )}
    </Page>
  );
}

/** A row for each of its people, a column for each of the next days. */
function WhoComes({
  group,
  people,
  days,
}: {
  group: Group;
  people: readonly PersonLine[];
  days: readonly string[];
}) {
  const saving = useGroupDay(group.id);
  const names = new Map(people.map(({ id, name }) => [id, name]));
  const here = group.people.filter(({ id }) => names.has(id));
  const isBusy = (personId: string, on: string): boolean =>
    saving.isPending && saving.variables.personId === personId && saving.variables.on === on;
  return (
    <section aria-label="Who comes when" className="mb-8">
      <h2 className="mb-2 text-xl">Who comes when</h2>
      {saving.error && <Problem error={saving.error} />}
      <div className="relative overflow-x-auto rounded-2xl border border-line bg-paper">
        <table className="w-full text-left">
          <thead>
            <tr className="border-b border-line align-bottom">
              <th scope="col" className="px-4 py-2 font-semibold text-soft">
                Name
              </th>
              {days.map((on) => (
                <th key={on} scope="col" className="px-3 py-2 font-semibold">
                  <DayHead group={group} on={on} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {here.map(({ id, waiting }) => (
              <tr key={id} className="border-b border-line">
                <th scope="row" className="px-4 py-1 font-semibold whitespace-nowrap">
                  <Link to={`/people/${id}`} className="hover:text-teal">
                    {names.get(id)}
                  </Link>
                  {waiting && <span className="block text-sm font-normal text-soft">waits for a place</span>}
                </th>
                {days.map((on) => {
                  const comes = comingOn(group, on).includes(id);
                  return (
                    <td key={on} className="px-2 py-1">
                      <button
                        type="button"
                        aria-pressed={comes}
                        aria-label={`${names.get(id)}, ${sayDate(on)}: ${wordFor(comes, waiting)}`}
                        disabled={isBusy(id, on)}
                        onClick={() =>
                          saving.mutate({ personId: id, on, ...(comes === waiting ? {} : { comes: !comes }) })
                        }
                        className={
                          'min-h-11 w-full min-w-20 rounded-lg border px-2 ' +
                          (comes
                            ? 'border-teal bg-teal-wash font-semibold'
                            : 'border-dashed border-strong-line text-soft')
                        }
                      >
                        {isBusy(id, on) ? '…' : wordFor(comes, waiting)}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr className="align-top">
              <th scope="row" className="px-4 py-2 text-soft">
                {group.most ? `Of ${group.most} places` : 'Come'}
              </th>
              {days.map((on) => (
                <td key={on} className="px-3 py-2 text-sm">
                  <Free group={group} on={on} names={names} />
                </td>
              ))}
            </tr>
          </tfoot>
        </table>
      </div>
    </section>
  );
}

function wordFor(comes: boolean, waiting: boolean): string {
  if (comes) return waiting ? 'for once' : 'comes';
  return waiting ? 'waits' : 'away';
}

/** A day, and its class: planned, or to be planned with who comes. */
function DayHead({ group, on }: { group: Group; on: string }) {
  const planned = group.classes.find((one) => one.on === on);
  return (
    <>
      <span className="block whitespace-nowrap">{sayShortDate(on)}</span>
      <Link
        className="text-sm font-normal text-teal underline"
        to={planned ? `/classes/${planned.id}/fitting` : `/classes/new?group=${group.id}&on=${on}`}
      >
        {planned ? 'open' : 'plan it'}
        <span className="sr-only">, {sayDate(on)}</span>
      </Link>
    </>
  );
}

/** How many come, and who may be asked where there is room. */
function Free({ group, on, names }: { group: Group; on: string; names: ReadonlyMap<string, string> }) {
  const count = comingOn(group, on).length;
  const over = group.most ? count - group.most : 0;
  const [next] = askedNext(group, on);
  return (
    <>
      <span className={`block tabular-nums ${over > 0 ? 'font-semibold text-clay' : ''}`}>
        {count}
        {over > 0 && `, ${over} too many`}
      </span>
      {next && <span className="block text-soft">room: ask {names.get(next)}</span>}
    </>
  );
}
