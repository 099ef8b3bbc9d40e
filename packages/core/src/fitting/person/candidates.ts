import type { Pose, Variant } from '../../poses/types.js';
import { hasBit } from '../../bitSet.js';
import { NO_SUMS } from '../../rules/sums.js';
import { SUMS, type Sum } from '../../rules/types.js';
import { inRounds, runsThatEnd, staySeconds, type FlowAsk } from './flowAsk.js';
import type { LaneTable } from './lane.js';
import { sidesOf } from './sidesOf.js';
import { standInCost, standInsOf } from './standIns.js';
import type { Verdict } from '../types.js';
import { WEIGHTS } from '../weights.js';
import type { Side } from '../../side.js';

/** What is asked of a lane at one step. */
export interface Ask {
  pose: Pose;
  variant: Variant;
  /** For one side. */
  holdSeconds: number;
  sides: readonly Side[];
  /** What has added up before. */
  before: Readonly<Record<Sum, number>>;
  /** Where it is one shape of a flow. */
  flow?: FlowAsk;
  /** The teacher's own choice: this and nothing else, whatever rules say. */
  pin?: { variant: Variant; holdSeconds?: number };
}

/** A way to do the step that this person may take; what is said about it is made only where it is chosen. */
export interface Candidate {
  row: number;
  pose: Pose;
  variant: Variant;
  holdSeconds: number;
  /** Of a shape of a flow, in how many rounds it is done. */
  rounds?: number;
  verdict: Verdict;
  cost: number;
  added: number;
}

/** With so many ways found, rest need not be looked at: one to take and three to name beside it. */
const ENOUGH = 4;

/** Which of a person's standings counts on a side. */
const standingOn = (lane: LaneTable, side: Side | undefined): LaneTable['right'] =>
  side === 'left' ? lane.left : lane.right;

/**
 * Seconds on each side of a pose with sides that stands in for one without: half, in whole breaths, never
 * under its least or what was asked in all.
 */
function halfOf({ holdSeconds }: Ask, lane: LaneTable, pose: Pose, variant: Variant): number {
  const count = lane.count(pose, variant);
  return Math.max(
    Math.min(pose.hold.least * count, holdSeconds),
    Math.floor(holdSeconds / 2 / count + 1e-9) * count,
  );
}

/**
 * Seconds of a pose as asked; one without sides, done once in place of both, is done for as long as they take together,
 * up to its most.
 */
function onBothAtOnce(
  { holdSeconds, sides, flow }: Ask,
  lane: LaneTable,
  pose: Pose,
  variant: Variant,
): number {
  if (pose.side || sides.length < 2 || flow) return holdSeconds;
  const most = pose.hold.most * lane.count(pose, variant);
  return Math.max(holdSeconds, Math.min(holdSeconds * sides.length, most));
}

/** The same for one side of two, where the other side does something else. */
export const onOneSide = (ask: Ask, candidate: Candidate): Candidate =>
  candidate.pose.side || candidate.holdSeconds <= ask.holdSeconds
    ? candidate
    : { ...candidate, holdSeconds: ask.holdSeconds };

/** A variant on one side, with what it comes to where the step has no sides and the variant does. */
interface Trying {
  row: number;
  pose: Pose;
  variant: Variant;
  /** So many sides are done. */
  sides: number;
  /** A step without sides, done on both by a pose that has them: half as long on each. */
  halved: boolean;
  /** Seconds asked of one side. */
  asked: number;
}

function tryingOf(ask: Ask, lane: LaneTable, row: number): Trying {
  const { pose, variant } = lane.body.table.rows[row]!;
  const sides = Math.max(1, sidesOf(pose, ask.sides).length);
  const halved = sides > 1 && !ask.sides.length;
  const asked = halved ? halfOf(ask, lane, pose, variant) : onBothAtOnce(ask, lane, pose, variant);
  return { row, pose, variant, sides, halved, asked };
}

/** How long a variant may be held on a side, given what has added up, seconds; 0 where it is out. */
interface Longest {
  /** In one stay. */
  stay: number;
  /** In all. */
  total: number;
}

/** The longest hold on a side that no rule breaks. */
function longestHold(
  { row, variant, sides, halved }: Trying,
  { before, flow }: Ask,
  lane: LaneTable,
  side: Side | undefined,
): Longest {
  const { out, most: mosts, sums } = standingOn(lane, side);
  if (out[row]) return OUT;
  let stay = mosts[row]!;
  // Both sides are done: what the other side must not is out, and the shorter hold counts.
  if (halved || variant.alternates) {
    const other = standingOn(lane, side === 'left' ? 'right' : 'left');
    if (other.out[row]) return OUT;
    stay = Math.min(stay, other.most[row]!);
  }
  let total = Infinity;
  for (const { sum, over, rows } of sums) {
    if (!rows[row]) continue;
    const left = (over - before[sum]) / sides;
    // Where there is something else between two stays, what adds up unbroken begins anew.
    if (flow && hasBit(runsThatEnd(flow, lane.body), SUMS.indexOf(sum))) stay = Math.min(stay, left);
    else total = Math.min(total, left);
  }
  return { stay, total };
}

const OUT: Longest = { stay: 0, total: 0 };

/**
 * What is asked, or as much of it as may be, in whole counts; undefined where that is less than the least
 * that still is the pose.
 */
function shortened(
  { pose, variant, asked }: Trying,
  { stay, total }: Longest,
  lane: LaneTable,
  flow: FlowAsk | undefined,
): Held | undefined {
  if (flow)
    return roundsWithin(staySeconds(asked, flow), flow.passes, { stay, total }, lane.count(pose, variant));
  const most = Math.min(stay, total);
  if (most >= asked) return { seconds: asked };
  const count = lane.count(pose, variant);
  const seconds = Math.floor(most / count + 1e-9) * count;
  return seconds <= 0 || seconds < Math.min(pose.hold.least * count, asked) ? undefined : { seconds };
}

/** How long in all, and of a shape of a flow in how many rounds. */
interface Held {
  seconds: number;
  rounds?: number;
}

/**
 * As much of a shape of a flow as may be: each stay in whole breaths, and so many rounds; undefined where none is
 * left.
 */
function roundsWithin(
  asked: number,
  passes: number,
  { stay, total }: Longest,
  breath: number,
): Held | undefined {
  const each = stay >= asked ? asked : Math.floor(stay / breath + 1e-9) * breath;
  if (each <= 0) return undefined;
  const rounds = Math.min(passes, Math.floor(total / each + 1e-9));
  return rounds > 0 ? { seconds: rounds * each, rounds } : undefined;
}

/** Another pose is not begun for less than this: seconds held, or rounds. Common practice, no published source. */
const WORTH_SECONDS = 10;
const WORTH_ROUNDS = 3;

/** The least that another pose is done for in place of an asked one, seconds of both halves together. */
export const worthSeconds = ({ hold }: Pose, roundSeconds: number): number =>
  hold.unit === 'rounds' ? WORTH_ROUNDS * roundSeconds : WORTH_SECONDS;

/** Whether another pose would be too short to do anything, both halves together, unless that little was asked. */
function isTooShort(
  { pose, variant, halved, sides }: Trying,
  ask: Ask,
  holdSeconds: number,
  lane: LaneTable,
): boolean {
  const worth = worthSeconds(pose, lane.count(pose, variant));
  return holdSeconds * (halved ? sides : 1) < Math.min(worth, ask.holdSeconds) - 1e-9;
}

/** How many things must be put within reach for a variant held so long on each side. */
function addedFor(
  { row, sides }: Trying,
  { before, flow }: Ask,
  { needs }: LaneTable['right'],
  holdSeconds: number,
): number {
  let added = 0;
  for (const { over, sum, rows } of needs)
    if (
      rows[row] &&
      staySeconds(holdSeconds, flow) > over &&
      (!sum || before[sum.sum] + holdSeconds * sides > sum.over)
    )
      added++;
  return added;
}

/** One variant, its hold shortened if that is all it takes. Undefined where this person may not take it. */
export function attempt(
  ask: Ask,
  lane: LaneTable,
  side: Side | undefined,
  row: number,
  standIn: number,
): Candidate | undefined {
  // Most rows end here: looked at before anything is made.
  if (standingOn(lane, side).out[row]) return undefined;
  const trying = tryingOf(ask, lane, row);
  const held = shortened(trying, longestHold(trying, ask, lane, side), lane, ask.flow);
  if (held === undefined) return undefined;
  const { seconds: holdSeconds, rounds } = held;
  const { pose, variant, sides, halved } = trying;
  if (pose !== ask.pose && isTooShort(trying, ask, holdSeconds, lane)) return undefined;
  const added = addedFor(trying, inRounds(ask, rounds), standingOn(lane, side), holdSeconds);
  const givenUp = Math.max(0, 1 - (halved ? holdSeconds * sides : holdSeconds) / ask.holdSeconds);
  const perHold = ask.pose.energy === 'settling' ? WEIGHTS.settlingHold : WEIGHTS.hold;
  const asAsked = variant === ask.variant && givenUp <= 1e-9 && !added;
  return {
    row,
    pose,
    variant,
    holdSeconds,
    ...(rounds === undefined ? {} : { rounds }),
    verdict: verdictOf(pose === ask.pose, asAsked),
    cost: standIn + givenUp * perHold + added * WEIGHTS.added + flowCost(ask, variant),
    added,
  };
}

/**
 * What it costs that a variant breaks a flow: nobody lies down, sits, or fetches furniture for one shape of it, as long
 * as there is another. The wall is there.
 */
function flowCost({ flow }: Ask, { level, entry = level, exit = level, props }: Variant): number {
  if (!flow) return 0;
  const fetched = new Set(
    props.map(({ kind }) => kind).filter((kind) => kind !== 'wall' && !flow.props.has(kind)),
  );
  const stays = [entry, level, exit].every((one) => flow.levels.has(one));
  return (stays ? 0 : WEIGHTS.breaksFlow) + fetched.size * WEIGHTS.fetchInFlow;
}

function verdictOf(samePose: boolean, asAsked: boolean): 'swapped' | 'as-written' | 'eased' {
  if (!samePose) return 'swapped';
  return asAsked ? 'as-written' : 'eased';
}

/** The asked variant as asked, where it passes. */
export function asWritten(ask: Ask, lane: LaneTable, side: Side | undefined): Candidate | undefined {
  const found = attempt(ask, lane, side, lane.body.table.rowOf.get(ask.variant)!, 0);
  return found?.verdict === 'as-written' ? found : undefined;
}

/** What the teacher has chosen, whatever rules say. */
export function pinned(ask: Ask, lane: LaneTable, pin: NonNullable<Ask['pin']>): Candidate {
  const { rows, rowOf } = lane.body.table;
  const row = rowOf.get(pin.variant)!;
  const { pose, variant } = rows[row]!;
  const holdSeconds =
    pin.holdSeconds ?? (pose.side && !ask.sides.length ? halfOf(ask, lane, pose, variant) : ask.holdSeconds);
  const asked = { pose: ask.pose, variant: ask.variant, row: rowOf.get(ask.variant)! };
  return {
    row,
    pose,
    variant,
    holdSeconds,
    verdict: verdictOf(
      pose === ask.pose,
      variant === ask.variant && Math.abs(holdSeconds - ask.holdSeconds) < 0.01,
    ),
    cost: standInCost(lane.body, asked, row),
    added: 0,
  };
}

/**
 * Every way this person may do a step: the asked variant, its ladder, poses of the same purpose, and rest
 * shapes where little else is left; by what they cost as such, so that what is lost of a hold may still put
 * one behind the next.
 *
 * @param worth whether another is worth looking at, given its least cost and what has been found
 */
export function candidatesFor(
  ask: Ask,
  lane: LaneTable,
  side: Side | undefined,
  worth: (row: number, least: number, found: readonly Candidate[]) => boolean = () => true,
): Candidate[] {
  const { rows, costs, rungs } = standInsOf(lane.body, ask.variant);
  const found: Candidate[] = [];
  for (let i = 0; i < rows.length; i++) {
    // A rung costs less than any other pose: where the asked one passes and two rungs stand beside it,
    // nothing else comes before them.
    if (i === rungs && found.length >= 3 && found.some(({ verdict }) => verdict === 'as-written'))
      return found;
    if (found.length >= ENOUGH && !worth(rows[i]!, costs[i]!, found)) continue;
    const candidate = attempt(ask, lane, side, rows[i]!, costs[i]!);
    if (candidate) found.push(candidate);
  }
  return found.length < ENOUGH ? [...found, ...restShapes(ask, lane, side)] : found;
}

/** Rest shapes that this person may take in place of a step. */
function restShapes(ask: Ask, lane: LaneTable, side: Side | undefined): Candidate[] {
  const { rows, costs, rest } = standInsOf(lane.body, ask.variant);
  return rest.flatMap((row, i): Candidate[] => {
    const candidate = attempt(ask, lane, side, row, costs[rows.length + i]!);
    return candidate ? [{ ...candidate, verdict: 'rest', cost: WEIGHTS.rest + candidate.cost }] : [];
  });
}

/** The cheaper first; where they cost the same, by id, so that the same input gives the same fitting. */
export const cheaper = (
  a: Pick<Candidate, 'cost' | 'variant'>,
  b: Pick<Candidate, 'cost' | 'variant'>,
): number => {
  if (Math.abs(a.cost - b.cost) > 1e-9) return a.cost - b.cost;
  if (a.variant.id < b.variant.id) return -1;
  if (a.variant.id > b.variant.id) return 1;
  return 0;
};

/** The variant that a candidate is, or is part of, by id. */
export const wholeOf = ({ variant: { id, partOf } }: Pick<Candidate, 'variant'>): string =>
  partOf?.variant ?? id;

/**
 * Keeps the best few candidates, cheapest first: any rung of the asked pose, whole or of its parts the furthest, and of
 * every other pose the best.
 */
function keepBest(best: Candidate[], candidate: Candidate, asked: Pose, count: number): void {
  const same = best.findIndex((other) =>
    candidate.pose === asked ? wholeOf(other) === wholeOf(candidate) : other.pose === candidate.pose,
  );
  if (same >= 0) {
    if (cheaper(candidate, best[same]!) >= 0) return;
    best.splice(same, 1);
  }
  let at = best.length;
  while (at > 0 && cheaper(candidate, best[at - 1]!) < 0) at--;
  best.splice(at, 0, candidate);
  if (best.length > count) best.pop();
}

/**
 * The best few ways, cheapest first: rungs of the asked pose, and of every other pose the best. What cannot
 * be among them is not looked at: rungs and other poses are each in the order of their least cost.
 */
export function bestFew(ask: Ask, lane: LaneTable, side: Side | undefined, count: number): Candidate[] {
  const { rows, costs, rungs } = standInsOf(lane.body, ask.variant);
  const best: Candidate[] = [];
  let found = 0;
  const tooDear = (cost: number): boolean => best.length === count && best[count - 1]!.cost < cost - 1e-9;
  /** Looks at some rows in turn; true where it stopped before the last. */
  const look = (from: number, to: number): boolean => {
    for (let i = from; i < to; i++) {
      if (tooDear(costs[i]!)) return true;
      const candidate = attempt(ask, lane, side, rows[i]!, costs[i]!);
      if (!candidate) continue;
      keepBest(best, candidate, ask.pose, count);
      found++;
    }
    return false;
  };
  look(0, rungs);
  const stopped = look(rungs, rows.length);
  if (stopped || found >= ENOUGH) return best;
  for (const candidate of restShapes(ask, lane, side)) keepBest(best, candidate, ask.pose, count);
  return best;
}

/** What is asked with nothing before it. */
export const asked = (pose: Pose, variant: Variant, holdSeconds: number, sides: readonly Side[]): Ask => ({
  pose,
  variant,
  holdSeconds,
  sides,
  before: NO_SUMS,
});
