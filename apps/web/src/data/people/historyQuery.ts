import { infiniteQueryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** So many classes are read first, and so many more each time. */
const FIRST = 12;
const MORE = 100;

/** @throws ApiError */
export const readHistory = (id: string, page: { from: number; most: number }) =>
  answered<AnswerOf<'Person.history'>>(
    client.GET('/api/people/{id}/history', { params: { path: { id }, query: page } }),
  );

/** How classes were for somebody, part by part. */
export const historyQuery = (id: string) =>
  infiniteQueryOptions({
    queryKey: keys.history(id),
    queryFn: ({ pageParam: from }) => readHistory(id, { from, most: from ? MORE : FIRST }),
    initialPageParam: 0,
    getNextPageParam: ({ classes }, all) => {
      const there = all.reduce((sum, { records }) => sum + records.length, 0);
      return there < classes ? there : undefined;
    },
  });
