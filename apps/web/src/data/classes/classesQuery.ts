import { queryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** Reads one line about every class of the hall. */
export const classesQuery = queryOptions({
  queryKey: keys.classes,
  queryFn: () => answered<AnswerOf<'Class.list'>>(client.GET('/api/classes')),
});
