import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Removes, and brings back what was removed a moment ago. */
export function useRemovePerson() {
  const remove = useSaving(
    (id: string) =>
      answered<AnswerOf<'Person.remove'>>(client.DELETE('/api/people/{id}', { params: { path: { id } } })),
    keys.people,
    keys.classes,
  );
  const restore = useSaving(
    (id: string) =>
      answered<AnswerOf<'Person.restore'>>(
        client.POST('/api/people/{id}/restore', { params: { path: { id } } }),
      ),
    keys.people,
    keys.classes,
  );
  return { remove, restore };
}
