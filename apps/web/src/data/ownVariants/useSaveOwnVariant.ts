import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { OwnDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

export const useSaveOwnVariant = () =>
  useSaving(
    (draft: OwnDraft) =>
      answered<AnswerOf<'OwnVariant.create'>>(client.POST('/api/own-variants', { body: draft })),
    keys.ownVariants,
  );
