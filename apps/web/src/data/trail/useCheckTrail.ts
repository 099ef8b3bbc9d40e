import { useMutation } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';

/** Looks whether nothing is missing in the trail, when one asks. */
export const useCheckTrail = () =>
  useMutation({
    mutationFn: () => answered<AnswerOf<'Trail.check'>>(client.GET('/api/trail/check')),
  });
