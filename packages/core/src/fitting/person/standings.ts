import { countsTowards } from '../../rules/sums.js';
import { brokenRows } from '../../rules/brokenRows.js';
import { isOneSided } from '../../rules/judgeAll.js';
import type { Sum } from '../../rules/types.js';
import type { ActiveRule, StagedPerson } from '../../rules/stagePerson.js';
import type { BodyTable } from './bodyTable.js';
import { isSoft } from '../../rules/isSoft.js';

/**
 * How every variant stands for one person on one side of it, before anything is known of the hold or the
 * class.
 */
export interface Standing {
  /** 1 where a rule keeps the variant out however short it is held. */
  out: Uint8Array;
  /** The longest hold that no rule breaks, seconds for one side. */
  most: Float64Array;
  /** Limits on what adds up over the class, and the rows they look at. */
  sums: readonly SumLimit[];
  needs: readonly Need[];
}

export interface SumLimit {
  sum: Sum;
  over: number;
  rows: Uint8Array;
}
/**
 * Rows where something must be put within reach: when they are held longer than so many seconds, or when so
 * much has added up.
 */
export interface Need {
  over: number;
  sum?: { sum: Sum; over: number };
  rows: Uint8Array;
}

/** Right and left; the same object where no rule tells them apart. */
export function standings(staged: StagedPerson, body: BodyTable): { right: Standing; left: Standing } {
  const rules = staged.rules.filter(({ rule }) => rule.level !== 'watch');
  const right = standingOn(rules, staged, body, false);
  const alike = body.table === body.leftTable && !rules.some(isOneSided);
  return { right, left: alike ? right : standingOn(rules, staged, body, true) };
}

function standingOn(
  rules: readonly ActiveRule[],
  { person: { ranges } }: StagedPerson,
  body: BodyTable,
  left: boolean,
): Standing {
  const table = left ? body.leftTable : body.table;
  const out = new Uint8Array(table.rows.length);
  const most = new Float64Array(table.rows.length).fill(Infinity);
  const sums: SumLimit[] = [];
  const needs: Need[] = [];
  for (const active of rules) {
    const { all } = active.rule;
    const found = brokenRows(active, ranges, left, table, 'shape');
    const adding = all.find((bound) => 'sum' in bound);
    const sum = adding && 'sum' in adding ? adding.sum : undefined;
    // What speaks of a change of level stands between two steps, not in a variant.
    if (!found) continue;
    const broken =
      sum === undefined
        ? found
        : found.filter((row) => countsTowards(sum, body.judged(row, left ? 'left' : 'right').measures));
    if (!broken.length) continue;
    const holds = all.flatMap((bound) => ('holdOver' in bound ? [bound.holdOver] : []));
    const rows = new Uint8Array(table.rows.length);
    for (const row of broken) rows[row] = 1;
    if (isSoft(active))
      needs.push({
        over: holds.length ? Math.max(...holds) : -1,
        ...(adding && 'sum' in adding ? { sum: adding } : {}),
        rows,
      });
    // Hold and sum together are broken only where both are: keeping to the hold is enough.
    else if (holds.length) for (const row of broken) most[row] = Math.min(most[row]!, Math.max(...holds));
    else if (adding && 'sum' in adding) sums.push({ ...adding, rows });
    else for (const row of broken) out[row] = 1;
  }
  return { out, most, sums, needs };
}
