import { answersThatOpen, readPeople, type OpenQuestion, type StageSettings } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonLine } from '../data/types.js';
import { workCatalogue } from './workCatalogue.js';

/** What is worth asking, worked out over the whole catalogue. */
export const askWork = {
  /** What one good answer would open for someone; nothing where something entered no longer holds. */
  opens(
    { version: _version, ...written }: PersonLine,
    settings: Pick<StageSettings, 'on' | 'houseView' | 'hall'>,
  ): OpenQuestion[] {
    const { people, errors } = readPeople([written], RULEBOOK, settings.on);
    const catalogue = workCatalogue();
    if (errors.length) return [];
    return answersThatOpen(
      people[0]!,
      { ...settings, rulebook: RULEBOOK, poseName: catalogue.poseName },
      catalogue,
    );
  },
};
