import { keep } from '../../cache.js';
import type { Catalogue } from '../../poses/catalogue.js';
import type { Breath, Level, Pose, Variant } from '../../poses/types.js';
import type { ActiveRule, StagedPerson } from '../../rules/stagePerson.js';
import { SUMS, type Sum } from '../../rules/types.js';
import type { Step } from '../../reading/parseSequence.js';
import { breathSeconds, type Pace } from '../../people/pace.js';
import { bitOf, packSet } from '../../bitSet.js';
import { bodyTable, type BodyTable } from './bodyTable.js';
import { LONG_FOLD } from './deep.js';
import { COUNTER_NEEDS, packRowOutcome } from './outcome.js';
import { sumLimits } from './sumLimits.js';
import { isSoft } from '../../rules/isSoft.js';
import { standings, type Standing } from './standings.js';
import { closedTo, passagesFor, type Passage } from '../ways/index.js';
import { counterPosesFor } from '../../poses/counterPoses.js';
import type { HouseView } from '../../rules/houseViewTypes.js';

/** One person made ready for a class: everything about them that does not depend on the sequence. */
export interface LaneTable {
  staged: StagedPerson;
  view: HouseView;
  on: string;
  pace: Pace;
  body: BodyTable;
  right: Standing;
  left: Standing;
  /** What adds up against a limit of theirs; and the limits that look at nothing else, seconds. */
  sums: readonly Sum[];
  limits: ReturnType<typeof sumLimits>;
  passage: (from: Level, to: Level) => Passage;
  /** Whether they can get to a level and away from it again. */
  isReached: (level: Level) => boolean;
  /** Seconds of one breath, by how it is breathed. */
  breath: (breath: Breath) => number;
  /** Seconds of one count of a pose, and of what a step asks of one side. */
  count: (pose: Pose, variant: Variant) => number;
  asked: (step: Pick<Step, 'hold' | 'pose' | 'variant'>) => number;
  /** Names what a variant leaves the lane with: two of the same key differ in what they cost and nothing else. */
  outcomeKey: (row: number, holdSeconds: number, sides: number) => number | string;
  /** Whether how long a variant is held is part of its outcome. */
  holdMatters: (row: number) => boolean;
  /** Levels this person must not be on, not even in passing. */
  closed: ReadonlySet<Level>;
  /** Goes slowly from level to level. */
  slow: boolean;
  /** Rules that add a cue or a prop. */
  soft: readonly ActiveRule[];
  /** The set of `COUNTER_NEEDS` that a pose answers. */
  answers: (pose: string) => number;
}

/** Everything about one person that a class is fitted from. Looked up once, whatever the sequence. */
export function laneTable(
  staged: StagedPerson,
  catalogue: Catalogue,
  view: HouseView,
  on: string,
  pace: Pace,
): LaneTable {
  const body = bodyTable(catalogue, staged, on);
  const { right, left } = standings(staged, body);
  const sums = limitedSums([right, left]);
  const passage = passagesFor(staged, catalogue);
  const closed = closedTo(staged);
  const answering = answersByPose(catalogue, view);
  const answers = (pose: string): number => answering.get(pose) ?? 0;
  const { breath, count, asked } = countsFor(staged, on, pace);
  return {
    staged,
    view,
    on,
    pace,
    body,
    right,
    left,
    sums,
    limits: sumLimits(staged.rules),
    ...outcomesFor(body, sums, answers),
    closed,
    passage,
    isReached: isReachedBy(passage, closed),
    breath,
    count,
    asked,
    slow: staged.rules.some(({ rule }) => rule.all.some((bound) => 'levelChange' in bound)),
    soft: staged.rules.filter(isSoft),
    answers,
  };
}

/** Where people are when they come. */
const AT_HOME: ReadonlySet<Level> = new Set<Level>(['chair', 'standing']);

/** Whether some way leads to a level from where people are when they come, and back; worked out once for each. */
function isReachedBy(passage: LaneTable['passage'], closed: ReadonlySet<Level>): LaneTable['isReached'] {
  const known = new Map<Level, boolean>();
  const homes = [...AT_HOME].filter((home) => !closed.has(home));
  const look = (level: Level): boolean =>
    AT_HOME.has(level) || homes.some((home) => !passage(home, level).none && !passage(level, home).none);
  return (level) => known.get(level) ?? keep(known, level, look(level));
}

/** Sums that a limit or a need of either side looks at. */
const limitedSums = (sides: readonly Standing[]): Sum[] => [
  ...new Set(
    sides.flatMap(({ sums, needs }) => [
      ...sums.map(({ sum }) => sum),
      ...needs.flatMap(({ sum }) => (sum ? [sum.sum] : [])),
    ]),
  ),
];

/** The set of {@link COUNTER_NEEDS} that each counter-pose answers, by pose. */
function answersByPose({ counterPoses }: Catalogue, view: HouseView): ReadonlyMap<string, number> {
  const answers = new Map<string, number>();
  for (const need of COUNTER_NEEDS)
    for (const pose of counterPosesFor(need, counterPoses, view))
      answers.set(pose, (answers.get(pose) ?? 0) | bitOf(COUNTER_NEEDS, need));
  return answers;
}

/** How long this person's breaths and counts are. */
function countsFor(
  { person }: StagedPerson,
  on: string,
  pace: Pace,
): Pick<LaneTable, 'breath' | 'count' | 'asked'> {
  const slow = breathSeconds(person, 'slow', on, pace);
  const usual = breathSeconds(person, 'natural', on, pace);
  const breath = (how: Breath): number => (how === 'slow' ? slow : usual);
  const count = ({ hold }: Pose, variant: Variant): number =>
    breath(variant.breath) * (hold.unit === 'rounds' ? (hold.roundBreaths ?? 1) : 1);
  return {
    breath,
    count,
    asked: ({ hold, pose, variant }) => {
      if (hold.unit === 'seconds') return hold.count;
      return hold.count * (hold.unit === 'rounds' ? count(pose, variant) : breath(variant.breath));
    },
  };
}

/** What each variant leaves this person with: looked up by row, and with the hold where that is part of it. */
function outcomesFor(
  body: BodyTable,
  sums: readonly Sum[],
  answers: (pose: string) => number,
): Pick<LaneTable, 'outcomeKey' | 'holdMatters'> {
  const { rows } = body.table;
  const limited = packSet(SUMS, (sum) => sums.includes(sum));
  const packed = new Int32Array(rows.length).fill(-1);
  const ofRow = (row: number): number => {
    if (packed[row]! < 0)
      packed[row] = packRowOutcome({
        bodyOutcome: body.bodyOutcome(row),
        answers: answers(rows[row]!.pose.id),
        towards: body.towards(row) & limited,
      });
    return packed[row]!;
  };
  const addsUp = (row: number): boolean => (body.towards(row) & limited) !== 0;
  return {
    // Where a fold may be long, or seconds add up, how long it is held counts too.
    holdMatters: (row) => addsUp(row) || body.deep(row).fold,
    outcomeKey: (row, holdSeconds, sides) => {
      const own = ofRow(row);
      if (addsUp(row)) return `${own}|${holdSeconds}`;
      const isLong = body.deep(row).fold && holdSeconds * (rows[row]!.pose.side ? sides : 1) > LONG_FOLD;
      return isLong ? own + LONG : own;
    },
  };
}

/** Put to a whole number, it makes one that no variant has. */
const LONG = 0.5;
