import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { planSaved } from './planOutbox.js';

/** What would differ if the class were fitted today. */
export const useRecheck = (id: string) =>
  useQuery({
    queryKey: keys.recheck(id),
    staleTime: 0,
    queryFn: async () => {
      await planSaved(id);
      const params = { path: { id } };
      return (await answered<AnswerOf<'Class.recheck'>>(client.GET('/api/classes/{id}/recheck', { params })))
        .comparison;
    },
  });
