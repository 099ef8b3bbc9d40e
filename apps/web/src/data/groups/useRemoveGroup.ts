import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Removes, and brings back what was removed a moment ago. */
export function useRemoveGroup() {
  const remove = useSaving(
    (id: string) =>
      answered<AnswerOf<'Group.remove'>>(client.DELETE('/api/groups/{id}', { params: { path: { id } } })),
    keys.groups,
  );
  const restore = useSaving(
    (id: string) =>
      answered<AnswerOf<'Group.restore'>>(
        client.POST('/api/groups/{id}/restore', { params: { path: { id } } }),
      ),
    keys.groups,
  );
  return { remove, restore };
}
