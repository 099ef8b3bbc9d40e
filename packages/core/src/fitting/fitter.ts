import type { Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import { NO_HALL_RULES, type HallRules } from '../rules/hallRules.js';
import { stagePerson } from '../rules/stagePerson.js';
import type { Sequence, Step } from '../reading/parseSequence.js';
import { PACE, type Pace } from '../people/pace.js';
import { assemble } from './assemble.js';
import { NO_CHOICES, type Choices } from '../plan/choices.js';
import { COUNTER_NEEDS, laneTable, type LaneTable, type Option, sidesOf } from './person/index.js';
import { bitOf } from '../bitSet.js';
import { LaneWork } from './laneWork.js';
import { oneForAll, type OneForAll, Shared, together } from './together/index.js';
import { timeline, type TimeLeft, type Timeline } from './time/index.js';
import type { Fitting, Refused } from './types.js';
import type { Rulebook } from '../rules/rulebook.js';
import type { Draft } from './types.js';
import type { Path } from './path/index.js';
import { NO_SUMS } from '../rules/sums.js';
import type { HouseView } from '../rules/houseViewTypes.js';

/** Everything a class is fitted from but its sequence. */
export interface FitterInput {
  people: readonly Person[];
  on: string;
  houseView: HouseView;
  /** With the hall's own variants, where there are any. */
  catalogue: Catalogue;
  rulebook: Rulebook;
  /** What the hall changes about the rulebook. */
  hall?: HallRules;
  /** What the hall owns, by prop; unknown unless given. */
  stock?: Readonly<Record<string, number>>;
  /** The teacher's own; the usual one unless given. */
  pace?: Pace;
}

/** Fits one group of people to sequences: again and again, keeping what an edit does not touch. */
export interface Fitter {
  /** Ways to do a step that everyone in the class may take, cheapest in all first, at most three. */
  oneForAll(sequence: Sequence, step: number, choices?: Choices): OneForAll[];
  /** Whether everybody may do a step as it is written, with nothing before it. */
  suits(step: Step): boolean;
  /** How many may. */
  suitedCount(step: Step): number;
  /** @param left where the class has begun: everyone's way through all of it, and the rest within what is left */
  fit(
    sequence: Sequence,
    choices?: Choices,
    progress?: (done: number, of: number) => void,
    left?: TimeLeft,
  ): Fitting;
}

/**
 * Makes ready to fit a class. Each lane takes its best path over the whole class: what every step costs
 * against what was asked, and what getting from one to the next takes; then lanes are weighed together
 * where the stock or the wish for fewer versions asks for it; then time is kept. The same input always
 * gives the same fitting, whatever was fitted before.
 *
 * @example
 * const fitter = createFitter({ people, on: '2026-12-01', houseView, catalogue, rulebook });
 * const fitting = fitter.fit(parseSequence(text).sequence);
 * fitting.lanes[0]!.steps[0]!.verdict; // 'as-written'
 */
export function createFitter(input: FitterInput): Fitter {
  const setup: Setup = { hall: NO_HALL_RULES, pace: PACE, ...input };
  let lanes: readonly LaneWork[] | undefined;
  /** Everyone made ready, once, when it is first needed. */
  const ready = (): readonly LaneWork[] =>
    (lanes ??= setup.people.map((person) => laneWorkFor(person, setup)));
  return {
    fit: (sequence, choices = NO_CHOICES, progress = () => {}, left) =>
      fitSequence(setup, ready(), sequence, choices, progress, left),
    oneForAll: (sequence, number, choices = NO_CHOICES) =>
      versionsForAll(setup, ready(), sequence, number, choices),
    suits: (step) => ready().every((lane) => isAsWritten(lane, step)),
    suitedCount: (step) => ready().filter((lane) => isAsWritten(lane, step)).length,
  };
}

/** Whether what is asked is the best that one person can do at a step. */
function isAsWritten(lane: LaneWork, step: Step): boolean {
  if (lane.staged.stopped) return false;
  const { options } = lane.optionsAt(step, [step], undefined, false).options(NO_SUMS);
  return options.some(({ sides }) => sides.every(({ candidate }) => candidate?.verdict === 'as-written'));
}

/** {@link FitterInput} with the usual filled in. */
type Setup = FitterInput & Required<Pick<FitterInput, 'hall' | 'pace'>>;

function laneWorkFor(person: Person, { catalogue, rulebook, houseView, hall, on, pace }: Setup): LaneWork {
  const staged = stagePerson(person, { rulebook, on, houseView, hall, poseName: catalogue.poseName });
  return new LaneWork(staged, laneTable(staged, catalogue, houseView, on, pace));
}

/** Everyone's way through some steps, and the class's cost before and after lanes are weighed together. */
interface Chosen {
  drafts: Draft[][][];
  alone: number;
  cost: number;
}

/** Every lane's way through some steps; choices that must not be are put to `refused`. */
function choosePaths(
  { stock }: Setup,
  lanes: readonly LaneWork[],
  steps: readonly Step[],
  { fewerVersions, overrides }: Choices,
  refused: Refused[],
  progress: (done: number) => void,
): Chosen {
  const pins = lanes.map((lane) => lane.pins(steps, overrides, refused));
  /** Those who take part, by their index among the lanes. */
  const taking = lanes.flatMap(({ staged }, i) => (staged.stopped ? [] : [i]));
  const stages = taking.map((i) => lanes[i]!.comesTo(steps, pins[i]!));
  const alone = taking.map((i, at) => {
    const path = lanes[i]!.ownPath(stages[at]!);
    progress(i + 1);
    return path;
  });
  const sharing = {
    lanes: taking.map((i) => lanes[i]!.table),
    steps: steps.length,
    fewerVersions,
    ...(stock ? { stock } : {}),
  };
  const room = new Shared(sharing, alone);
  const paths =
    fewerVersions || stock
      ? together({
          ...sharing,
          paths: alone,
          solve: (at, weigh, open) =>
            lanes[taking[at]!]!.sharedPath(stages[at]!, steps, pins[taking[at]!]!, weigh, open),
        })
      : alone;
  const drafts = lanes.map((lane, i) => {
    const at = taking.indexOf(i);
    if (at < 0) return lane.sittingOut(steps);
    const before = alone[at]!.choices;
    const taken = paths[at]!.choices;
    return lane.described(taken, steps).map((entries, step) => {
      const because = whyOther(before[step]!.option, taken[step]!.option, () =>
        room.shortFor(at, step, before[step]!.option),
      );
      return withReasons(entries, because, reasonGiven(overrides, steps[step]!, lane));
    });
  });
  return {
    drafts,
    alone: costOfAll(alone, room),
    cost: costOfAll(paths, paths === alone ? room : new Shared(sharing, paths)),
  };
}

const costOfAll = (paths: readonly Path[], room: Shared): number =>
  paths.reduce((total, path) => total + path.cost, 0) + room.cost();

/** What the teacher said to their own choice for someone at a step. */
const reasonGiven = (
  overrides: Choices['overrides'],
  { number }: Step,
  { staged }: LaneWork,
): string | undefined =>
  overrides.find((one) => one.step === number && one.personId === staged.person.id)?.reason;

/** Entries with why they are not what would suit best, and what the teacher said to a choice. */
function withReasons(entries: Draft[], because: Draft['because'], reason: string | undefined): Draft[] {
  if (!because && !entries.some(({ override }) => override)) return entries;
  return entries.map((entry): Draft => ({
    ...entry,
    ...(entry.override && reason !== undefined ? { override: { ...entry.override, reason } } : {}),
    ...(because ? { because } : {}),
  }));
}

/** Why a lane does something else at a step than it would by itself; `short` names a prop that is short there. */
function whyOther(before: Option, after: Option, short: () => string | undefined): Draft['because'] {
  if (before === after) return undefined;
  const same = before.sides.every(
    ({ candidate }, i) =>
      candidate?.variant === after.sides[i]?.candidate?.variant &&
      candidate?.holdSeconds === after.sides[i]?.candidate?.holdSeconds,
  );
  if (same) return undefined;
  const prop = short();
  return prop ? { kind: 'stock', prop } : { kind: 'fewer-versions' };
}

/** Fits a sequence: ways through, then the clock; again without the steps that had to be left out. */
function fitSequence(
  setup: Setup,
  lanes: readonly LaneWork[],
  sequence: Sequence,
  choices: Choices,
  progress: (done: number, of: number) => void,
  left?: TimeLeft,
): Fitting {
  const swapped = sequence.steps.map((step) => swappedStep(step, choices, setup.catalogue));
  const refused: Refused[] = [];
  const leftOut = new Set<number>();
  let kept = swapped;
  let timed: Timeline;
  let chosen: Chosen;
  let written: number | undefined;
  for (;;) {
    refused.length = 0;
    chosen = choosePaths(setup, lanes, kept, choices, refused, (done) => progress(done, setup.people.length));
    const { drafts } = chosen;
    timed = timeline(
      { ...sequence, steps: kept },
      lanes.map(({ table }, i) => ({ lane: table, drafts: drafts[i]! })),
      setup.on,
      setup.pace,
      (step) => mustStay(lanes, drafts, step),
      left,
    );
    written ??= timed.written;
    if (!timed.leftOut.some(Boolean)) break;
    // Without the steps left out everyone's way through is another: chosen again, so that what adds up
    // still holds.
    timed.leftOut.forEach((out, i) => {
      if (out) leftOut.add(kept[i]!.number);
    });
    kept = swapped.filter(({ number }) => !leftOut.has(number));
  }
  return assemble(setup, {
    sequence,
    all: swapped,
    kept,
    lanes,
    timed,
    written,
    choices,
    refused,
    costAlone: chosen.alone,
    cost: chosen.cost,
  });
}

/**
 * Whether a step must stay whatever the time: the teacher has chosen in it, or it answers what the step
 * before left someone.
 */
const mustStay = (
  lanes: readonly LaneWork[],
  drafts: readonly (readonly (readonly Draft[])[])[],
  step: number,
): boolean =>
  drafts.some(
    (lane, at) =>
      lane[step]!.some(({ override }) => override) ||
      (step > 0 && isAnswered(lanes[at]!.table, lane[step - 1]!, lane[step]!)),
  );

/** Whether a step answers, for one lane, what the step before has left. */
function isAnswered(
  { body, answers }: LaneTable,
  before: readonly Draft[],
  after: readonly Draft[],
): boolean {
  const last = before[before.length - 1]!;
  if (last.then) return false;
  const { backBend, inversion } = body.deep(
    body.table.rowOf.get(body.catalogue.variant(last.variant).variant)!,
  );
  const bend = backBend ? 'back-bend' : undefined;
  const counterNeed = inversion ? 'inversion' : bend;
  if (!counterNeed) return false;
  const need = bitOf(COUNTER_NEEDS, counterNeed);
  return after.some(({ pose }) => (answers(pose) & need) !== 0);
}

/** One version of a step for all but those who are stopped and those for whom the teacher has chosen. */
function versionsForAll(
  { catalogue }: Setup,
  lanes: readonly LaneWork[],
  sequence: Sequence,
  number: number,
  { overrides }: Choices,
): OneForAll[] {
  const step = sequence.steps.find((one) => one.number === number);
  if (!step) return [];
  const chosen = new Set(overrides.filter((one) => one.step === number).map(({ personId }) => personId));
  const free = lanes.filter(({ staged }) => !staged.stopped && !chosen.has(staged.person.id));
  const options = free.map((lane) => ({
    id: lane.staged.person.id,
    options: lane.optionsAt(step, sequence.steps, undefined, true).all(NO_SUMS).options,
  }));
  return oneForAll(options, step, catalogue);
}

/** A step as everybody is to do it. Where the count is of another kind, the new pose's usual hold is asked. */
function swappedStep(step: Step, { swaps }: Choices, catalogue: Catalogue): Step {
  const swap = swaps.find((one) => one.step === step.number);
  if (!swap) return step;
  const { pose, variant } = catalogue.variant(swap.variant);
  if (variant === step.variant) return step;
  const same = step.hold.unit === 'seconds' || step.hold.unit === pose.hold.unit;
  return {
    ...step,
    pose,
    variant,
    hold: same ? step.hold : { unit: pose.hold.unit, count: pose.hold.usual },
    sides: sidesOf(pose, step.sides),
  };
}
