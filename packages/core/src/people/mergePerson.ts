/** What two have changed differently: where, and how each has it. */
export interface MergeConflict {
  /** Keys from the outside in: `['can', 'floor']`. */
  path: readonly string[];
  mine: unknown;
  theirs: unknown;
}

type Table = Record<string, unknown>;
const isTable = (value: unknown): value is Table =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/** The same with its keys in order, so that two that are alike are written alike. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (!isTable(value)) return value;
  return Object.fromEntries(
    Object.keys(value)
      .sort()
      .filter((key) => value[key] !== undefined)
      .map((key) => [key, sorted(value[key])]),
  );
}

/** A list of entries that have a name, as a table by it; undefined for any other list. */
function byName(list: unknown): Table | undefined {
  if (!Array.isArray(list) || !list.every((one) => isTable(one) && typeof one.condition === 'string'))
    return undefined;
  return Object.fromEntries((list as Table[]).map((one) => [one.condition as string, one]));
}

/**
 * Brings together what two have made of the same thing, field by field: what only one has changed is taken; what both
 * have changed alike is taken once; what both have changed differently is told, and stands as mine until decided.
 *
 * @param base as both had read it
 * @param mine what I would save
 * @param theirs what is saved now
 * @example mergePerson({ can: {} }, { can: { hands: true } }, { can: { sits: true } }).merged.can // both
 */
export function mergePerson<T extends object>(
  base: T,
  mine: T,
  theirs: T,
): { merged: T; conflicts: MergeConflict[] } {
  const conflicts: MergeConflict[] = [];
  const merged = merge(base, mine, theirs, [], conflicts) as T;
  return { merged, conflicts };
}

function merge(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path: readonly string[],
  conflicts: MergeConflict[],
): unknown {
  if (isSame(mine, theirs) || isSame(base, theirs)) return mine;
  if (isSame(base, mine)) return theirs;
  const lists = [base ?? [], mine, theirs].map(byName);
  if (lists[1] && lists[2])
    return Object.values(mergeTables(lists[0] ?? {}, lists[1], lists[2], path, conflicts));
  if (isTable(mine) && isTable(theirs))
    return mergeTables(isTable(base) ? base : {}, mine, theirs, path, conflicts);
  conflicts.push({ path, mine, theirs });
  return mine;
}

function mergeTables(
  base: Table,
  mine: Table,
  theirs: Table,
  path: readonly string[],
  conflicts: MergeConflict[],
): Table {
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  return Object.fromEntries(
    keys.flatMap((key): [string, unknown][] => {
      const value = merge(base[key], mine[key], theirs[key], [...path, key], conflicts);
      return value === undefined ? [] : [[key, value]];
    }),
  );
}

/**
 * Where two differ, field by field; a list of entries by name is looked at entry by entry.
 *
 * @example differencesOf({ can: { sits: true } }, { can: {} })
 * // [{ path: ['can', 'sits'], mine: true, theirs: undefined }]
 */
export function differencesOf(mine: unknown, theirs: unknown, path: readonly string[] = []): MergeConflict[] {
  if (isSame(mine, theirs)) return [];
  const [a, b] = [byName(mine) ?? mine, byName(theirs) ?? theirs];
  const isWhole = !isTable(a) || !isTable(b);
  if (isWhole && path.length) return [{ path, mine, theirs }];
  const [left, right] = [isTable(a) ? a : {}, isTable(b) ? b : {}];
  return [...new Set([...Object.keys(left), ...Object.keys(right)])].flatMap((key) =>
    differencesOf(left[key], right[key], [...path, key]),
  );
}

/** The same with one of the conflicts decided for theirs. @param path as the conflict names it */
export function takeTheirs<T extends object>(whole: T, { path, theirs }: MergeConflict): T {
  const [key, ...rest] = path as [string, ...string[]];
  const isList = Array.isArray(whole);
  const table: Table = isList ? byName(whole)! : (whole as Table);
  const inner = rest.length
    ? takeTheirs((table[key] ?? {}) as object, { path: rest, mine: undefined, theirs })
    : theirs;
  const next: Table = { ...table, [key]: inner };
  if (inner === undefined) delete next[key];
  return (isList ? Object.values(next) : next) as T;
}
