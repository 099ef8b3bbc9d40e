import { keep } from '../cache.js';
import type { Person } from '../people/types.js';
import { isOneSided, rowsBroken, testsOn } from './judgeAll.js';
import { limbsOf } from './judge.js';
import type { Columns } from './measureTable.js';
import type { ActiveRule } from './stagePerson.js';
import { USE_NAMES, type Bound, type Rule } from './types.js';

/** Which of a rule's bounds are looked at: those of the shape alone, or holds and sums too. */
type Of = 'shape' | 'all';
const aboutTime = (bound: Bound): boolean => 'holdOver' in bound || 'sum' in bound;
const ofShape = (bound: Bound): boolean => !aboutTime(bound);
const ofAll = (): boolean => true;

const SHARES = new Set<string>(USE_NAMES);
type Rows = readonly number[] | undefined;
const lookedUp = new WeakMap<Columns, WeakMap<Rule, Map<string, Rows>>>();

/**
 * The rows of a table in which a rule is broken, looked up once for everyone of that body: a rule sees
 * bodies, not people, unless it speaks of a share of a range that was measured on somebody.
 *
 * @param of bounds to hold against the rows; with `shape`, what is said of holds and sums is left to the caller
 * @returns undefined for a rule that says nothing of a shape: a change of level stands between two steps
 */
export function brokenRows(
  active: ActiveRule,
  ranges: Person['ranges'],
  left: boolean,
  table: Columns,
  of: Of,
): Rows {
  const look = (): Rows => {
    const any = testsOn(active, ranges, left, of === 'shape' ? ofShape : ofAll);
    return any.length ? rowsBroken({ any }, table) : undefined;
  };
  if (
    active.rule.all.some((bound) => 'measure' in bound && SHARES.has(bound.measure)) &&
    Object.keys(ranges).length
  )
    return look();
  const byRule = lookedUp.get(table) ?? keep(lookedUp, table, new WeakMap<Rule, Map<string, Rows>>());
  const bySide = byRule.get(active.rule) ?? keep(byRule, active.rule, new Map<string, Rows>());
  const key = `${of} ${left && isOneSided(active) ? 'left' : 'right'} ${limbsOf(active).join()}`;
  return bySide.has(key) ? bySide.get(key) : keep(bySide, key, look());
}
