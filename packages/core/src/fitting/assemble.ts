import type { Catalogue } from '../poses/catalogue.js';
import { rulesVersion, type HallRules } from '../rules/hallRules.js';
import { orderNotes, classAlerts, laneSums, placesOf, roomOf, waitOut } from './explain/index.js';
import type { Sequence, Step } from '../reading/parseSequence.js';
import type { Pace } from '../people/pace.js';
import type { BodyTable } from './person/index.js';
import type { Choices } from '../plan/choices.js';
import type { LaneWork } from './laneWork.js';
import { laneSeconds, type Timeline } from './time/index.js';
import type { Fitting, Lane, LaneStep, Refused } from './types.js';
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

const measuresFor = ({ catalogue, table, judged }: BodyTable, variant: string) =>
  judged(table.rowOf.get(catalogue.variant(variant).variant)!, undefined).measures;

/** Puts a fitting together from everyone's entries and the clock. */
export function assemble(
  { on, hall, catalogue, rulebook, houseView, pace, stock }: Settings,
  {
    sequence,
    all,
    kept,
    lanes,
    timed,
    written,
    choices: { fewerVersions, swaps },
    refused,
    costAlone,
    cost,
  }: Made,
): Fitting {
  const minutes = (seconds: number): number => Math.round(seconds / 6) / 10;
  const place = new Map(kept.map((step, i) => [step.number, i]));
  const longest = kept.map((_, i) =>
    timed.drafts.reduce(
      (most, drafts, lane) => Math.max(most, laneSeconds(drafts[i]!, lanes[lane]!.table)),
      0,
    ),
  );
  let at = 0;
  return {
    title: sequence.title,
    on,
    rulebook: rulesVersion(hall, rulebook),
    catalogue: catalogue.version,
    minutes: {
      asked: sequence.minutes,
      planned: minutes(timed.planned),
      written: minutes(written),
      over: Math.max(0, Math.round((minutes(timed.planned) - sequence.minutes) * 10) / 10),
    },
    steps: all.map((step, n) => {
      const i = place.get(step.number);
      const shortened = i === undefined ? undefined : timed.shortened[i];
      const asWritten = sequence.steps[n]!;
      if (i !== undefined) at = timed.clock[i]!.end;
      const variants = new Set<string>();
      const poses = new Set<string>();
      if (i !== undefined)
        for (const lane of timed.drafts)
          for (const { variant, pose } of lane[i]!) {
            variants.add(variant);
            poses.add(pose);
          }
      return {
        step: step.number,
        text: step.text,
        ...(step.section ? { section: step.section } : {}),
        ...(step.note ? { note: step.note } : {}),
        pose: step.pose.id,
        variant: step.variant.id,
        ...(i === undefined
          ? { start: at, end: at, leftOut: 'Left out to keep the time.' }
          : timed.clock[i]!),
        ...(shortened ? { shortened } : {}),
        ...(asWritten.variant === step.variant
          ? {}
          : {
              insteadOf: {
                text: asWritten.text,
                pose: asWritten.pose.id,
                variant: asWritten.variant.id,
                reason: swaps.find((swap) => swap.step === step.number)!.reason,
              },
            }),
        versions: variants.size,
        meets: poses.size === 1,
      };
    }),
    lanes: lanes.map(({ staged, table }, lane): Lane => {
      const drafts = timed.drafts[lane]!;
      const { limits } = table;
      const steps = drafts.flatMap((entries, i) => {
        const clock = timed.clock[i]!;
        const step = kept[i]!;
        const waits = Math.round(longest[i]! - laneSeconds(entries, table));
        if (waits < WAITS)
          return entries.map((draft): LaneStep => ({ step: step.number, asked: step.text, ...draft, clock }));
        const last = entries[entries.length - 1]!;
        const out = waitOut(last.then ? measuresFor(table.body, last.then.variant) : last.measures, limits);
        return entries.map((draft): LaneStep => ({
          step: step.number,
          asked: step.text,
          ...draft,
          clock,
          waits,
          ...(out ? { waitOut: out } : {}),
        }));
      });
      const sums = laneSums(steps, table.body);
      return {
        personId: staged.person.id,
        person: staged.person.name,
        stages: staged.stages,
        alerts: [...staged.alerts, ...classAlerts(staged, sums.floorVisits, sequence, on)],
        steps,
        sums,
        ...(Object.keys(limits).length ? { limits } : {}),
      };
    }),
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
    together: { fewerVersions, costAlone: Math.round(costAlone * 10) / 10, cost: Math.round(cost * 10) / 10 },
  };
}
