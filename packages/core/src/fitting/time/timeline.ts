import { keep } from '../../cache.js';
import type { Sequence, Step } from '../../reading/parseSequence.js';
import { type Pace } from '../../people/pace.js';
import type { Level } from '../../poses/types.js';
import { keepTime, shortenedTo, type TimeNeeds } from './keepTime.js';
import { type LaneTable, propBit, worthSeconds } from '../person/index.js';
import type { Draft, Shortened } from '../types.js';
import { askedSeconds } from '../../plan/askedSeconds.js';

/** One lane with its entries, for the steps that are there. */
export interface TimedLane {
  lane: LaneTable;
  drafts: readonly (readonly Draft[])[];
}

/** A class that has begun: what is left of it must fit what is left of the time. */
export interface TimeLeft {
  /** The first step that is not begun, by its number. */
  from: number;
  seconds: number;
}

export interface Timeline {
  drafts: (readonly Draft[])[][];
  clock: { start: number; end: number }[];
  shortened: (Shortened | undefined)[];
  /** Steps that must be left out to keep the time. */
  leftOut: boolean[];
  /** Seconds as written. */
  written: number;
  planned: number;
}

/** Seconds of a hold on both sides, with the change between them. */
const spanOf = (seconds: number, sides: number, pace: Pace): number =>
  seconds * Math.max(1, sides) + (sides > 1 ? pace.changeSide : 0);

/**
 * What an entry is cut to by a share of the asked hold: whole breaths, never longer than before, never
 * under the least that still is the pose.
 */
function cutSeconds(draft: Draft, step: Step, asked: number, share: number, lane: LaneTable): number {
  if (share >= 1 || draft.override) return draft.hold.seconds;
  const { pose, variant } = lane.body.catalogue.variant(draft.variant);
  const count = lane.count(pose, variant);
  // Another pose is cut to no less than does anything.
  const least = pose === step.pose ? pose.hold.least * count : worthSeconds(pose, count);
  // Where both sides share what was asked once, so do they what is left of it.
  let each = asked;
  if (draft.sides.length > 1 && !step.sides.length) each = asked / draft.sides.length;
  // What has no sides was done for as long as both of them.
  else if (!draft.sides.length) each = Math.max(asked, draft.hold.seconds);
  return Math.min(draft.hold.seconds, Math.max(least, Math.floor((each * share) / count + 1e-6) * count));
}

function cutTo(draft: Draft, step: Step, asked: number, share: number, lane: LaneTable): Draft {
  const seconds = cutSeconds(draft, step, asked, share, lane);
  if (seconds === draft.hold.seconds) return draft;
  const share2 = seconds / draft.hold.seconds;
  const scaled = (count: number | undefined): number => Math.round((count ?? 0) * share2 * 10) / 10;
  return {
    ...draft,
    hold: {
      ...(draft.hold.breaths === undefined ? {} : { breaths: scaled(draft.hold.breaths) }),
      ...(draft.hold.rounds === undefined ? {} : { rounds: scaled(draft.hold.rounds) }),
      seconds,
    },
  };
}

/** What a lane's entries at one step come to, worked out once: they stay the same while the clock moves. */
interface Taken {
  span: number;
  /** What of it is changes of side: within a flow the breath leads from one to the other. */
  changes: number;
  then: number;
  entry: Level;
  exit: Level;
  /** The set of kinds of props in use. */
  props: number;
}
const takenCache = new WeakMap<readonly Draft[], Taken>();

const takenBy = (entries: readonly Draft[], lane: LaneTable): Taken =>
  takenCache.get(entries) ?? keep(takenCache, entries, findTaken(entries, lane));

function findTaken(entries: readonly Draft[], { pace, body: { catalogue } }: LaneTable): Taken {
  const [first] = entries;
  const last = entries[entries.length - 1]!;
  const enters = catalogue.variant(first!.variant).variant;
  const leaves = catalogue.variant(last.then?.variant ?? last.variant).variant;
  let then = entries.length > 1 ? pace.changeSide : 0;
  let changes = then;
  let span = 0;
  let props = 0;
  for (const entry of entries) {
    span += spanOf(entry.hold.seconds, entry.sides.length, pace);
    changes += spanOf(0, entry.sides.length, pace);
    if (entry.then) then += pace.changeSide + spanOf(entry.then.hold.seconds, entry.then.sides.length, pace);
    for (const { prop } of entry.props) props |= propBit(prop);
  }
  return {
    span: span + then,
    changes,
    then,
    entry: enters.entry ?? enters.level,
    exit: leaves.exit ?? leaves.level,
    props,
  };
}

/** Whether two steps are shapes of one flow: the breath leads from one to the other. */
const isWithinFlow = (before: Step, after: Step): boolean =>
  before.flow !== undefined && before.flow.number === after.flow?.number;

/**
 * Getting from one step's entries to the next: the change of level, and what must be fetched.
 *
 * @param rounds so often within a flow: those who go slowly need their time in each, others the first time
 */
function between(before: Taken, after: Taken, { pace, slow }: LaneTable, rounds: number): number {
  const change = slow ? pace.changeLevelSlow * rounds : pace.changeLevel;
  return (before.exit === after.entry ? 0 : change) + (after.props & ~before.props ? pace.props : 0);
}

/**
 * When each step begins and ends: as long as its longest lane, with changes of side and level, props to
 * fetch and what is said; holds shortened and steps left out where the class would run over. It changes
 * nobody's verdict.
 */
export function timeline(
  sequence: Sequence,
  lanes: readonly TimedLane[],
  on: string,
  pace: Pace,
  stays: (step: number) => boolean,
  left?: TimeLeft,
): Timeline {
  const { steps } = sequence;
  const gaps = new Map<number, number>();
  const seen = new Set<string>();
  const talk = steps.map((step, i) => {
    const { id } = step.pose;
    const known = seen.has(id);
    seen.add(id);
    // In a flow what is known is said on the way.
    if (known && i > 0 && isWithinFlow(steps[i - 1]!, step)) return 0;
    return known ? pace.talkKnown : pace.talkNew;
  });
  const asked = lanes.map(({ lane }) => steps.map((step) => lane.asked(step)));
  const taken = lanes.map(({ lane, drafts }) => drafts.map((entries) => takenBy(entries, lane)));
  const gap = (from: number, to: number): number => {
    const key = from * 1000 + to;
    let seconds = gaps.get(key);
    if (seconds === undefined) {
      seconds = 0;
      if (from >= 0) {
        const rounds = isWithinFlow(steps[from]!, steps[to]!) ? steps[to]!.flow!.rounds : 1;
        lanes.forEach(({ lane }, at) => {
          seconds = Math.max(seconds!, between(taken[at]![from]!, taken[at]![to]!, lane, rounds));
        });
        if (!lanes.length && steps[from]!.variant.level !== steps[to]!.variant.level)
          seconds = pace.changeLevel;
      }
      gaps.set(key, seconds);
    }
    return seconds;
  };
  const cutSpan = (i: number, share: number): number => {
    let longest = 0;
    lanes.forEach(({ lane, drafts }, at) => {
      const { span, changes, then } = taken[at]![i]!;
      let sum = share >= 1 ? span - (steps[i]!.flow ? changes : 0) : then;
      if (share < 1)
        for (const draft of drafts[i]!)
          sum += spanOf(cutSeconds(draft, steps[i]!, asked[at]![i]!, share, lane), draft.sides.length, pace);
      longest = Math.max(longest, sum);
    });
    return lanes.length ? longest : askedSpan(steps[i]!, share);
  };
  const askedSpan = (step: Step, share: number): number => {
    const seconds = askedSeconds(step, {}, on, pace) * share;
    return step.flow ? seconds * Math.max(1, step.sides.length) : spanOf(seconds, step.sides.length, pace);
  };
  const secondsOf = (i: number, share: number): number => talk[i]! + cutSpan(i, share);
  const written = steps.reduce((sum, _, i) => sum + secondsOf(i, 1) + gap(i - 1, i), 0);
  const needs: TimeNeeds = { secondsOf, gap, stays };
  const planned = keepTime(steps, needs, sequence.minutes * 60, on, pace);
  const shares = left ? sharesOfRest(steps, planned, needs, left, on, pace) : planned;
  let at = 0;
  let last = -1;
  const clock = steps.map((_, i) => {
    const start = at;
    if (shares[i]! > 0) {
      at = Math.round((at + gap(last, i) + secondsOf(i, shares[i]!)) * 10) / 10;
      last = i;
    }
    return { start, end: at };
  });
  return {
    drafts: lanes.map(({ lane, drafts }, own) =>
      drafts.map((entries, i) =>
        shares[i]! >= 1 || shares[i]! <= 0
          ? entries
          : entries.map((draft) => cutTo(draft, steps[i]!, asked[own]![i]!, shares[i]!, lane)),
      ),
    ),
    clock,
    shortened: steps.map((step, i) => shortenedTo(step, shares[i]!)),
    leftOut: shares.map((share) => share <= 0),
    written,
    planned: at,
  };
}

/**
 * What was planned stands for what is done; what is left keeps no more than was planned, and no more than there is time
 * for.
 */
function sharesOfRest(
  steps: readonly Step[],
  planned: readonly number[],
  { secondsOf, gap, stays }: TimeNeeds,
  { from, seconds }: TimeLeft,
  on: string,
  pace: Pace,
): number[] {
  const first = steps.findIndex(({ number }) => number >= from);
  if (first < 0) return [...planned];
  const rest = keepTime(
    steps.slice(first),
    {
      secondsOf: (i, share) => secondsOf(first + i, share),
      gap: (before, after) => gap(first + before, first + after),
      stays: (i) => stays(first + i),
    },
    Math.max(0, seconds),
    on,
    pace,
  );
  return planned.map((share, i) => (i < first ? share : Math.min(share, rest[i - first]!)));
}

/** What a lane takes of a step, seconds; the rest of the step it waits. */
export const laneSeconds = (entries: readonly Draft[], lane: LaneTable): number =>
  takenBy(entries, lane).span;
