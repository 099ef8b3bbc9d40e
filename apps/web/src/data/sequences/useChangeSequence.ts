import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

interface Change {
  id: string;
  version: number;
  change: { source?: string; tags?: string[]; archived?: boolean };
}

/** Changes a sequence on the version that was read. */
export const useChangeSequence = () =>
  useSaving(
    ({ id, version, change }: Change) =>
      answered<AnswerOf<'Sequence.update'>>(
        client.PUT('/api/sequences/{id}', {
          params: { path: { id }, header: ifMatch(version) },
          body: change,
        }),
      ),
    keys.sequences,
  );
