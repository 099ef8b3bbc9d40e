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
 * Easy is: she came, did what she was given, nothing was eased or stopped, pain was not up by what matters, and how
 * hard it was is known and no more than moderate.
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
  if (conditions.some((id) => NOT_PACED_UP.includes(id))) return [];
  const last = records.filter(({ came }) => came).sort((a, b) => b.on.localeCompare(a.on));
  return limits.flatMap((limit): Further[] => {
    const { by, most, kind, side, until = today } = limit;
    if (by !== FROM_CLASSES || most === undefined || until < today) return [];
    const times = last.slice(0, TIMES);
    const wentTo = (record: RecordOf): number =>
      Math.max(0, ...(record.did ?? []).map(({ far }) => farOf(far, kind, side)));
    const isEasy = (record: RecordOf): boolean => wasEasy(record) && wentTo(record) >= most - NEAR;
    if (times.length < TIMES || !times.every(isEasy)) return [];
    const to = most + STEP;
    const hurt = last
      .filter(({ on }) => on >= dateAfter(today, -STILL_HURTS))
      .flatMap(({ changes, did = [] }) =>
        did.filter(({ step }) =>
          changes.some((change) => change.step === step && change.where !== undefined),
        ),
      )
      .map(({ far }) => farOf(far, kind, side))
      .filter((far) => far > 0);
    return hurt.some((far) => far <= to) ? [] : [{ limit, to, easy: times.map(({ on }) => on) }];
  });
}

const wasEasy = ({ changes, painBefore, painAfter, effort }: RecordOf): boolean =>
  changes.length === 0 &&
  effort !== null &&
  effort <= EASY &&
  (painAfter ?? 0) - (painBefore ?? painAfter ?? 0) < PAIN_MATTERS;
