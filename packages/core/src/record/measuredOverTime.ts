import { USUAL_RANGE } from '../body/ranges.js';

/** Something that was measured of somebody more than once. */
export interface MeasuredOverTime {
  /** As it is kept: `shoulderFlexionRight`, `chairStands`. */
  key: string;
  of: 'range' | 'test';
  /** The earliest first; each day once, as it was known last. */
  points: readonly { on: string; value: number }[];
  /** Of a range what is usual, degrees. */
  usual?: number;
}

/** How somebody was known from a day on. */
export interface KnownVersion {
  /** The day it was written down, `YYYY-MM-DD`. */
  on: string;
  ranges?: Readonly<Record<string, number>>;
  screening?: Readonly<Record<string, number>>;
  /** On which day a fact was measured, by its path: `ranges.hipFlexionLeft`. */
  dated?: Readonly<Record<string, { on: string }>>;
}

/**
 * Ranges and tests that were measured again, from all versions of somebody.
 *
 * @param versions in any order
 * @returns those with two days or more, ranges first, by name
 * @example two versions with `shoulderFlexionRight` 95 and 108 // [{ key: 'shoulderFlexionRight', usual: 180, … }]
 */
export function measuredOverTime(versions: readonly KnownVersion[]): MeasuredOverTime[] {
  const days = new Map<string, Map<string, number>>();
  for (const { on, ranges = {}, screening = {}, dated = {} } of [...versions].sort((a, b) =>
    a.on.localeCompare(b.on),
  ))
    for (const [group, table] of Object.entries({ ranges, screening }))
      for (const [key, value] of Object.entries(table)) {
        const path = `${group}.${key}`;
        const own = days.get(path) ?? new Map<string, number>();
        own.set(dated[path]?.on ?? firstDay(own, value) ?? on, value);
        days.set(path, own);
      }
  return [...days]
    .flatMap(([path, own]): MeasuredOverTime[] => {
      const [group, key] = path.split('.') as [string, string];
      const points = [...own].map(([on, value]) => ({ on, value })).sort((a, b) => a.on.localeCompare(b.on));
      if (points.length < 2) return [];
      if (group === 'screening') return [{ key, of: 'test', points }];
      const usual = USUAL_RANGE[key.replace(/(Right|Left)$/, '') as keyof typeof USUAL_RANGE] as
        number | undefined;
      return [{ key, of: 'range', points, ...(usual === undefined ? {} : { usual }) }];
    })
    .sort((a, b) => a.of.localeCompare(b.of) || a.key.localeCompare(b.key));
}

/** Of what nobody dated: a version that says the same as the one before was not measured again. */
function firstDay(known: ReadonlyMap<string, number>, value: number): string | undefined {
  const [last] = [...known].sort(([a], [b]) => b.localeCompare(a));
  return last?.[1] === value ? last[0] : undefined;
}
