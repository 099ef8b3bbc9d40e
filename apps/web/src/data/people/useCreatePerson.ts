import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { PersonDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Saves somebody new. */
export const useCreatePerson = () =>
  useSaving(
    (draft: PersonDraft) => answered<AnswerOf<'Person.create'>>(client.POST('/api/people', { body: draft })),
    keys.people,
  );
