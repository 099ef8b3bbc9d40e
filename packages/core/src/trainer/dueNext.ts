import { createEmptyCard, fsrs, Rating, State, type Card } from 'ts-fsrs';
import type { EyeStep } from './types.js';

/** Where a case stands between being looked at and looked at again: plain, so that it can be kept. */
export interface EyeCard {
  /** When it is to be looked at again, ISO 8601. */
  due: string;
  stability: number;
  difficulty: number;
  reps: number;
  lapses: number;
  state: number;
  /** When it was looked at last, ISO 8601. */
  last: string;
}

/** Whole days between: a teacher looks once a day at most. */
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false });

/** How well a case was seen: what was missed counts most, for somebody's body depends on it. */
export function ratingOf(
  steps: readonly Pick<EyeStep, 'seen'>[],
): Rating.Again | Rating.Hard | Rating.Good | Rating.Easy {
  const has = (seen: EyeStep['seen']): boolean => steps.some((step) => step.seen === seen);
  if (has('missed')) return Rating.Again;
  if (has('not-enough')) return Rating.Hard;
  return has('too-much') ? Rating.Good : Rating.Easy;
}

/**
 * When a case is to be looked at again (FSRS, ts-fsrs with its usual weights).
 *
 * @param before as it stood; nothing where it is looked at for the first time
 * @param now ISO 8601
 */
export function dueNext(
  before: EyeCard | undefined,
  steps: readonly Pick<EyeStep, 'seen'>[],
  now: string,
): EyeCard {
  const { card } = scheduler.next(
    before ? cardOf(before) : createEmptyCard(new Date(now)),
    new Date(now),
    ratingOf(steps),
  );
  const { stability, difficulty, reps, lapses, state, due } = card;
  return { due: due.toISOString(), stability, difficulty, reps, lapses, state, last: now };
}

function cardOf({ due, last, state, ...card }: EyeCard): Card {
  return {
    ...createEmptyCard(new Date(last)),
    ...card,
    ...{ due: new Date(due), last_review: new Date(last), state: state as State },
  };
}
