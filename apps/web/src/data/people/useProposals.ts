import { useQuery } from '@tanstack/react-query';
import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { ProposalAnswer } from '../types.js';
import { useSaving } from '../useSaving.js';

/** What the record of somebody's classes proposes, and what was decided before. */
export const useProposals = (id: string) =>
  useQuery({
    queryKey: keys.proposals(id),
    queryFn: () =>
      answered<AnswerOf<'Proposal.list'>>(
        client.GET('/api/people/{id}/proposals', { params: { path: { id } } }),
      ),
  });

/** Keeps what was decided; a limit that is taken over stands from then on. @param version of hers that was read */
export const useDecide = (id: string, version: number) =>
  useSaving(
    (body: ProposalAnswer) =>
      answered<AnswerOf<'Proposal.answer'>>(
        client.PUT('/api/people/{id}/proposals', {
          params: { path: { id }, header: ifMatch(version) },
          body,
        }),
      ),
    keys.people,
  );
