import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';
import type { ApiError } from './client.js';

/** Saves something, and lets what shows it be read again. */
export function useSaving<In, Out>(save: (input: In) => Promise<Out>, ...shown: readonly QueryKey[]) {
  const cache = useQueryClient();
  const again = () => Promise.all(shown.map((queryKey) => cache.invalidateQueries({ queryKey })));
  return useMutation<Out, ApiError, In>({
    mutationFn: save,
    onSuccess: again,
    // Someone else has saved in between: what shows it must know.
    onError: (error) => (error.status === 409 ? again() : undefined),
  });
}
