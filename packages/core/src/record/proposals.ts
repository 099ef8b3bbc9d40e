import { dateAfter, daysBetween } from '../calendar/dates.js';
import type { OwnLimit } from '../people/types.js';
import type { LimitKind } from '../rules/types.js';
import { FROM_CLASSES, further, tryAgain } from './further.js';
import { limitsSeen, type SeenLimit } from './limitsSeen.js';
import { lowerProps, type LowerProp, type WorkedProp } from './lowerProp.js';
import { toAsk, type ToAsk } from './toAsk.js';
import type { RecordOf } from './types.js';

/** A limit of hers that is to be set, moved or let go. */
export interface LimitProposal {
  /** The same as long as nothing new has happened that speaks for it: what was declined does not come back. */
  key: string;
  what: 'limit' | 'further' | 'again' | 'ease-in';
  /** As it would be kept with her; where it is tried `again` without, the one that goes. */
  limit: OwnLimit;
  /** The limit of hers that it takes the place of. */
  instead?: OwnLimit;
  /** What hurt, and how sure it is that this is why; of what hurt only. */
  seen?: Pick<SeenLimit, 'place' | 'sure' | 'flares' | 'others'>;
  /** Days on which it was easy. */
  easy?: readonly string[];
  /** Days since she last came. */
  away?: number;
}

/** A prop of hers that may be lower. */
export interface PropProposal extends LowerProp {
  key: string;
  what: 'lower-prop';
}

/** Something that is to be asked, for nothing known explains it. */
export interface AskProposal extends ToAsk {
  key: string;
  what: 'ask';
}

/** What the record of somebody's classes proposes; the teacher decides. */
export type Proposal = LimitProposal | PropProposal | AskProposal;

/** Away for so many days one begins again with less (common practice, no published source). */
const AWAY = 28;
/** Who has come so often has something to come back to. */
const CAME_BEFORE = 3;
/** What is less sure than this is not proposed: something else may be why it hurt. */
const SURE = 0.2;
/** Coming back: holds of so many seconds, for so many days. */
const EASE_IN = { seconds: 20, days: 21 };
/** A limit that is told from what hurt is looked at again after so many days. */
const LIMIT_DAYS = 84;

/**
 * What the record of somebody's classes proposes for the next: a limit where something hurt; a little further where a
 * limit of that kind was easy three times, or without it where it has no number; a lower prop; less for a while after a
 * long time away; and what is to be asked where nothing explains what hurt.
 *
 * @param conditions of hers, by id
 * @param worked props of hers, by the height that worked
 * @param worseAtHome days on which practice at home hurt more, the latest first
 * @param today `YYYY-MM-DD`
 */
export function proposals(
  records: readonly RecordOf[],
  {
    limits,
    conditions,
    worked = [],
    worseAtHome = [],
  }: {
    limits: readonly OwnLimit[];
    conditions: readonly string[];
    worked?: readonly WorkedProp[];
    worseAtHome?: readonly string[];
  },
  kinds: Readonly<Record<string, LimitKind>>,
  today: string,
): Proposal[] {
  const seen = limitsSeen(records, kinds).filter(({ sure }) => sure >= SURE);
  return [
    ...seen.flatMap((one) => limitProposal(one, limits, kinds, today)),
    ...further(records, limits, conditions, today).map(({ limit, to, easy }): LimitProposal => ({
      key: `further ${nameOf(limit)} ${easy[0]}`,
      what: 'further',
      // It ends when it was to end: less for a while does not become less for long.
      limit: { ...limit, most: to },
      instead: limit,
      easy,
    })),
    ...tryAgain(records, limits, conditions, today).map(({ limit, easy }): LimitProposal => ({
      ...{ key: `again ${nameOf(limit)} ${easy[0]}`, what: 'again', limit, instead: limit, easy },
    })),
    ...lowerProps(records, worked, conditions).map((lower): PropProposal => ({
      key: `lower-prop ${lower.task} ${lower.easy[0]}`,
      what: 'lower-prop',
      ...lower,
    })),
    ...easeIn(records, limits, today),
    ...toAsk(
      records,
      seen.map(({ place }) => place),
      worseAtHome,
      today,
    ).map((ask): AskProposal => ({
      key: `ask ${ask.place ?? (ask.atHome ? 'home' : 'where')} ${ask.flares[0]!.on}`,
      what: 'ask',
      ...ask,
    })),
  ];
}

const nameOf = ({ kind, side }: Pick<OwnLimit, 'kind' | 'side'>): string => (side ? `${kind} ${side}` : kind);

/** Whether a limit is as close as another or closer, and stands on a day. */
const isWithin = (limit: OwnLimit, other: OwnLimit, today: string): boolean =>
  limit.kind === other.kind &&
  (limit.side === undefined || limit.side === other.side) &&
  (limit.most ?? 0) <= (other.most ?? 0) &&
  (limit.until === undefined || limit.until >= today);

function limitProposal(
  { kind, side, most, ...seen }: SeenLimit,
  limits: readonly OwnLimit[],
  kinds: Readonly<Record<string, LimitKind>>,
  today: string,
): LimitProposal[] {
  const last = seen.flares
    .map(({ on }) => on)
    .sort()
    .at(-1)!;
  const limit: OwnLimit = {
    kind,
    ...(side ? { side } : {}),
    ...(kinds[kind]!.unit && most !== undefined ? { most } : {}),
    by: FROM_CLASSES,
    until: dateAfter(today, LIMIT_DAYS),
  };
  if (limits.some((known) => isWithin(known, limit, today))) return [];
  const instead = limits.find(
    (known) => known.by === FROM_CLASSES && known.kind === kind && known.side === side,
  );
  return [
    {
      key: `limit ${nameOf(limit)} ${last}`,
      what: 'limit',
      limit,
      ...(instead ? { instead } : {}),
      seen,
    },
  ];
}

function easeIn(records: readonly RecordOf[], limits: readonly OwnLimit[], today: string): LimitProposal[] {
  const came = records
    .filter((record) => record.came && record.on < today)
    .map(({ on }) => on)
    .sort();
  const last = came.at(-1);
  if (!last || came.length < CAME_BEFORE) return [];
  const away = daysBetween(last, today);
  const limit: OwnLimit = {
    kind: 'hold',
    most: EASE_IN.seconds,
    by: FROM_CLASSES,
    until: dateAfter(today, EASE_IN.days),
  };
  if (away < AWAY || limits.some((known) => isWithin(known, limit, today))) return [];
  return [{ key: `ease-in ${last}`, what: 'ease-in', limit, away }];
}
