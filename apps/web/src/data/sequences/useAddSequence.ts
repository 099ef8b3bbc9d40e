import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Keeps a new sequence. */
export const useAddSequence = () =>
  useSaving(
    (draft: { source: string; tags?: string[] }) =>
      answered<AnswerOf<'Sequence.create'>>(client.POST('/api/sequences', { body: draft })),
    keys.sequences,
  );
