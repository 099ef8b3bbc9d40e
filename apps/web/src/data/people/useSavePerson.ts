import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { PersonDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Saves someone new, or someone known on the version that was read. */
export const useSavePerson = (id?: string) =>
  useSaving(
    ({ version, draft }: { version?: number; draft: PersonDraft }) =>
      id && version !== undefined
        ? answered<AnswerOf<'Person.update'>>(
            client.PUT('/api/people/{id}', {
              params: { path: { id }, header: ifMatch(version) },
              body: draft,
            }),
          )
        : answered<AnswerOf<'Person.create'>>(client.POST('/api/people', { body: draft })),
    keys.people,
  );
