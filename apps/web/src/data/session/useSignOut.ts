import { useMutation } from '@tanstack/react-query';
import { answered, client, type ApiError } from '../client.js';
import { goOn } from './goOn.js';

/** @param to where she is then */
export const useSignOut = (to = '/sign-in') =>
  useMutation<unknown, ApiError, void>({
    mutationFn: () => answered(client.DELETE('/api/session')),
    onSuccess: () => goOn(to),
  });
