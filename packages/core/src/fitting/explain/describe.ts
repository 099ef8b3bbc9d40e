import { MEASURE_NAMES, type Judged } from '../../poses/measures.js';
import type { Level, Pose, Variant } from '../../poses/types.js';
import { positionOf } from '../../rules/houseView.js';
import { judge, quantityOf, standing, type Breach, type Trial } from '../../rules/judge.js';
import type { ActiveRule, StagedPerson } from '../../rules/stagePerson.js';
import { sumsAfter } from '../../rules/sums.js';
import { USE_NAMES } from '../../rules/types.js';
import type { Step } from '../../reading/parseSequence.js';
import {
  type Ask,
  type Candidate,
  type LaneTable,
  othersOf,
  type SideChoice,
  propsOf,
  sidesOf,
} from '../person/index.js';
import type { Choice, Counter } from '../path/index.js';
import { isSoft } from '../../rules/isSoft.js';
import type { AllowedBy, LaneStep, Draft, Finding, PropUse, Then, WayTaken } from '../types.js';
import type { Passage } from '../ways/index.js';
import type { CounterNeed } from '../../poses/counterPoses.js';
import type { SaidWith } from '../../rules/houseViewTypes.js';
import type { Rulebook } from '../../rules/rulebook.js';
import type { Side } from '../../side.js';
import type { HouseView } from '../../rules/houseViewTypes.js';

/** A variant at a place in a lane, ready to be judged. */
export function trialOf(
  { body }: Pick<LaneTable, 'body'>,
  { sides, before }: Pick<Ask, 'sides' | 'before'>,
  row: number,
  holdSeconds: number,
  side: Side | undefined,
  from?: Level,
): Trial {
  const { pose } = body.table.rows[row]!;
  const judged = body.judged(row, side);
  return {
    measures: judged.measures,
    level: judged.level,
    breath: judged.breath,
    support: judged.support,
    holdSeconds,
    moving: pose.hold.unit === 'rounds',
    action: pose.purposes[0].action,
    sums: sumsAfter(before, judged.measures, holdSeconds * Math.max(1, sidesOf(pose, sides).length)),
    ...(from ? { from } : {}),
  };
}

/**
 * A step's entries: one where both sides come out the same, otherwise one a side; the first says how one
 * gets there.
 */
export function draftsOf(lane: LaneTable, step: Step, { ask, option, from, passage, then }: Choice): Draft[] {
  const way = passage?.moves.length || passage?.none ? { way: wayOf(passage, lane) } : {};
  const after = then ? { then: thenOf(lane, then) } : {};
  const [right, left] = option.sides;
  if (
    left &&
    right &&
    lane.right === lane.left &&
    left.candidate?.variant === right.candidate?.variant &&
    left.candidate?.holdSeconds === right.candidate?.holdSeconds
  ) {
    // No rule tells the sides apart, and both do the same: what is said of one holds for both.
    const entry = entryFor(lane, ask, step, right, from);
    return [
      {
        ...entry,
        ...way,
        ...after,
        sides: sidesOf(lane.body.catalogue.variant(entry.variant).pose, step.sides),
      },
    ];
  }
  const entries = option.sides.map((choice) => entryFor(lane, ask, step, choice, from));
  const [first, second] = entries;
  if (
    first &&
    second &&
    first.variant === second.variant &&
    Math.abs(first.hold.seconds - second.hold.seconds) < 0.01
  ) {
    // What only the second side needs is said and fetched too.
    const findings = second.findings.filter(
      (finding) => !first.findings.some((known) => known.rule === finding.rule && known.on === finding.on),
    );
    const props = second.props.filter(
      ({ prop, where }) => !first.props.some((known) => known.prop === prop && known.where === where),
    );
    const cues = second.cues.filter((cue) => !first.cues.includes(cue));
    const override =
      first.override && second.override
        ? {
            override: {
              ...first.override,
              breaks: [...new Set([...first.override.breaks, ...second.override.breaks])],
            },
          }
        : {};
    return [
      {
        ...first,
        ...override,
        ...way,
        ...after,
        sides: sidesOf(lane.body.catalogue.variant(first.variant).pose, step.sides),
        findings: [...first.findings, ...findings],
        props: [...first.props, ...props],
        cues: [...first.cues, ...cues],
      },
    ];
  }
  const differ = second ? { sidesDiffer: whyDiffer(first!, second) } : {};
  return entries.map((entry, i) => ({
    ...entry,
    ...(i ? {} : way),
    ...(i === entries.length - 1 ? after : {}),
    ...differ,
  }));
}

/** Which rule tells the sides apart. */
function whyDiffer(first: Draft, second: Draft): string {
  const found = (entry: Draft): Finding[] =>
    entry.findings.filter(({ level, on }) => level !== 'watch' && on === 'asked');
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

function entryFor(
  lane: LaneTable,
  ask: Ask,
  step: Step,
  { side, candidate }: SideChoice,
  from: Level | undefined,
): Draft {
  if (!candidate) return sitOut(lane, ask, step);
  const { staged, body } = lane;
  const { variant, pose, row, holdSeconds } = candidate;
  const trial = trialOf(lane, ask, row, holdSeconds, side, from);
  const breaches = judge(ask.pin ? staged.rules : lane.soft, trial, staged.person.ranges);
  const added: Breach[] = [];
  const watches: Breach[] = [];
  const against: Breach[] = [];
  for (const breach of breaches) {
    if (!isSoft(breach)) against.push(breach);
    else if (breach.rule.level === 'watch') watches.push(breach);
    else added.push(breach);
  }
  const usual = body.props(row);
  const soft = added.concat(watches);
  const said = saidWith(lane, pose, variant);
  const shape = shapeOf(lane, step, row, candidate.verdict, holdSeconds, side);
  const findings = findingsFor(lane, ask, side, { candidate, trial, added, watches });
  const entry: Draft = {
    askedPose: step.pose.id,
    askedVariant: step.variant.id,
    pose: shape.pose,
    variant: shape.variant,
    verdict: shape.verdict,
    level: shape.level,
    breath: shape.breath,
    hold: shape.hold,
    measures: shape.measures,
    sides: side ? [side] : [],
    cost: tenth(candidate.cost),
    props: added.length
      ? [
          ...usual,
          ...added.map(({ rule: { adds } }): PropUse => ({
            prop: adds!.prop,
            count: 1,
            heightCm: 0,
            where: adds!.where,
          })),
        ]
      : usual,
    cues: soft.length ? [...said, ...soft.flatMap(({ rule }) => (rule.cue ? [rule.cue] : []))] : said,
    findings,
    alternatives: othersOf(ask, lane, { side, candidate }).map((other) => ({
      pose: other.pose.id,
      variant: other.variant.id,
      verdict: other.verdict,
      holdSeconds: other.holdSeconds,
      cost: tenth(other.cost),
    })),
  };
  const allowed = allowedBy(lane, trial);
  if (allowed.length) entry.allowedBy = allowed;
  if (!ask.pin) return entry;
  // A choice of the teacher's says every rule that it goes against.
  const known = new Set(findings.filter(({ on }) => on === 'chosen').map(({ rule }) => rule));
  return {
    ...entry,
    findings: [
      ...findings,
      ...against.filter(({ rule }) => !known.has(rule.id)).map((breach) => finding(breach, 'chosen', false)),
    ],
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
  let known = described.get(judged);
  if (!known) described.set(judged, (known = new WeakMap()));
  let measures = known.get(own);
  if (!measures)
    known.set(
      own,
      (measures = Object.fromEntries(
        MEASURED.map((name) => [name, Math.round(quantityOf(name, judged, own) * 1000) / 1000]),
      ) as LaneStep['measures']),
    );
  return measures;
}
const UNMEASURED: StagedPerson['person']['ranges'] = {};

function shapeOf(
  lane: LaneTable,
  step: Step,
  row: number,
  verdict: Draft['verdict'],
  seconds: number,
  side: Side | undefined,
) {
  const { pose, variant } = lane.body.table.rows[row]!;
  const breath = lane.count(pose, variant);
  const count = Math.round((seconds / breath) * 10) / 10;
  const inUnit = pose.hold.unit === 'rounds' ? { rounds: count } : { breaths: count };
  const counted = step.hold.unit === 'seconds' ? {} : inUnit;
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
    findings: judgeAsked(lane, ask, ask.sides[0]).map((breach) => finding(breach, 'asked', met(breach))),
  };
}

/** Cues of the positions that a teacher holds; those for everyone, and those for people with some condition. */
const viewCues = new WeakMap<HouseView, { all: SaidWith[]; some: SaidWith[] }>();
const saidKnown = new WeakMap<HouseView, WeakMap<Variant, readonly string[]>>();
const cuesOf = (view: HouseView, { houseViewTopics }: Rulebook): { all: SaidWith[]; some: SaidWith[] } => {
  let cues = viewCues.get(view);
  if (!cues) {
    const held = Object.entries(houseViewTopics).flatMap(
      ([topic, { positions }]) => positions.find(({ id }) => id === view[topic])?.cue ?? [],
    );
    viewCues.set(
      view,
      (cues = {
        all: held.filter(({ conditions }) => !conditions),
        some: held.filter(({ conditions }) => conditions),
      }),
    );
  }
  return cues;
};
const goesWith = ({ poses, spine, level }: SaidWith, pose: Pose, variant: Variant): boolean =>
  (!poses || poses.includes(pose.id)) &&
  (!spine || pose.purposes.some((purpose) => purpose.spine === spine)) &&
  (!level || variant.level === level);

/** What is said with a variant, and what the positions of the house view say with its pose to this person. */
function saidWith({ view, staged }: LaneTable, pose: Pose, variant: Variant): readonly string[] {
  const { all, some } = cuesOf(view, staged.rulebook);
  let byVariant = saidKnown.get(view);
  if (!byVariant) saidKnown.set(view, (byVariant = new WeakMap()));
  let says = byVariant.get(variant);
  if (!says)
    byVariant.set(
      variant,
      (says = variant.cues.concat(all.filter((cue) => goesWith(cue, pose, variant)).map((cue) => cue.says))),
    );
  const own = some.filter(
    (cue) =>
      goesWith(cue, pose, variant) &&
      staged.stages.some(({ condition }) => cue.conditions!.includes(condition)),
  );
  return own.length ? [...says, ...own.map((cue) => cue.says)] : says;
}

/**
 * Where a position of the house view let the chosen way pass: which, and what another position would have
 * said.
 */
function allowedBy({ staged, view }: LaneTable, trial: Trial): AllowedBy[] {
  const found: AllowedBy[] = [];
  for (const { rule } of judge(staged.elsewhere, trial, staged.person.ranges)) {
    const topic = rule.house?.topic;
    if (rule.level === 'watch' || !topic || found.some((one) => one.topic === topic)) continue;
    const { name, position, positionName } = positionOf(topic, view, staged.rulebook);
    const other = positionOf(topic, { [topic]: rule.house!.positions[0]! }, staged.rulebook);
    found.push({
      topic,
      name,
      position,
      positionName,
      other: other.positionName,
      rule: rule.id,
      reason: rule.reason,
    });
  }
  return found;
}

const finding = (
  { rule, condition, measure, value, limit }: Breach,
  on: Finding['on'],
  met: boolean,
): Finding => ({
  rule: rule.id,
  condition,
  level: rule.level,
  measure,
  value: typeof value === 'number' ? Math.round(value * 100) / 100 : value,
  limit,
  reason: rule.reason,
  met,
  evidence: rule.evidence,
  on,
  ...(rule.house ? { house: rule.house } : {}),
  ...(rule.changed ? { changed: rule.changed } : {}),
});

/** Every rule that the asked variant breaks. */
const judgeAsked = (lane: LaneTable, ask: Ask, side: Side | undefined): Breach[] =>
  judge(
    lane.staged.rules,
    trialOf(lane, ask, lane.body.table.rowOf.get(ask.variant)!, ask.holdSeconds, side),
    lane.staged.person.ranges,
  );

/** Rules that the asked way breaks, each beside how the chosen way stands; then what is watched. */
function findingsFor(
  lane: LaneTable,
  ask: Ask,
  side: Side | undefined,
  chosen: {
    candidate: Candidate;
    trial: Trial;
    added: readonly ActiveRule[];
    watches: readonly ActiveRule[];
  },
): Finding[] {
  const asWritten = chosen.candidate.verdict === 'as-written';
  const findings: Finding[] = [];
  const { ranges } = lane.staged.person;
  // What is asked and what is done are the same: nothing hard is broken, and what is soft has been found
  // already.
  for (const breach of asWritten && !ask.pin ? [] : judgeAsked(lane, ask, side)) {
    const now = standing(breach, chosen.trial, ranges);
    const answered = !now.broken || (breach.rule.level === 'need' && breach.rule.adds !== undefined);
    if (!asWritten) findings.push(finding(breach, 'asked', answered));
    findings.push(finding(now, 'chosen', answered));
  }
  for (const breach of [...chosen.added, ...chosen.watches] as Breach[]) {
    if (!findings.some((known) => known.rule === breach.rule.id && known.on === 'chosen'))
      findings.push(finding(breach, 'chosen', breach.rule.level === 'need'));
  }
  return findings;
}
