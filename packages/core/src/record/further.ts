import { dateAfter } from '../calendar/dates.js';
import type { OwnLimit } from '../people/types.js';
import { farOf } from './farOf.js';
import { PAIN_MATTERS, type RecordOf } from './types.js';

/** Who sets a limit that is told from the record of classes: no other limit is ever moved by it. */
export const FROM_CLASSES = 'what happened in class';

/** So many easy times in a row. */
const TIMES = 3;
/** A limit is moved by so many degrees or seconds at a time. */
const STEP = 5;
/** It was gone to where less than this was left, degrees or seconds: what stayed far from it tells nothing of it. */
const NEAR = 2;
/** Moderate, on a scale to 10 (Borg CR10); what was harder was not easy. */
const EASY = 3;
/** What hurt within so many days is not gone to again. */
const STILL_HURTS = 56;

/**
 * Conditions in which nothing is moved further by how often it went well: after-effort crash (NICE NG206, 2021), and
 * by common practice with no published source, whatever changes from week to week, heals by a team's plan, or hides
 * that it was too much.
 */
export const NOT_PACED_UP: readonly string[] = [
  ...['after-effort-crash', 'pregnancy', 'complicated-pregnancy', 'pelvic-girdle-pain', 'after-birth'],
  ...[
    'recent-operation',
    'acute-illness',
    'heart-disease',
    'heart-failure',
    'breastbone-surgery',
    'pacemaker',
  ],
  ...['aortic-disease', 'stroke', 'blood-clot', 'eye-operation', 'retina', 'head-injury', 'loose-upper-neck'],
  ...['neck-cord-compression', 'spine-stress-fracture', 'broken-bone', 'bone-spread', 'abdominal-surgery'],
  ...['shoulder-replacement', 'knee-replacement', 'hip-replacement', 'spinal-fusion', 'breast-operation'],
  ...['cancer-treatment', 'motor-neurone-disease', 'eating-disorder', 'very-mobile-joints', 'numb-feet'],
];

/** A limit that may go a little further. */
export interface Further {
  limit: OwnLimit;
  to: number;
  /** The days on which it was easy. */
  easy: readonly string[];
}

/**
 * Limits from the record that went well right up to where they are, the last {@link TIMES} times that somebody came.
 *
 * @param limits of hers; only those that {@link FROM_CLASSES} set are moved
 * @param conditions of hers, by id: in {@link NOT_PACED_UP} nothing is
 * @param today `YYYY-MM-DD`
 */
export function further(
  records: readonly RecordOf[],
  limits: readonly OwnLimit[],
  conditions: readonly string[],
  today: string,
): Further[] {
  const times = easyTimes(records, conditions);
  return limits.flatMap((limit): Further[] => {
    const { most } = limit;
    if (!isMovable(limit, today) || most === undefined || times.length < TIMES) return [];
    const wentTo = (record: RecordOf): number =>
      Math.max(0, ...(record.did ?? []).map(({ far }) => farOf(far, limit.kind, limit.side)));
    if (!times.every((record) => wentTo(record) >= most - NEAR)) return [];
    const to = most + STEP;
    const hurts = hurtLately(records, limit, today).some((far) => far <= to);
    return hurts ? [] : [{ limit, to, easy: times.map(({ on }) => on) }];
  });
}

/** A limit without a number that may be tried without. */
export interface Again {
  limit: OwnLimit;
  easy: readonly string[];
}

/**
 * Limits from the record that say no more than that something is not done (no hands, no kneeling): the last
 * {@link TIMES} times were easy, and what they keep away has not hurt for {@link STILL_HURTS} days. The next version is
 * tried again.
 */
export function tryAgain(
  records: readonly RecordOf[],
  limits: readonly OwnLimit[],
  conditions: readonly string[],
  today: string,
): Again[] {
  const times = easyTimes(records, conditions);
  return limits.flatMap((limit): Again[] =>
    isMovable(limit, today) &&
    limit.most === undefined &&
    times.length === TIMES &&
    !hurtLately(records, limit, today).length
      ? [{ limit, easy: times.map(({ on }) => on) }]
      : [],
  );
}

const isMovable = ({ by, until }: OwnLimit, today: string): boolean =>
  by === FROM_CLASSES && (until ?? today) >= today;

/**
 * The last {@link TIMES} times that somebody came, the last first, where all of them were easy; else none. Nothing is
 * in {@link NOT_PACED_UP}.
 *
 * Easy is: she did what she was given, nothing was eased or stopped, pain was not up by what matters, and how hard it
 * was is known and no more than moderate.
 */
export function easyTimes(records: readonly RecordOf[], conditions: readonly string[]): readonly RecordOf[] {
  if (conditions.some((id) => NOT_PACED_UP.includes(id))) return [];
  const last = records
    .filter(({ came }) => came)
    .sort((a, b) => b.on.localeCompare(a.on))
    .slice(0, TIMES);
  return last.length === TIMES && last.every(wasEasy) ? last : [];
}

/** How far what hurt lately went, of the kind of a limit. */
function hurtLately(records: readonly RecordOf[], { kind, side }: OwnLimit, today: string): number[] {
  return records
    .filter(({ came, on }) => came && on >= dateAfter(today, -STILL_HURTS))
    .flatMap(({ changes, did = [] }) =>
      did.filter(({ step }) => changes.some((change) => change.step === step && change.where !== undefined)),
    )
    .map(({ far }) => farOf(far, kind, side))
    .filter((far) => far > 0);
}

export const wasEasy = ({ changes, painBefore, painAfter, effort }: RecordOf): boolean =>
  changes.length === 0 &&
  effort !== null &&
  effort <= EASY &&
  (painAfter ?? 0) - (painBefore ?? painAfter ?? 0) < PAIN_MATTERS;
