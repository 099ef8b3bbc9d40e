import { wrap, type Remote } from 'comlink';
import { useQuery } from '@tanstack/react-query';
import {
  packPosture,
  type Build,
  type Fits,
  type OwnAngles,
  type PropTask,
  type Stock,
} from '@lotus-steady/core';
import { posturesFor, variantById } from '../catalogue.js';
import type { Work } from './work.js';

let remote: Remote<Work> | undefined;
const worker = (): Remote<Work> =>
  (remote ??= wrap<Work>(new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })));

/** A variant solved exactly for a body; the stored solution is shown until it is there. */
export const useShown = (id: string, heightCm: number, build: Build) =>
  useQuery({
    queryKey: ['shown', id, heightCm, build],
    staleTime: Infinity,
    placeholderData: (previous, query) => (query?.queryKey[1] === id ? previous : undefined),
    queryFn: () =>
      worker().show(
        variantById(id).variant,
        heightCm,
        build,
        posturesFor(id, heightCm, build).postures.map(packPosture),
      ),
  });

/** A variant with a teacher's angles. */
export const useTried = (base: string, angles: OwnAngles) =>
  useQuery({
    queryKey: ['tried', base, angles],
    staleTime: Infinity,
    placeholderData: (previous) => previous,
    queryFn: () => worker().tryAngles(base, angles),
  });

/** The height of something for someone. */
export const useSize = (task: PropTask, fits: Fits, stock: Stock) =>
  useQuery({
    queryKey: ['size', task, fits, stock],
    staleTime: Infinity,
    queryFn: () => worker().size(task, fits, stock),
  });
