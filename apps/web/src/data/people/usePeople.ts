import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { pagesOf } from '../pages.js';

/** Of which group alone, and in which order. */
export interface PeopleAsked {
  group?: string;
  order?: 'name' | 'changed' | 'came';
}

/** Those who are called so, have that, or are down for that, part by part. */
export const usePeople = (words = '', asked: PeopleAsked = {}) =>
  useInfiniteQuery({
    queryKey: keys.peopleFound(words.trim(), asked),
    // While one types, those who were found before stay in sight.
    placeholderData: keepPreviousData,
    ...pagesOf((page) =>
      answered<AnswerOf<'Person.find'>>(
        client.POST('/api/people/find', { body: { ...page, ...asked, words: words.trim() } }),
      ),
    ),
  });
