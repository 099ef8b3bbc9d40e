import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** How somebody was known from each change on, the latest first. */
export const usePersonChanges = (id: string, wanted: boolean) =>
  useQuery({
    queryKey: keys.personChanges(id),
    enabled: wanted,
    queryFn: () =>
      answered<AnswerOf<'Person.changes'>>(
        client.GET('/api/people/{id}/changes', { params: { path: { id } } }),
      ),
  });
