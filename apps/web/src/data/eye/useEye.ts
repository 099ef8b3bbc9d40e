import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { keys } from '../keys.js';
import type { EyeAnswered, EyeCase, EyeDraft, OwnEyeAnswered, OwnEyeDraft } from '../types.js';

/** How the teacher's eye stands. */
export const useEye = () =>
  useQuery({
    queryKey: keys.eye,
    queryFn: () => answered<AnswerOf<'Eye.state'>>(client.GET('/api/eye')),
  });

/** Asks for the case to look at now, or for somebody of a class that has been. */
export const useNextCase = () =>
  useMutation<EyeCase, ApiError, { isOwn: boolean }>({
    mutationFn: ({ isOwn }) =>
      isOwn
        ? answered<AnswerOf<'Eye.own'>>(client.GET('/api/eye/own'))
        : answered<AnswerOf<'Eye.next'>>(client.GET('/api/eye/next')),
  });

/** Says what she would do now with somebody of a class that has been, and learns what was done then. */
export const useAnswerOwnCase = () =>
  useMutation<OwnEyeAnswered, ApiError, OwnEyeDraft>({
    mutationFn: (body) => answered<AnswerOf<'Eye.answerOwn'>>(client.POST('/api/eye/own/answers', { body })),
  });

/** Says what she would do with a case, and learns what its fitting does. */
export function useAnswerCase() {
  const cache = useQueryClient();
  return useMutation<EyeAnswered, ApiError, EyeDraft>({
    mutationFn: (body) => answered<AnswerOf<'Eye.answer'>>(client.POST('/api/eye/answers', { body })),
    onSuccess: () => cache.invalidateQueries({ queryKey: keys.eye }),
  });
}
