import { cache } from '../cache.js';
import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { PersonDraft } from '../types.js';

/** Saves somebody on the version that was read; whoever shows people reads them again. */
export async function savePerson(
  id: string,
  draft: PersonDraft,
  version: number,
): Promise<AnswerOf<'Person.update'>> {
  const saved = await answered<AnswerOf<'Person.update'>>(
    client.PUT('/api/people/{id}', {
      params: { path: { id }, header: ifMatch(version) },
      body: draft,
    }),
  );
  void cache.invalidateQueries({ queryKey: keys.people });
  return saved;
}
