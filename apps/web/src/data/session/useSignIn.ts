import { useMutation } from '@tanstack/react-query';
import { answered, client, type ApiError } from '../client.js';
import type { FirstOwner, SignIn } from '../types.js';
import { goOn, placeAfter } from './goOn.js';

/** A way in: once it is taken, all is read anew. */
const useWayIn = <In>(send: (input: In) => Promise<unknown>, to?: string) =>
  useMutation<unknown, ApiError, In>({
    mutationFn: send,
    onSuccess: () => goOn(to ?? placeAfter(window.location.search)),
  });

export const useSignIn = () => useWayIn((body: SignIn) => answered(client.POST('/api/session', { body })));

export const useOpenDemo = () => useWayIn(() => answered(client.POST('/api/session/demo')));

export const useBeginHall = () =>
  useWayIn((body: FirstOwner) => answered(client.POST('/api/session/first', { body })), '/classes');
