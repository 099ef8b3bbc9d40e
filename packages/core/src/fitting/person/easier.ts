import type { Side } from '../../side.js';
import { attempt, wholeOf, type Ask, type Candidate } from './candidates.js';
import type { LaneTable } from './lane.js';
import { standInsOf } from './standIns.js';

/** "Less far" is seen: no more than this share of how far it was. Common practice, no published source. */
const LESS = 0.75;

/** Rows of a body's table that are easier than a way that was chosen, each held to all rules of the person. */
export interface EasierRows {
  /** The same, less far. */
  lessFar?: number;
  /** The next rung towards the most supported. */
  supported?: number;
  /** A shape to rest in. */
  rest?: number;
}

/**
 * What someone may do who tires or hurts in the middle of a step: nothing is among it that she may not do on every
 * side that is asked.
 *
 * @param share how far the chosen way is done, 0 to 1
 */
export function easierRows(ask: Ask, lane: LaneTable, chosen: Candidate, share: number): EasierRows {
  const { rows, rowOf } = lane.body.table;
  const sides: readonly (Side | undefined)[] = ask.sides.length ? ask.sides : [undefined];
  // Whatever is left of the hold may be done that way.
  const all: Ask = { ...ask, holdSeconds: chosen.holdSeconds };
  // What adds up against her, she is not put in where she was not: it was counted without.
  const addsUp = (row: number): boolean =>
    lane.sums.length > 0 && (lane.body.towards(row) & ~lane.body.towards(chosen.row)) !== 0;
  const may = (row: number): boolean =>
    !addsUp(row) &&
    sides.every((side) => (attempt(all, lane, side, row, 0)?.holdSeconds ?? 0) >= chosen.holdSeconds - 1e-6);
  const whole = wholeOf(chosen);
  const wholeRow = rows.findIndex(({ variant }) => variant.id === whole);
  const parts: number[] = [];
  // The parts of a way stand behind it, the furthest first.
  for (let row = wholeRow + 1; rows[row]?.variant.partOf?.variant === whole; row++) parts.push(row);
  const { ladder } = chosen.pose;
  const rungs = ladder
    .slice(
      0,
      Math.max(
        0,
        ladder.findIndex(({ id }) => id === whole),
      ),
    )
    .reverse();
  const standIns = standInsOf(lane.body, ask.variant);
  const lessFar = parts.find((row) => rows[row]!.variant.partOf!.share <= LESS * share && may(row));
  const supported = rungs.map((variant) => rowOf.get(variant)!).find(may);
  const rest = standIns.rest
    .map((row, i) => ({ row, cost: standIns.costs[standIns.rows.length + i]! }))
    .sort((a, b) => a.cost - b.cost)
    .map(({ row }) => row)
    .find((row) => rows[row]!.variant.id !== whole && may(row));
  return {
    ...(lessFar === undefined ? {} : { lessFar }),
    ...(supported === undefined ? {} : { supported }),
    ...(rest === undefined ? {} : { rest }),
  };
}
