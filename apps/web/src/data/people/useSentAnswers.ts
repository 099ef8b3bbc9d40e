import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

const to = (id: string) => ({ params: { path: { id } } });

/** What somebody has filled in herself and nobody has looked at yet. */
export const useSentAnswers = (id: string) =>
  useQuery({
    queryKey: keys.sentAnswers(id),
    queryFn: async () => {
      const [sent] = await answered<AnswerOf<'PersonLink.answersOf'>>(
        client.GET('/api/people/{id}/answers', to(id)),
      );
      return sent ?? null;
    },
  });

/** It was looked at. */
export const useAnswersDone = (id: string) =>
  useSaving(() => answered(client.DELETE('/api/people/{id}/answers', to(id))), keys.sentAnswers(id));
