import { keep } from '../../cache.js';
import { USUAL_RANGE } from '../../body/ranges.js';
import type { Judged } from '../../poses/measures.js';
import type { Level, Pose, Variant } from '../../poses/types.js';
import { FLOOR_LEVELS } from '../../poses/levels.js';
import { levelDistance } from '../ways/index.js';
import { WEIGHTS } from '../weights.js';
import type { BodyTable, StandIns } from './bodyTable.js';
import { asksAnew, asksMore, asksMorePartway, STEADY } from './asksMore.js';
import { serves } from './serves.js';
import { similarity } from './similarity.js';

/** Movements in which another pose may be deeper than what was asked. */
const DEPTHS = [
  'lumbarFlexion',
  'lumbarExtension',
  'thoracicTwist',
  'sideBend',
  'neckFlexion',
  'neckExtension',
] as const;

const kneeBend = ({ measures: { kneeFlexionRight, kneeFlexionLeft } }: Judged): number =>
  Math.max(kneeFlexionRight, kneeFlexionLeft);

/** By how many usual ranges one variant goes deeper than another, over spine, neck and knees. */
const deeperThan = (asked: Judged, taken: Judged): number =>
  DEPTHS.reduce(
    (sum, name) =>
      sum +
      Math.max(
        0,
        taken.measures[name] - asked.measures[name] - (name === 'lumbarFlexion' ? fromHamstrings(taken) : 0),
      ) /
        USUAL_RANGE[name],
    Math.max(0, kneeBend(taken) - Math.max(kneeBend(asked), SITTING_KNEES)) / USUAL_KNEE,
  );
/**
 * What a low back rounds for its legs, up to ten degrees: usual hamstrings differ by so much (70 to 90;
 * from memory), and it is no depth.
 */
const fromHamstrings = ({
  measures: { hipFlexionWithKneeStraightRight, hipFlexionWithKneeStraightLeft },
}: Judged): number =>
  Math.min(
    10,
    Math.max(
      0,
      hipFlexionWithKneeStraightRight - USUAL_RANGE.hipFlexionWithKneeStraight,
      hipFlexionWithKneeStraightLeft - USUAL_RANGE.hipFlexionWithKneeStraight,
    ),
  );
/** Knees bent to a right angle are no depth: one sits like that; and how far a knee usually bends, degrees. */
const SITTING_KNEES = 90;
const USUAL_KNEE = 140;

/** What the hands, forearms and neck carry more than in the asked variant, share of body weight. */
const heavierThan = ({ measures: asked }: Judged, { measures: taken }: Judged): number =>
  (['handsShare', 'forearmsShare', 'neckShare'] as const).reduce(
    (sum, name) => sum + Math.max(0, taken[name] - asked[name]),
    0,
  );

/** A variant that was asked, with its row in the table of a body. */
interface Asked {
  pose: Pose;
  variant: Variant;
  row: number;
}

/**
 * What a variant costs in place of an asked one, apart from what is lost of the hold and what is put within
 * reach.
 */
export function standInCost(body: BodyTable, asked: Asked, row: number): number {
  const { pose, variant } = body.table.rows[row]!;
  const apart = levelDistance(asked.variant.level, variant.level, body.catalogue.ways);
  return (
    apart * WEIGHTS.classLevel +
    (pose === asked.pose
      ? rungCost(asked.pose, asked.variant, variant)
      : swapCost(body, asked, { pose, variant, row }))
  );
}

/** Whether a rung stands above the asked one on its ladder. */
const isFuller = ({ pose: { ladder }, variant }: Asked, taken: Asked): boolean =>
  rungOf(ladder, taken.variant) > rungOf(ladder, variant);

/**
 * What another rung of a ladder must not do in place of the asked one. A part of the way may ask more, too: a leg held
 * lower is heavier. A lower rung is made easier by whoever wrote the ladder, at the cost of some joint perhaps (a hand
 * on a wall is an arm lifted), but asks for nothing new.
 */
function asksTooMuch(asked: Asked, taken: Asked): typeof asksMore {
  if (taken.variant.partOf) return asksMorePartway;
  return isFuller(asked, taken) ? asksMore : asksAnew;
}

/** The rung of a ladder that a variant is, or is part of. */
const rungOf = (ladder: Pose['ladder'], { id, partOf }: Variant): number =>
  ladder.findIndex((rung) => rung.id === (partOf?.variant ?? id));

/** What it costs to leave the asked rung for another one of the same ladder, or to do only part of its way. */
function rungCost({ ladder }: Pose, asked: Variant, taken: Variant): number {
  if (asked === taken) return 0;
  const climbed = rungOf(ladder, taken) - rungOf(ladder, asked);
  const given = taken.partOf ? (1 - taken.partOf.share) * WEIGHTS.partway : 0;
  if (!climbed) return given;
  return WEIGHTS.rung + Math.abs(climbed) * WEIGHTS.perRung + (climbed > 0 ? WEIGHTS.fuller : 0) + given;
}

/** What it costs to do another pose: what is lost of the purpose, and what is asked more. */
function swapCost(body: BodyTable, asked: Asked, taken: Asked): number {
  const { pose, variant } = taken;
  const losesBalance =
    asked.pose.purposes[0].action === 'balance' &&
    STEADY.has(variant.level) &&
    !STEADY.has(asked.variant.level);
  const lost =
    (1 - serves(asked.pose, pose)) * WEIGHTS.purpose +
    surfaceCost(asked.variant.level, variant.level) +
    (pose.energy !== asked.pose.energy ? WEIGHTS.energy : 0) +
    (losesBalance ? WEIGHTS.noBalance : 0) +
    (pose.side && !asked.pose.side ? WEIGHTS.halved : 0);
  return (
    WEIGHTS.pose +
    lost +
    demandCost(body, asked, taken) +
    (isSelfHelp(taken) ? WEIGHTS.helped : 0) +
    variant.props.length * WEIGHTS.prop +
    (variant.id !== pose.usual ? WEIGHTS.unusual : 0)
  );
}

/** Whether the hands do what others on the same level do without them. */
const isSelfHelp = ({ pose, variant }: Asked): boolean =>
  variant.helped !== undefined &&
  variant.id !== pose.usual &&
  pose.ladder.some(({ level, helped }) => level === variant.level && !helped);

/** What it costs that another pose goes deeper, weighs heavier, works harder or easier than what was asked. */
function demandCost(body: BodyTable, asked: Asked, taken: Asked): number {
  const from = body.judged(asked.row, undefined);
  const to = body.judged(taken.row, undefined);
  const effort = to.measures.isometric - from.measures.isometric;
  return (
    (to.measures.oneLeg > from.measures.oneLeg ? WEIGHTS.oneLeg : 0) +
    deeperThan(from, to) * WEIGHTS.deeper +
    heavierThan(from, to) * WEIGHTS.heavier +
    Math.max(0, effort) * WEIGHTS.harder +
    Math.max(0, -effort) * WEIGHTS.easier
  );
}

/** What it costs to be on the floor, or on a chair, where the class is not. */
function surfaceCost(asked: Level, level: Level): number {
  if (FLOOR_LEVELS.has(level) !== FLOOR_LEVELS.has(asked)) return WEIGHTS.classFloor;
  return (level === 'chair') !== (asked === 'chair') ? WEIGHTS.classChair : 0;
}

const HALF = 0.5;

/** The rest shapes anyone may be offered are the rungs of this pose. */
const REST = 'final-rest';

/** Static work of plank and boat. */
const HARDEST = 3;

const jumps = ({ declared: { impact } }: Variant): boolean => impact === 'jumping' || impact === 'hopping';

/** What nobody is led into unasked, from whatever was asked: held or forced breath, weight on the eyes, a jump. */
function leadsIntoTheUnasked(asked: Variant, taken: Variant): boolean {
  const forcesBreath = taken.breath === 'held' || taken.breath === 'rapid';
  return (
    (forcesBreath && taken.breath !== asked.breath) ||
    (taken.declared.eyeContact === true && taken !== asked) ||
    (jumps(taken) && !jumps(asked))
  );
}

/**
 * What may be given from another pose: not upside down, not the hardest work, not a children's game for the
 * grown, where nothing like it was asked; no jump, nothing but strength for strength, and nothing that asks for what
 * was not asked.
 */
function mayReplace(body: BodyTable, asked: Asked, taken: Asked): boolean {
  const { pose, variant } = taken;
  const newly = (family: Pose['family']): boolean => pose.family === family && asked.pose.family !== family;
  const effort = ({ row }: Asked): number => body.judged(row, undefined).measures.isometric;
  const hardest = effort(taken) >= HARDEST && effort(asked) < HARDEST;
  const strengthens = ({ purposes }: Pose): boolean => purposes.some(({ action }) => action === 'strengthen');
  const isRest = pose.id === REST;
  const rests = ({ purposes }: Pose): boolean =>
    purposes.some(({ action }) => action === 'rest' || action === 'breathe');
  return (
    !newly('inverted') &&
    !(newly('children') && body.build === 'adult') &&
    !hardest &&
    !jumps(variant) &&
    !opensWide(body.judged(asked.row, undefined), body.judged(taken.row, undefined)) &&
    // Rest is answered with rest, and strength with strength.
    (!isQuiet(asked.pose) || rests(pose)) &&
    (isRest || asked.pose.purposes[0].action !== 'strengthen' || strengthens(pose)) &&
    !asksAnew(body.judged(asked.row, undefined), body.judged(taken.row, undefined))
  );
}

/** Thighs no further apart than this, beyond what was asked or what anyone does, degrees: chosen by us. */
const WIDE = 50;
const WIDER = 5;

/** Whether thighs are led far apart, off the chair, where nothing like it was asked: a deep frog for a butterfly. */
function opensWide({ measures: asked }: Judged, { measures, level }: Judged): boolean {
  const apart = (of: Judged['measures']): number => Math.max(of.hipAbductionRight, of.hipAbductionLeft);
  return level !== 'chair' && apart(measures) > Math.max(WIDE, apart(asked) + WIDER);
}

/** Whether a pose is there to rest or to settle in, and for nothing else. */
const isQuiet = ({ purposes }: Pose): boolean =>
  purposes.every(({ action }) => action === 'rest' || action === 'settle' || action === 'breathe');

/** A class on chairs stays on chairs. */
const leavesTheChair = (asked: Level, taken: Level): boolean => asked === 'chair' && taken !== 'chair';

/**
 * What may stand in for a variant on this body: its own ladder, poses that serve something of the same
 * purpose, and rest.
 */
export function standInsOf(body: BodyTable, variant: Variant): StandIns {
  return body.standIns.get(variant) ?? keep(body.standIns, variant, findStandIns(body, variant));
}

function findStandIns(body: BodyTable, variant: Variant): StandIns {
  const { rows, rowOf } = body.table;
  const row = rowOf.get(variant)!;
  const asked = { ...rows[row]!, row };
  const rungs: number[] = [];
  const others: number[] = [];
  const rest: number[] = [];
  rows.forEach((other, at) => {
    if (leadsIntoTheUnasked(variant, other.variant)) return;
    if (leavesTheChair(variant.level, other.variant.level)) return;
    const taken = { ...other, row: at };
    if (other.pose === asked.pose) {
      const { partOf } = other.variant;
      // Less than half of another rung is neither the one nor the other.
      if (partOf && partOf.variant !== variant.id && partOf.share < HALF) return;
      if (!asksTooMuch(asked, taken)(body.judged(row, undefined), body.judged(at, undefined))) rungs.push(at);
      return;
    }
    // What stands in for another pose is a whole one.
    if (other.variant.partOf) return;
    const isLike = similarity(asked.pose, other.pose) > 0;
    const isRest = other.pose.id === REST;
    if (!(isLike || isRest) || !mayReplace(body, asked, taken)) return;
    if (isLike) others.push(at);
    if (isRest) rest.push(at);
  });
  const costs = new Map([...rungs, ...others, ...rest].map((at) => [at, standInCost(body, asked, at)]));
  const byCost = (a: number, b: number): number =>
    costs.get(a)! - costs.get(b)! || (rows[a]!.variant.id < rows[b]!.variant.id ? -1 : 1);
  for (const list of [rungs, others, rest]) list.sort(byCost);
  return {
    rows: [...rungs, ...others],
    costs: [...rungs, ...others, ...rest].map((at) => costs.get(at)!),
    rungs: rungs.length,
    rest,
  };
}
