import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { orKept } from '../kept/keptReadings.js';
import { keys } from '../keys.js';

/** The people with these ids, in no order; who is no longer in the list is left out. */
export function usePeopleByIds(ids: readonly string[]) {
  const sorted = [...ids].sort();
  return useQuery({
    queryKey: keys.peopleByIds(sorted),
    enabled: sorted.length > 0,
    placeholderData: keepPreviousData,
    queryFn: () =>
      orKept(keys.peopleByIds(sorted), () =>
        answered<AnswerOf<'Person.list'>>(
          client.GET('/api/people', {
            params: { query: { ids: sorted } },
            querySerializer: { array: { style: 'form', explode: false } },
          }),
        ),
      ),
  });
}
