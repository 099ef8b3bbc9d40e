import { infiniteQueryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { pagesOf } from '../pages.js';

/** Of which place and group alone. */
export interface ClassesAsked {
  place?: string;
  group?: string;
}

/** Reads a line about each class that is coming, the next first, or of those that have been, the last first. */
export const classesQuery = (when: 'coming' | 'past', asked: ClassesAsked = {}) =>
  infiniteQueryOptions({
    queryKey: keys.classList(when, asked),
    ...pagesOf((page) =>
      answered<AnswerOf<'Class.list'>>(
        client.GET('/api/classes', { params: { query: { when, ...asked, ...page } } }),
      ),
    ),
  });
