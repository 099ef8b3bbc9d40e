import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { showOwn } from '../loadCatalogue.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';
import { setToday } from '../today.js';

/** What is a person's own. */
export const useMine = (asked: boolean) =>
  useQuery({
    queryKey: keys.mine,
    retry: false,
    enabled: asked,
    queryFn: async () => {
      const mine = await answered<AnswerOf<'Mine.mine'>>(client.GET('/api/mine'));
      setToday(mine.today);
      await showOwn(mine.own);
      return mine;
    },
  });

export const useOpenMine = () =>
  useMutation<unknown, ApiError, string>({
    mutationFn: (secret) => answered(client.POST('/api/mine/open', { body: { secret } })),
  });

export const useWriteDiary = () =>
  useSaving(
    (body: { pain?: number; words?: string }) => answered(client.POST('/api/mine/diary', { body })),
    keys.mine,
  );

export const useTakeBackEntry = () =>
  useSaving(
    (id: string) => answered(client.DELETE('/api/mine/diary/{id}', { params: { path: { id } } })),
    keys.mine,
  );

export const useCloseMine = () =>
  useMutation<unknown, ApiError, void>({ mutationFn: () => answered(client.DELETE('/api/mine')) });
