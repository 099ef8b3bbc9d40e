import { answered, client } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Removes, and brings back what was removed a moment ago. */
export function useRemoveDocument(personId: string) {
  const remove = useSaving(
    (id: string) => answered(client.DELETE('/api/documents/{id}', { params: { path: { id } } })),
    keys.documents(personId),
    keys.everything(personId),
  );
  const restore = useSaving(
    (id: string) => answered(client.POST('/api/documents/{id}/restore', { params: { path: { id } } })),
    keys.documents(personId),
    keys.everything(personId),
  );
  return { remove, restore };
}
