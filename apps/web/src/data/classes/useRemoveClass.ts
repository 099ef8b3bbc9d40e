import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Removes, and brings back what was removed a moment ago. */
export function useRemoveClass() {
  const remove = useSaving(
    (id: string) =>
      answered<AnswerOf<'Class.remove'>>(client.DELETE('/api/classes/{id}', { params: { path: { id } } })),
    keys.classes,
    keys.people,
  );
  const restore = useSaving(
    (id: string) =>
      answered<AnswerOf<'Class.restore'>>(
        client.POST('/api/classes/{id}/restore', { params: { path: { id } } }),
      ),
    keys.classes,
    keys.people,
  );
  return { remove, restore };
}
