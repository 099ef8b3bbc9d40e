import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** What was decided lately, and which props worked, for those who are down for a class. */
export const useRemembered = (id: string) =>
  useQuery({
    queryKey: keys.remembered(id),
    queryFn: () =>
      answered<AnswerOf<'Proposal.remembered'>>(
        client.GET('/api/classes/{id}/remembered', { params: { path: { id } } }),
      ),
  });
