import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { PropNote } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Keeps a prop height that worked for someone. */
export const useSaveProp = (id: string) =>
  useSaving(
    (note: PropNote) =>
      answered<AnswerOf<'Person.saveProp'>>(
        client.PUT('/api/people/{id}/props', { params: { path: { id } }, body: note }),
      ),
    keys.people,
  );
