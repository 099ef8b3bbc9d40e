import type { Fitting } from '@lotus-steady/core';
import { useMutation } from '@tanstack/react-query';
import { answered, client, type ApiError, type AnswerOf } from '../client.js';
import type { ClassDraft } from '../types.js';

/** Fits what is on the form, without keeping it. */
export const useFit = () =>
  useMutation<Fitting, ApiError, ClassDraft>({
    mutationFn: async ({ on, sequenceText, people, houseView }) => {
      const body = { on, sequenceText, people, ...(houseView ? { houseView } : {}) };
      return (await answered<AnswerOf<'Class.fit'>>(client.POST('/api/classes/fit', { body }))).fitting;
    },
  });
