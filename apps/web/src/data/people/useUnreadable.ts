import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** To tell it everybody is opened: not at every look at the list, milliseconds. */
const TOLD_FOR = 10 * 60 * 1000;

/** The names of those of whom nothing can be read. */
export const useUnreadable = () =>
  useQuery({
    queryKey: keys.unreadable,
    staleTime: TOLD_FOR,
    queryFn: () => answered<AnswerOf<'Person.unreadable'>>(client.GET('/api/people/unreadable')),
  });
