import type { HouseView } from '@lotus-steady/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, client, ifMatch, type ApiError, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { Hall } from '../types.js';

/**
 * Takes a position at once, so that two quick choices both count, in their order; what the server does not
 * take goes back.
 */
export function useSaveHouseView() {
  const cache = useQueryClient();
  const key = [...keys.hall, 'house-view'];
  return useMutation<{ version: number }, ApiError, HouseView>({
    mutationKey: key,
    scope: { id: key.join() },
    mutationFn: (houseView) => {
      const { version } = cache.getQueryData<Hall>(keys.hall)!;
      return answered<AnswerOf<'Hall.saveHouseView'>>(
        client.PUT('/api/hall/house-view', { params: { header: ifMatch(version) }, body: { houseView } }),
      );
    },
    // A reading under way is of before this choice.
    onMutate: async (houseView) => {
      await cache.cancelQueries({ queryKey: keys.hall });
      cache.setQueryData<Hall>(keys.hall, (now) => now && { ...now, houseView });
    },
    onSuccess: ({ version }) => cache.setQueryData<Hall>(keys.hall, (now) => now && { ...now, version }),
    onSettled: () =>
      cache.isMutating({ mutationKey: key }) > 1
        ? undefined
        : cache.invalidateQueries({ queryKey: keys.hall }),
  });
}
