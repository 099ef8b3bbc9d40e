import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';
import type { Pace } from '@lotus-steady/core';

/** Saves on the version that was read; the version is told apart, so that nothing of another is overwritten. */
export const useSavePace = () =>
  useSaving(
    ({ version, pace }: { version: number; pace: Partial<Pace> }) =>
      answered<AnswerOf<'Hall.savePace'>>(
        client.PUT('/api/hall/pace', { params: { header: ifMatch(version) }, body: { pace } }),
      ),
    keys.hall,
    keys.classes,
  );
