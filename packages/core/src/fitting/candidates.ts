import { USUAL_RANGE } from '../body/ranges.js';
import type { Catalogue } from '../poses/catalogue.js';
import { mirrorMeasures, type Judged } from '../poses/measures.js';
import type { Level, Pose, Variant } from '../poses/types.js';
import type { HouseView } from '../rules/houseView.js';
import { breaks, judge, longestHold, standing, type Breach, type Trial } from '../rules/judge.js';
import type { ActiveRule, StagedPerson } from '../rules/stagePerson.js';
import type { Sum } from '../rules/types.js';
import { breathSeconds } from '../timing/pace.js';
import { FLOOR_LEVELS } from './floorVisits.js';
import { levelDistance } from './levelDistance.js';
import { similarity } from './similarity.js';
import type { Verdict } from './types.js';
import { WEIGHTS } from './weights.js';

/** What is asked of a lane at one step, and where the lane stands. */
export interface Ask {
  /** Where variants and their measures are looked up. */
  catalogue: Catalogue;
  view: HouseView;
  pose: Pose;
  variant: Variant;
  /** For one side. */
  holdSeconds: number;
  sides: readonly ('right' | 'left')[];
  on: string;
  from?: Level;
  /** Seconds on the back so far: in this run, and in all. */
  before: Readonly<Record<Sum, number>>;
}

/** A way to do the step that this person may take. */
export interface Candidate {
  pose: Pose;
  variant: Variant;
  holdSeconds: number;
  verdict: Verdict;
  cost: number;
  /** Needs that were answered by putting something within reach. */
  added: readonly Breach[];
  watches: readonly Breach[];
  trial: Trial;
}

/** Bodies kept at once; each holds the measures of the whole catalogue. */
const BODIES_MOST = 60;

interface Looked { right: Map<Variant, Judged>; left: Map<Variant, Judged> }
/** What has been looked up for a body: the same variants come round at every step and for everyone of that build and height. */
const looked = new WeakMap<Catalogue, Map<string, Looked>>();
const lookedFor = new WeakMap<StagedPerson, { catalogue: Catalogue; known: Looked }>();

function lookUps(catalogue: Catalogue, staged: StagedPerson): Looked {
  const last = lookedFor.get(staged);
  if (last?.catalogue === catalogue) return last.known;
  let bodies = looked.get(catalogue);
  if (!bodies) looked.set(catalogue, bodies = new Map());
  const key = `${staged.person.heightCm}|${staged.build}`;
  let known = bodies.get(key);
  if (!known) {
    if (bodies.size >= BODIES_MOST) bodies.clear();
    bodies.set(key, known = { right: new Map(), left: new Map() });
  }
  lookedFor.set(staged, { catalogue, known });
  return known;
}

/** Measures of a variant for a person, on one side. Without a side, as described. */
export function judgedFor(catalogue: Catalogue, variant: Variant, staged: StagedPerson, side: 'right' | 'left' | undefined): Judged {
  const sided = lookUps(catalogue, staged)[side ?? 'right'];
  let judged = sided.get(variant);
  if (!judged) {
    const measures = catalogue.measures(variant.id, staged.person.heightCm, staged.build);
    judged = { measures: side === 'left' ? mirrorMeasures(measures) : measures, level: variant.level, breath: variant.breath, support: variant.support };
    sided.set(variant, judged);
  }
  return judged;
}

/** A variant at a place in a lane, ready to be judged. */
export function trialOf(ask: Ask, staged: StagedPerson, pose: Pose, variant: Variant, holdSeconds: number, side: 'right' | 'left' | undefined): Trial {
  const judged = judgedFor(ask.catalogue, variant, staged, side), total = holdSeconds * (pose.side ? Math.max(1, ask.sides.length) : 1);
  const onBack = judged.measures.supine > 0;
  return {
    measures: judged.measures, level: judged.level, breath: judged.breath, support: judged.support, holdSeconds, moving: pose.hold.unit === 'rounds', action: pose.purposes[0].action, ...(ask.from ? { from: ask.from } : {}),
    sums: { supineUnbroken: onBack ? ask.before.supineUnbroken + total : 0, supineTotal: ask.before.supineTotal + (onBack ? total : 0) },
  };
}

/** Seconds of the shortest hold that still is this pose, for this person. */
const floorOf = (pose: Pose, variant: Variant, staged: StagedPerson, on: string): number => pose.hold.least * breathSeconds(staged.person, variant.breath, on);

const sortings = new WeakMap<StagedPerson, { hard: ActiveRule[]; soft: ActiveRule[] }>();
/** A person's rules by what a breach does: hard ones keep a variant out, soft ones add a cue or a prop. */
function sorted(staged: StagedPerson): { hard: ActiveRule[]; soft: ActiveRule[] } {
  let known = sortings.get(staged);
  if (!known) {
    const soft = ({ rule }: ActiveRule): boolean => rule.level === 'watch' || (rule.level === 'need' && rule.adds !== undefined);
    sortings.set(staged, known = { hard: staged.rules.filter((active) => !soft(active)), soft: staged.rules.filter(soft) });
  }
  return known;
}

/** Tries one variant, shortening its hold if that is all it takes. Undefined where this person may not take it. */
export function attempt(ask: Ask, staged: StagedPerson, pose: Pose, variant: Variant, side: 'right' | 'left' | undefined): Candidate | undefined {
  const { ranges } = staged.person, { hard, soft } = sorted(staged);
  let holdSeconds = ask.holdSeconds, trial = trialOf(ask, staged, pose, variant, holdSeconds, side), most = holdSeconds;
  for (const active of hard) {
    if (!breaks(active, trial, ranges)) continue;
    const allowed = longestHold(active, ask.before, Math.max(1, ask.sides.length));
    if (allowed === undefined) return undefined;
    most = Math.min(most, allowed);
  }
  if (most < holdSeconds) {
    const breath = breathSeconds(staged.person, variant.breath, ask.on);
    holdSeconds = Math.floor(most / breath) * breath;
    if (holdSeconds < Math.min(floorOf(pose, variant, staged, ask.on), ask.holdSeconds) || holdSeconds <= 0) return undefined;
    trial = trialOf(ask, staged, pose, variant, holdSeconds, side);
    if (hard.some((active) => breaks(active, trial, ranges))) return undefined;
  }
  const breaches = judge(soft, trial, ranges);
  const added = breaches.filter(({ rule }) => rule.level === 'need'), watches = breaches.filter(({ rule }) => rule.level === 'watch');
  return { pose, variant, holdSeconds, added, watches, trial, ...weigh(ask, staged, pose, variant, holdSeconds, added.length) };
}

/** Movements in which another pose may be deeper than what was asked. */
const DEPTHS = ['lumbarFlexion', 'lumbarExtension', 'thoracicTwist', 'sideBend', 'neckFlexion', 'neckExtension'] as const;

/** By how many usual ranges one variant goes deeper than another, over spine and neck. */
const deeperThan = ({ measures: asked }: Judged, { measures: taken }: Judged): number =>
  DEPTHS.reduce((sum, name) => sum + Math.max(0, taken[name] - asked[name]) / USUAL_RANGE[name], 0);

function weigh(ask: Ask, staged: StagedPerson, pose: Pose, variant: Variant, holdSeconds: number, added: number): { verdict: Verdict; cost: number } {
  const given = 1 - holdSeconds / ask.holdSeconds, resting = ask.pose.purposes[0].action === 'rest';
  let cost = given * (resting ? WEIGHTS.restHold : WEIGHTS.hold) + added * WEIGHTS.added;
  if (pose === ask.pose) {
    const asked = pose.ladder.indexOf(ask.variant), taken = pose.ladder.indexOf(variant), away = Math.abs(asked - taken);
    if (away) cost += WEIGHTS.rung + away * WEIGHTS.perRung + (taken > asked ? WEIGHTS.fuller : 0);
    cost += levelDistance(ask.variant.level, variant.level) * WEIGHTS.classLevel;
    return { verdict: away || given > 1e-9 || added ? 'eased' : 'as-written', cost };
  }
  cost += WEIGHTS.pose + (1 - similarity(ask.pose, pose)) * 2 * WEIGHTS.partPurpose;
  if (FLOOR_LEVELS.has(variant.level) !== FLOOR_LEVELS.has(ask.variant.level)) cost += WEIGHTS.classFloor;
  cost += levelDistance(ask.variant.level, variant.level) * WEIGHTS.classLevel;
  if (pose.energy !== ask.pose.energy) cost += WEIGHTS.energy;
  cost += deeperThan(judgedFor(ask.catalogue, ask.variant, staged, undefined), judgedFor(ask.catalogue, variant, staged, undefined)) * WEIGHTS.deeper;
  cost += Math.abs(variant.declared.isometric - ask.variant.declared.isometric) * WEIGHTS.effort + variant.props.length * WEIGHTS.prop;
  if (variant.id !== pose.usual) cost += 1;
  return { verdict: 'swapped', cost };
}

/** With so many ways found, rest need not be looked at: one to take and three to name beside it. */
const ENOUGH = 4;

/** The rest shapes anyone may be offered are the rungs of this pose. */
const REST = 'final-rest';

/** What nobody is led into unasked: held or forced breath, weight on the eyes; and, from another pose, upside down, a children's game for the grown, a hop or a jump. */
function offered(ask: Ask, { build }: StagedPerson, pose: Pose, variant: Variant): boolean {
  if ((variant.breath === 'held' || variant.breath === 'rapid') && variant.breath !== ask.variant.breath) return false;
  if (variant.declared.eyeContact && variant !== ask.variant) return false;
  return pose === ask.pose || (
    (pose.family !== 'inverted' || ask.pose.family === 'inverted') && (pose.family !== 'children' || ask.pose.family === 'children' || build !== 'adult')
    && (variant.declared.impact === undefined || variant.declared.impact === 'flowing'));
}

const cheaper = (a: Candidate, b: Candidate): number => a.cost - b.cost || (a.variant.id < b.variant.id ? -1 : 1);

const mates = new WeakMap<Catalogue, Map<Pose, readonly Pose[]>>();
/** Other poses that serve something of what a pose is for. */
function matesOf(catalogue: Catalogue, pose: Pose): readonly Pose[] {
  let known = mates.get(catalogue);
  if (!known) mates.set(catalogue, known = new Map());
  let list = known.get(pose);
  if (!list) known.set(pose, list = catalogue.poses.filter((other) => other !== pose && similarity(pose, other) > 0));
  return list;
}

/**
 * Every way this person may do a step, best first: the asked variant, its ladder, poses of the
 * same purpose, and rest shapes. The asked one comes first wherever it passes.
 */
export function candidatesFor(ask: Ask, staged: StagedPerson, side: 'right' | 'left' | undefined): Candidate[] {
  const found: Candidate[] = [], look = (pose: Pose): void => {
    for (const variant of pose.ladder) {
      const candidate = offered(ask, staged, pose, variant) ? attempt(ask, staged, pose, variant, side) : undefined;
      if (candidate) found.push(candidate);
    }
  };
  look(ask.pose);
  // A rung costs less than any other pose: where the asked one passes and two rungs stand beside it, nothing else comes before them.
  if (found.length >= 3 && found.some(({ verdict }) => verdict === 'as-written')) return found.sort(cheaper);
  for (const pose of matesOf(ask.catalogue, ask.pose)) look(pose);
  const rest = ask.catalogue.poses.find((pose) => pose.id === REST)!;
  if (ask.pose !== rest && found.length < ENOUGH) {
    for (const variant of rest.ladder) {
      const candidate = offered(ask, staged, rest, variant) ? attempt(ask, staged, rest, variant, side) : undefined;
      if (candidate) found.push({ ...candidate, verdict: 'rest', cost: WEIGHTS.rest + candidate.cost });
    }
  }
  return found.sort(cheaper);
}

/** How the asked variant stands against every rule that it breaks. */
export const askedBreaches = (ask: Ask, staged: StagedPerson, side: 'right' | 'left' | undefined): Breach[] =>
  judge(staged.rules, trialOf(ask, staged, ask.pose, ask.variant, ask.holdSeconds, side), staged.person.ranges);

/** How a chosen trial stands against one rule. */
export const standingOf = (breach: Breach, trial: Trial, staged: StagedPerson): Breach & { broken: boolean } => standing(breach, trial, staged.person.ranges);
