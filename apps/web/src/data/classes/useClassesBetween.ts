import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** The most that is answered at once: more than a hall has in a week. */
const MOST = 300;

/** Classes from one day to another, by their times. */
export const useClassesBetween = (first: string, last: string) =>
  useQuery({
    queryKey: keys.classesBetween(first, last),
    queryFn: () =>
      answered<AnswerOf<'Class.list'>>(
        client.GET('/api/classes', { params: { query: { first, last, most: MOST } } }),
      ),
  });
