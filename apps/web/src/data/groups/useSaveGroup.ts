import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { GroupDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Keeps a new group, or one that was changed, on the version that was read. */
export const useSaveGroup = (id?: string) =>
  useSaving(
    ({ version, draft }: { version?: number; draft: GroupDraft }) =>
      id === undefined
        ? answered<AnswerOf<'Group.create'>>(client.POST('/api/groups', { body: draft }))
        : answered<AnswerOf<'Group.update'>>(
            client.PUT('/api/groups/{id}', {
              params: { path: { id }, header: ifMatch(version ?? 0) },
              body: draft,
            }),
          ),
    keys.groups,
  );
