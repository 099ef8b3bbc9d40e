import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import type { TakeLink } from '../types.js';
import { goOn } from './goOn.js';

/** What a link is for. Its secret is sent in a body: an address would be written down on the way. */
export const useLink = (secret: string) =>
  useQuery({
    queryKey: ['link', secret],
    retry: false,
    queryFn: () => answered<AnswerOf<'Link.look'>>(client.POST('/api/links/look', { body: { secret } })),
  });

export const useTakeLink = () =>
  useMutation<unknown, ApiError, TakeLink>({
    mutationFn: (body) => answered(client.POST('/api/links/take', { body })),
    onSuccess: () => goOn('/classes'),
  });

/** Takes up an invitation with the account one is signed in with. */
export const useJoin = () =>
  useMutation<unknown, ApiError, string>({
    mutationFn: (secret) => answered(client.POST('/api/links/join', { body: { secret } })),
    onSuccess: () => goOn('/classes'),
  });
