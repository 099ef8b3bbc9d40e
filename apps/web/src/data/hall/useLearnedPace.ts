import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSession } from '../session/useSession.js';

/** What the last classes that were taught say of how long things take; an assistant has no use for it. */
export function useLearnedPace() {
  const { hall } = useSession();
  return useQuery({
    queryKey: keys.learnedPace,
    enabled: hall.role !== 'assistant',
    retry: false,
    queryFn: () => answered<AnswerOf<'Class.learnedPace'>>(client.GET('/api/classes/pace')),
  });
}
