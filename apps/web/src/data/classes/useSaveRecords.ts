import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { RecordEntry } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Saves how a class was. */
export const useSaveRecords = (id: string) =>
  useSaving(
    ({ version, records }: { version: number; records: RecordEntry[] }) =>
      answered<AnswerOf<'Class.saveRecords'>>(
        client.PUT('/api/classes/{id}/record', {
          params: { path: { id }, header: ifMatch(version) },
          body: { records },
        }),
      ),
    keys.classes,
    keys.people,
  );
