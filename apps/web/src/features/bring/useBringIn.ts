import { useQueryClient } from '@tanstack/react-query';
import type { BroughtIn } from '@lotus-steady/core';
import { useState } from 'react';
import { answered, client, fieldsOf, type AnswerOf } from '../../data/client.js';
import { keys } from '../../data/keys.js';
import type { PersonDraft } from '../../data/types.js';

/** What became of an entry. */
export type Came = { id: string } | { problem: string };

export interface BringIn {
  /** By where the entry stands. */
  came: ReadonlyMap<number, Came>;
  /** How many of how many, while it is under way. */
  under: { done: number; of: number } | undefined;
  bring: (people: readonly BroughtIn[]) => Promise<void>;
  /** Takes everybody out again who came in. */
  takeBack: () => Promise<void>;
  /** Forgets what became of them: another file is looked at. */
  forget: () => void;
}

const create = (draft: PersonDraft) =>
  answered<AnswerOf<'Person.create'>>(client.POST('/api/people', { body: draft }));
const remove = (id: string) =>
  answered<AnswerOf<'Person.remove'>>(client.DELETE('/api/people/{id}', { params: { path: { id } } }));

/** Brings people in one after the other: whom the server refuses is told, the others come in. */
export function useBringIn(): BringIn {
  const cache = useQueryClient();
  const [came, setCame] = useState<ReadonlyMap<number, Came>>(new Map());
  const [under, setUnder] = useState<BringIn['under']>();
  const one = async ({ told }: BroughtIn): Promise<Came> => {
    try {
      return { id: (await create(told as PersonDraft)).id };
    } catch (error) {
      const [first] = fieldsOf(error as Error);
      return { problem: first?.message ?? (error as Error).message };
    }
  };
  return {
    came,
    under,
    forget: () => setCame(new Map()),
    bring: async (people) => {
      const all = new Map(came);
      for (const [done, person] of people.entries()) {
        setUnder({ done, of: people.length });
        all.set(person.at, await one(person));
        setCame(new Map(all));
      }
      setUnder(undefined);
      await cache.invalidateQueries({ queryKey: keys.people });
    },
    takeBack: async () => {
      const all = new Map(came);
      const there = [...came].flatMap(([at, one]): [number, string][] => ('id' in one ? [[at, one.id]] : []));
      for (const [done, [at, id]] of there.entries()) {
        setUnder({ done, of: there.length });
        await remove(id);
        all.delete(at);
        setCame(new Map(all));
      }
      setUnder(undefined);
      await cache.invalidateQueries({ queryKey: keys.people });
    },
  };
}
