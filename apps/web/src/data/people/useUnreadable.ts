import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** The names of those of whom nothing can be read. */
export const useUnreadable = () =>
  useQuery({
    queryKey: keys.unreadable,
    queryFn: () => answered<AnswerOf<'Person.unreadable'>>(client.GET('/api/people/unreadable')),
  });
