import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { ClassDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Saves a new class, or a known one on the version that was read. */
export const useSaveClass = (id?: string) =>
  useSaving(
    ({ version, draft }: { version?: number; draft: ClassDraft }) =>
      id && version !== undefined
        ? answered<AnswerOf<'Class.update'>>(
            client.PUT('/api/classes/{id}', {
              params: { path: { id }, header: ifMatch(version) },
              body: draft,
            }),
          )
        : answered<AnswerOf<'Class.create'>>(client.POST('/api/classes', { body: draft })),
    keys.classes,
  );
