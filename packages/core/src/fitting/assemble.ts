import type { Catalogue } from '../poses/catalogue.js';
import { rulesVersion, type HallRules } from '../rules/hallRules.js';
import { orderNotes, classAlerts, laneSums, placesOf, roomOf, waitOut } from './explain/index.js';
import type { Sequence, Step } from '../reading/parseSequence.js';
import type { Pace } from '../people/pace.js';
import type { BodyTable, LaneTable } from './person/index.js';
import type { Choices } from '../plan/choices.js';
import type { LaneWork } from './laneWork.js';
import { laneSeconds, type Timeline } from './time/index.js';
import type { ClassStep, Draft, Fitting, Lane, LaneStep, Refused } from './types.js';
import type { Rulebook } from '../rules/rulebook.js';
import type { HouseView } from '../rules/houseViewTypes.js';

interface Settings {
  on: string;
  hall: HallRules;
  catalogue: Catalogue;
  rulebook: Rulebook;
  houseView: HouseView;
  pace: Pace;
  stock?: Readonly<Record<string, number>>;
}
/**
 * What has been found: `all` the steps as everybody is asked to do them, `kept` those that are not left
 * out; seconds as written; lanes' costs.
 */
interface Made {
  sequence: Sequence;
  all: readonly Step[];
  kept: readonly Step[];
  lanes: readonly LaneWork[];
  timed: Timeline;
  written: number;
  choices: Choices;
  refused: readonly Refused[];
  costAlone: number;
  cost: number;
}

/** Waiting for less than this goes unnoticed, seconds. */
const WAITS = 10;

const minutes = (seconds: number): number => Math.round(seconds / 6) / 10;
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** Puts a fitting together from everyone's entries and the clock. */
export function assemble(settings: Settings, made: Made): Fitting {
  const { on, hall, catalogue, rulebook, houseView, pace, stock } = settings;
  const { sequence, kept, lanes, timed, written, choices, refused, costAlone, cost } = made;
  const planned = minutes(timed.planned);
  return {
    title: sequence.title,
    on,
    rulebook: rulesVersion(hall, rulebook),
    catalogue: catalogue.version,
    minutes: {
      asked: sequence.minutes,
      planned,
      written: minutes(written),
      over: Math.max(0, tenth(planned - sequence.minutes)),
    },
    steps: classSteps(made),
    lanes: lanesOf(settings, made),
    room: roomOf(timed.drafts, stock),
    places: placesOf(
      lanes.map(({ staged }, i) => ({
        id: staged.person.id,
        name: staged.person.name,
        numbers: kept.map(({ number }) => number),
        steps: timed.drafts[i]!,
      })),
    ),
    notes: orderNotes({ ...sequence, steps: kept }, catalogue, on, pace, houseView),
    refused,
    together: { fewerVersions: choices.fewerVersions, costAlone: tenth(costAlone), cost: tenth(cost) },
  };
}

/** Every step of the class with its time; one that is left out stands where it would have been. */
function classSteps({ sequence, all, kept, timed, choices }: Made): ClassStep[] {
  const index = new Map(kept.map((step, i) => [step.number, i]));
  let end = 0;
  return all.map((step, n): ClassStep => {
    const i = index.get(step.number);
    const clock = i === undefined ? { start: end, end } : timed.clock[i]!;
    const shortened = i === undefined ? undefined : timed.shortened[i];
    const insteadOf = swappedFor(sequence.steps[n]!, step, choices);
    end = clock.end;
    return {
      step: step.number,
      text: step.text,
      ...(step.section ? { section: step.section } : {}),
      ...(step.note ? { note: step.note } : {}),
      ...(step.flow ? { flow: step.flow } : {}),
      pose: step.pose.id,
      variant: step.variant.id,
      ...clock,
      ...(i === undefined ? { leftOut: 'Left out to keep the time.' } : {}),
      ...(shortened ? { shortened } : {}),
      ...(insteadOf ? { insteadOf } : {}),
      ...howManyAt(timed.drafts, i),
    };
  });
}

/** How many different things happen at a step, and whether everyone is in the same pose. */
function howManyAt(lanes: Timeline['drafts'], i: number | undefined): Pick<ClassStep, 'versions' | 'meets'> {
  const variants = new Set<string>();
  const poses = new Set<string>();
  if (i !== undefined)
    for (const lane of lanes)
      for (const { variant, pose } of lane[i]!) {
        variants.add(variant);
        poses.add(pose);
      }
  return { versions: variants.size, meets: poses.size === 1 };
}

/** What was asked before the teacher swapped a step for everybody. */
const swappedFor = (asWritten: Step, step: Step, { swaps }: Choices): ClassStep['insteadOf'] =>
  asWritten.variant === step.variant
    ? undefined
    : {
        text: asWritten.text,
        pose: asWritten.pose.id,
        variant: asWritten.variant.id,
        reason: swaps.find((swap) => swap.step === step.number)!.reason,
      };

/** Everyone's lane with the clock, what they wait, and what adds up. */
function lanesOf({ on }: Settings, { sequence, kept, lanes, timed }: Made): Lane[] {
  const longest = kept.map((_, i) =>
    timed.drafts.reduce(
      (most, drafts, lane) => Math.max(most, laneSeconds(drafts[i]!, lanes[lane]!.table)),
      0,
    ),
  );
  const flows = new Map(kept.map(({ number, flow }) => [number, flow]));
  return lanes.map(({ staged, table }, lane): Lane => {
    const { limits, body } = table;
    const steps = timed.drafts[lane]!.flatMap((entries, i) => {
      const step = kept[i]!;
      const clock = timed.clock[i]!;
      const waiting = waitingAfter(entries, longest[i]!, table);
      const stays = !step.flow && goesOn(timed.drafts[lane]![i - 1], entries) ? { stays: true as const } : {};
      return entries.map((draft): LaneStep => {
        const entry = { step: step.number, asked: step.text, ...draft, ...stays, clock };
        return waiting ? { ...entry, ...waiting } : entry;
      });
    });
    const sums = laneSums(steps, body, (number) => flows.get(number));
    return {
      ranges: staged.abilities.body,
      personId: staged.person.id,
      person: staged.person.name,
      stages: staged.stages,
      alerts: [...staged.alerts, ...classAlerts(staged, sums.floorVisits, sequence, on)],
      steps,
      sums,
      ...(Object.keys(limits).length ? { limits } : {}),
    };
  });
}

/** Whether a step is done in the shape of the one before, without sides to change and with nothing in between. */
const goesOn = (before: readonly Draft[] | undefined, now: readonly Draft[]): boolean =>
  before?.length === 1 &&
  now.length === 1 &&
  before[0]!.variant === now[0]!.variant &&
  !before[0]!.sides.length &&
  !before[0]!.then;

/** What someone waits until the slowest lane is done, and what to do meanwhile. */
function waitingAfter(
  entries: readonly Draft[],
  longest: number,
  table: LaneTable,
): Pick<LaneStep, 'waits' | 'waitOut'> | undefined {
  const waits = Math.round(longest - laneSeconds(entries, table));
  if (waits < WAITS) return undefined;
  const last = entries[entries.length - 1]!;
  const shape = last.then ? measuresFor(table.body, last.then.variant) : last.measures;
  const out = waitOut(shape, table.limits);
  return out ? { waits, waitOut: out } : { waits };
}

const measuresFor = ({ catalogue, table, judged }: BodyTable, variant: string) =>
  judged(table.rowOf.get(catalogue.variant(variant).variant)!, undefined).measures;
