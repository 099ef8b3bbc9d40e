import { readPlan, weekKinds, type WeekKind } from '@lotus-steady/core';
import { CalendarPlus, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { catalogue } from '../../../data/catalogue.js';
import { useAddClasses } from '../../../data/classes/useAddClasses.js';
import { useChangeCourse } from '../../../data/courses/useChangeCourse.js';
import { useCourse } from '../../../data/courses/useCourse.js';
import { useRemoveCourse } from '../../../data/courses/useRemoveCourse.js';
import { usePeopleByIds } from '../../../data/people/usePeopleByIds.js';
import type { Course, PersonLine } from '../../../data/types.js';
import { sayDate, sayWhen } from '../../../domain/words/say.js';
import { Button } from '../../../ui/Button.js';
import { TextField } from '../../../ui/Field.js';
import { Page } from '../../../ui/Page.js';
import { Problem, Reading } from '../../../ui/states.js';
import { Enrolled } from './Enrolled.js';
import { dayOfWeek } from './courseDays.js';
import { WeekRow } from './WeekRow.js';
import { useWeekChanges } from './useWeekChanges.js';

const UP = [
  { to: '/sequences', name: 'Sequences' },
  { to: '/sequences/courses', name: 'Courses' },
];

/** A course: its weeks and what moves in each, who is enrolled and what changes for them, and its classes. */
export function CourseScreen({ id }: { id: string }) {
  const reading = useCourse(id);
  return reading.data ? (
    <Whole course={reading.data} />
  ) : (
    <Page title="Course" up={UP}>
      <Reading what="Loading the course" of={reading} />
    </Page>
  );
}

/** Which week a week is held against: the one before, past a lighter one. */
const weekBefore = (kinds: readonly WeekKind[], at: number): number =>
  kinds[at - 1] === 'lighter' ? at - 2 : at - 1;

/** @param left classes that are not in the diary yet @param done while they are put there: so many are by now */
function sayDiary(left: number, done: number | undefined): string {
  if (done !== undefined) return `${done} of ${left} in the diary …`;
  if (!left) return 'All classes are in the diary';
  return `Put ${left} ${left === 1 ? 'class' : 'classes'} in the diary`;
}

const NOBODY: readonly PersonLine[] = [];

function Whole({ course }: { course: Course }) {
  const { id, title, startsOn, time, place, people, weeks, version } = course;
  const { data: known = NOBODY } = usePeopleByIds(people);
  const enrolled = useMemo(
    () => known.filter((person) => people.includes(person.id)).sort((a, b) => a.name.localeCompare(b.name)),
    [known, people],
  );
  const change = useChangeCourse(id);
  const remove = useRemoveCourse(id);
  const navigate = useNavigate();
  const adding = useAddClasses();
  const catalogueOf = catalogue();
  const plans = useMemo(() => weeks.map(({ source }) => readPlan(source, catalogueOf)), [weeks, catalogueOf]);
  const kinds = weekKinds(weeks.length);
  const changes = useWeekChanges(
    enrolled,
    weeks.map(({ week }) => dayOfWeek(startsOn, week)),
  );
  const open = weeks.filter(({ classes }) => !classes.length);
  const putInDiary = (): void =>
    adding.mutate(
      open.map(({ week, source, sequenceId }) => ({
        title: plans[week - 1]?.title ?? title,
        on: dayOfWeek(startsOn, week),
        ...(time ? { time } : {}),
        ...(place ? { place } : {}),
        sequenceText: source,
        sequenceId,
        people: enrolled.map((person) => ({ id: person.id })),
      })),
    );
  return (
    <Page
      up={UP}
      title={title}
      about={`${weeks.length} weeks from ${sayWhen({ on: startsOn, time, place })}`}
      main={
        <Button
          look="main"
          disabled={adding.isPending || !open.length || !enrolled.length}
          onClick={putInDiary}
        >
          <CalendarPlus aria-hidden size={20} />
          {sayDiary(open.length, adding.isPending ? adding.done : undefined)}
        </Button>
      }
      actions={
        <Button
          look="quiet"
          className="ml-auto"
          disabled={remove.isPending}
          onClick={() => remove.mutate(undefined, { onSuccess: () => void navigate('/sequences/courses') })}
        >
          <Trash2 aria-hidden size={20} />
          Take apart
        </Button>
      }
    >
      {[adding.error, change.error, remove.error].map(
        (error, i) => error && <Problem key={i} error={error} />,
      )}
      <div className="grid gap-8 lg:grid-cols-[minmax(0,2fr)_minmax(16rem,1fr)]">
        <ol className="space-y-3" aria-label="The weeks">
          {weeks.map((week, i) => (
            <WeekRow
              key={week.sequenceId}
              week={week}
              day={dayOfWeek(startsOn, week.week)}
              kind={kinds[i]!}
              plan={plans[i]!}
              before={plans[weekBefore(kinds, i)]}
              changes={changes.filter(({ on }) => on === dayOfWeek(startsOn, week.week))}
              people={enrolled}
            />
          ))}
        </ol>
        <div className="space-y-6">
          <TextField
            key={startsOn}
            label="First day"
            type="date"
            defaultValue={startsOn}
            hint={`Last day: ${sayDate(dayOfWeek(startsOn, weeks.length))}`}
            onBlur={(event) => {
              const { value } = event.target;
              if (value && value !== startsOn) change.mutate({ version, change: { startsOn: value } });
            }}
          />
          <Enrolled
            people={enrolled}
            busy={change.isPending}
            onChange={(next) => change.mutate({ version, change: { people: next } })}
          />
          {!enrolled.length && (
            <p className="text-soft">
              Once people are enrolled, their changes stand beside the weeks, and the classes can be made.
            </p>
          )}
        </div>
      </div>
    </Page>
  );
}
