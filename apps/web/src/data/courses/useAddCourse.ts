import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { CourseDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Keeps a new course, with a sequence for each week. */
export const useAddCourse = () =>
  useSaving(
    (draft: CourseDraft) => answered<AnswerOf<'Course.create'>>(client.POST('/api/courses', { body: draft })),
    keys.courses,
    keys.sequences,
  );
