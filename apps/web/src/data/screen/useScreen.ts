import type { Shown } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Whether there is a screen for the class. */
export const useScreen = () =>
  useQuery({
    queryKey: keys.screen,
    queryFn: () => answered<AnswerOf<'Screen.there'>>(client.GET('/api/screen')),
  });

export const useMakeScreen = () =>
  useSaving(() => answered<AnswerOf<'Screen.make'>>(client.POST('/api/screen')), keys.screen);

export const useEndScreen = () => useSaving(() => answered(client.DELETE('/api/screen')), keys.screen);

/** Puts something on the screen. Where nothing answers it is put there with what comes next. */
export const showOnScreen = (shown: Shown): Promise<void> =>
  answered<void>(client.PUT('/api/screen', { body: { shown } })).catch(() => undefined);

/** The screen is looked at anew so often, milliseconds. */
const LOOKS_EVERY = 700;

/** What stands on the screen of a link, and when it was answered, ms of this page's own clock. */
export const useOnScreen = (secret: string) =>
  useQuery({
    queryKey: keys.onScreen(secret),
    refetchInterval: LOOKS_EVERY,
    refetchIntervalInBackground: true,
    staleTime: 0,
    retry: false,
    queryFn: async () => ({
      ...(await answered<AnswerOf<'Screen.look'>>(client.POST('/api/screen/look', { body: { secret } }))),
      at: performance.now(),
    }),
  });
