import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const useSequence = (id: string) =>
  useQuery({
    queryKey: keys.sequence(id),
    queryFn: () =>
      answered<AnswerOf<'Sequence.one'>>(client.GET('/api/sequences/{id}', { params: { path: { id } } })),
  });
