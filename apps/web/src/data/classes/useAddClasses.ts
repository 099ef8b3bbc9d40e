import { useState } from 'react';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { ClassDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Puts classes into the diary one after the other, and says how many are there. */
export function useAddClasses() {
  const [done, setDone] = useState(0);
  const adding = useSaving(
    async (drafts: readonly ClassDraft[]) => {
      const added: string[] = [];
      setDone(0);
      for (const draft of drafts) {
        const { id } = await answered<AnswerOf<'Class.create'>>(client.POST('/api/classes', { body: draft }));
        added.push(id);
        setDone(added.length);
      }
      return added;
    },
    keys.classes,
    keys.courses,
    keys.sequences,
  );
  return { ...adding, done };
}
