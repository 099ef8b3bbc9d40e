import { USUAL_RANGE } from '../body/ranges.js';
import type { Person } from '../people/types.js';
import { SIDED_MEASURES, type Judged, type MeasureName } from '../poses/measures.js';
import type { Action, Family, Level, Region } from '../poses/types.js';
import type { ActiveRule } from './stagePerson.js';
import { countsTowards } from './sums.js';
import { USE_NAMES, type Bound, type LimbSide, type Quantity, type Sum } from './types.js';

/** A variant at a place in a lane: what a rule is held against. */
export interface Trial extends Judged {
  /** Hold for one side, all rounds included. */
  holdSeconds: number;
  /** A movement counted in rounds, not a held shape. */
  moving: boolean;
  /** The action of the pose's primary purpose. */
  action: Action;
  /** The pose's family. */
  family: Family;
  /** The pose's id. */
  pose: string;
  /** What it is there to strengthen. */
  strengthens?: readonly Region[];
  /** Seconds that this step would bring the lane to. */
  sums: Readonly<Record<Sum, number>>;
  /** Where the body was before. */
  from?: Level;
}

/** One rule that a trial meets, with its measured number against its limit. */
export interface Breach extends ActiveRule {
  measure: string;
  value: number | string;
  limit: number | string;
}

/** A limb's measures by side, their names put together once. */
const SIDED = new Map<string, Readonly<Record<LimbSide, MeasureName>>>(
  SIDED_MEASURES.map((name) => [name, { Right: `${name}Right`, Left: `${name}Left` }]),
);
const BOTH: readonly LimbSide[] = ['Right', 'Left'];
const WORSE = [undefined] as const;
const USES = new Map<string, 'neckFlexion'>(USE_NAMES.map((use) => [use, use.slice(0, -3) as 'neckFlexion']));

/**
 * The value of a quantity: a measure, a limb's measure (its worse side, or the one that is named), or a
 * share of the usual or measured range.
 */
export function quantityOf(
  quantity: Quantity,
  { measures }: Pick<Judged, 'measures'>,
  ranges: Person['ranges'],
  limb?: LimbSide,
): number {
  const base = USES.get(quantity);
  if (base) return measures[base] / (ranges[base] ?? USUAL_RANGE[base]);
  const sided = SIDED.get(quantity);
  if (!sided) return measures[quantity as MeasureName];
  if (limb) return measures[sided[limb]];
  return Math.max(measures[sided.Right], measures[sided.Left]);
}

/** Whether a bound bites: a comparison, nothing made. Says the same as {@link read}. */
export function bites(bound: Bound, trial: Trial, ranges: Person['ranges'], limb?: LimbSide): boolean {
  if ('measure' in bound) {
    const value = quantityOf(bound.measure, trial, ranges, limb);
    return 'over' in bound ? value > bound.over : value < bound.under;
  }
  if ('level' in bound) return bound.level.includes(trial.level);
  if ('holdOver' in bound) return trial.holdSeconds > bound.holdOver;
  return read(bound, trial, ranges).bites;
}

interface Reading {
  bites: boolean;
  measure: string;
  value: number | string;
  limit: number | string;
}

function read(bound: Bound, trial: Trial, ranges: Person['ranges'], limb?: LimbSide): Reading {
  if ('measure' in bound) {
    const value = quantityOf(bound.measure, trial, ranges, limb);
    return 'over' in bound
      ? { bites: value > bound.over, measure: bound.measure, value, limit: bound.over }
      : { bites: value < bound.under, measure: bound.measure, value, limit: bound.under };
  }
  if ('holdOver' in bound)
    return {
      bites: trial.holdSeconds > bound.holdOver,
      measure: 'holdSeconds',
      value: trial.holdSeconds,
      limit: bound.holdOver,
    };
  if ('sum' in bound)
    return {
      bites: countsTowards(bound.sum, trial.measures) && trial.sums[bound.sum] > bound.over,
      measure: bound.sum,
      value: trial.sums[bound.sum],
      limit: bound.over,
    };
  if ('level' in bound)
    return {
      bites: bound.level.includes(trial.level),
      measure: 'level',
      value: trial.level,
      limit: `not ${bound.level.join(' or ')}`,
    };
  if ('levelNot' in bound)
    return {
      bites: !bound.levelNot.includes(trial.level),
      measure: 'level',
      value: trial.level,
      limit: bound.levelNot.join(' or '),
    };
  if ('breath' in bound)
    return {
      bites: bound.breath.includes(trial.breath),
      measure: 'breath',
      value: trial.breath,
      limit: `not ${bound.breath.join(' or ')}`,
    };
  if ('support' in bound)
    return {
      bites: bound.support.includes(trial.support),
      measure: 'support',
      value: trial.support,
      limit: 'a hand or more',
    };
  if ('still' in bound)
    return {
      bites: !trial.moving,
      measure: 'still',
      value: trial.moving ? 'moving' : 'held',
      limit: 'moving',
    };
  if ('purposeNot' in bound)
    return {
      bites: !bound.purposeNot.includes(trial.action),
      measure: 'purpose',
      value: trial.action,
      limit: bound.purposeNot.join(' or '),
    };
  if ('skillOver' in bound)
    return {
      bites: trial.skill > bound.skillOver,
      measure: 'skill',
      value: trial.skill,
      limit: bound.skillOver,
    };
  if ('unhelped' in bound)
    return {
      bites: trial.helped !== bound.unhelped,
      measure: 'helped',
      value: trial.helped ?? 'none',
      limit: `${bound.unhelped} lifted by the hands`,
    };
  // A pose is no way between levels: ways are held against rules by themselves.
  if ('floorWay' in bound)
    return { bites: false, measure: 'floorWay', value: trial.level, limit: 'with something to hold' };
  if ('familyNot' in bound)
    return {
      bites: !bound.familyNot.includes(trial.family),
      measure: 'family',
      value: trial.family,
      limit: bound.familyNot.join(' or '),
    };
  if ('strengthens' in bound)
    return {
      bites: bound.strengthens.some((region) => trial.strengthens?.includes(region)),
      measure: 'strengthens',
      value: trial.strengthens?.join(', ') ?? '',
      limit: bound.strengthens.join(' or '),
    };
  if ('poseNot' in bound)
    return {
      bites: !bound.poseNot.includes(trial.pose),
      measure: 'pose',
      value: trial.pose,
      limit: bound.poseNot.join(' or '),
    };
  return {
    bites: trial.from !== undefined && trial.from !== trial.level,
    measure: 'levelChange',
    value: `${trial.from ?? trial.level} to ${trial.level}`,
    limit: 'slowly',
  };
}

/** The limbs that a rule's bounds must bite on together; undefined for the worse side of each measure. */
export const limbsOf = ({ rule, sides = BOTH }: ActiveRule): readonly (LimbSide | undefined)[] => {
  if (rule.limb === 'each') return BOTH;
  if (rule.limb === 'affected') return sides;
  return WORSE;
};

/**
 * How one rule stands against a trial, broken or not: the first bound that is a number is shown, on the
 * limb where it is broken.
 */
export function standing(
  active: ActiveRule,
  trial: Trial,
  ranges: Person['ranges'],
): Breach & { broken: boolean } {
  const limbs = limbsOf(active).map((limb) =>
    active.rule.all.map((bound) => read(bound, trial, ranges, limb)),
  );
  const broken = limbs.find((readings) => readings.every((reading) => reading.bites));
  const readings = broken ?? limbs[0]!;
  const shown =
    readings.find((reading) => typeof reading.value === 'number' && !(reading.measure === 'oneLeg')) ??
    readings[0]!;
  return {
    ...active,
    measure: shown.measure,
    value: shown.value,
    limit: typeof shown.limit === 'number' ? (active.rule.said ?? shown.limit) : shown.limit,
    broken: broken !== undefined,
  };
}

/** Whether a trial breaks a rule: comparisons only, nothing is made. */
export function breaks(active: ActiveRule, trial: Trial, ranges: Person['ranges']): boolean {
  for (const limb of limbsOf(active)) {
    let all = true;
    for (const bound of active.rule.all)
      if (!bites(bound, trial, ranges, limb)) {
        all = false;
        break;
      }
    if (all) return true;
  }
  return false;
}

/** Every rule that a trial breaks, also those that a tighter one covers. */
export function judge(rules: readonly ActiveRule[], trial: Trial, ranges: Person['ranges']): Breach[] {
  const breaches: Breach[] = [];
  for (const active of rules) {
    // Deciding is a comparison of numbers; the finding is only made where the rule is broken.
    if (breaks(active, trial, ranges)) breaches.push(standing(active, trial, ranges));
  }
  return breaches;
}
