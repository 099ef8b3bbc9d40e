import { cache } from '../cache.js';
import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** What of a sequence is changed. */
export interface SequenceChange {
  source?: string;
  tags?: string[];
  archived?: boolean;
}

/**
 * Changes a sequence on the version that was read. The list is read again, and nobody waits for it: a desk that opens
 * waits for what was left to be saved.
 */
export async function saveSequence(
  id: string,
  change: SequenceChange,
  version: number,
): Promise<AnswerOf<'Sequence.update'>> {
  const saved = await answered<AnswerOf<'Sequence.update'>>(
    client.PUT('/api/sequences/{id}', { params: { path: { id }, header: ifMatch(version) }, body: change }),
  );
  void cache.invalidateQueries({ queryKey: keys.sequences, exact: true });
  return saved;
}
