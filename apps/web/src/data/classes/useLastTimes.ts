import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** How the last class before this one was for each who is down for it. */
export const useLastTimes = (id: string) =>
  useQuery({
    queryKey: keys.lastTimes(id),
    queryFn: () =>
      answered<AnswerOf<'Class.lastTimes'>>(
        client.GET('/api/classes/{id}/last', { params: { path: { id } } }),
      ),
  });
