import type { Level } from '../../poses/types.js';
import { SUMS } from '../../rules/types.js';
import {
  asWritten,
  bestFew,
  candidatesFor,
  cheaper,
  onOneSide,
  pinned,
  wholeOf,
  type Ask,
  type Candidate,
} from './candidates.js';
import { hasBit } from '../../bitSet.js';
import { LONG_FOLD } from './deep.js';
import { inRounds, runsThatEnd, staySeconds } from './flowAsk.js';
import type { LaneTable } from './lane.js';
import { packOutcome } from './outcome.js';
import { sidesOf } from './sidesOf.js';
import { WEIGHTS } from '../weights.js';
import type { CounterNeed } from '../../poses/counterPoses.js';
import type { Side } from '../../side.js';

/** What one side of a step comes to; without a candidate she sits out. */
export interface SideChoice {
  side: Side | undefined;
  candidate: Candidate | undefined;
}

/** One way to do a whole step: both sides of it where it has sides. */
export interface Option {
  sides: readonly SideChoice[];
  cost: number;
  entry: Level;
  exit: Level;
  /** The set of kinds of props it stands on. */
  propsInHand: number;
  /** What it leaves to be answered, and the set of needs that it answers. */
  counterNeed: CounterNeed | undefined;
  answers: number;
  /** All of this but the cost, as one number of {@link packOutcome}; seconds apart. */
  outcome: number;
  /**
   * Seconds towards each of {@link SUMS}, where any adds up against the lane; and the set of those whose run
   * goes on after it.
   */
  seconds: readonly number[];
  runs: number;
}

const NOTHING: readonly number[] = SUMS.map(() => 0);

/** Seconds of the first so many sides towards each of {@link SUMS}. */
function secondsOf(ask: Ask, lane: LaneTable, sides: readonly SideChoice[], held: number): readonly number[] {
  let seconds: number[] | undefined;
  const ends = ask.flow ? runsThatEnd(ask.flow, lane.body) : 0;
  for (let i = 0; i < held; i++) {
    const { candidate } = sides[i]!;
    const towards = candidate ? lane.body.towards(candidate.row) : 0;
    if (!towards) continue;
    seconds ??= [...NOTHING];
    for (let sum = 0; sum < SUMS.length; sum++)
      if (hasBit(towards, sum))
        seconds[sum]! += hasBit(ends, sum)
          ? staySeconds(candidate!.holdSeconds, inRounds(ask, candidate!.rounds).flow)
          : candidate!.holdSeconds;
  }
  return seconds ?? NOTHING;
}

/** What is left to be answered after some sides: being upside down before all else, then what the first leaves. */
function counterNeedOf(
  ask: Ask,
  lane: LaneTable,
  sides: readonly SideChoice[],
  held: number,
): CounterNeed | undefined {
  // What one shape of a flow leaves, those behind it answer.
  if (ask.flow && !ask.flow.isLast) return undefined;
  let need: CounterNeed | undefined;
  for (const { candidate } of sides) {
    if (!candidate) continue;
    const { inversion, backBend, fold } = lane.body.deep(candidate.row);
    if (inversion) return 'inversion';
    if (backBend) need ??= 'back-bend';
    else if (
      fold &&
      staySeconds(candidate.holdSeconds, inRounds(ask, candidate.rounds).flow) * held > LONG_FOLD
    )
      need ??= 'fold';
  }
  return need;
}

/** Who sits out does so on a chair. */
const SITTING_OUT = { entry: 'chair', exit: 'chair' } as const;

const endsOf = ({ body }: LaneTable, { candidate }: SideChoice): ReturnType<LaneTable['body']['ends']> =>
  candidate ? body.ends(candidate.row) : SITTING_OUT;

function optionOf(ask: Ask, lane: LaneTable, sides: readonly SideChoice[]): Option {
  const { body } = lane;
  const first = sides[0]!;
  const last = sides[sides.length - 1]!;
  const same = first.candidate?.variant === last.candidate?.variant;
  // What has no sides is done once, also where a step with sides was asked.
  const once = first.candidate && !first.candidate.pose.side && same;
  const held = once ? 1 : sides.length;
  let cost = 0;
  let propsInHand = 0;
  let answers = 0;
  for (const { candidate } of sides) {
    cost += (candidate?.cost ?? WEIGHTS.sitOut) / sides.length;
    if (!candidate) continue;
    propsInHand |= body.propsInHand(candidate.row);
    answers |= lane.answers(candidate.pose.id);
  }
  if (sides.length > 1 && !same) cost += WEIGHTS.sidesDiffer;
  const counterNeed = counterNeedOf(ask, lane, sides, held);
  const { entry } = endsOf(lane, first);
  const { exit } = endsOf(lane, last);
  const addsUp = lane.sums.length > 0;
  return {
    sides,
    cost,
    entry,
    exit,
    propsInHand,
    counterNeed,
    answers,
    outcome: packOutcome({ entry, exit, counterNeed, answers, propsInHand }),
    seconds: addsUp ? secondsOf(ask, lane, sides, held) : NOTHING,
    runs: addsUp && last.candidate ? body.towards(last.candidate.row) : 0,
  };
}

/**
 * Two sides that do different things may come in either order: whichever way through the levels is shorter.
 * Limits on the right and on the left then weigh the same.
 */
function bothOrders(ask: Ask, lane: LaneTable, first: SideChoice, second: SideChoice): Option[] {
  const a = endsOf(lane, first);
  const b = endsOf(lane, second);
  const usual = optionOf(ask, lane, [first, second]);
  return a.entry === b.entry && a.exit === b.exit ? [usual] : [usual, optionOf(ask, lane, [second, first])];
}

/** Whether someone gets to where a variant begins, and away from where it ends. */
function isReached({ body, isReached: isLevelReached }: LaneTable, row: number): boolean {
  const { entry, exit } = body.ends(row);
  return isLevelReached(entry) && isLevelReached(exit);
}

/**
 * Every way to do a step. Where what was asked passes it is the only one: nobody is led away from it to
 * save a change of level. A side that passes keeps it; sides otherwise do the same where the same suits
 * both.
 *
 * @param open also where what was asked passes: there is not enough of what it stands on
 * @param few only the cheapest of those with the same outcome: nothing is lost by it
 */
export function optionsOf(ask: Ask, lane: LaneTable, open = false, few = false): Option[] {
  if (ask.pin) return [doneAlike(ask, lane, pinned(ask, lane, ask.pin))];
  const sides: readonly (Side | undefined)[] = ask.sides.length ? ask.sides : [undefined];
  // What nobody could get to, or away from, is not led to either. Who goes slowly is not sent up and down in every
  // round of a flow, where another form of it stays where they are.
  const isHurried = lane.slow && ask.flow !== undefined && ask.flow.rounds > 1;
  const any = open || isHurried || !isReached(lane, lane.body.table.rowOf.get(ask.variant)!);
  const written = sides.map((side) => (any ? undefined : asWritten(ask, lane, side)));
  const [first, second] = candidatesBySide(ask, lane, sides, written, few);
  // One side, or two that no rule tells apart.
  if (!second || (few && first === second)) return first!.map((candidate) => doneAlike(ask, lane, candidate));
  const all = bothSides(ask, lane, sides, [first!, second!], written.some(Boolean), few);
  return few ? narrowed(all, lane) : all;
}

/** What may stand on one side, or nothing: she sits out. */
type SideCandidates = readonly (Candidate | undefined)[];

/** Candidates for each side. Where no rule tells the sides apart, what was found on one holds for the other. */
function candidatesBySide(
  ask: Ask,
  lane: LaneTable,
  sides: readonly (Side | undefined)[],
  written: SideCandidates,
  few: boolean,
): SideCandidates[] {
  const alike = lane.right === lane.left;
  const found: SideCandidates[] = [];
  written.forEach((candidate, i) => {
    if (candidate) found.push([candidate]);
    else if (i && alike) found.push(found[0]!);
    else {
      const cheapest = few && (sides.length === 1 || alike);
      const list = cheapest ? fewOf(ask, lane, sides[i]) : candidatesFor(ask, lane, sides[i]);
      const reached = list.filter(({ row }) => isReached(lane, row));
      if (reached.length) found.push(reached);
      else found.push(list.length ? list : [undefined]);
    }
  });
  return found;
}

/** The same on every side of a step; where it has none, done once, or on both sides by a pose that has them. */
function doneAlike(ask: Ask, lane: LaneTable, candidate: Candidate | undefined): Option {
  const { sides } = ask;
  const own = candidate ? sidesOf(candidate.pose, sides) : [];
  const done = sides.length ? sides : own;
  return optionOf(
    ask,
    lane,
    done.length ? done.map((side) => ({ side, candidate })) : [{ side: undefined, candidate }],
  );
}

/** Ways to do both sides: the same on both where the same suits both, otherwise each side its own. */
function bothSides(
  ask: Ask,
  lane: LaneTable,
  sides: readonly (Side | undefined)[],
  [first, second]: readonly [SideCandidates, SideCandidates],
  kept: boolean,
  few: boolean,
): Option[] {
  const outcome = (candidate: Candidate | undefined): number | string =>
    candidate ? lane.outcomeKey(candidate.row, candidate.holdSeconds, 2) : -1;
  const alone = (candidate: Candidate | undefined): Candidate | undefined =>
    candidate && onOneSide(ask, candidate);
  const right = (candidate: Candidate | undefined): SideChoice => ({ side: sides[0], candidate });
  const left = (candidate: Candidate | undefined): SideChoice => ({ side: sides[1], candidate });
  const same = kept ? [] : sameOnBoth(first, second);
  if (same.length) {
    const pairs = few
      ? cheapestEach(
          same,
          ([a, b]) => `${outcome(a)} ${outcome(b)}`,
          ([a, b]) => costOf(a) + costOf(b),
          ([a]) => idOf(a),
        )
      : same;
    return pairs.map(([a, b]) => optionOf(ask, lane, [right(a), left(b)]));
  }
  // One side keeps what was asked, or nothing suits both. Beside a single way only the cheapest of each
  // outcome matter.
  const beside = (list: SideCandidates, other: SideCandidates): SideCandidates =>
    few && other.length === 1
      ? cheapestEach(
          list,
          (one) => `${outcome(one)} ${one?.variant.level} ${one?.row === other[0]?.row}`,
          costOf,
          idOf,
        )
      : list;
  const seconds = beside(second, first);
  const pairs = beside(first, second).flatMap((a) => seconds.map((b) => [a, b] as const));
  const level = pairs.filter(([a, b]) => a?.variant.level === b?.variant.level);
  // Nobody lies down for one side and stands for the other: where no level suits both, one side is left out.
  const oneOnly = (): (typeof pairs)[number][] => [
    ...first.map((a) => [a, undefined] as const),
    ...second.map((b) => [undefined, b] as const),
  ];
  const apart = kept ? pairs : oneOnly();
  return (level.length ? level : apart).flatMap(([a, b]) =>
    a?.variant === b?.variant
      ? [optionOf(ask, lane, [right(a), left(b)])]
      : bothOrders(ask, lane, right(alone(a)), left(alone(b))),
  );
}

/** Pairs of the same variant, one for each side; their holds may differ. */
function sameOnBoth(
  first: SideCandidates,
  second: SideCandidates,
): (readonly [Candidate | undefined, Candidate | undefined])[] {
  const byRow = new Map(second.map((candidate) => [candidate?.row, candidate]));
  return first.flatMap((a) => (byRow.has(a?.row) ? [[a, byRow.get(a?.row)] as const] : []));
}

const costOf = (candidate: Candidate | undefined): number => candidate?.cost ?? WEIGHTS.sitOut;
const idOf = (candidate: Candidate | undefined): string => candidate?.variant.id ?? '';

/** The cheapest of each outcome; where they cost the same, by id. */
function cheapestEach<T>(
  items: readonly T[],
  outcomeOf: (item: T) => number | string,
  costOf: (item: T) => number,
  idOf: (item: T) => string,
): T[] {
  const cheapest = new Map<number | string, { item: T; cost: number }>();
  for (const item of items) {
    const outcome = outcomeOf(item);
    const cost = costOf(item);
    const best = cheapest.get(outcome);
    if (
      !best ||
      cost < best.cost - 1e-9 ||
      (Math.abs(cost - best.cost) <= 1e-9 && idOf(item) < idOf(best.item))
    )
      cheapest.set(outcome, { item, cost });
  }
  return Array.from(cheapest.values(), ({ item }) => item);
}

/**
 * Of options with the same outcome, the cheapest: nothing is lost by it. `more`: what an
 * option costs beside itself.
 */
export function narrowed(
  options: readonly Option[],
  lane: LaneTable,
  more?: (option: Option) => number,
): Option[] {
  if (options.length === 1) return [...options];
  return cheapestEach(
    options,
    lane.sums.length
      ? ({ outcome, seconds, runs }) => `${outcome} ${seconds.join()} ${runs}`
      : ({ outcome }) => outcome,
    more ? (option) => option.cost + more(option) : ({ cost }) => cost,
    firstId,
  );
}

/** The same, before options are made of candidates that are the same on both sides. */
function fewOf(ask: Ask, lane: LaneTable, side: Side | undefined): Candidate[] {
  const cheapest = new Map<number | string, Candidate>();
  const timesOf = (row: number): number => sidesOf(lane.body.table.rows[row]!.pose, ask.sides).length;
  let seen = 0;
  const note = (found: readonly Candidate[]): void => {
    for (; seen < found.length; seen++) {
      const candidate = found[seen]!;
      const outcome = lane.outcomeKey(candidate.row, candidate.holdSeconds, timesOf(candidate.row));
      const best = cheapest.get(outcome);
      if (!best || cheaper(candidate, best) < 0) cheapest.set(outcome, candidate);
    }
  };
  // A full hold is the best a variant can do: where its outcome is had for no more, it need not be looked at.
  note(
    candidatesFor(ask, lane, side, (row, least, found) => {
      note(found);
      const best = cheapest.get(lane.outcomeKey(row, ask.holdSeconds, timesOf(row)));
      return !best || best.cost > least - 1e-9 || lane.holdMatters(row);
    }),
  );
  return [...cheapest.values()];
}

const firstId = ({ sides }: Option): string =>
  sides.map(({ candidate }) => candidate?.variant.id ?? '').join();

/** So many ways are named beside the chosen one. */
const BESIDE = 3;

/** The ways beside the chosen one, best first: rungs of the asked pose, and of every other pose the best. */
export const othersOf = (ask: Ask, lane: LaneTable, { side, candidate }: SideChoice): Candidate[] =>
  bestFew(ask, lane, side, candidate ? BESIDE + 1 : BESIDE)
    .filter(
      (other) =>
        !(candidate && wholeOf(other) === wholeOf(candidate)) &&
        (other.pose === ask.pose || other.pose !== candidate?.pose),
    )
    .slice(0, BESIDE);
