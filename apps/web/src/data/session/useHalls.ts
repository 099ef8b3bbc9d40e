import { useMutation } from '@tanstack/react-query';
import { answered, client, type ApiError } from '../client.js';
import { goOn } from './goOn.js';

/** Goes on in another of one's halls. */
export const useMoveToHall = () =>
  useMutation<unknown, ApiError, string>({
    mutationFn: (hallId) => answered(client.PUT('/api/session/hall', { body: { hallId } })),
    onSuccess: () => goOn('/classes'),
  });

/** Begins one more hall. */
export const useAddHall = () =>
  useMutation<unknown, ApiError, string>({
    mutationFn: (hall) => answered(client.POST('/api/session/halls', { body: { hall } })),
    onSuccess: () => goOn('/hall'),
  });

export const useRemoveDemo = () =>
  useMutation<unknown, ApiError, void>({
    mutationFn: () => answered(client.DELETE('/api/session/demo')),
    onSuccess: () => goOn('/sign-in'),
  });
