import { comingOn, dateAfter, groupDays, weekdayOf } from '@lotus-steady/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { useClassesBetween } from '../../data/classes/useClassesBetween.js';
import { useGroups } from '../../data/groups/useGroups.js';
import { useSession } from '../../data/session/useSession.js';
import { today } from '../../data/today.js';
import type { ClassLine, Group } from '../../data/types.js';
import { sayDate, sayPeople, sayShortDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Reading } from '../../ui/states.js';

const DAYS = 7;

/** The Monday of the week that a date is in. */
export const mondayOf = (date: string): string => dateAfter(date, 1 - weekdayOf(date));

interface Slot {
  group: Group;
  on: string;
}

/** Seven days: the classes that are planned, and the times of groups that have no class yet. */
export function WeekView({ on, onChange }: { on: string; onChange: (on: string) => void }) {
  const monday = mondayOf(on);
  const sunday = dateAfter(monday, DAYS - 1);
  const { hall } = useSession();
  const isTeacher = hall.role !== 'assistant';
  const reading = useClassesBetween(monday, sunday);
  const { data: groups = [] } = useGroups({ enabled: isTeacher });
  const { data: classes = [] } = reading;
  // Whether a time is open is known once the classes are.
  const open = reading.data ? openSlots(groups, reading.data, monday, sunday) : [];
  const days = Array.from({ length: DAYS }, (_, i) => dateAfter(monday, i));
  return (
    <section aria-label="Week">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <Button aria-label="The week before" onClick={() => onChange(dateAfter(monday, -DAYS))}>
          <ChevronLeft aria-hidden size={20} />
        </Button>
        <Button onClick={() => onChange(today())}>This week</Button>
        <Button aria-label="The week after" onClick={() => onChange(dateAfter(monday, DAYS))}>
          <ChevronRight aria-hidden size={20} />
        </Button>
        <h2 className="ml-2 text-xl" role="status">
          {sayDate(monday)} to {sayDate(sunday)}
        </h2>
      </div>
      <Reading what="Loading the week" of={reading} />
      <ol className="grid gap-2 md:grid-cols-7">
        {days.map((day) => (
          <Day
            key={day}
            day={day}
            classes={classes.filter((one) => one.on === day)}
            open={open.filter((one) => one.on === day)}
          />
        ))}
      </ol>
    </section>
  );
}

/** Times of groups on which no class is planned yet; days that are over are let be. */
function openSlots(
  groups: readonly Group[],
  classes: readonly ClassLine[],
  first: string,
  last: string,
): Slot[] {
  const from = first > today() ? first : today();
  return groups.flatMap((group) =>
    groupDays(group, from, 1)
      .filter((on) => on <= last && !classes.some((one) => one.groupId === group.id && one.on === on))
      .map((on) => ({ group, on })),
  );
}

function Day({ day, classes, open }: { day: string; classes: readonly ClassLine[]; open: readonly Slot[] }) {
  const isToday = day === today();
  const isEmpty = !classes.length && !open.length;
  return (
    <li
      className={
        `rounded-2xl border p-3 ${isToday ? 'border-teal bg-teal-wash' : 'border-line bg-paper'} ` +
        (isEmpty ? 'max-md:hidden' : '')
      }
    >
      <h3 className="mb-2 font-semibold" {...(isToday ? { 'aria-current': 'date' as const } : {})}>
        {sayShortDate(day)}
        {isToday && <span className="block text-sm font-normal text-soft">today</span>}
      </h3>
      <ul className="space-y-2">
        {classes.map(({ id, title, time, place, people, recorded }) => (
          <li key={id} className="rounded-lg border border-line bg-paper p-2">
            <span className="block text-sm text-soft tabular-nums">{time ?? 'no time yet'}</span>
            <Link to={`/classes/${id}/fitting`} className="font-display font-semibold hover:text-teal">
              {title}
            </Link>
            <span className="block text-sm text-soft">
              {sayPeople(people)}
              {recorded && ' · recorded'}
            </span>
            {place && <span className="block text-sm text-soft">{place}</span>}
          </li>
        ))}
        {open.map(({ group, on }) => (
          <li key={group.id} className="rounded-lg border border-dashed border-strong-line p-2">
            <span className="block text-sm text-soft tabular-nums">{group.time ?? 'no time yet'}</span>
            <Link to={`/groups/${group.id}`} className="font-display font-semibold hover:text-teal">
              {group.title}
            </Link>
            <span className="block text-sm text-soft">{sayPeople(comingOn(group, on).length)}</span>
            <Link className="text-teal underline" to={`/classes/new?group=${group.id}&on=${on}`}>
              Plan it<span className="sr-only">: {group.title}</span>
            </Link>
          </li>
        ))}
      </ul>
      {isEmpty && <p className="text-sm text-soft">–</p>}
    </li>
  );
}
