import type { Catalogue } from '../../poses/catalogue.js';
import type { Breath, Level, Pose, Variant } from '../../poses/types.js';
import type { ActiveRule, StagedPerson } from '../../rules/stagePerson.js';
import { SUMS, type Sum } from '../../rules/types.js';
import type { Step } from '../../reading/parseSequence.js';
import { breathSeconds, type Pace } from '../../people/pace.js';
import { bodyTable, type BodyTable } from './bodyTable.js';
import { LONG_FOLD } from './deep.js';
import { sumLimits } from './sumLimits.js';
import { isSoft } from '../../rules/isSoft.js';
import { standings, type Standing } from './standings.js';
import { closedTo, passagesFor, type Passage } from '../ways/index.js';
import { counterPosesFor, type CounterNeed } from '../../poses/counterPoses.js';
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
  /** Seconds of one breath, by how it is breathed. */
  breath: (breath: Breath) => number;
  /** Seconds of one count of a pose, and of what a step asks of one side. */
  count: (pose: Pose, variant: Variant) => number;
  asked: (step: Pick<Step, 'hold' | 'pose' | 'variant'>) => number;
  /** Names where a variant leaves the lane: two of the same place differ in what they cost and nothing else. */
  place: (row: number, holdSeconds: number, sides: number) => number | string;
  /** Whether how long a variant is held decides where it leaves the lane. */
  timed: (row: number) => boolean;
  /** Levels this person must not be on, not even in passing. */
  closed: ReadonlySet<Level>;
  /** Goes slowly from level to level. */
  slow: boolean;
  /** Rules that add a cue or a prop. */
  soft: readonly ActiveRule[];
  /** Which debts a pose answers, one bit each. */
  answers: (pose: string) => number;
}

export const COUNTER_NEEDS: readonly CounterNeed[] = ['back-bend', 'fold', 'inversion'];
export const counterNeedBit = (counterNeed: CounterNeed): number => 1 << COUNTER_NEEDS.indexOf(counterNeed);

export function laneTable(
  staged: StagedPerson,
  catalogue: Catalogue,
  view: HouseView,
  on: string,
  pace: Pace,
): LaneTable {
  const body = bodyTable(catalogue, staged.person, on);
  const { right, left } = standings(staged, body);
  const slow = breathSeconds(staged.person, 'slow', on, pace);
  const usual = breathSeconds(staged.person, 'natural', on, pace);
  const bits = new Map<string, number>();
  for (const counterNeed of COUNTER_NEEDS)
    for (const pose of counterPosesFor(counterNeed, catalogue.counterPoses, view))
      bits.set(pose, (bits.get(pose) ?? 0) | counterNeedBit(counterNeed));
  const breath = (how: Breath): number => (how === 'slow' ? slow : usual);
  const count = ({ hold }: Pose, variant: Variant): number =>
    breath(variant.breath) * (hold.unit === 'rounds' ? (hold.roundBreaths ?? 1) : 1);
  const sums = [
    ...new Set(
      [right, left].flatMap((one) => [
        ...one.sums.map(({ sum }) => sum),
        ...one.needs.flatMap(({ sum }) => (sum ? [sum.sum] : [])),
      ]),
    ),
  ];
  // One number a row: where the body stands, which debts it answers, which sums it counts towards.
  const places = new Int32Array(body.table.rows.length).fill(-1);
  const looked = sums.reduce((all, sum) => all | (1 << SUMS.indexOf(sum)), 0);
  const noted = (row: number): number => {
    if (places[row]! < 0) {
      places[row] =
        (((body.place(row) << COUNTER_NEEDS.length) | (bits.get(body.table.rows[row]!.pose.id) ?? 0)) <<
          SUMS.length) |
        (body.towards(row) & looked);
    }
    return places[row]!;
  };
  // Where a fold may be long, or seconds add up, how long it is held counts too.
  const adds = (row: number): boolean => (noted(row) & looked) !== 0;
  const timed = (row: number): boolean => adds(row) || body.deep(row).fold;
  const place = (row: number, holdSeconds: number, sides: number): number | string => {
    const own = noted(row);
    if (adds(row)) return `${own}|${holdSeconds}`;
    return body.deep(row).fold && holdSeconds * (body.table.rows[row]!.pose.side ? sides : 1) > LONG_FOLD
      ? own + 0.5
      : own;
  };
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
    place,
    timed,
    closed: closedTo(staged),
    passage: passagesFor(staged, catalogue),
    breath,
    count,
    asked: ({ hold, pose, variant }) => {
      const each = hold.unit === 'rounds' ? count(pose, variant) : breath(variant.breath);
      return hold.count * (hold.unit === 'seconds' ? 1 : each);
    },
    slow: staged.rules.some(({ rule }) => rule.all.some((bound) => 'levelChange' in bound)),
    soft: staged.rules.filter(isSoft),
    answers: (pose) => bits.get(pose) ?? 0,
  };
}
