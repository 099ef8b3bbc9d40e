import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { OwnAnswers } from '../types.js';

/** What is known of her, and what she has sent that nobody has looked at yet. */
export const useOwnForm = (asked: boolean) =>
  useQuery({
    queryKey: keys.ownForm,
    enabled: asked,
    // What she types stays hers while she types it.
    staleTime: Infinity,
    queryFn: () => answered<AnswerOf<'Mine.form'>>(client.GET('/api/mine/form')),
  });

/** Keeps what she has filled in so far, for her teacher to look at. */
export const sendOwnAnswers = (body: OwnAnswers) =>
  answered<undefined>(client.PUT('/api/mine/form', { body }));
