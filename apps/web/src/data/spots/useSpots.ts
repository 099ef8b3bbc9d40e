import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Spot } from '@lotus-steady/core';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { keys } from '../keys.js';
import { orKept } from '../kept/keptReadings.js';

/** Where people were laid by hand in a class. */
export const useSpots = (id: string) =>
  useQuery({
    queryKey: keys.spots(id),
    queryFn: () =>
      orKept(keys.spots(id), () =>
        answered<AnswerOf<'Spot.list'>>(client.GET('/api/classes/{id}/spots', { params: { path: { id } } })),
      ),
  });

/** Shows what is done at once, and asks how it stands once the last of it was answered. */
function useSpotsChange<In>(
  id: string,
  send: (input: In) => Promise<unknown>,
  now: (spots: Spot[], input: In) => Spot[],
) {
  const cache = useQueryClient();
  const queryKey = keys.spots(id);
  const mutationKey = [...queryKey, 'change'];
  return useMutation<unknown, ApiError, In>({
    mutationKey,
    mutationFn: send,
    // One after another: the last one stays.
    scope: { id: mutationKey.join() },
    onMutate: async (input) => {
      await cache.cancelQueries({ queryKey });
      cache.setQueryData<Spot[]>(queryKey, (spots = []) => now(spots, input));
    },
    onSettled: () =>
      cache.isMutating({ mutationKey }) === 1 ? cache.invalidateQueries({ queryKey }) : undefined,
  });
}

/** Keeps where some are; all others stay. */
export const useKeepSpots = (id: string) =>
  useSpotsChange<Spot[]>(
    id,
    (spots) => answered(client.PUT('/api/classes/{id}/spots', { params: { path: { id } }, body: { spots } })),
    (before, spots) => {
      const moved = new Set(spots.map(({ personId }) => personId));
      return [...before.filter(({ personId }) => !moved.has(personId)), ...spots];
    },
  );

/** Lays all out by themselves again. */
export const useForgetSpots = (id: string) =>
  useSpotsChange<void>(
    id,
    () => answered(client.DELETE('/api/classes/{id}/spots', { params: { path: { id } } })),
    () => [],
  );
