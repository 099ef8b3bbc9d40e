import { useMutation } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';

/** Opens everything that is encrypted, when one asks. */
export const useCheckStore = () =>
  useMutation({
    mutationFn: () => answered<AnswerOf<'Store.check'>>(client.GET('/api/store/check')),
  });
