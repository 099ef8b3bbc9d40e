import { USUAL_RANGE } from '../../body/ranges.js';
import type { Judged } from '../../poses/measures.js';
import type { Level, Pose, Variant } from '../../poses/types.js';
import { NO_SUMS } from '../../rules/sums.js';
import type { Sum } from '../../rules/types.js';
import type { BodyTable, StandIns } from './bodyTable.js';
import { FLOOR_LEVELS, levelDistance } from '../ways/index.js';
import type { LaneTable } from './lane.js';
import { serves } from './serves.js';
import { sidesOf } from './sidesOf.js';
import { similarity } from './similarity.js';
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
  /** The teacher's own choice: this and nothing else, whatever rules say. */
  pin?: { variant: Variant; holdSeconds?: number };
}

/** A way to do the step that this person may take; what is said about it is made only where it is chosen. */
export interface Candidate {
  row: number;
  pose: Pose;
  variant: Variant;
  holdSeconds: number;
  verdict: Verdict;
  cost: number;
  added: number;
}

/** Movements in which another pose may be deeper than what was asked. */
const DEPTHS = [
  'lumbarFlexion',
  'lumbarExtension',
  'thoracicTwist',
  'sideBend',
  'neckFlexion',
  'neckExtension',
] as const;

const kneeBend = ({ measures: { kneeFlexionRight, kneeFlexionLeft } }: Judged): number =>
  Math.max(kneeFlexionRight, kneeFlexionLeft);

/** By how many usual ranges one variant goes deeper than another, over spine, neck and knees. */
const deeperThan = (asked: Judged, taken: Judged): number =>
  DEPTHS.reduce(
    (sum, name) =>
      sum +
      Math.max(
        0,
        taken.measures[name] - asked.measures[name] - (name === 'lumbarFlexion' ? fromHamstrings(taken) : 0),
      ) /
        USUAL_RANGE[name],
    Math.max(0, kneeBend(taken) - Math.max(kneeBend(asked), SITTING_KNEES)) / USUAL_KNEE,
  );
/**
 * What a low back rounds for its legs, up to ten degrees: usual hamstrings differ by so much (70 to 90;
 * from memory), and it is no depth.
 */
const fromHamstrings = ({
  measures: { hipFlexionWithKneeStraightRight, hipFlexionWithKneeStraightLeft },
}: Judged): number =>
  Math.min(
    10,
    Math.max(
      0,
      hipFlexionWithKneeStraightRight - USUAL_RANGE.hipFlexionWithKneeStraight,
      hipFlexionWithKneeStraightLeft - USUAL_RANGE.hipFlexionWithKneeStraight,
    ),
  );
/** Knees bent to a right angle are no depth: one sits like that; and how far a knee usually bends, degrees. */
const SITTING_KNEES = 90;
const USUAL_KNEE = 140;

/** What the hands, forearms and neck carry more than in the asked variant, share of body weight. */
const heavierThan = ({ measures: asked }: Judged, { measures: taken }: Judged): number =>
  (['handsShare', 'forearmsShare', 'neckShare'] as const).reduce(
    (sum, name) => sum + Math.max(0, taken[name] - asked[name]),
    0,
  );

/** Levels on which nobody loses the balance. */
const STEADY: ReadonlySet<Level> = new Set<Level>(['chair', 'sitting', 'lying', 'side-lying', 'prone']);

/**
 * What a variant costs in place of an asked one, apart from what is lost of the hold and what is put within
 * reach.
 */
function standInCost(
  body: BodyTable,
  asked: { pose: Pose; variant: Variant; row: number },
  row: number,
): number {
  const { pose, variant } = body.table.rows[row]!;
  const classLevel =
    levelDistance(asked.variant.level, variant.level, body.catalogue.ways) * WEIGHTS.classLevel;
  if (pose === asked.pose) {
    const from = pose.ladder.indexOf(asked.variant);
    const to = pose.ladder.indexOf(variant);
    const away = Math.abs(from - to);
    return (away ? WEIGHTS.rung + away * WEIGHTS.perRung + (to > from ? WEIGHTS.fuller : 0) : 0) + classLevel;
  }
  const from = body.judged(asked.row, undefined);
  const to = body.judged(row, undefined);
  const effort = variant.declared.isometric - asked.variant.declared.isometric;
  return (
    WEIGHTS.pose +
    (1 - serves(asked.pose, pose)) * WEIGHTS.purpose +
    classLevel +
    placeCost(asked.variant.level, variant.level) +
    (pose.energy !== asked.pose.energy ? WEIGHTS.energy : 0) +
    (asked.pose.purposes[0].action === 'balance' &&
    STEADY.has(variant.level) &&
    !STEADY.has(asked.variant.level)
      ? WEIGHTS.noBalance
      : 0) +
    (to.measures.oneLeg > from.measures.oneLeg ? WEIGHTS.oneLeg : 0) +
    (pose.side && !asked.pose.side ? WEIGHTS.halved : 0) +
    deeperThan(from, to) * WEIGHTS.deeper +
    heavierThan(from, to) * WEIGHTS.heavier +
    Math.max(0, effort) * WEIGHTS.harder +
    Math.max(0, -effort) * WEIGHTS.easier +
    variant.props.length * WEIGHTS.prop +
    (variant.id !== pose.usual ? WEIGHTS.unusual : 0)
  );
}

/** The rest shapes anyone may be offered are the rungs of this pose. */
const REST = 'final-rest';

/** Static work of plank and boat. */
const HARDEST = 3;

const jumps = ({ declared: { impact } }: Variant): boolean => impact === 'jumping' || impact === 'hopping';

/**
 * What nobody is led into unasked: held or forced breath, weight on the eyes, a hop or a jump; and, from
 * another pose, upside down, the hardest work, a children's game for the grown.
 */
function offered(
  asked: { pose: Pose; variant: Variant },
  build: BodyTable['build'],
  { pose, variant }: { pose: Pose; variant: Variant },
): boolean {
  if ((variant.breath === 'held' || variant.breath === 'rapid') && variant.breath !== asked.variant.breath)
    return false;
  if (variant.declared.eyeContact && variant !== asked.variant) return false;
  if (jumps(variant) && !jumps(asked.variant)) return false;
  return (
    pose === asked.pose ||
    ((pose.family !== 'inverted' || asked.pose.family === 'inverted') &&
      (pose.family !== 'children' || asked.pose.family === 'children' || build !== 'adult') &&
      (variant.declared.isometric < HARDEST || asked.variant.declared.isometric >= HARDEST) &&
      !jumps(variant))
  );
}

/**
 * What may stand in for a variant on this body: its own ladder, poses that serve something of the same
 * purpose, and rest.
 */
function standInsOf(body: BodyTable, variant: Variant): StandIns {
  let standIns = body.standIns.get(variant);
  if (!standIns) {
    const { rows, rowOf } = body.table;
    const row = rowOf.get(variant)!;
    const asked = { ...rows[row]!, row };
    const own: number[] = [];
    const mates: number[] = [];
    const rest: number[] = [];
    rows.forEach((other, at) => {
      if (!offered(asked, body.build, other)) return;
      if (other.pose === asked.pose) own.push(at);
      else if (similarity(asked.pose, other.pose) > 0) mates.push(at);
      if (other.pose.id === REST && other.pose !== asked.pose) rest.push(at);
    });
    const costs = new Map([...own, ...mates, ...rest].map((at) => [at, standInCost(body, asked, at)]));
    for (const list of [own, mates, rest])
      list.sort(
        (a, b) => costs.get(a)! - costs.get(b)! || (rows[a]!.variant.id < rows[b]!.variant.id ? -1 : 1),
      );
    body.standIns.set(
      variant,
      (standIns = {
        rows: [...own, ...mates],
        costs: [...own, ...mates, ...rest].map((at) => costs.get(at)!),
        rungs: own.length,
        rest,
      }),
    );
  }
  return standIns;
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

/** One variant, its hold shortened if that is all it takes. Undefined where this person may not take it. */
function attempt(
  ask: Ask,
  lane: LaneTable,
  side: Side | undefined,
  row: number,
  standIn: number,
): Candidate | undefined {
  const { out, most: mosts, sums, needs } = standingOn(lane, side);
  if (out[row]) return undefined;
  const { pose, variant } = lane.body.table.rows[row]!;
  const both = Math.max(1, sidesOf(pose, ask.sides).length);
  const halved = both > 1 && !ask.sides.length;
  const asked = halved ? halfOf(ask, lane, pose, variant) : ask.holdSeconds;
  let most = mosts[row]!;
  let holdSeconds = asked;
  // Both sides are done: what the other side must not is out, and the shorter hold counts.
  if (halved || variant.alternates) {
    const other = standingOn(lane, side === 'left' ? 'right' : 'left');
    if (other.out[row]) return undefined;
    most = Math.min(most, other.most[row]!);
  }
  for (const { sum, over, rows } of sums)
    if (rows[row]) most = Math.min(most, (over - ask.before[sum]) / both);
  if (most < holdSeconds) {
    const count = lane.count(pose, variant);
    holdSeconds = Math.floor(most / count + 1e-9) * count;
    if (holdSeconds <= 0 || holdSeconds < Math.min(pose.hold.least * count, asked)) return undefined;
  }
  let added = 0;
  for (const { over, sum, rows } of needs)
    if (rows[row] && holdSeconds > over && (!sum || ask.before[sum.sum] + holdSeconds * both > sum.over))
      added++;
  const given = Math.max(0, 1 - (halved ? holdSeconds * both : holdSeconds) / ask.holdSeconds);
  const cost =
    standIn +
    given * (ask.pose.energy === 'settling' ? WEIGHTS.settlingHold : WEIGHTS.hold) +
    added * WEIGHTS.added;
  const asAsked = variant === ask.variant && given <= 1e-9 && !added;
  const verdict = verdictOf(pose === ask.pose, asAsked);
  return { row, pose, variant, holdSeconds, verdict, cost, added };
}

function verdictOf(samePose: boolean, asAsked: boolean): 'swapped' | 'as-written' | 'eased' {
  if (!samePose) return 'swapped';
  return asAsked ? 'as-written' : 'eased';
}

/** What it costs to be on the floor, or on a chair, where the class is not. */
function placeCost(asked: Level, level: Level): number {
  if (FLOOR_LEVELS.has(level) !== FLOOR_LEVELS.has(asked)) return WEIGHTS.classFloor;
  return (level === 'chair') !== (asked === 'chair') ? WEIGHTS.classChair : 0;
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
  const { rows, costs, rungs, rest } = standInsOf(lane.body, ask.variant);
  const found: Candidate[] = [];
  let some = 0;
  for (let i = 0; i < rows.length; i++) {
    // A rung costs less than any other pose: where the asked one passes and two rungs stand beside it,
    // nothing else comes before them.
    if (i === rungs && found.length >= 3 && found.some(({ verdict }) => verdict === 'as-written'))
      return found;
    if (some >= ENOUGH && !worth(rows[i]!, costs[i]!, found)) continue;
    const candidate = attempt(ask, lane, side, rows[i]!, costs[i]!);
    if (candidate) {
      found.push(candidate);
      some++;
    }
  }
  if (some < ENOUGH) {
    for (let i = 0; i < rest.length; i++) {
      const candidate = attempt(ask, lane, side, rest[i]!, costs[rows.length + i]!);
      if (candidate) found.push({ ...candidate, verdict: 'rest', cost: WEIGHTS.rest + candidate.cost });
    }
  }
  return found;
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

/**
 * The best few ways, cheapest first: rungs of the asked pose, and of every other pose the best. What cannot
 * be among them is not looked at: rows are in the order of their least cost.
 */
export function bestFew(ask: Ask, lane: LaneTable, side: Side | undefined, count: number): Candidate[] {
  const { rows, costs, rungs, rest } = standInsOf(lane.body, ask.variant);
  const best: Candidate[] = [];
  const keep = (candidate: Candidate): void => {
    const same = candidate.pose === ask.pose ? -1 : best.findIndex(({ pose }) => pose === candidate.pose);
    if (same >= 0) {
      if (cheaper(candidate, best[same]!) >= 0) return;
      best.splice(same, 1);
    }
    let at = best.length;
    while (at > 0 && cheaper(candidate, best[at - 1]!) < 0) at--;
    best.splice(at, 0, candidate);
    if (best.length > count) best.pop();
  };
  let some = 0;
  for (let i = 0; i < rows.length; i++) {
    if (best.length === count && best[count - 1]!.cost < costs[i]! - 1e-9) {
      // Rungs and other poses are each in order: a dear rung says nothing of the poses after it.
      if (i >= rungs) {
        some = ENOUGH;
        break;
      }
      i = rungs - 1;
      continue;
    }
    const candidate = attempt(ask, lane, side, rows[i]!, costs[i]!);
    if (candidate) {
      keep(candidate);
      some++;
    }
  }
  for (let i = 0; some < ENOUGH && i < rest.length; i++) {
    const candidate = attempt(ask, lane, side, rest[i]!, costs[rows.length + i]!);
    if (candidate) keep({ ...candidate, verdict: 'rest', cost: WEIGHTS.rest + candidate.cost });
  }
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
