import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { orKept } from '../kept/keptReadings.js';
import { keys } from '../keys.js';
import { planSaved } from './planOutbox.js';

/** @param wanted false once a screen has what it needs */
export const useClass = (id: string, wanted = true) =>
  useQuery({
    queryKey: keys.class(id),
    enabled: wanted,
    queryFn: () =>
      orKept(keys.class(id), async () => {
        await planSaved(id);
        return answered<AnswerOf<'Class.one'>>(client.GET('/api/classes/{id}', { params: { path: { id } } }));
      }),
  });
