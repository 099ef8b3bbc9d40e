import { isMoving } from '../../poses/isMoving.js';
import type { Level } from '../../poses/types.js';
import { judge, type Breach, type Trial } from '../../rules/judge.js';
import { packSet } from '../../bitSet.js';
import { strengthenedBy } from '../../rules/measureTable.js';
import { isUnbroken, sumsAfter } from '../../rules/sums.js';
import { SUMS } from '../../rules/types.js';
import { type Ask, type LaneTable, runsThatEnd, sidesOf, staySeconds } from '../person/index.js';
import type { Side } from '../../side.js';

const UNBROKEN = packSet(SUMS, isUnbroken);

/** A variant at a step of a lane, ready to be judged. */
export function trialOf(
  { body }: Pick<LaneTable, 'body'>,
  { sides, before, flow }: Pick<Ask, 'sides' | 'before' | 'flow'>,
  row: number,
  holdSeconds: number,
  side: Side | undefined,
  from?: Level,
): Trial {
  const { pose, variant } = body.table.rows[row]!;
  const judged = body.judged(row, side);
  const stay = staySeconds(holdSeconds, flow);
  const times = Math.max(1, sidesOf(pose, sides).length);
  // What does not end in every round goes on through all of them.
  const isOneRun = flow && (body.towards(row) & UNBROKEN & ~runsThatEnd(flow, body)) !== 0;
  return {
    measures: judged.measures,
    level: judged.level,
    breath: judged.breath,
    support: judged.support,
    skill: judged.skill,
    ...(judged.helped ? { helped: judged.helped } : {}),
    holdSeconds: stay,
    moving: isMoving(pose, variant),
    action: pose.purposes[0].action,
    family: pose.family,
    pose: pose.id,
    strengthens: strengthenedBy(pose),
    sums: sumsAfter(before, judged.measures, holdSeconds * times, (isOneRun ? holdSeconds : stay) * times),
    ...(from ? { from } : {}),
  };
}

/** Every rule that the asked variant breaks. */
export const judgeAsked = (lane: LaneTable, ask: Ask, side: Side | undefined): Breach[] =>
  judge(
    lane.staged.rules,
    trialOf(lane, ask, lane.body.table.rowOf.get(ask.variant)!, ask.holdSeconds, side),
    lane.staged.person.ranges,
  );
