import { HOUSE_VIEW_TOPICS } from '../../catalogue/houseView.js';
import { CHILD_BANDS } from '../../catalogue/rules/child.js';
import type { Person } from '../people/types.js';
import { BUILT_IN, type Catalogue } from '../poses/catalogue.js';
import { MEASURE_NAMES } from '../poses/measures.js';
import type { Level, Pose, Variant } from '../poses/types.js';
import { ageOn } from '../rules/dates.js';
import { NO_HALL_RULES, rulesVersion, type HallRules } from '../rules/hallRules.js';
import { positionOf, type HouseView } from '../rules/houseView.js';
import { judge, quantityOf, type Breach } from '../rules/judge.js';
import { stagePerson, type StagedPerson } from '../rules/stagePerson.js';
import { USE_NAMES } from '../rules/types.js';
import type { Sequence, Step } from '../sequence/parseSequence.js';
import { askedSeconds, breathSeconds, PACE } from '../timing/pace.js';
import { askedBreaches, attempt, judgedFor, standingOf, trialOf, type Ask, type Candidate } from './candidates.js';
import { choosePath, type Choice, type SideChoice } from './choosePath.js';
import { floorVisits } from './floorVisits.js';
import { keepTime, shortenedTo, spanOf, type Shortened } from './keepTime.js';
import { propsOf } from './propsOf.js';
import type { Passage } from './waysBetween.js';
import type { Finding, Fitting, Lane, LaneStep, PropUse } from './types.js';

export interface FitInput { sequence: Sequence; people: readonly Person[]; on: string; houseView: HouseView; /** The built-in one unless there are own variants. */ catalogue?: Catalogue; /** What the hall changes about the rulebook. */ hall?: HallRules; /** What the hall owns, by prop; unknown unless given. */ stock?: Readonly<Record<string, number>> }

/** A step of one lane before the clock is known. */
type Draft = Omit<LaneStep, 'clock'>;

/**
 * Fits a class: what each person does at each step, why, for how long and with what.
 *
 * Each lane takes its best path over the whole class: what every step costs against what was asked, and what getting from
 * one to the next takes; then holds are shortened where the class would run over. The same input always gives the same fitting. Stock and
 * prop sizing are not part of this yet.
 */
export function fitClass({ sequence, people, on, houseView, catalogue = BUILT_IN, hall = NO_HALL_RULES, stock }: FitInput): Fitting {
  const lanes = people.map((person) => fitLane(stagePerson(person, on, houseView, hall), sequence, on, catalogue, houseView));
  const timed = keptTime(sequence, lanes, people, on), clock = timed.clock;
  return {
    title: sequence.title, on, rulebook: rulesVersion(hall), catalogue: catalogue.version,
    minutes: { asked: sequence.minutes, planned: minutesOf(clock), written: timed.written, over: Math.max(0, Math.round((minutesOf(clock) - sequence.minutes) * 10) / 10) },
    steps: sequence.steps.map((step, i) => ({
      step: step.number, text: step.text, ...(step.section ? { section: step.section } : {}), ...(step.note ? { note: step.note } : {}),
      pose: step.pose.id, variant: step.variant.id, ...clock[i]!, ...(timed.shortened[i] ? { shortened: timed.shortened[i] } : {}),
    })),
    lanes: lanes.map(({ staged }, lane): Lane => {
      const drafts = timed.drafts[lane]!;
      return {
        person: staged.person.name, stages: staged.stages, alerts: [...staged.alerts, ...classAlerts(staged, drafts, sequence, on)],
        steps: drafts.flatMap((entries, i) => entries.map((draft): LaneStep => ({ ...draft, clock: clock[i]! }))),
      };
    }),
    room: roomOf(timed.drafts, stock),
  };
}

type Clock = { start: number; end: number }[];
const minutesOf = (clock: Clock): number => Math.round((clock[clock.length - 1]?.end ?? 0) / 6) / 10;

interface Timed { drafts: Draft[][][]; clock: Clock; shortened: (Shortened | undefined)[]; written: number }

/** The lanes within the class's minutes: a stage of its own, after everyone's choice is made; it changes nobody's verdict. */
function keptTime(sequence: Sequence, lanes: readonly DraftLane[], people: readonly Person[], on: string): Timed {
  const { steps } = sequence, drafts = lanes.map((lane) => lane.drafts), written = clockOf(sequence, drafts, people, on);
  const cut = (i: number, share: number): Draft[][] => lanes.map(({ staged, drafts: own }) => own[i]!.map((draft) => cutTo(draft, steps[i]!, share, staged.person, on)));
  const longest = (entries: readonly Draft[][]): number => Math.max(...entries.map((own) => own.reduce((sum, entry) => sum + spanOf(entry.hold.seconds, entry.sides.length), 0)));
  const secondsOf = (i: number, share: number): number => {
    const asked = written[i]!.end - written[i]!.start;
    return lanes.length ? asked - longest(drafts.map((own) => own[i]!)) + longest(cut(i, share)) : asked;
  };
  const shares = lanes.length ? keepTime(steps, secondsOf, sequence.minutes * 60, on) : steps.map(() => 1);
  const timed = lanes.map((_, lane) => steps.map((_step, i) => cut(i, shares[i]!)[lane]!));
  return { drafts: timed, clock: clockOf(sequence, timed, people, on), shortened: steps.map((step, i) => shortenedTo(step, shares[i]!)), written: minutesOf(written) };
}

/** An entry held for a share of what was asked: whole breaths, never longer than before, never under the least that still is the pose. */
function cutTo(draft: Draft, step: Step, share: number, person: Person, on: string): Draft {
  if (share >= 1) return draft;
  const breath = breathSeconds(person, draft.breath, on), { pose } = step, least = (draft.pose === pose.id ? pose.hold.least : 1) * breath;
  const seconds = Math.min(draft.hold.seconds, Math.max(least, Math.floor((askedSeconds(step, person, on) * share) / breath + 1e-6) * breath)), count = Math.round((seconds / breath) * 10) / 10;
  return { ...draft, hold: { ...(draft.hold.breaths === undefined ? {} : { breaths: count }), ...(draft.hold.rounds === undefined ? {} : { rounds: count }), seconds } };
}

interface DraftLane { staged: StagedPerson; drafts: Draft[][] }

function fitLane(staged: StagedPerson, sequence: Sequence, on: string, catalogue: Catalogue, view: HouseView): DraftLane {
  if (staged.stopped) return { staged, drafts: sequence.steps.map((step): Draft[] => [sitOut({ catalogue, view, pose: step.pose, variant: step.variant, holdSeconds: askedSeconds(step, staged.person, on), sides: step.sides, on, before: { supineUnbroken: 0, supineTotal: 0 } }, step, staged)]) };
  return { staged, drafts: choosePath(sequence.steps, staged, catalogue, view, on).map((choice, i) => draftsOf(choice, sequence.steps[i]!, staged)) };
}

/** A step's entries: one where both sides come out the same, otherwise one a side; the first says how one gets there. */
function draftsOf({ ask, sides, passage }: Choice, step: Step, staged: StagedPerson): Draft[] {
  const way = passage?.moves.length ? { way: wayOf(passage, staged) } : {};
  const entries = sides.map((choice) => entryFor(ask, step, staged, choice));
  const [first, second] = entries;
  if (first && second && first.variant === second.variant && Math.abs(first.hold.seconds - second.hold.seconds) < 0.01) {
    const extra = second.findings.filter((finding) => !first.findings.some((known) => known.rule === finding.rule && known.on === finding.on));
    return [{ ...first, ...way, sides: ask.catalogue.variant(first.variant).pose.side ? step.sides : [], findings: [...first.findings, ...extra] }];
  }
  return entries.map((entry, i) => (i ? entry : { ...entry, ...way }));
}

/** How someone gets to a step, as it is said; where the usual way is out, why. */
function wayOf({ moves, seconds, instead, none }: Passage, staged: StagedPerson): NonNullable<Draft['way']> {
  const pause = staged.rules.find(({ rule }) => rule.all.some((bound) => 'levelChange' in bound));
  return {
    moves: moves.map(({ way, backwards }) => ({ id: way.id, name: backwards ? `${way.name}, in reverse` : way.name })), seconds, none,
    instead: [...new Set(instead.map(({ rule }) => rule.reason))], ...(pause?.rule.cue ? { pause: pause.rule.cue } : {}),
  };
}

function entryFor(ask: Ask, step: Step, staged: StagedPerson, { side, candidate, others }: SideChoice): Draft {
  // Tried again where the lane now stands: changing level has cues of its own.
  const chosen = candidate && { ...attempt(ask, staged, candidate.pose, candidate.variant, side)!, verdict: candidate.verdict, cost: candidate.cost };
  if (!chosen) return sitOut(ask, step, staged);
  const { variant, pose, holdSeconds, added, watches } = chosen;
  return {
    ...describe(ask, step, staged, pose, variant, chosen.verdict, holdSeconds, side),
    sides: side ? [side] : [],
    props: [...propsOf(variant, staged.person.heightCm, staged.build), ...added.flatMap(({ rule }): PropUse[] => (rule.adds ? [{ prop: rule.adds.prop, count: 1, heightCm: 0, where: rule.adds.where }] : []))],
    cues: [...variant.cues, ...houseCues(ask.view, pose), ...[...added, ...watches].flatMap(({ rule }) => (rule.cue ? [rule.cue] : []))],
    findings: findingsFor(ask, staged, side, chosen), ...allowedBy(ask, staged, chosen),
    alternatives: others.slice(0, 3).map((other) => ({ pose: other.pose.id, variant: other.variant.id, verdict: other.verdict, holdSeconds: other.holdSeconds, cost: Math.round(other.cost * 10) / 10 })),
  };
}

function describe(ask: Ask, step: Step, staged: StagedPerson, pose: Pose, variant: Variant, verdict: Draft['verdict'], seconds: number, side: 'right' | 'left' | undefined) {
  const count = Math.round(seconds / breathSeconds(staged.person, variant.breath, ask.on) * 10) / 10;
  const judged = judgedFor(ask.catalogue, variant, staged, side);
  const counted = step.hold.unit === 'seconds' ? {} : pose.hold.unit === 'rounds' ? { rounds: count } : { breaths: count };
  return {
    step: step.number, asked: step.text, askedPose: step.pose.id, askedVariant: step.variant.id, pose: pose.id, variant: variant.id, verdict,
    level: variant.level, breath: variant.breath, hold: { ...counted, seconds },
    measures: Object.fromEntries([...MEASURE_NAMES, ...USE_NAMES].map((name) => [name, Math.round(quantityOf(name, judged, staged.person.ranges) * 1000) / 1000])) as LaneStep['measures'],
  };
}

/** Nothing suits, or the person must not practise today: sitting out on a chair. */
function sitOut(ask: Ask, step: Step, staged: StagedPerson): Draft {
  const { pose, variant } = ask.catalogue.variant('final-rest.chair'), trial = trialOf(ask, staged, pose, variant, ask.holdSeconds, undefined);
  // Who sits the class out takes no shape at all; otherwise the chair too is held against the rule.
  const met = (breach: Breach): boolean => staged.stopped || !standingOf(breach, trial, staged).broken;
  return {
    ...describe(ask, step, staged, pose, variant, 'rest', ask.holdSeconds, undefined), sides: [], props: propsOf(variant, staged.person.heightCm, staged.build),
    cues: staged.stopped ? ['Sits out today.'] : ['Rest here, or follow the breath.'], alternatives: [],
    findings: (ask.sides.length ? ask.sides : [undefined]).slice(0, 1).flatMap((side) => askedBreaches(ask, staged, side)).map((breach) => finding(breach, 'asked', met(breach))),
  };
}

/** What the positions of the house view say with a pose. */
const houseCues = (view: HouseView, pose: Pose): string[] => Object.entries(HOUSE_VIEW_TOPICS).flatMap(([topic, { positions }]) => {
  const cue = positions.find(({ id }) => id === view[topic])?.cue;
  return cue && (cue.poses?.includes(pose.id) || (cue.spine !== undefined && pose.purposes.some(({ spine }) => spine === cue.spine))) ? [cue.says] : [];
});

/** Where a position of the house view let the chosen way pass: which, and what another position would have said. */
function allowedBy(ask: Ask, staged: StagedPerson, chosen: Candidate): Pick<Draft, 'allowedBy'> {
  const found = new Map<string, NonNullable<Draft['allowedBy']>[number]>();
  for (const { rule } of judge(staged.elsewhere, chosen.trial, staged.person.ranges)) {
    if (rule.level === 'watch' || !rule.house || found.has(rule.house.topic)) continue;
    const { name, position, positionName } = positionOf(rule.house.topic, ask.view), other = positionOf(rule.house.topic, { [rule.house.topic]: rule.house.positions[0]! });
    found.set(rule.house.topic, { topic: rule.house.topic, name, position, positionName, other: other.positionName, rule: rule.id, reason: rule.reason });
  }
  return found.size ? { allowedBy: [...found.values()] } : {};
}

const finding = ({ rule, condition, measure, value, limit }: Breach, on: Finding['on'], met: boolean): Finding => ({
  rule: rule.id, condition, level: rule.level, measure, value: typeof value === 'number' ? Math.round(value * 100) / 100 : value,
  limit, reason: rule.reason, met, evidence: rule.evidence, on,
  ...(rule.house ? { house: rule.house } : {}), ...(rule.changed ? { changed: rule.changed } : {}),
});

/** Rules that the asked way breaks, each beside how the chosen way stands; then what is watched. */
function findingsFor(ask: Ask, staged: StagedPerson, side: 'right' | 'left' | undefined, chosen: Candidate): Finding[] {
  const asWritten = chosen.verdict === 'as-written', findings: Finding[] = [];
  for (const breach of askedBreaches(ask, staged, side)) {
    const now = standingOf(breach, chosen.trial, staged), answered = !now.broken || (breach.rule.level === 'need' && breach.rule.adds !== undefined);
    if (!asWritten) findings.push(finding(breach, 'asked', answered));
    findings.push(finding(now, 'chosen', answered));
  }
  for (const breach of [...chosen.added, ...chosen.watches]) {
    if (!findings.some((known) => known.rule === breach.rule.id && known.on === 'chosen')) findings.push(finding(breach, 'chosen', breach.rule.level === 'need'));
  }
  return findings;
}

/** Start and end of each step in seconds: as long as its longest lane, with the change of side, the change of level and the talk. */
function clockOf(sequence: Sequence, lanes: readonly Draft[][][], people: readonly Person[], on: string): Clock {
  const seen = new Set<string>();
  let at = 0, level: Level | undefined;
  return sequence.steps.map((step, i) => {
    const spans = lanes.length ? lanes.map((drafts) => drafts[i]!.reduce((sum, entry) => sum + spanOf(entry.hold.seconds, entry.sides.length), 0)) : [spanOf(askedSeconds(step, {}, on), step.sides.length)];
    const older = people.some((person) => person.born && ageOn(person.born, on) >= 65);
    const change = level && level !== step.variant.level ? (older ? PACE.changeLevelOlder : PACE.changeLevel) : 0;
    const talk = seen.has(step.pose.id) ? PACE.talkKnown : PACE.talkNew;
    seen.add(step.pose.id);
    level = step.variant.level;
    const start = at;
    at = Math.round((at + change + talk + Math.max(...spans)) * 10) / 10;
    return { start, end: at };
  });
}

/** Few visits to the floor (common practice). */
const FEW_FLOOR_VISITS = 2;

/** What only the whole class shows: too long for a child, too often to the floor for an older adult. */
function classAlerts({ person, stages }: StagedPerson, drafts: readonly Draft[][], sequence: Sequence, on: string): Lane['alerts'] {
  const visits = floorVisits(drafts.flat().map((entry) => entry.level));
  if (visits > FEW_FLOOR_VISITS && stages.some((stage) => stage.condition === 'older-adult')) {
    return [{ kind: 'stage', text: `${visits} times down to the floor and up; ${FEW_FLOOR_VISITS} are plenty.` }];
  }
  if (!person.born) return [];
  const age = ageOn(person.born, on), band = CHILD_BANDS.find(({ from, below }) => age >= from && age < below);
  return band && sequence.minutes > band.classMinutes
    ? [{ kind: 'stage', text: `At ${band.band} a class lasts up to ${band.classMinutes} minutes; this one is ${sequence.minutes}.` }] : [];
}

/** Props needed at once, at the step that needs most of each. Everyone needs their own; the wall is there. */
function roomOf(lanes: readonly Draft[][][], stock: FitInput['stock']): Fitting['room'] {
  const most = new Map<string, number>();
  lanes[0]?.forEach((_, i) => {
    const now = new Map<string, number>();
    for (const lane of lanes) {
      const own = new Map<string, number>();
      for (const entry of lane[i]!) {
        const entryOwn = new Map<string, number>();
        for (const { prop, count } of entry.props) if (prop !== 'wall') entryOwn.set(prop, (entryOwn.get(prop) ?? 0) + count);
        for (const [prop, count] of entryOwn) own.set(prop, Math.max(own.get(prop) ?? 0, count));
      }
      for (const [prop, count] of own) now.set(prop, (now.get(prop) ?? 0) + count);
    }
    for (const [prop, count] of now) most.set(prop, Math.max(most.get(prop) ?? 0, count));
  });
  return [...most].sort(([a], [b]) => (a < b ? -1 : 1)).map(([prop, count]) => {
    const short = stock ? count - (stock[prop] ?? 0) : 0;
    return { prop, count, ...(short > 0 ? { short } : {}) };
  });
}
