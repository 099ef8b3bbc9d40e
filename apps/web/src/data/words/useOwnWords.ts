import { useQuery } from '@tanstack/react-query';
import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { orKept } from '../kept/keptReadings.js';
import { useSaving } from '../useSaving.js';

/** What the hall says in poses, in its own words. */
export const useOwnWords = () =>
  useQuery({
    queryKey: keys.ownWords,
    queryFn: () => orKept(keys.ownWords, () => answered<AnswerOf<'OwnWords.list'>>(client.GET('/api/words'))),
  });

/** Keeps words for a pose, on the version that was read; none for the usual ones. */
export const useSaveOwnWords = () =>
  useSaving(
    ({ pose, words, version }: { pose: string; words: string; version: number }) =>
      answered<AnswerOf<'OwnWords.save'>>(
        client.PUT('/api/words/{pose}', {
          params: { path: { pose }, header: ifMatch(version) },
          body: { words },
        }),
      ),
    keys.ownWords,
  );
