import { infiniteQueryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { pagesOf } from '../pages.js';

/** Reads a line about each class that is coming, the next first, or of those that have been, the last first. */
export const classesQuery = (when: 'coming' | 'past') =>
  infiniteQueryOptions({
    queryKey: keys.classList(when),
    ...pagesOf((page) =>
      answered<AnswerOf<'Class.list'>>(client.GET('/api/classes', { params: { query: { when, ...page } } })),
    ),
  });
