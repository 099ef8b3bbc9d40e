import { HALF_BREATH } from '../../poses/flows.js';
import { keep } from '../../cache.js';
import { MEASURE_NAMES, type Judged } from '../../poses/measures.js';
import type { CounterNeed } from '../../poses/counterPoses.js';
import type { Level } from '../../poses/types.js';
import { isSoft } from '../../rules/isSoft.js';
import { judge, quantityOf, standing, type Breach, type Trial } from '../../rules/judge.js';
import type { StagedPerson } from '../../rules/stagePerson.js';
import { USE_NAMES } from '../../rules/types.js';
import type { Step } from '../../reading/parseSequence.js';
import type { Side } from '../../side.js';
import {
  type Ask,
  type Candidate,
  easierRows,
  inRounds,
  type LaneTable,
  othersOf,
  type SideChoice,
  propsOf,
  sidesOf,
} from '../person/index.js';
import type { Choice, Counter } from '../path/index.js';
import type { Draft, Easier, Finding, LaneStep, PropUse, Then, WayTaken } from '../types.js';
import type { Passage } from '../ways/index.js';
import { asFarAs } from './asFarAs.js';
import { saidWith } from './cues.js';
import { allowedBy, asked, finding, findingsFor } from './findings.js';
import { sayAsFar } from './sayAsFar.js';
import { judgeAsked, trialOf } from './trial.js';

/**
 * A step's entries: one where both sides come out the same, otherwise one a side; the first says how one
 * gets there.
 */
export function draftsOf(lane: LaneTable, step: Step, { ask, option, from, passage, then }: Choice): Draft[] {
  const way = passage?.moves.length || passage?.none ? { way: wayOf(passage, lane) } : {};
  const after = then ? { then: thenOf(lane, then) } : {};
  const once = (entry: Draft): Draft => ({
    ...entry,
    ...way,
    ...after,
    sides: sidesOf(lane.body.catalogue.variant(entry.variant).pose, step.sides),
  });
  const [right, left] = option.sides;
  if (left && right && lane.right === lane.left && isSame(right, left))
    // No rule tells the sides apart, and both do the same: what is said of one holds for both.
    return [once(entryFor(lane, ask, step, right, from))];
  const entries = option.sides.map((choice) => entryFor(lane, ask, step, choice, from));
  const [first, second] = entries;
  if (!second) return entries.map((entry) => ({ ...entry, ...way, ...after }));
  const alike =
    first!.variant === second.variant && Math.abs(first!.hold.seconds - second.hold.seconds) < 0.01;
  // Both sides go as far as the one that goes less far.
  if (alike && (second.asFarAs?.share ?? 0) < (first!.asFarAs?.share ?? 0))
    return [once(withSecondSide(second, first!))];
  if (alike) return [once(withSecondSide(first!, second))];
  const sidesDiffer = whyDiffer(first!, second);
  return [
    { ...first!, ...way, sidesDiffer },
    { ...second, ...after, sidesDiffer },
  ];
}

const isSame = ({ candidate: a }: SideChoice, { candidate: b }: SideChoice): boolean =>
  a?.variant === b?.variant && a?.holdSeconds === b?.holdSeconds && a?.rounds === b?.rounds;

/** An entry for both sides: what only the second side needs is said and fetched too. */
function withSecondSide(first: Draft, second: Draft): Draft {
  const findings = second.findings.filter(
    (finding) => !first.findings.some((known) => known.rule === finding.rule && known.on === finding.on),
  );
  const props = second.props.filter(
    ({ prop, where }) => !first.props.some((known) => known.prop === prop && known.where === where),
  );
  const cues = second.cues.filter((cue) => !first.cues.includes(cue));
  const breaks = [...(first.override?.breaks ?? []), ...(second.override?.breaks ?? [])];
  return {
    ...first,
    ...(first.override && second.override
      ? { override: { ...first.override, breaks: [...new Set(breaks)] } }
      : {}),
    findings: [...first.findings, ...findings],
    props: [...first.props, ...props],
    cues: [...first.cues, ...cues],
  };
}

/** Which rule tells the sides apart. */
function whyDiffer(first: Draft, second: Draft): string {
  const found = (entry: Draft): Finding[] =>
    entry.findings.filter(({ level, on }) => level !== 'watch' && on !== 'chosen');
  const has = (list: Finding[], { rule }: Finding): boolean => list.some((other) => other.rule === rule);
  const only = [
    ...found(first).filter((one) => !has(found(second), one)),
    ...found(second).filter((one) => !has(found(first), one)),
  ];
  return (
    only[0]?.reason ??
    [...found(first), ...found(second)][0]?.reason ??
    'What suits one side does not suit the other.'
  );
}

/** How someone gets to a step, as it is said; where the usual way is out, why. */
export function wayOf({ moves, seconds, instead, none }: Passage, { staged, pace }: LaneTable): WayTaken {
  const slow = staged.rules.find(({ rule }) => rule.all.some((bound) => 'levelChange' in bound));
  return {
    moves: moves.map(({ way, backwards }) => ({
      id: way.id,
      name: backwards ? `${way.name}, in reverse` : way.name,
      ...(backwards ? { backwards: true as const } : {}),
    })),
    seconds,
    none,
    instead: [...new Set(instead.map(({ rule }) => rule.reason))],
    ...(slow?.rule.cue ? { pause: slow.rule.cue, pauseSeconds: pace.changeLevelSlow } : {}),
  };
}

const COUNTER_NEED_WORDS: Readonly<Record<CounterNeed, string>> = {
  'back-bend': 'After a deep back bend.',
  fold: 'After a long fold.',
  inversion: 'After being upside down.',
};

function thenOf(lane: LaneTable, { ask, option, counterNeed, passage }: Counter): Then {
  const { candidate } = option.sides[0]!;
  const { pose, variant, holdSeconds, row } = candidate!;
  const count = Math.round((holdSeconds / lane.count(pose, variant)) * 10) / 10;
  return {
    pose: pose.id,
    variant: variant.id,
    level: variant.level,
    breath: variant.breath,
    hold: { ...(pose.hold.unit === 'rounds' ? { rounds: count } : { breaths: count }), seconds: holdSeconds },
    sides: sidesOf(pose, ask.sides),
    props: lane.body.props(row),
    cues: variant.cues,
    reason: COUNTER_NEED_WORDS[counterNeed],
    ...(passage.moves.length ? { way: wayOf(passage, lane) } : {}),
  };
}

/** What is met by a chosen way, told apart: what must be added, what is watched, what it goes against. */
interface Breaches {
  added: Breach[];
  watches: Breach[];
  against: Breach[];
}

/** Only a choice of the teacher's may go against a rule; otherwise what is soft is all there is. */
function breachesOf({ staged, soft }: LaneTable, { pin }: Ask, trial: Trial): Breaches {
  const all = judge(pin ? staged.rules : soft, trial, staged.person.ranges);
  return {
    added: all.filter((breach) => isSoft(breach) && breach.rule.level !== 'watch'),
    watches: all.filter((breach) => isSoft(breach) && breach.rule.level === 'watch'),
    against: all.filter((breach) => !isSoft(breach)),
  };
}

/** What is put within reach; what several rules ask for is put there once. */
const propsAdded = (added: readonly Breach[]): PropUse[] =>
  added
    .map(({ rule }) => rule.adds!)
    .filter(
      (one, i, all) => all.findIndex((other) => other.prop === one.prop && other.where === one.where) === i,
    )
    .map(({ prop, where }) => ({ prop, count: 1, heightCm: 0, where }));

const cuesAdded = ({ added, watches }: Breaches): string[] => [
  ...new Set([...added, ...watches].flatMap(({ rule }) => (rule.cue ? [rule.cue] : []))),
];

/** A list with more at its end; itself where there is no more, so that it stays one for all who have it. */
const withMore = <T>(list: readonly T[], more: readonly T[]): readonly T[] =>
  more.length ? [...list, ...more] : list;

function entryFor(
  lane: LaneTable,
  ask: Ask,
  step: Step,
  { side, candidate }: SideChoice,
  from: Level | undefined,
): Draft {
  if (!candidate) return sitOut(lane, ask, step);
  const { variant, pose, row, holdSeconds, rounds, verdict, cost } = candidate;
  const done = inRounds(ask, rounds);
  const far = asFarAs(lane, done, candidate, side);
  const trial = far
    ? { ...far.trial, ...(from ? { from } : {}) }
    : trialOf(lane, done, row, holdSeconds, side, from);
  const breaches = breachesOf(lane, ask, trial);
  const shape = shapeOf(lane, step, row, verdict, holdSeconds, side, rounds);
  const findings = findingsFor(lane, ask, side, { candidate, trial, ...breaches });
  const allowed = allowedBy(lane, trial);
  const entry: Draft = {
    askedPose: shape.askedPose,
    askedVariant: shape.askedVariant,
    pose: shape.pose,
    variant: shape.variant,
    verdict: shape.verdict,
    ...(far ? { asFarAs: far.asFarAs } : {}),
    level: shape.level,
    breath: shape.breath,
    hold: shape.hold,
    measures: far ? measuresOf(far.trial, lane.staged.person.ranges) : shape.measures,
    sides: side ? [side] : [],
    cost: tenth(cost),
    props: withMore(lane.body.props(row), propsAdded(breaches.added)),
    cues: withMore(
      far ? [far.asFarAs.says, ...saidWith(lane, pose, variant)] : saidWith(lane, pose, variant),
      cuesAdded(breaches),
    ),
    findings,
    alternatives: othersOf(ask, lane, { side, candidate }).map((other) => ({
      pose: other.pose.id,
      variant: other.variant.id,
      verdict: other.verdict,
      holdSeconds: other.holdSeconds,
      cost: tenth(other.cost),
    })),
  };
  if (allowed.length) entry.allowedBy = allowed;
  const easier = verdict === 'rest' ? undefined : easierOf(lane, done, candidate, far?.asFarAs.share ?? 1);
  if (easier) entry.easier = easier;
  return ask.pin ? asOverride(entry, breaches.against) : entry;
}

/** What is easier than a chosen way, as it is said. */
function easierOf(lane: LaneTable, ask: Ask, chosen: Candidate, share: number): Easier | undefined {
  const { lessFar, supported, rest } = easierRows(ask, lane, chosen, share);
  const variantAt = (row: number) => lane.body.table.rows[row]!.variant;
  const less = lessFar === undefined ? undefined : variantAt(lessFar);
  const easier: Easier = {
    ...(less
      ? { lessFar: { variant: less.id, says: sayAsFar(less.partOf!, less.partOf!.share, less.level) } }
      : {}),
    ...(supported === undefined ? {} : { supported: variantAt(supported).id }),
    ...(rest === undefined ? {} : { rest: variantAt(rest).id }),
  };
  return Object.keys(easier).length ? easier : undefined;
}

/** A choice of the teacher's says every rule that it goes against. */
function asOverride(entry: Draft, against: readonly Breach[]): Draft {
  const told = new Set(entry.findings.filter(({ on }) => on === 'chosen').map(({ rule }) => rule));
  const untold = against.filter(({ rule }) => !told.has(rule.id));
  return {
    ...entry,
    findings: [...entry.findings, ...untold.map((breach) => finding(breach, 'chosen', false))],
    override: { reason: '', breaks: [...new Set(against.map(({ rule }) => rule.id))] },
  };
}

const tenth = (cost: number): number => Math.round(cost * 10) / 10;

const MEASURED = [...MEASURE_NAMES, ...USE_NAMES];
const described = new WeakMap<Judged, WeakMap<StagedPerson['person']['ranges'], LaneStep['measures']>>();
/**
 * Every measure of a shape for a person, rounded; the same for everyone of that body whose ranges were not
 * measured.
 */
function measuresOf(judged: Judged, ranges: StagedPerson['person']['ranges']): LaneStep['measures'] {
  const own = Object.keys(ranges).length ? ranges : UNMEASURED;
  const byRanges =
    described.get(judged) ?? keep(described, judged, new WeakMap<typeof own, LaneStep['measures']>());
  return (
    byRanges.get(own) ??
    keep(
      byRanges,
      own,
      Object.fromEntries(
        MEASURED.map((name) => [name, Math.round(quantityOf(name, judged, own) * 1000) / 1000]),
      ) as LaneStep['measures'],
    )
  );
}
const UNMEASURED: StagedPerson['person']['ranges'] = {};

function shapeOf(
  lane: LaneTable,
  step: Step,
  row: number,
  verdict: Draft['verdict'],
  seconds: number,
  side: Side | undefined,
  rounds?: number,
) {
  const { pose, variant } = lane.body.table.rows[row]!;
  const breath = lane.count(pose, variant);
  const count = Math.round((seconds / breath) * 10) / 10;
  const inUnit = pose.hold.unit === 'rounds' ? { rounds: count } : { breaths: count };
  const counted = step.hold.unit === 'seconds' ? {} : (inFlow(step, seconds / breath, rounds) ?? inUnit);
  return {
    askedPose: step.pose.id,
    askedVariant: step.variant.id,
    pose: pose.id,
    variant: variant.id,
    verdict,
    level: variant.level,
    breath: variant.breath,
    hold: { ...counted, seconds },
    measures: measuresOf(lane.body.judged(row, side), lane.staged.person.ranges),
  };
}

/** Rounds of a shape of a flow, all of them unless fewer are done, with its breaths where somebody stays in it. */
function inFlow({ flow, hold }: Step, breaths: number, fewer: number | undefined): Draft['hold'] | undefined {
  if (!flow) return undefined;
  const rounds = fewer ?? Math.round(hold.count / flow.breaths);
  const each = Math.round((breaths / rounds) * 10) / 10;
  return { rounds, ...(each > HALF_BREATH ? { breaths: each } : {}), seconds: 0 };
}

/** Nothing suits, or the person must not practise today: sitting out on a chair. */
export function sitOut(lane: LaneTable, ask: Ask, step: Step): Draft {
  const { staged, body } = lane;
  const { variant } = body.catalogue.variant('final-rest.chair');
  const row = body.table.rowOf.get(variant)!;
  const trial = trialOf(lane, ask, row, ask.holdSeconds, undefined);
  // Who sits the class out takes no shape at all; otherwise the chair too is held against the rule.
  const met = (breach: Breach): boolean =>
    staged.stopped || !standing(breach, trial, staged.person.ranges).broken;
  return {
    ...shapeOf(lane, step, row, 'rest', ask.holdSeconds, undefined),
    sides: [],
    props: propsOf(variant, staged.person.heightCm, staged.build),
    cost: 0,
    cues: staged.stopped ? ['Sits out today.'] : ['Rest here, or follow the breath.'],
    alternatives: [],
    findings: judgeAsked(lane, ask, ask.sides[0]).map((breach) => asked(breach, met(breach))),
  };
}
