import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const useGroup = (id: string) =>
  useQuery({
    queryKey: keys.group(id),
    staleTime: 0,
    queryFn: () =>
      answered<AnswerOf<'Group.one'>>(client.GET('/api/groups/{id}', { params: { path: { id } } })),
  });
