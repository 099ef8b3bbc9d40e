import { useQuery } from '@tanstack/react-query';
import type { HouseProp } from '@lotus-steady/core';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { HomePracticeDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** What somebody practises at home, the latest first. */
export const useHome = (id: string) =>
  useQuery({
    queryKey: keys.home(id),
    queryFn: () =>
      answered<AnswerOf<'Home.list'>>(client.GET('/api/people/{id}/home', { params: { path: { id } } })),
  });

/** What of a class she may practise alone, with what is in her house. */
export const useHomeDraft = (id: string, classId: string | undefined, has: readonly HouseProp[]) =>
  useQuery({
    queryKey: keys.homeDraft(id, classId ?? '', has),
    enabled: classId !== undefined,
    placeholderData: (before) => before,
    queryFn: () =>
      answered<AnswerOf<'Home.draft'>>(
        client.POST('/api/people/{id}/home/draft', {
          params: { path: { id } },
          body: { classId: classId!, has: [...has] },
        }),
      ),
  });

export const useKeepHome = (id: string) =>
  useSaving(
    (body: HomePracticeDraft) =>
      answered<AnswerOf<'Home.keep'>>(
        client.POST('/api/people/{id}/home', { params: { path: { id } }, body }),
      ),
    keys.home(id),
  );

export const useEndHome = (id: string) =>
  useSaving(
    (home: string) =>
      answered(client.DELETE('/api/people/{id}/home/{home}', { params: { path: { id, home } } })),
    keys.home(id),
  );

/** Where its sheet is. */
export const homeSheetAddress = (id: string, home: string): string => `/api/people/${id}/home/${home}/sheet`;
