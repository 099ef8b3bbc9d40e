import { ageOn } from '../calendar/dates.js';
import type { InputError, Person } from './types.js';
import type { Breath, Pose } from '../poses/types.js';

/** Seconds that things take. A teacher's own pace replaces single numbers. */
export interface Pace {
  /** One relaxed breath of an adult; a slow long one; a child's. */
  breath: number;
  slowBreath: number;
  childBreath: number;
  changeSide: number;
  /** Getting from one level to another; for those who go slowly. */
  changeLevel: number;
  changeLevelSlow: number;
  /** Fetching and placing what a step needs and nobody has in hand yet. */
  props: number;
  /** Saying a pose for the first time, and again. */
  talkNew: number;
  talkKnown: number;
}

/**
 * The usual pace. Common practice, no published source; adjustable here and, for one teacher, on the Hall
 * page.
 */
export const PACE: Pace = {
  breath: 5.5,
  slowBreath: 9,
  childBreath: 3.5,
  changeSide: 5,
  changeLevel: 10,
  changeLevelSlow: 30,
  props: 15,
  talkNew: 8,
  talkKnown: 3,
};

/** Least and most of each number, seconds: counted breaths run from about 3 s to 18 s (common practice). */
export const PACE_BOUNDS: Readonly<Record<keyof Pace, readonly [number, number]>> = {
  breath: [3, 18],
  slowBreath: [5, 20],
  childBreath: [2, 10],
  changeSide: [0, 60],
  changeLevel: [0, 120],
  changeLevelSlow: [0, 180],
  props: [0, 120],
  talkNew: [0, 120],
  talkKnown: [0, 60],
};

/** A teacher's own pace as sent: which numbers, and which of them cannot be. */
export function readPace(value: unknown): { pace: Partial<Pace>; errors: InputError[] } {
  const errors: InputError[] = [];
  const pace: Partial<Pace> = {};
  for (const [key, seconds] of Object.entries(
    (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>,
  )) {
    const bounds = PACE_BOUNDS[key as keyof Pace] as readonly [number, number] | undefined;
    if (!bounds) errors.push({ field: `pace.${key}`, message: 'This is not a part of the pace.' });
    else if (typeof seconds !== 'number' || !(seconds >= bounds[0] && seconds <= bounds[1]))
      errors.push({ field: `pace.${key}`, message: `Between ${bounds[0]} and ${bounds[1]} seconds.` });
    else pace[key as keyof Pace] = seconds;
  }
  return { pace, errors };
}

/** A teacher's pace as kept: what is not named, or cannot be, is the usual. */
export const paceOf = (own: unknown = {}): Pace => ({ ...PACE, ...readPace(own).pace });

/** Under this age breaths are counted as a child's. */
const CHILD_BELOW = 13;

/** Seconds of one breath for someone. */
export function breathSeconds(
  person: Pick<Person, 'born'>,
  breath: Breath,
  on: string,
  pace: Pace = PACE,
): number {
  if (person.born && ageOn(person.born, on) < CHILD_BELOW) return pace.childBreath;
  return breath === 'slow' ? pace.slowBreath : pace.breath;
}

/** Seconds of one count of a pose: a breath, or a round, which is one breath unless the pose says otherwise. */
export const countSeconds = (
  { hold }: Pick<Pose, 'hold'>,
  breath: Breath,
  person: Pick<Person, 'born'>,
  on: string,
  pace: Pace = PACE,
): number =>
  breathSeconds(person, breath, on, pace) * (hold.unit === 'rounds' ? (hold.roundBreaths ?? 1) : 1);
