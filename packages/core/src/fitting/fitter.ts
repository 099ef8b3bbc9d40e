import type { Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import { NO_HALL_RULES, type HallRules } from '../rules/hallRules.js';
import { stagePerson } from '../rules/stagePerson.js';
import type { Sequence, Step } from '../reading/parseSequence.js';
import { PACE, type Pace } from '../people/pace.js';
import { assemble } from './assemble.js';
import { NO_CHOICES, type Choices } from '../plan/choices.js';
import { laneTable, counterNeedBit, type LaneTable, sidesOf } from './person/index.js';
import { LaneWork } from './laneWork.js';
import { oneForAll, type OneForAll, Shared, together } from './together/index.js';
import { timeline, type Timeline } from './time/index.js';
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
  fit(sequence: Sequence, choices?: Choices, progress?: (done: number, of: number) => void): Fitting;
}

/**
 * Makes ready to fit a class. Each lane takes its best path over the whole class: what every step costs
 * against what was asked, and what getting from one to the next takes; then lanes are weighed together
 * where the stock or the wish for fewer versions asks for it; then time is kept. The same input always
 * gives the same fitting, whatever was fitted before.
 */
export function createFitter({
  people,
  on,
  houseView,
  catalogue,
  rulebook,
  hall = NO_HALL_RULES,
  stock,
  pace = PACE,
}: FitterInput): Fitter {
  const made = new Map<Person, LaneWork>();
  /** Everyone made ready, once. */
  const works = (): LaneWork[] =>
    people.map((person) => {
      let work = made.get(person);
      if (!work) {
        const staged = stagePerson(person, {
          rulebook,
          on,
          houseView,
          hall,
          poseName: catalogue.poseName,
        });
        made.set(person, (work = new LaneWork(staged, laneTable(staged, catalogue, houseView, on, pace))));
      }
      return work;
    });

  interface Chosen {
    drafts: Draft[][][];
    alone: number;
    cost: number;
  }
  /** Everyone's way through some steps. */
  function choose(
    lanes: readonly LaneWork[],
    steps: readonly Step[],
    { fewerVersions, overrides }: Choices,
    refused: Refused[],
    progress: (done: number) => void,
  ): Chosen {
    const pins = lanes.map((lane) => lane.pins(steps, overrides, refused));
    const taking = lanes.flatMap(({ staged }, i) => (staged.stopped ? [] : [i]));
    const stages = taking.map((i) => lanes[i]!.comesTo(steps, pins[i]!));
    const alone = taking.map((i, at) => {
      const path = lanes[i]!.ownPath(stages[at]!);
      progress(i + 1);
      return path;
    });
    const input = {
      lanes: taking.map((i) => lanes[i]!.table),
      steps: steps.length,
      fewerVersions,
      ...(stock ? { stock } : {}),
    };
    const shared = new Shared(input, alone);
    const paths =
      fewerVersions || stock
        ? together({
            ...input,
            paths: alone,
            solve: (at, weigh, open) =>
              lanes[taking[at]!]!.sharedPath(stages[at]!, steps, pins[taking[at]!]!, weigh, open),
          })
        : alone;
    const sum = (all: readonly Path[], room: Shared): number =>
      all.reduce((total, path) => total + path.cost, 0) + room.cost();
    const drafts = lanes.map((lane, i) => {
      const at = taking.indexOf(i);
      if (at < 0) return lane.sittingOut(steps);
      const own = lane.described(paths[at]!.choices, steps);
      return own.map((entries, step) => {
        const because = whyOther(alone[at]!, paths[at]!, shared, at, step);
        if (!because && !entries.some(({ override }) => override)) return entries;
        const reason = overrides.find(
          (one) => one.step === steps[step]!.number && one.personId === lane.staged.person.id,
        )?.reason;
        return entries.map((entry): Draft => ({
          ...entry,
          ...(entry.override && reason !== undefined ? { override: { ...entry.override, reason } } : {}),
          ...(because ? { because } : {}),
        }));
      });
    });
    return {
      drafts,
      alone: sum(alone, shared),
      cost: sum(paths, paths === alone ? shared : new Shared(input, paths)),
    };
  }

  /** Why a lane does something else at a step than it would by itself. */
  function whyOther(alone: Path, path: Path, shared: Shared, at: number, step: number): Draft['because'] {
    const before = alone.choices[step]!.option;
    const after = path.choices[step]!.option;
    if (
      before === after ||
      before.sides.every(
        ({ candidate }, i) =>
          candidate?.variant === after.sides[i]?.candidate?.variant &&
          candidate?.holdSeconds === after.sides[i]?.candidate?.holdSeconds,
      )
    )
      return undefined;
    const prop = shared.shortFor(at, step, before);
    return prop ? { kind: 'stock', prop } : { kind: 'fewer-versions' };
  }

  function fit(
    sequence: Sequence,
    choices: Choices = NO_CHOICES,
    progress: (done: number, of: number) => void = () => {},
  ): Fitting {
    const lanes = works();
    const swapped = sequence.steps.map((step) => swappedStep(step, choices, catalogue));
    const refused: Refused[] = [];
    let kept = swapped;
    let timed: Timeline;
    let chosen: Chosen;
    const leftOut = new Set<number>();
    let written: number | undefined;
    for (;;) {
      refused.length = 0;
      chosen = choose(lanes, kept, choices, refused, (done) => progress(done, people.length));
      timed = timeline(
        { ...sequence, steps: kept },
        lanes.map(({ table }, i) => ({ lane: table, drafts: chosen.drafts[i]! })),
        on,
        pace,
        (i) => needed(lanes, chosen.drafts, i),
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
    return assemble(
      { on, hall, catalogue, rulebook, houseView, pace, stock },
      {
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
      },
    );
  }

  /**
   * Whether a step must stay whatever the time: the teacher has chosen in it, or it answers what the step
   * before left someone.
   */
  const needed = (lanes: readonly LaneWork[], drafts: readonly Draft[][][], i: number): boolean =>
    drafts.some(
      (lane, at) =>
        lane[i]!.some(({ override }) => override) ||
        (i > 0 && answers(lanes[at]!.table, lane[i - 1]!, lane[i]!)),
    );
  const answers = (
    { body, answers: answered }: LaneTable,
    before: readonly Draft[],
    after: readonly Draft[],
  ): boolean => {
    const last = before[before.length - 1]!;
    const { backBend, inversion } = body.deep(body.table.rowOf.get(catalogue.variant(last.variant).variant)!);
    const bend = backBend ? 'back-bend' : undefined;
    const counterNeed = inversion ? 'inversion' : bend;
    return (
      counterNeed !== undefined &&
      !last.then &&
      after.some(({ pose }) => (answered(pose) & counterNeedBit(counterNeed)) !== 0)
    );
  };

  return {
    fit,
    oneForAll(sequence, number, { overrides } = NO_CHOICES) {
      const step = sequence.steps.find((one) => one.number === number);
      const chosen = new Set(overrides.filter((one) => one.step === number).map(({ personId }) => personId));
      return step
        ? oneForAll(
            works()
              .filter(({ staged }) => !staged.stopped && !chosen.has(staged.person.id))
              .map((lane) => ({
                id: lane.staged.person.id,
                options: lane.optionsAt(step, undefined, true).all(NO_SUMS).options,
              })),
            step,
            catalogue,
          )
        : [];
    },
  };
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
