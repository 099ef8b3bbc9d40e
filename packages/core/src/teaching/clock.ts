import type { Moment } from './moments.js';
import { lengthOf, passedIn, type Teaching, type Timed } from './teaching.js';

/** The clock of a class at an instant. */
export interface TeachingClock {
  /** Seconds of this phase that have passed, and that are left; none where it waits for the teacher. */
  passed: number;
  left?: number;
  runs: boolean;
  /** Seconds since the class began, with all pauses. */
  elapsed: number;
  /** Seconds that are still planned. */
  toGo: number;
  /** Seconds later than planned that it ends as it goes now; earlier where negative. */
  behind: number;
}

const secondsOf = ({ lead, seconds }: Timed): number => lead + seconds;

/** Seconds that are planned until a moment begins. */
export const plannedUntil = (moments: readonly Timed[], at: number): number =>
  moments.slice(0, at).reduce((sum, moment) => sum + secondsOf(moment), 0);

/** How far the plan has got: nobody gets further in a phase than it was planned to last. */
function plannedBy({ at, phase }: Teaching, moments: readonly Timed[], passed: number): number {
  const moment = moments[at];
  if (!moment) return 0;
  const before = plannedUntil(moments, at);
  if (phase === 'lead') return before + Math.min(passed, moment.lead);
  if (phase === 'done') return before + secondsOf(moment);
  return before + moment.lead + Math.min(passed, moment.seconds);
}

/**
 * @param teaching as it is at that instant, see `teachingAt`
 * @param now ms since 1970
 * @param total seconds that the class was planned to take when it began; what is left of it may have been cut since
 */
export function teachingClock(
  teaching: Teaching,
  moments: readonly Timed[],
  now: number,
  total = plannedUntil(moments, moments.length),
): TeachingClock {
  const passed = passedIn(teaching, now) / 1000;
  const length = lengthOf(teaching, moments) / 1000;
  const elapsed = teaching.begun === undefined ? 0 : ((teaching.ended ?? now) - teaching.begun) / 1000;
  const planned = plannedBy(teaching, moments, passed);
  const more =
    teaching.phase === 'hold' ? Math.max(0, length - Math.max(passed, moments[teaching.at]!.seconds)) : 0;
  const toGo = plannedUntil(moments, moments.length) - planned + more;
  return {
    passed,
    ...(Number.isFinite(length) ? { left: Math.max(0, length - passed) } : {}),
    runs: teaching.since !== undefined && teaching.phase !== 'done',
    elapsed,
    toGo,
    behind: teaching.begun === undefined ? 0 : elapsed + toGo - total,
  };
}

/** What is counted in a hold: which one it is, from 1, and of how many. */
export interface Counted {
  unit: Moment['count']['unit'];
  now: number;
  of: number;
}

/** @param passed seconds of the hold @param total of the hold, with what was added to it */
export function countAt({ count }: Pick<Moment, 'count'>, passed: number, total: number): Counted {
  const of = Math.max(1, Math.round((total / count.each) * 10) / 10);
  if (count.unit === 'seconds') return { unit: 'seconds', now: Math.min(of, Math.floor(passed)), of };
  // At its very end the last is still the last.
  return { unit: count.unit, now: Math.min(Math.ceil(of), Math.floor(passed / count.each + 1e-9) + 1), of };
}
