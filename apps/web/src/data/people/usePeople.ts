import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { pagesOf } from '../pages.js';

/** Those whose names hold some words, part by part. */
export const usePeople = (words = '') =>
  useInfiniteQuery({
    queryKey: keys.peopleFound(words.trim()),
    // While one types, those who were found before stay in sight.
    placeholderData: keepPreviousData,
    ...pagesOf((page) =>
      answered<AnswerOf<'Person.list'>>(
        client.GET('/api/people', { params: { query: { ...page, find: words.trim() } } }),
      ),
    ),
  });
