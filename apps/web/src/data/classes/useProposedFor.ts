import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** What the records of those who are down for a class propose, and nobody has decided yet. */
export const useProposedFor = (id: string) =>
  useQuery({
    queryKey: keys.proposedFor(id),
    staleTime: 0,
    queryFn: () =>
      answered<AnswerOf<'Proposal.ofClass'>>(
        client.GET('/api/classes/{id}/proposals', { params: { path: { id } } }),
      ),
  });
