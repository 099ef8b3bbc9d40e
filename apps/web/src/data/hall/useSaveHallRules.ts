import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';
import type { HallRules } from '@lotus-steady/core';

/** Saves on the version that was read; the version is told apart, so that nothing of another is overwritten. */
export const useSaveHallRules = () =>
  useSaving(
    ({ version, rules }: { version: number; rules: HallRules }) =>
      answered<AnswerOf<'Hall.saveRules'>>(
        client.PUT('/api/hall/rules', {
          params: { header: ifMatch(version) },
          body: { moved: [...rules.moved], own: [...rules.own] },
        }),
      ),
    keys.hall,
    keys.classes,
  );
