import type { Level } from '../../poses/types.js';
import { SUMS } from '../../rules/types.js';
import {
  asWritten,
  bestFew,
  candidatesFor,
  cheaper,
  pinned,
  type Ask,
  type Candidate,
} from './candidates.js';
import { LONG_FOLD } from './deep.js';
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
function secondsOf(lane: LaneTable, sides: readonly SideChoice[], held: number): readonly number[] {
  let seconds: number[] | undefined;
  for (let i = 0; i < held; i++) {
    const { candidate } = sides[i]!;
    let bits = candidate ? lane.body.towards(candidate.row) : 0;
    if (bits) seconds ??= [...NOTHING];
    for (let sum = 0; bits; sum++, bits >>= 1) if (bits & 1) seconds![sum]! += candidate!.holdSeconds;
  }
  return seconds ?? NOTHING;
}

function optionOf(lane: LaneTable, sides: readonly SideChoice[]): Option {
  const { body } = lane;
  const [first] = sides;
  const last = sides[sides.length - 1]!;
  const end = last.candidate;
  // What has no sides is done once, also where a step with sides was asked.
  const once = first!.candidate && !first!.candidate.pose.side && first!.candidate.variant === end?.variant;
  const held = once ? 1 : sides.length;
  let cost = 0;
  let propsInHand = 0;
  let counterNeed: CounterNeed | undefined;
  let answers = 0;
  for (const { candidate } of sides) {
    cost += (candidate?.cost ?? WEIGHTS.sitOut) / sides.length;
    if (!candidate) continue;
    const deep = body.deep(candidate.row);
    propsInHand |= body.propsInHand(candidate.row);
    answers |= lane.answers(candidate.pose.id);
    if (deep.inversion) counterNeed = 'inversion';
    else if (deep.backBend) counterNeed ??= 'back-bend';
    else if (deep.fold && candidate.holdSeconds * held > LONG_FOLD) counterNeed ??= 'fold';
  }
  if (sides.length > 1 && first!.candidate?.variant !== end?.variant) cost += WEIGHTS.sidesDiffer;
  const adds = lane.sums.length > 0;
  const entry = first!.candidate ? body.ends(first!.candidate.row).entry : 'chair';
  const exit = end ? body.ends(end.row).exit : 'chair';
  return {
    sides,
    cost,
    entry,
    exit,
    propsInHand,
    counterNeed,
    answers,
    outcome: packOutcome({ entry, exit, counterNeed, answers, propsInHand }),
    seconds: adds ? secondsOf(lane, sides, held) : NOTHING,
    runs: adds && end ? body.towards(end.row) : 0,
  };
}

/**
 * Two sides that do different things may come in either order: whichever way through the levels is shorter.
 * Limits on the right and on the left then weigh the same.
 */
function bothOrders(lane: LaneTable, first: SideChoice, second: SideChoice): Option[] {
  const [a, b] = [first, second].map(({ candidate }) =>
    candidate ? lane.body.ends(candidate.row) : { entry: 'chair', exit: 'chair' },
  );
  const usual = optionOf(lane, [first, second]);
  return a!.entry === b!.entry && a!.exit === b!.exit ? [usual] : [usual, optionOf(lane, [second, first])];
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
  const sides: readonly (Side | undefined)[] = ask.sides.length ? ask.sides : [undefined];
  const { pin } = ask;
  if (pin) {
    const candidate = pinned(ask, lane, pin);
    return [
      ask.sides.length
        ? optionOf(
            lane,
            sides.map((side) => ({ side, candidate })),
          )
        : onceOrBoth(ask, lane, candidate),
    ];
  }
  const written = sides.map((side) => (open ? undefined : asWritten(ask, lane, side)));
  // Where no rule tells the sides apart, what was found on one holds for the other.
  const alike = lane.right === lane.left;
  const found: (Candidate | undefined)[][] = [];
  written.forEach((candidate, i) => {
    if (candidate) {
      found.push([candidate]);
      return;
    }
    if (i && alike && found[0]) {
      found.push(found[0]);
      return;
    }
    const list =
      few && (sides.length === 1 || alike) ? fewOf(ask, lane, sides[i]) : candidatesFor(ask, lane, sides[i]);
    found.push(list.length ? list : [undefined]);
  });
  if (!ask.sides.length) return found[0]!.map((candidate) => onceOrBoth(ask, lane, candidate));
  if (found.length === 1)
    return found[0]!.map((candidate) => optionOf(lane, [{ side: sides[0], candidate }]));
  if (few && alike && found[0] === found[1])
    return found[0]!.map((candidate) =>
      optionOf(
        lane,
        sides.map((side) => ({ side, candidate })),
      ),
    );
  const all = bothSides(
    lane,
    sides,
    found as [(Candidate | undefined)[], (Candidate | undefined)[]],
    written.some(Boolean),
    few,
  );
  return few ? narrowed(all, lane) : all;
}

/** A step without sides: done once, or on both sides by a pose that has them. */
function onceOrBoth({ sides }: Ask, lane: LaneTable, candidate: Candidate | undefined): Option {
  const on = candidate ? sidesOf(candidate.pose, sides) : [];
  return optionOf(
    lane,
    on.length ? on.map((side) => ({ side, candidate })) : [{ side: undefined, candidate }],
  );
}

/** Ways to do both sides. */
function bothSides(
  lane: LaneTable,
  sides: readonly (Side | undefined)[],
  [first, second]: [(Candidate | undefined)[], (Candidate | undefined)[]],
  kept: boolean,
  few: boolean,
): Option[] {
  const choice = (i: number, candidate: Candidate | undefined): SideChoice => ({ side: sides[i], candidate });
  const outcome = (candidate: Candidate | undefined): number | string =>
    candidate ? lane.outcomeKey(candidate.row, candidate.holdSeconds, 2) : -1;
  if (!kept) {
    const there = new Map(second.map((candidate) => [candidate?.row, candidate]));
    const same = first.flatMap((a) => (there.has(a?.row) ? [[a, there.get(a?.row)] as const] : []));
    if (same.length)
      return (
        few
          ? cheapestEach(
              same,
              ([a, b]) => `${outcome(a)} ${outcome(b)}`,
              ([a, b]) => costOf(a) + costOf(b),
              ([a]) => idOf(a),
            )
          : same
      ).map(([a, b]) => optionOf(lane, [choice(0, a), choice(1, b)]));
  }
  // One side keeps what was asked, or nothing suits both: each side its own. Beside a single way only the
  // cheapest of each outcome matter.
  const beside = (
    list: (Candidate | undefined)[],
    other: (Candidate | undefined)[],
  ): readonly (Candidate | undefined)[] =>
    few && other.length === 1
      ? cheapestEach(list, (one) => `${outcome(one)} ${one?.row === other[0]?.row}`, costOf, idOf)
      : list;
  const seconds = beside(second, first);
  return beside(first, second).flatMap((a) =>
    seconds.flatMap((b) =>
      a?.variant === b?.variant
        ? [optionOf(lane, [choice(0, a), choice(1, b)])]
        : bothOrders(lane, choice(0, a), choice(1, b)),
    ),
  );
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
        other.variant !== candidate?.variant && (other.pose === ask.pose || other.pose !== candidate?.pose),
    )
    .slice(0, BESIDE);
