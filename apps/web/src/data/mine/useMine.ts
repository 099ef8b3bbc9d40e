import { dateAfter, daysBetween } from '@lotus-steady/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { showOwn } from '../loadCatalogue.js';
import { keys } from '../keys.js';
import { forgetReadings, keepReadings, orKept } from '../kept/keptReadings.js';
import { forgetOutbox, sendSoon } from '../outbox/outbox.js';
import { setOwner } from '../session/owner.js';
import type { DiaryDraft } from '../types.js';
import { useSaving } from '../useSaving.js';
import { setToday } from '../today.js';

type Mine = AnswerOf<'Mine.mine'>;

/** What was read, and on which day by this device's clock. */
interface ReadMine {
  mine: Mine;
  readOn: string;
}

/** What she practises is kept on her device for so long after it was read, days. */
const KEPT_DAYS = 90;
const DAY_MS = 24 * 60 * 60 * 1000;

const deviceDay = (): string => format(new Date(), 'yyyy-MM-dd');

/** What is a person's own; where nothing answers, as it was read last on this device. */
export const useMine = (asked: boolean) =>
  useQuery({
    queryKey: keys.mine,
    retry: false,
    enabled: asked,
    networkMode: 'always',
    queryFn: async (): Promise<Mine> => {
      const { mine, readOn } = await orKept(keys.mine, async (): Promise<ReadMine> => {
        const read = { mine: await answered<Mine>(client.GET('/api/mine')), readOn: deviceDay() };
        await keepReadings(ownerOf(read.mine), Date.now() + KEPT_DAYS * DAY_MS, [[keys.mine, read]]).catch(
          () => undefined,
        );
        return read;
      });
      setOwner(ownerOf(mine));
      // The hall's day goes on, also while nothing answers.
      const today = dateAfter(mine.today, Math.max(0, daysBetween(readOn, deviceDay())));
      setToday(today);
      await showOwn(mine.own);
      return { ...mine, today };
    },
  });

const ownerOf = ({ id }: Mine): string => `mine.${id}`;

export const useOpenMine = () =>
  useMutation<unknown, ApiError, string>({
    mutationFn: (secret) => answered(client.POST('/api/mine/open', { body: { secret } })),
  });

/** Writes in her diary: kept on this device until it has arrived. */
export const useWriteSoon = () => {
  const cache = useQueryClient();
  return useMutation<void, Error, DiaryDraft>({
    networkMode: 'always',
    mutationFn: async (body) => {
      await sendSoon({ method: 'POST', path: '/api/mine/diary', body, what: 'entry' });
    },
    onSuccess: () => cache.invalidateQueries({ queryKey: keys.mine }),
  });
};

export const useTakeBackEntry = () =>
  useSaving(
    (id: string) => answered(client.DELETE('/api/mine/diary/{id}', { params: { path: { id } } })),
    keys.mine,
  );

export const useCloseMine = () =>
  useMutation<unknown, ApiError, void>({
    mutationFn: async () => {
      await answered(client.DELETE('/api/mine'));
      forgetOutbox();
      await forgetReadings().catch(() => undefined);
    },
  });
