import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { lastSaved } from './lastSaves.js';

export const useSequence = (id: string) =>
  useQuery({
    queryKey: keys.sequence(id),
    // A desk begins with what is kept now, not with what was read before.
    gcTime: 0,
    queryFn: async () => {
      await lastSaved(id);
      return answered<AnswerOf<'Sequence.one'>>(
        client.GET('/api/sequences/{id}', { params: { path: { id } } }),
      );
    },
  });
