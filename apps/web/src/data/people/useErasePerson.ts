import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { keys } from '../keys.js';

/** Erases somebody everywhere, at once and for good. */
export function useErasePerson() {
  const cache = useQueryClient();
  return useMutation<AnswerOf<'Erasure.erase'>, ApiError, { id: string; name: string }>({
    mutationFn: ({ id, name }) =>
      answered<AnswerOf<'Erasure.erase'>>(
        client.POST('/api/people/{id}/erase', { params: { path: { id } }, body: { name } }),
      ),
    onSuccess: () => {
      // What is on the screen is hers, and not there any more: it is not asked for again.
      for (const queryKey of [keys.people, keys.classes, keys.courses, keys.retention])
        void cache.invalidateQueries({ queryKey, refetchType: 'none' });
    },
  });
}
