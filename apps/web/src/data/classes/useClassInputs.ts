import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { orKept } from '../kept/keptReadings.js';
import { keys } from '../keys.js';

/**
 * What a class is fitted from today: enough to fit it again on the page.
 *
 * @param id empty where no class is asked about
 */
export const useClassInputs = (id: string) =>
  useQuery({
    queryKey: keys.classInputs(id),
    enabled: id !== '',
    staleTime: 0,
    queryFn: () =>
      orKept(keys.classInputs(id), () =>
        answered<AnswerOf<'Class.inputs'>>(
          client.GET('/api/classes/{id}/inputs', { params: { path: { id } } }),
        ),
      ),
  });
