import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** Somebody with how much was done in each class, and how far it went. */
export const useProgress = (id: string) =>
  useQuery({
    queryKey: keys.progress(id),
    queryFn: () =>
      answered<AnswerOf<'Person.progress'>>(
        client.GET('/api/people/{id}/progress', { params: { path: { id } } }),
      ),
  });
