import type { Person } from '../people/types.js';
import { BUILT_IN, type Catalogue } from '../poses/catalogue.js';
import { NO_HALL_RULES, rulesVersion, type HallRules } from '../rules/hallRules.js';
import type { HouseView } from '../rules/houseView.js';
import { judge } from '../rules/judge.js';
import { stagePerson, type StagedPerson } from '../rules/stagePerson.js';
import { NO_SUMS } from '../rules/sums.js';
import type { Sum } from '../rules/types.js';
import { orderNotes } from '../sequence/orderNotes.js';
import type { Sequence, Step } from '../sequence/parseSequence.js';
import { PACE, type Pace } from '../timing/pace.js';
import type { Ask } from './candidates.js';
import { NO_CHOICES, type Choices, type Override } from './choices.js';
import { pathOf, shiftBetween, startLabels, stepOn, type Choice, type Label, type StepOptions } from './choosePath.js';
import { classAlerts } from './classAlerts.js';
import { draftsOf, sitOut, trialOf, type Draft } from './describe.js';
import { laneTable, type LaneTable } from './lane.js';
import { laneSums } from './laneSums.js';
import { narrowed, optionsOf, type Option } from './options.js';
import { placesOf, roomOf } from './room.js';
import { laneSeconds, timeline, type Timeline } from './timeline.js';
import { propsTaken, roomCost, together, type Path } from './together.js';
import type { Fitting, Lane, LaneStep, Refused } from './types.js';

/** Everything a class is fitted from but its sequence. */
export interface FitterInput {
  people: readonly Person[];
  on: string;
  houseView: HouseView;
  /** The built-in one unless there are own variants. */
  catalogue?: Catalogue;
  /** What the hall changes about the rulebook. */
  hall?: HallRules;
  /** What the hall owns, by prop; unknown unless given. */
  stock?: Readonly<Record<string, number>>;
  /** The teacher's own; the usual one unless given. */
  pace?: Pace;
}

/** A lane with what has been worked out for it; all of it stays good while the people and the rules do. */
interface Working {
  staged: StagedPerson;
  table: LaneTable;
  options: Map<string, { ask: Ask; few: Option[]; all?: Option[] }>;
  /** Labels after each step of the last sequence, so that an edit is taken up from where it is. Costs are `more` than they say. */
  trail: { key: string; labels: readonly Label[]; more: number }[];
  path?: { key: string; path: Path };
  drafts: WeakMap<Option, Map<string, Draft[]>>;
}

/** Fits one group of people to sequences: again and again, keeping what an edit does not touch. */
export interface Fitter {
  /** Ways to do a step that everyone in the class may take, cheapest in all first, at most three. */
  oneForAll(sequence: Sequence, step: number, choices?: Choices): OneForAll[];
  fit(sequence: Sequence, choices?: Choices, progress?: (done: number, of: number) => void): Fitting;
}

/** One version of a step for everybody: what it costs beside each for themselves, and who leaves what was asked for it. */
export interface OneForAll { pose: string; variant: string; cost: number; leaving: readonly string[] }
/** So many are offered. */
const OFFERED = 3;

/** Options kept for a lane at once. */
const KNOWN_MOST = 2000;

/**
 * Makes ready to fit a class. Each lane takes its best path over the whole class: what every step costs against what was
 * asked, and what getting from one to the next takes; then lanes are weighed together where the stock or the wish for fewer
 * versions asks for it; then time is kept. The same input always gives the same fitting, whatever was fitted before.
 */
export function createFitter({ people, on, houseView, catalogue = BUILT_IN, hall = NO_HALL_RULES, stock, pace = PACE }: FitterInput): Fitter {
  const made = new Map<Person, Working>();
  const workingFor = (person: Person): Working => {
    let working = made.get(person);
    if (!working) {
      const staged = stagePerson(person, on, houseView, hall);
      made.set(person, working = { staged, table: laneTable(staged, catalogue, houseView, on, pace), options: new Map(), trail: [], drafts: new WeakMap() });
    }
    return working;
  };

  function optionsAt({ table, options }: Working, step: Step, pin: Ask['pin'], open: boolean): StepOptions & { key: string; all: (before: Readonly<Record<Sum, number>>) => { ask: Ask; options: Option[] } } {
    const holdSeconds = table.asked(step), key = `${step.variant.id}|${holdSeconds}|${step.sides.join()}|${pin ? `${pin.variant.id} ${pin.holdSeconds ?? ''}` : ''}|${open ? 'open' : ''}`;
    const look = (before: Readonly<Record<Sum, number>>) => {
      const own = table.sums.length ? `${key}|${table.sums.map((sum) => before[sum]).join()}` : key;
      let known = options.get(own);
      if (!known) {
        if (options.size >= KNOWN_MOST) options.clear();
        const ask: Ask = { pose: step.pose, variant: step.variant, holdSeconds, sides: step.sides, before: table.sums.length ? before : NO_SUMS, ...(pin ? { pin } : {}) };
        options.set(own, known = { ask, few: narrowed(optionsOf(ask, table, open, true), table) });
      }
      return known;
    };
    return Object.assign((before: Readonly<Record<Sum, number>>) => { const { ask, few } = look(before); return { ask, options: few }; }, { key, all: (before: Readonly<Record<Sum, number>>) => { const known = look(before); return { ask: known.ask, options: (known.all ??= optionsOf(known.ask, table, open)) }; } });
  }

  /** A lane's own best path; taken up after the last step that is as it was. */
  function ownPath(working: Working, steps: readonly Step[], pins: readonly Ask['pin'][]): Path {
    const at = steps.map((step, i) => optionsAt(working, step, pins[i], false)), key = at.map((one) => one.key).join('\n');
    if (working.path?.key === key) return working.path.path;
    const { trail: old, table } = working;
    let same = 0;
    while (same < at.length && old[same]?.key === at[same]!.key) same++;
    const trail = old.slice(0, same), later = old.length - at.length;
    for (let i = same; i < at.length; i++) {
      const labels = stepOn(trail[i - 1]?.labels ?? startLabels(), table, at[i]!);
      trail.push({ key: at[i]!.key, labels, more: trail[i - 1]?.more ?? 0 });
      // Where the lane stands as it stood before the edit, and the same is asked from here on, everything after it is known.
      const then = old[i + later], rest = then && i + later >= same && at.slice(i + 1).every(({ key: asked }, n) => old[i + later + 1 + n]?.key === asked) ? old.slice(i + later + 1) : undefined;
      const shift = rest && shiftBetween(labels, then!.labels, table.sums);
      if (rest && shift !== undefined) {
        const more = shift + trail[i]!.more - then!.more;
        trail.push(...rest.map((one) => ({ ...one, more: one.more + more })));
        break;
      }
    }
    working.trail = trail;
    const { choices, cost } = pathOf([startLabels(), ...trail.map(({ labels }) => labels)], table), path = { choices, cost: cost + (trail[trail.length - 1]?.more ?? 0) };
    working.path = { key, path };
    return path;
  }

  /** A lane's best path where options cost something more: together with others. */
  function sharedPath(working: Working, steps: readonly Step[], pins: readonly Ask['pin'][], extra: (step: number, option: Option) => number, open: ReadonlySet<number>): Path {
    const dearer = new Map<Option, { option: Option; more: number }>();
    const trail = [startLabels()];
    steps.forEach((step, i) => {
      const at = optionsAt(working, step, pins[i], open.has(i) && !pins[i]);
      trail.push(stepOn(trail[i]!, working.table, (before) => {
        const { ask, options } = at.all(before), weighed = options.map((option): Option => {
          const more = extra(i, option), copy = { ...option, cost: option.cost + more };
          dearer.set(copy, { option, more });
          return copy;
        });
        return { ask, options: narrowed(weighed, working.table) };
      }));
    });
    const path = pathOf(trail, working.table);
    let cost = path.cost;
    const choices = path.choices.map((choice): Choice => {
      const { option, more } = dearer.get(choice.option)!;
      cost -= more;
      return { ...choice, option };
    });
    return { choices, cost };
  }

  /** The teacher's own choices for a lane; one that must not be done without a go-ahead is refused. */
  function pinsOf(working: Working, steps: readonly Step[], overrides: readonly Override[], refused: Refused[]): Ask['pin'][] {
    return steps.map((step): Ask['pin'] => {
      const override = overrides.find((one) => one.step === step.number && one.person === working.staged.person.name);
      if (!override || working.staged.stopped) return undefined;
      const { variant } = catalogue.variant(override.variant), row = working.table.body.table.rowOf.get(variant)!, holdSeconds = override.holdSeconds ?? working.table.asked(step);
      const never = working.staged.rules.filter(({ rule }) => rule.level === 'never'), sides = step.sides.length ? step.sides : [undefined];
      const broken = sides.flatMap((side) => judge(never, trialOf(working.table, { sides: step.sides, before: NO_SUMS }, row, holdSeconds, side), working.staged.person.ranges))[0];
      if (broken) { refused.push({ person: override.person, step: step.number, variant: override.variant, rule: broken.rule.id, reason: broken.rule.reason }); return undefined; }
      return { variant, ...(override.holdSeconds === undefined ? {} : { holdSeconds: override.holdSeconds }) };
    });
  }

  function described(working: Working, choices: readonly Choice[], steps: readonly Step[]): Draft[][] {
    return choices.map((choice, i) => {
      const step = steps[i]!, key = `${choice.from ?? ''}|${step.variant.id}|${step.hold.unit}|${step.sides.join()}|${choice.then ? `${choice.then.from} ${choice.then.option.sides[0]!.candidate!.variant.id}` : ''}`;
      let byPlace = working.drafts.get(choice.option);
      if (!byPlace) working.drafts.set(choice.option, byPlace = new Map());
      let drafts = byPlace.get(key);
      if (!drafts) byPlace.set(key, drafts = draftsOf(working.table, step, choice));
      return drafts;
    });
  }

  const sittingOut = ({ table }: Working, steps: readonly Step[]): Draft[][] => steps.map((step) => [sitOut(table, { pose: step.pose, variant: step.variant, holdSeconds: table.asked(step), sides: step.sides, before: NO_SUMS }, step)]);

  interface Chosen { drafts: Draft[][][]; alone: number; cost: number }
  /** Everyone's way through some steps. */
  function choose(lanes: readonly Working[], steps: readonly Step[], { fewerVersions, overrides }: Choices, refused: Refused[], progress: (done: number) => void): Chosen {
    const pins = lanes.map((working) => pinsOf(working, steps, overrides, refused)), taking = lanes.flatMap(({ staged }, i) => (staged.stopped ? [] : [i]));
    const alone = taking.map((i) => {
      const path = ownPath(lanes[i]!, steps, pins[i]!);
      progress(i + 1);
      return path;
    });
    const tables = taking.map((i) => lanes[i]!.table), weighed = { lanes: tables, steps: steps.length, fewerVersions, ...(stock ? { stock } : {}) };
    const paths = fewerVersions || stock ? together({ ...weighed, paths: alone, solve: (at, extra, open) => sharedPath(lanes[taking[at]!]!, steps, pins[taking[at]!]!, extra, open) }) : alone;
    const sum = (all: readonly Path[]): number => all.reduce((total, path) => total + path.cost, 0) + roomCost(weighed, all);
    const drafts = lanes.map((working, i) => {
      const at = taking.indexOf(i);
      if (at < 0) return sittingOut(working, steps);
      const own = described(working, paths[at]!.choices, steps);
      return own.map((entries, step) => {
        const reason = overrides.find((one) => one.step === steps[step]!.number && one.person === working.staged.person.name)?.reason, because = whyOther(alone, paths, tables, at, step);
        if (!because && !entries.some(({ override }) => override)) return entries;
        return entries.map((entry): Draft => ({ ...entry, ...(entry.override && reason !== undefined ? { override: { ...entry.override, reason } } : {}), ...(because ? { because } : {}) }));
      });
    });
    return { drafts, alone: sum(alone), cost: sum(paths) };
  }

  /** Why a lane does something else at a step than it would by itself. */
  function whyOther(alone: readonly Path[], paths: readonly Path[], tables: readonly LaneTable[], at: number, step: number): Draft['because'] {
    const before = alone[at]!.choices[step]!.option, after = paths[at]!.choices[step]!.option;
    if (before === after || before.sides.every(({ candidate }, i) => candidate?.variant === after.sides[i]?.candidate?.variant && candidate?.holdSeconds === after.sides[i]?.candidate?.holdSeconds)) return undefined;
    for (const prop of stock ? propsTaken(before, tables[at]!).keys() : []) {
      const used = alone.reduce((sum, path, lane) => sum + (propsTaken(path.choices[step]!.option, tables[lane]!).get(prop) ?? 0), 0);
      if (used > (stock![prop] ?? 0)) return { kind: 'stock', prop };
    }
    return { kind: 'fewer-versions' };
  }

  function fit(sequence: Sequence, choices: Choices = NO_CHOICES, progress: (done: number, of: number) => void = () => {}): Fitting {
    const lanes = people.map((person) => workingFor(person)), swapped = sequence.steps.map((step) => swappedStep(step, choices, catalogue)), refused: Refused[] = [];
    let kept = swapped, timed: Timeline, chosen: Chosen;
    const leftOut = new Set<number>();
    let written: number | undefined;
    for (;;) {
      refused.length = 0;
      chosen = choose(lanes, kept, choices, refused, (done) => progress(done, people.length));
      timed = timeline({ ...sequence, steps: kept }, lanes.map(({ table }, i) => ({ lane: table, drafts: chosen.drafts[i]! })), on, pace, (i) => needed(chosen.drafts, i));
      written ??= timed.written;
      if (!timed.leftOut.some(Boolean)) break;
      // Without the steps left out everyone's way through is another: chosen again, so that what adds up still holds.
      timed.leftOut.forEach((out, i) => { if (out) leftOut.add(kept[i]!.number); });
      kept = swapped.filter(({ number }) => !leftOut.has(number));
    }
    return assemble(sequence, swapped, kept, lanes, timed, chosen, written, choices, refused);
  }

  /** Whether a step must stay whatever the time: the teacher has chosen in it, or it answers what the step before left. */
  const needed = (drafts: readonly Draft[][][], i: number): boolean => drafts.some((lane) => lane[i]!.some(({ override }) => override) || (i > 0 && answersBefore(lane, i)));
  const answersBefore = (lane: readonly Draft[][], i: number): boolean => {
    const before = lane[i - 1]![lane[i - 1]!.length - 1]!;
    return !before.then && DEEP(before) && lane[i]!.some(({ pose }) => pose !== before.pose);
  };
  const DEEP = ({ measures, variant, hold }: Draft): boolean => {
    const { purposes } = catalogue.variant(variant).pose;
    return (measures.inverted > 0 && purposes.some(({ action }) => action === 'invert')) || (measures.lumbarExtensionUse > 0.6 && purposes.some(({ spine }) => spine === 'extension') && hold.rounds === undefined);
  };

  function assemble(sequence: Sequence, all: readonly Step[], kept: readonly Step[], lanes: readonly Working[], timed: Timeline, chosen: Chosen, written: number, { fewerVersions, swaps }: Choices, refused: readonly Refused[]): Fitting {
    const minutes = (seconds: number): number => Math.round(seconds / 6) / 10, place = new Map(kept.map((step, i) => [step.number, i]));
    const isHeld = (variant: string): boolean => catalogue.variant(variant).pose.hold.unit === 'breaths';
    const longest = kept.map((_, i) => timed.drafts.reduce((most, drafts, lane) => Math.max(most, laneSeconds(drafts[i]!, lanes[lane]!.table)), 0));
    let at = 0;
    return {
      title: sequence.title, on, rulebook: rulesVersion(hall), catalogue: catalogue.version,
      minutes: { asked: sequence.minutes, planned: minutes(timed.planned), written: minutes(written), over: Math.max(0, Math.round((minutes(timed.planned) - sequence.minutes) * 10) / 10) },
      steps: all.map((step, n) => {
        const i = place.get(step.number), shortened = i === undefined ? undefined : timed.shortened[i], asWritten = sequence.steps[n]!;
        if (i !== undefined) at = timed.clock[i]!.end;
        const entries = i === undefined ? [] : timed.drafts.map((lane) => lane[i]!);
        return {
          step: step.number, text: step.text, ...(step.section ? { section: step.section } : {}), ...(step.note ? { note: step.note } : {}), pose: step.pose.id, variant: step.variant.id,
          ...(i === undefined ? { start: at, end: at, leftOut: 'Left out to keep the time.' } : timed.clock[i]!), ...(shortened ? { shortened } : {}),
          ...(asWritten.variant === step.variant ? {} : { insteadOf: { text: asWritten.text, pose: asWritten.pose.id, variant: asWritten.variant.id, reason: swaps.find((swap) => swap.step === step.number)!.reason } }),
          versions: new Set(entries.flat().map(({ variant }) => variant)).size, meets: entries.length > 0 && new Set(entries.flat().map(({ pose }) => pose)).size === 1,
        };
      }),
      lanes: lanes.map(({ staged, table }, lane): Lane => {
        const drafts = timed.drafts[lane]!, steps = drafts.flatMap((entries, i) => {
          const clock = timed.clock[i]!, step = kept[i]!, waits = Math.round(longest[i]! - laneSeconds(entries, table));
          return entries.map((draft): LaneStep => ({ step: step.number, asked: step.text, ...draft, clock, ...(waits >= WAITS ? { waits } : {}) }));
        });
        return { person: staged.person.name, stages: staged.stages, alerts: [...staged.alerts, ...classAlerts(staged, drafts, sequence, on)], steps, sums: laneSums(steps, isHeld) };
      }),
      room: roomOf(timed.drafts, stock),
      places: placesOf(lanes.map(({ staged }, i) => ({ name: staged.person.name, numbers: kept.map(({ number }) => number), steps: timed.drafts[i]! }))),
      notes: orderNotes({ ...sequence, steps: kept }, catalogue, on, pace, houseView), refused,
      together: { fewerVersions, costAlone: Math.round(chosen.alone * 10) / 10, cost: Math.round(chosen.cost * 10) / 10 },
    };
  }

  function oneForAll(sequence: Sequence, number: number, choices: Choices = NO_CHOICES): OneForAll[] {
    const step = sequence.steps.find((one) => one.number === number);
    if (!step) return [];
    const taking = people.map(workingFor).filter(({ staged }) => !staged.stopped), pins = choices.overrides.filter((one) => one.step === number).map(({ person }) => person);
    const lists = taking.filter(({ staged }) => !pins.includes(staged.person.name)).map((working) => ({ name: working.staged.person.name, options: optionsAt(working, step, undefined, true).all(NO_SUMS).options }));
    const shared = new Map<string, { cost: number; count: number; leaving: string[] }>();
    let alone = 0;
    for (const { name, options } of lists) {
      const own = new Map<string, number>();
      let best = Infinity;
      for (const { sides, cost } of options) {
        const [id] = sides.map(({ candidate }) => candidate?.variant.id);
        best = Math.min(best, cost);
        if (id && sides.every(({ candidate }) => candidate?.variant.id === id && candidate.verdict !== 'rest')) own.set(id, Math.min(own.get(id) ?? Infinity, cost));
      }
      alone += best;
      for (const [id, cost] of own) {
        const known = shared.get(id) ?? { cost: 0, count: 0, leaving: [] };
        shared.set(id, { cost: known.cost + cost, count: known.count + 1, leaving: id !== step.variant.id && own.has(step.variant.id) && own.get(step.variant.id)! < 1e-9 ? [...known.leaving, name] : known.leaving });
      }
    }
    return [...shared].filter(([, { count }]) => count === lists.length).sort(([a, x], [b, y]) => x.cost - y.cost || (a < b ? -1 : 1)).slice(0, OFFERED)
      .map(([variant, { cost, leaving }]) => ({ pose: catalogue.variant(variant).pose.id, variant, cost: Math.round((cost - alone) * 10) / 10, leaving }));
  }

  return { fit, oneForAll };
}

/** Waiting for less than this goes unnoticed, seconds. */
const WAITS = 10;

/** A step as everybody is to do it. Where the count is of another kind, the new pose's usual hold is asked. */
function swappedStep(step: Step, { swaps }: Choices, catalogue: Catalogue): Step {
  const swap = swaps.find((one) => one.step === step.number);
  if (!swap) return step;
  const { pose, variant } = catalogue.variant(swap.variant);
  if (variant === step.variant) return step;
  const same = step.hold.unit === 'seconds' || step.hold.unit === pose.hold.unit;
  return { ...step, pose, variant, hold: same ? step.hold : { unit: pose.hold.unit, count: pose.hold.usual }, sides: pose.side ? (step.sides.length ? step.sides : ['right', 'left']) : [] };
}
