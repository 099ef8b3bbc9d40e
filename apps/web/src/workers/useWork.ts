import { keepPreviousData, queryOptions, useQueries, useQuery } from '@tanstack/react-query';
import {
  type Build,
  type Fits,
  type OwnAngles,
  type PropTask,
  type Stock,
  type StageSettings,
} from '@lotus-steady/core';
import type { PersonLine } from '../data/types.js';
import { usePainted } from './usePainted.js';
import { atDesk } from './desk.js';
import type { OwnBody, Shown } from './solveWork.js';

const shownQuery = (id: string, heightCm: number, build: Build, own: OwnBody = {}) =>
  queryOptions({
    queryKey: ['shown', id, heightCm, build, own],
    staleTime: Infinity,
    queryFn: () => atDesk((work) => work.show(id, heightCm, build, own)),
  });

/** A variant, or part of one, solved exactly for a body; the stored solution is shown until it is there. */
export const useShown = (id: string, heightCm: number, build: Build, own?: OwnBody) =>
  useQuery({
    ...shownQuery(id, heightCm, build, own),
    placeholderData: (previous, query) => (query?.queryKey[1] === id ? previous : undefined),
  });

/** The same for several at once; those that are not there yet are undefined. */
export const useAllShown = (
  asked: readonly { variant: string; own?: OwnBody }[],
  heightCm: number,
  build: Build,
): (Shown | undefined)[] =>
  useQueries({
    queries: asked.map(({ variant, own }) => shownQuery(variant, heightCm, build, own)),
    combine: dataOf,
  });

const dataOf = (answers: readonly { data: Shown | undefined }[]): (Shown | undefined)[] =>
  answers.map(({ data }) => data);

/** A variant with a teacher's angles. */
export const useTried = (base: string, angles: OwnAngles) =>
  useQuery({
    queryKey: ['tried', base, angles],
    staleTime: Infinity,
    placeholderData: (previous) => previous,
    queryFn: () => atDesk((work) => work.tryAngles(base, angles)),
  });

/** The height of something for someone. */
export const useSize = (task: PropTask, fits: Fits, stock: Stock) =>
  useQuery({
    queryKey: ['size', task, fits, stock],
    staleTime: Infinity,
    queryFn: () => atDesk((work) => work.size(task, fits, stock)),
  });

type Staged = Pick<StageSettings, 'on' | 'houseView' | 'hall'>;
const settingsOf = ({ on, houseView, hall }: Staged): Staged => ({
  on,
  houseView,
  ...(hall ? { hall } : {}),
});

/** What one good answer would open for someone; worked out once the page about them stands. */
export const useOpens = (person: PersonLine, staging: Staged) =>
  useQuery({
    queryKey: ['opens', person, settingsOf(staging)],
    enabled: usePainted(),
    staleTime: Infinity,
    queryFn: () => atDesk((work) => work.opens(person, settingsOf(staging))),
  });

/** Which details of someone's conditions are worth asking; what was there before stays while it is worked out anew. */
export const useMatters = (person: PersonLine, staging: Staged) =>
  useQuery({
    queryKey: ['matters', person.conditions, person.id, settingsOf(staging)],
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    queryFn: () => atDesk((work) => work.matters(person, settingsOf(staging))),
  });

/** What something newly known of someone opens and closes. */
export const usePoseChanges = (before: PersonLine, after: PersonLine, staging: Staged) =>
  useQuery({
    queryKey: ['changes', before, after, settingsOf(staging)],
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    queryFn: () => atDesk((work) => work.changes(before, after, settingsOf(staging))),
  });

/** What is open to someone, and what is out; worked out once the page about them stands. */
export const usePosesOf = (person: PersonLine, staging: Staged) =>
  useQuery({
    queryKey: ['poses-of', person, settingsOf(staging)],
    enabled: usePainted(),
    staleTime: Infinity,
    queryFn: () => atDesk((work) => work.posesOf(person, settingsOf(staging))),
  });

/** The next days on which something changes for someone; worked out once the page about them stands. */
export const useAhead = (person: PersonLine, staging: Staged) =>
  useQuery({
    queryKey: ['ahead', person, settingsOf(staging)],
    enabled: usePainted(),
    staleTime: Infinity,
    queryFn: () => atDesk((work) => work.ahead(person, settingsOf(staging))),
  });
