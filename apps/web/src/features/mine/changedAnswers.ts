import type { OwnAnswers } from '../../data/types.js';

/**
 * Of her answers those that say something else than is known: what she has left as it was is no answer, and does not
 * stand against what her teacher learns meanwhile.
 */
export const changedAnswers = (answers: OwnAnswers, known: OwnAnswers): OwnAnswers =>
  Object.fromEntries(
    Object.entries(answers).filter(
      ([key, value]) => JSON.stringify(value) !== JSON.stringify(known[key as keyof OwnAnswers]),
    ),
  );
