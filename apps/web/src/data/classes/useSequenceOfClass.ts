import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Saves a class's sequence in the library as a new one, which the class then counts as begun from. */
export const useSequenceOfClass = (id: string) =>
  useSaving(
    async ({ version, source }: { version: number; source: string }) => {
      const made = await answered<AnswerOf<'Sequence.create'>>(
        client.POST('/api/sequences', { body: { source } }),
      );
      await answered<AnswerOf<'Class.saveSequence'>>(
        client.PUT('/api/classes/{id}/sequence', {
          params: { path: { id }, header: ifMatch(version) },
          body: { sequenceId: made.id },
        }),
      );
      return made;
    },
    keys.sequences,
    keys.classes,
  );
