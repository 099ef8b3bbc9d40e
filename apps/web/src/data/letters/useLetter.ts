import { useMutation, useQuery } from '@tanstack/react-query';
import type { LetterTo } from '@lotus-steady/core';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { keys } from '../keys.js';

/** The beginning of a letter about somebody. */
export const useLetter = (id: string, to: LetterTo) =>
  useQuery({
    queryKey: keys.letter(id, to),
    staleTime: Infinity,
    queryFn: () =>
      answered<AnswerOf<'Letter.draft'>>(
        client.GET('/api/people/{id}/letter', { params: { path: { id }, query: { to } } }),
      ),
  });

/** A letter as it was edited, as a PDF. */
export const useLetterPdf = (id: string) =>
  useMutation<Blob, ApiError, string>({
    mutationFn: (text) =>
      answered<Blob>(
        client.POST('/api/people/{id}/letter/pdf', {
          params: { path: { id } },
          body: { text },
          parseAs: 'blob',
        }),
      ),
  });
