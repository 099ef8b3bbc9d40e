import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { CourseChange } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Changes when, where or for whom a course is, on the version that was read. */
export const useChangeCourse = (id: string) =>
  useSaving(
    ({ version, change }: { version: number; change: CourseChange }) =>
      answered<AnswerOf<'Course.update'>>(
        client.PUT('/api/courses/{id}', {
          params: { path: { id }, header: ifMatch(version) },
          body: change,
        }),
      ),
    keys.courses,
  );
