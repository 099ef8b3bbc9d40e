import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** How long people are kept, and who goes next. */
export const useRetention = () =>
  useQuery({
    queryKey: keys.retention,
    queryFn: () => answered<AnswerOf<'Erasure.kept'>>(client.GET('/api/retention')),
  });

export const useKeepFor = () =>
  useSaving(
    (months: number | null) => answered(client.PUT('/api/retention', { body: { months } })),
    keys.retention,
  );
