import { betweenParts, isEitherOr } from '../../poses/partway/tellPart.js';
import { isSoft } from '../../rules/isSoft.js';
import { bites, limbsOf, quantityOf, type Trial } from '../../rules/judge.js';
import type { Bound, LimbSide } from '../../rules/types.js';
import { isNear } from '../../rules/uncertain.js';
import type { ActiveRule } from '../../rules/stagePerson.js';
import type { Side } from '../../side.js';
import type { Ask, Candidate, LaneTable } from '../person/index.js';
import type { AsFarAs } from '../types.js';
import { degreesAt, sayAsFar, shareWords } from './sayAsFar.js';
import { trialOf } from './trial.js';

/** Nobody sees a pose that is done further than this from the whole of it. */
const MOST = 0.9;
type Ranges = LaneTable['staged']['person']['ranges'];

/** Where on the way between two shapes a bound bites, 0 to 1: from, and to; nowhere where from is behind to. */
function spanOf(
  bound: Bound,
  [near, further]: readonly [Trial, Trial],
  ranges: Ranges,
  limb: LimbSide | undefined,
): readonly [from: number, to: number] {
  if (!('measure' in bound)) return bites(bound, near, ranges, limb) ? [0, 1] : [1, 0];
  const limit = 'over' in bound ? (bound.said ?? bound.over) : bound.under;
  const sign = 'over' in bound ? 1 : -1;
  const [from, to] = [near, further].map(
    (trial) => sign * (quantityOf(bound.measure, trial, ranges, limb) - limit),
  ) as [number, number];
  if (from <= 0 && to <= 0) return [1, 0];
  // What is there or not is there at once.
  if ((from > 0 && to > 0) || isEitherOr(bound.measure)) return [0, 1];
  const crossing = from / (from - to);
  return to > 0 ? [crossing, 1] : [0, crossing];
}

/**
 * How far between two shapes a rule holds, 0 to 1: until all of its bounds bite at once, on the limb where that is
 * soonest. Neither end need break it: one thing may grow while another goes.
 */
const heldUntil = (active: ActiveRule, ends: readonly [Trial, Trial], ranges: Ranges): number =>
  Math.min(
    ...limbsOf(active).map((limb) => {
      let [start, end] = [0, 1];
      for (const bound of active.rule.all) {
        const [from, to] = spanOf(bound, ends, ranges, limb);
        start = Math.max(start, from);
        end = Math.min(end, to);
        if (start >= end) return 1;
      }
      return start;
    }),
  );

/** A part of a pose at the largest share of the way at which nothing is broken: between the parts that were solved. */
export interface FoundAsFar {
  asFarAs: AsFarAs;
  /** The shape there. */
  trial: Trial;
}

/**
 * How far someone may go in a candidate that is part of a pose: at least as far as the part that was chosen, and no
 * further than the next one.
 */
export function asFarAs(
  lane: LaneTable,
  ask: Ask,
  { row, variant, holdSeconds }: Candidate,
  side: Side | undefined,
): FoundAsFar | undefined {
  const part = variant.partOf;
  if (!part) return undefined;
  const { rows, rowOf } = lane.body.table;
  // The furthest part comes first among the rows: the one before is the next further one, or the whole.
  const before = rows[row - 1]?.variant;
  const isNext = before?.partOf?.variant === part.variant;
  const far = isNext ? before : lane.body.catalogue.variant(part.variant).variant;
  const near = trialOf(lane, ask, row, holdSeconds, side);
  const further = trialOf(lane, ask, rowOf.get(far)!, holdSeconds, side);
  const { ranges } = lane.staged.person;
  const reach = (far.partOf?.share ?? 1) - part.share;
  const least = lane.staged.rules.reduce(
    // Nobody is sent into what cannot be measured any more, either.
    (share, active) =>
      isSoft(active) && !isNear(active.rule)
        ? share
        : Math.min(share, heldUntil(active, [near, further], ranges)),
    Math.min(1, (MOST - part.share) / reach),
  );
  // In whole hundredths, and short of where a rule would break by the last digit of a number.
  const share = Math.max(part.share, Math.floor((part.share + least * reach) * 100 - 1e-6) / 100);
  const t = Math.max(0, (share - part.share) / reach);
  const trial = t ? { ...near, measures: betweenParts(near.measures, further.measures, t) } : near;
  return {
    trial,
    asFarAs: {
      of: part.variant,
      share,
      joint: part.by,
      ...degreesAt(part, share),
      far: shareWords(share),
      says: sayAsFar(part, share, variant.level),
    },
  };
}
