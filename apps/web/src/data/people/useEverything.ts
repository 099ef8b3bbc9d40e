import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** Everything that is kept about somebody. */
export const useEverything = (id: string) =>
  useQuery({
    queryKey: keys.everything(id),
    queryFn: () =>
      answered<AnswerOf<'PersonLink.everything'>>(
        client.GET('/api/people/{id}/everything', { params: { path: { id } } }),
      ),
  });
