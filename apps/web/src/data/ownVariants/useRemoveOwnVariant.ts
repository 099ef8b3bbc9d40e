import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Removes, and brings back what was removed a moment ago. */
export function useRemoveOwnVariant() {
  const remove = useSaving(
    (key: string) =>
      answered<AnswerOf<'OwnVariant.remove'>>(
        client.DELETE('/api/own-variants/{key}', { params: { path: { key } } }),
      ),
    keys.ownVariants,
  );
  const restore = useSaving(
    (key: string) =>
      answered<AnswerOf<'OwnVariant.restore'>>(
        client.POST('/api/own-variants/{key}/restore', { params: { path: { key } } }),
      ),
    keys.ownVariants,
  );
  return { remove, restore };
}
