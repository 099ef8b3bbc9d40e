import { countAt } from './clock.js';
import type { Moment } from './moments.js';
import { lengthOf, passedIn, teachingAt, type Teaching } from './teaching.js';

/** What there is to say aloud: words for it are the screen's. */
export type Aloud =
  /** What comes now. */
  | { say: 'moment'; moment: number }
  /** A breath or round of so many, or seconds. */
  | { say: 'count'; unit: Moment['count']['unit']; number: number }
  | { say: 'out' };

/** Which way one counts. */
export type Counting = 'up' | 'down';

/** Of seconds that run down these are said; of those that run up every so many. */
const SAID_DOWN = [60, 30, 10, 5, 4, 3, 2, 1];
const SAID_UP_EVERY = 10;

function secondsSaid(before: number, after: number, total: number, counting: Counting): number | undefined {
  if (counting === 'up') {
    const whole = Math.floor(after / SAID_UP_EVERY);
    return whole > Math.floor(before / SAID_UP_EVERY) ? whole * SAID_UP_EVERY : undefined;
  }
  return SAID_DOWN.findLast((left) => total - before > left && total - after <= left && total > left);
}

/**
 * What is to be said of what has come to pass between two instants; once, however seldom one looks.
 *
 * @param before as it was then @param then, now ms since 1970
 */
export function aloudBetween(
  before: Teaching,
  then: number,
  after: Teaching,
  now: number,
  moments: readonly Moment[],
  counting: Counting,
): Aloud[] {
  const was = teachingAt(before, moments, then);
  const is = teachingAt(after, moments, now);
  const moment = moments[is.at];
  if (!moment || is.begun === undefined) return [];
  const isNew = was.at !== is.at || was.begun === undefined;
  const said: Aloud[] = isNew ? [{ say: 'moment', moment: is.at }] : [];
  if (is.phase === 'done') return was.phase === 'done' && !isNew ? [] : [...said, { say: 'out' }];
  if (is.phase !== 'hold') return said;
  const total = lengthOf(is, moments) / 1000;
  const passed = passedIn(is, now) / 1000;
  const isGoingOn = !isNew && was.phase === 'hold' && passedIn(was, then) / 1000 <= passed;
  const from = isGoingOn ? passedIn(was, then) / 1000 : undefined;
  if (moment.count.unit === 'seconds') {
    const number = from === undefined ? undefined : secondsSaid(from, passed, total, counting);
    return number === undefined ? said : [...said, { say: 'count', unit: 'seconds', number }];
  }
  const count = countAt(moment, passed, total);
  const isSame = from !== undefined && countAt(moment, from, total).now === count.now;
  const number = counting === 'up' ? count.now : Math.ceil(count.of) - count.now + 1;
  return isSame ? said : [...said, { say: 'count', unit: count.unit, number }];
}
