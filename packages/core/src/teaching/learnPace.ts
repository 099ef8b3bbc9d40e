import { PACE_BOUNDS, type Pace } from '../people/pace.js';
import { LEAD_PARTS, type LeadPart, type TaughtTime } from './taughtTimes.js';

/** What real classes say of how long things take. */
export interface LearnedPace {
  /** How many classes it is from. */
  classes: number;
  /** Real time by planned time, of all of them: 1.08 where plans are 8 per cent too short. */
  off: number;
  /** What a part of the pace takes, seconds, and from how many moments; where it is not what is planned with. */
  parts: Partial<Record<LeadPart, { seconds: number; from: number }>>;
  /** How much longer the first side is than the second, and the last third of a class than its first; 1 is alike. */
  firstSide?: number;
  late?: number;
}

/** From fewer moments nothing is learned; and from fewer on either side of a comparison. */
const MOMENTS_LEAST = 4;
/** What differs from the plan by less is as planned, seconds and share. */
const NEAR = { seconds: 1, share: 0.15 };

/**
 * What the pace of a teacher is by her classes. A median, so that the once when everybody laughed says nothing.
 *
 * @param pace that she plans with now; classes that were planned with another say as much: it is real time that counts
 * @returns undefined where nothing was taught yet
 */
export function learnPace(classes: readonly (readonly TaughtTime[])[], pace: Pace): LearnedPace | undefined {
  const taught = classes.filter((times) => times.length > 0);
  const all = taught.flat();
  if (!all.length) return undefined;
  const sum = (of: (time: TaughtTime) => number): number => all.reduce((total, time) => total + of(time), 0);
  const parts: LearnedPace['parts'] = {};
  for (const part of LEAD_PARTS) {
    const real = all.filter((time) => time.part === part).map(({ lead, share = 1 }) => lead.real * share);
    if (real.length < MOMENTS_LEAST) continue;
    const [least, most] = PACE_BOUNDS[part];
    const seconds = Math.min(most, Math.max(least, Math.round(median(real))));
    const differs = Math.abs(seconds - pace[part]);
    if (differs > NEAR.seconds && differs > NEAR.share * pace[part])
      parts[part] = { seconds, from: real.length };
  }
  const firstSide = compared(
    all.filter(({ pass }) => pass === 1),
    all.filter(({ pass }) => pass === 2),
  );
  const late = compared(
    all.filter(({ at }) => at >= 2 / 3),
    all.filter(({ at }) => at < 1 / 3),
  );
  return {
    classes: taught.length,
    off:
      sum(({ lead, hold }) => lead.real + hold.real) / sum(({ lead, hold }) => lead.planned + hold.planned),
    parts,
    ...(firstSide === undefined ? {} : { firstSide }),
    ...(late === undefined ? {} : { late }),
  };
}

/** How much longer some holds were than others, each by what was planned for it. */
function compared(some: readonly TaughtTime[], others: readonly TaughtTime[]): number | undefined {
  if (some.length < MOMENTS_LEAST || others.length < MOMENTS_LEAST) return undefined;
  const longer = (times: readonly TaughtTime[]): number =>
    median(times.map(({ hold }) => hold.real / Math.max(1, hold.planned)));
  return longer(some) / longer(others);
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  return sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}
