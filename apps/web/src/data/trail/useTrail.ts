import { useInfiniteQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { pagesOf } from '../pages.js';

/** Who has read and changed what, the latest first. @param person of whom, by id; all where left out */
export const useTrail = (person?: string) =>
  useInfiniteQuery({
    queryKey: keys.trail(person),
    // Looking at it adds to it.
    staleTime: 0,
    ...pagesOf((page) =>
      answered<AnswerOf<'Trail.list'>>(
        client.GET('/api/trail', { params: { query: { ...page, ...(person ? { person } : {}) } } }),
      ),
    ),
  });
