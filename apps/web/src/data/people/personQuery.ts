import { queryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const personQuery = (id: string) =>
  queryOptions({
    queryKey: keys.person(id),
    queryFn: () =>
      answered<AnswerOf<'Person.one'>>(client.GET('/api/people/{id}', { params: { path: { id } } })),
  });
