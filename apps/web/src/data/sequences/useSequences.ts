import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const useSequences = () =>
  useQuery({
    queryKey: keys.sequences,
    queryFn: () => answered<AnswerOf<'Sequence.list'>>(client.GET('/api/sequences')),
  });
