import { keep } from '../../cache.js';
import type { Level } from '../../poses/types.js';
import { NO_SUMS } from '../../rules/sums.js';
import { SUMS, type Sum } from '../../rules/types.js';
import {
  asked,
  type Ask,
  COUNTER_NEEDS,
  type LaneTable,
  narrowed,
  optionsOf,
  type Option,
  sidesOf,
} from '../person/index.js';
import type { Passage } from '../ways/index.js';
import { bitOf, hasBit, sizeOfSet } from '../../bitSet.js';
import { WEIGHTS } from '../weights.js';
import { counterPosesFor, type CounterNeed } from '../../poses/counterPoses.js';

type Sums = Readonly<Record<Sum, number>>;

/**
 * What a lane does at one step, what it was asked there, and how it gets there; `then` answers what the
 * step leaves.
 */
export interface Choice {
  ask: Ask;
  option: Option;
  from?: Level;
  passage?: Passage;
  then?: Counter;
}

/** A lane's way through a class. `cost`: of the lane by itself. */
export interface Path {
  choices: Choice[];
  cost: number;
}

/** A counter-pose put in after a deep step, for this person. */
export interface Counter {
  ask: Ask;
  option: Option;
  counterNeed: CounterNeed;
  passage: Passage;
  from: Level;
}

/** A lane between two steps: all that what follows depends on. */
interface LaneState {
  level: Level | undefined;
  propsInHand: number;
  counterNeed: CounterNeed | undefined;
  sums: Sums;
}
/**
 * One way through the class up to some step, as label-setting shortest paths have it. `back` is the index of
 * the label that it extends, one step before; `counter` was put in before `option`.
 */
export interface Label extends LaneState {
  cost: number;
  back: number;
  ask?: Ask;
  option?: Option;
  passage?: Passage | undefined;
  counter?: Counter | undefined;
}

const START: Label = {
  cost: 0,
  back: -1,
  level: undefined,
  propsInHand: 0,
  counterNeed: undefined,
  sums: NO_SUMS,
};

/**
 * What options a lane has at a step, given what has added up, and what else they cost there: weighed
 * together with others.
 */
export interface StepOptions {
  (before: Sums): { ask: Ask; options: readonly Option[] };
}

/** How many kinds of props must be fetched to go from one set to another. */
const fetched = (from: number, to: number): number => sizeOfSet(to & ~from);

/** Totals only grow; a run ends. */
const TOTALS = SUMS.map((sum) => sum.endsWith('Total'));

function sumsThrough(lane: LaneTable, before: Sums, { seconds, runs }: Option): Sums {
  if (!lane.sums.length) return before;
  const sums = { ...before };
  SUMS.forEach((sum, i) => {
    sums[sum] = TOTALS[i] || hasBit(runs, i) ? before[sum] + seconds[i]! : 0;
  });
  return sums;
}

/**
 * Whether one label is at least as good as another in every respect: it could go to where the other is,
 * fetch what the other has, and still cost no more. What it may have to answer must be nothing, or the
 * same.
 *
 * @param times what a way costs from here, times that: within a flow it may be taken in every round
 */
function dominates(a: Label, b: Label, lane: LaneTable, times: number): boolean {
  if (a.cost > b.cost + 1e-9 || (a.counterNeed && a.counterNeed !== b.counterNeed)) return false;
  let reach = 0;
  if (a.level !== b.level) {
    // Nobody goes through a level that is closed to them to save anything.
    if (!a.level || !b.level || lane.closed.has(b.level)) return false;
    reach = lane.passage(a.level, b.level).cost * times;
  }
  if (a.cost + reach + fetched(a.propsInHand, b.propsInHand) * WEIGHTS.fetch > b.cost + 1e-9) return false;
  for (const sum of lane.sums) if (a.sums[sum] > b.sums[sum] + 1e-9) return false;
  return true;
}

/** Counter-poses are held for three breaths or rounds a side (common practice, no published source). */
const COUNTERS_HELD = 3;
/** So many poses are looked at, in the order of preference. */
const COUNTERS_MOST = 6;

/** A way to do a counter-pose, and what it costs with its rank. */
interface CounterOption {
  ask: Ask;
  option: Option;
  cost: number;
}

const counterCache = new WeakMap<LaneTable, Map<CounterNeed, readonly CounterOption[]>>();
/** Counter-poses this person may take, with what each costs; worked out once. */
function countersFor(lane: LaneTable, counterNeed: CounterNeed): readonly CounterOption[] {
  const byNeed =
    counterCache.get(lane) ?? keep(counterCache, lane, new Map<CounterNeed, readonly CounterOption[]>());
  return byNeed.get(counterNeed) ?? keep(byNeed, counterNeed, findCounters(lane, counterNeed));
}

function findCounters(lane: LaneTable, counterNeed: CounterNeed): CounterOption[] {
  const { catalogue } = lane.body;
  const found: CounterOption[] = [];
  let poses = 0;
  for (const [rank, id] of counterPosesFor(counterNeed, catalogue.counterPoses, lane.view).entries()) {
    const pose = catalogue.poses.find((one) => one.id === id)!;
    const { variant } = catalogue.variant(pose.usual);
    const ask = asked(pose, variant, COUNTERS_HELD * lane.count(pose, variant), sidesOf(pose, []));
    const itself = optionsOf(ask, lane).filter(
      ({ sides, counterNeed: left }) =>
        left === undefined && sides.every(({ candidate }) => candidate?.pose === pose),
    );
    const options = narrowed(itself, lane);
    const before = WEIGHTS.counter + rank * WEIGHTS.perRung;
    found.push(...options.map((option) => ({ ask, option, cost: before + option.cost })));
    if (options.length && ++poses >= COUNTERS_MOST) break;
  }
  return found;
}

/** Whether what has added up stays within this person's limits. */
const within = ({ right, left }: LaneTable, sums: Sums): boolean =>
  [right, left].every((standing) => standing.sums.every(({ sum, over }) => sums[sum] <= over + 1e-9));

/** A lane with nothing left to answer, and the counter-pose that was put in for it. */
interface Settled extends LaneState {
  cost: number;
  counter?: Counter;
}

/**
 * Whether what a step left need not be answered before the next: nothing is left, that one answers it, or
 * it is the same again, a run that is answered once, at its end.
 */
const goesOn = ({ counterNeed, level }: Label, next: Option | undefined): boolean =>
  !counterNeed ||
  !level ||
  (next !== undefined &&
    ((next.answers & bitOf(COUNTER_NEEDS, counterNeed)) !== 0 || next.counterNeed === counterNeed));

/** A lane as it stands after a step, nothing put in. */
const asItIs = ({ cost, level, propsInHand, counterNeed, sums }: Label): Settled[] => [
  { cost, level, propsInHand, counterNeed, sums },
];

/** What a step left, answered with a counter-pose; at its price where there is none to put in. */
function answered(lane: LaneTable, { cost, level, propsInHand, counterNeed, sums }: Label): Settled[] {
  if (!counterNeed || !level) return [];
  const put = countersFor(lane, counterNeed).flatMap(({ ask, option, cost: own }): Settled[] => {
    const passage = lane.passage(level, option.entry);
    const after = sumsThrough(lane, sums, option);
    if (passage.none || !within(lane, after)) return [];
    return [
      {
        cost: cost + own + passage.cost + fetched(propsInHand, option.propsInHand) * WEIGHTS.fetch,
        level: option.exit,
        propsInHand: option.propsInHand,
        counterNeed: undefined,
        sums: after,
        counter: { ask: { ...ask, before: sums }, option, counterNeed, passage, from: level },
      },
    ];
  });
  return put.length
    ? put
    : [{ cost: cost + WEIGHTS.noCounter, level, propsInHand, counterNeed: undefined, sums }];
}

/** Settles what a step left to be answered, before whatever comes next: worked out once for a label. */
function settling(lane: LaneTable, label: Label): (next: Option | undefined) => readonly Settled[] {
  let plain: Settled[] | undefined;
  let put: Settled[] | undefined;
  return (next) => (goesOn(label, next) ? (plain ??= asItIs(label)) : (put ??= answered(lane, label)));
}

/** What it costs to get to an option: over the levels, and the props to fetch. The first step costs nothing. */
const gettingTo = (lane: LaneTable, { level, propsInHand }: Settled, ask: Ask, option: Option): number =>
  level === undefined
    ? 0
    : lane.passage(level, option.entry).cost * timesThere(lane, ask) +
      fetched(propsInHand, option.propsInHand) * WEIGHTS.fetch;

/** Within a flow those who go slowly get there in every round; for others the breath carries it. */
const timesThere = (lane: LaneTable, ask: Ask): number => (ask.flow?.isFirst ? 1 : roundsSlowly(lane, ask));

/** Rounds of a flow in which someone who goes slowly takes every way again. */
const roundsSlowly = ({ slow }: LaneTable, { flow }: Ask): number =>
  slow && flow && flow.rounds > 1 ? flow.rounds * WEIGHTS.hurried : 1;

/** A label extended by an option. */
function extended(lane: LaneTable, back: number, from: Settled, ask: Ask, option: Option): Label {
  return {
    cost: from.cost + gettingTo(lane, from, ask, option) + option.cost,
    level: option.exit,
    propsInHand: option.propsInHand,
    counterNeed: option.counterNeed,
    sums: sumsThrough(lane, from.sums, option),
    back,
    ask: from.counter ? { ...ask, before: from.sums } : ask,
    option,
    passage: from.level === undefined ? undefined : lane.passage(from.level, option.entry),
    counter: from.counter,
  };
}

/** Puts a label to others unless one of them dominates it; those that it dominates go. */
function keepUndominated(labels: Label[], label: Label, lane: LaneTable): void {
  const times = label.ask?.flow?.isLast === false ? roundsSlowly(lane, label.ask) : 1;
  for (const other of labels) if (dominates(other, label, lane, times)) return;
  for (let i = labels.length - 1; i >= 0; i--)
    if (dominates(label, labels[i]!, lane, times)) labels.splice(i, 1);
  labels.push(label);
}

/** Labels one step further; what another label dominates is dropped, and the best path is still among the rest. */
export const extendLabels = (labels: readonly Label[], lane: LaneTable, optionsAt: StepOptions): Label[] =>
  lane.sums.length ? extendAddingUp(labels, lane, optionsAt) : extendPlain(labels, lane, optionsAt);

/**
 * Where nothing adds up: an option leaves the lane in one state, wherever it came from, so the cheapest way
 * to it is all that counts.
 */
function extendPlain(labels: readonly Label[], lane: LaneTable, optionsAt: StepOptions): Label[] {
  const next: Label[] = [];
  const settlings = labels.map((label) => settling(lane, label));
  const { ask, options } = optionsAt(NO_SUMS);
  for (const option of options) {
    let back = 0;
    let best: Settled | undefined;
    let least = Infinity;
    for (let i = 0; i < labels.length; i++)
      for (const settled of settlings[i]!(option)) {
        const cost = settled.cost + gettingTo(lane, settled, ask, option);
        if (cost < least - 1e-9) {
          best = settled;
          least = cost;
          back = i;
        }
      }
    keepUndominated(next, extended(lane, back, best!, ask, option), lane);
  }
  return next;
}

/** Where seconds add up: what may be done depends on what each label has added up so far. */
function extendAddingUp(labels: readonly Label[], lane: LaneTable, optionsAt: StepOptions): Label[] {
  const next: Label[] = [];
  const offered = new Map<string, ReturnType<StepOptions>>();
  for (const [back, label] of labels.entries()) {
    const key = lane.sums.map((sum) => label.sums[sum]).join('|');
    const here = offered.get(key) ?? keep(offered, key, optionsAt(label.sums));
    const settle = settling(lane, label);
    for (const option of here.options) {
      for (const settled of settle(option)) {
        const reached = extended(lane, back, settled, here.ask, option);
        // A counter-pose takes seconds of its own: where it leaves too little of a limit, this option is none.
        if (settled.counter && option.sides.some(({ candidate }) => candidate) && !within(lane, reached.sums))
          continue;
        keepUndominated(next, reached, lane);
      }
    }
  }
  return next;
}

/**
 * The cheapest of the last labels, read back through the labels of every step as choices. `trail` begins
 * with the labels of the start.
 */
export function pathOf(trail: readonly (readonly Label[])[], lane: LaneTable): Path {
  const last = trail[trail.length - 1]!;
  let at = -1;
  let end: Settled | undefined;
  last.forEach((label, i) => {
    for (const settled of settling(lane, label)(undefined))
      if (!end || settled.cost < end.cost - 1e-9) {
        at = i;
        end = settled;
      }
  });
  const choices = new Array<Choice>(trail.length - 1);
  let then = end?.counter;
  for (let step = trail.length - 1; step > 0; step--) {
    const label = trail[step]![at]!;
    const before = trail[step - 1]![label.back]!;
    const from = label.counter?.option.exit ?? before.level;
    const choice: Choice = { ask: label.ask!, option: label.option! };
    if (from) choice.from = from;
    if (label.passage) choice.passage = label.passage;
    if (then) choice.then = then;
    choices[step - 1] = choice;
    then = label.counter;
    at = label.back;
  }
  return { choices, cost: end?.cost ?? 0 };
}

/** Where every lane begins. */
export const startLabels = (): Label[] => [START];
