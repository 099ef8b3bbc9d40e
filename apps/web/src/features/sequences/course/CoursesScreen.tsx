import { LayoutList } from 'lucide-react';
import { Link } from 'react-router';
import { useCourses } from '../../../data/courses/useCourses.js';
import type { Course } from '../../../data/types.js';
import { sayDate, sayPeople } from '../../../domain/words/say.js';
import { ButtonLink } from '../../../ui/Button.js';
import { Page } from '../../../ui/Page.js';
import { Empty, Reading } from '../../../ui/states.js';
import { LibraryNav } from '../LibraryNav.js';
import { dayOfWeek } from './courseDays.js';

/** Courses of several weeks. */
export function CoursesScreen() {
  const courses = useCourses();
  const start = (
    <ButtonLink look="main" to="/sequences/start">
      <LayoutList aria-hidden size={20} />
      Begin from a frame
    </ButtonLink>
  );
  return (
    <Page title="Sequences" main={start}>
      <LibraryNav />
      <Reading what="Loading the courses" of={courses} />
      {courses.data?.length === 0 && (
        <Empty action={start}>
          No course yet. Choose a frame, or open a sequence of yours, and make a course of it.
        </Empty>
      )}
      {courses.data && courses.data.length > 0 && (
        <ul className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper">
          {courses.data.map((course) => (
            <Line key={course.id} course={course} />
          ))}
        </ul>
      )}
    </Page>
  );
}

function Line({ course: { id, title, startsOn, weeks, people } }: { course: Course }) {
  const taught = weeks.filter(({ classes }) => classes.length).length;
  return (
    <li className="px-5 py-4 hover:bg-teal-wash">
      <Link to={`/sequences/courses/${id}`} className="font-display text-xl font-semibold hover:text-teal">
        {title}
      </Link>
      <span className="block text-soft">
        {weeks.length} weeks, {sayDate(startsOn)} to {sayDate(dayOfWeek(startsOn, weeks.length))} ·{' '}
        {sayPeople(people.length)} enrolled · {taught} in the diary
      </span>
    </li>
  );
}
