import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** What runs out or changes within a week, for everybody who comes. */
export const useDue = () =>
  useQuery({
    queryKey: keys.due,
    queryFn: () => answered<AnswerOf<'Due.week'>>(client.GET('/api/due')),
  });
