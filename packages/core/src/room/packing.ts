import type { Fitting } from '../fitting/types.js';

/** What to carry into the room before class. */
export interface Packed {
  prop: string;
  /** Laid beside places, all counted; fewer where they go from one to another. */
  count: number;
  /** More are asked for over the class than there are: some go from one person to another between steps. */
  isShared?: true;
  /** Who has how many beside them. */
  beside: readonly { personId: string; person: string; count: number }[];
}

/**
 * What lies beside whom, added up.
 *
 * @param there how many of each there are; left out where nobody has counted
 * @example packing(fitting, { block: 8 }) // [{ prop: 'block', count: 8, isShared: true, beside: [...] }, ...]
 */
export function packing(
  { places }: Pick<Fitting, 'places'>,
  there?: Readonly<Record<string, number>>,
): Packed[] {
  const beside = new Map<string, Packed['beside'][number][]>();
  for (const { personId, person, props } of places)
    for (const { prop, count } of props) {
      const known = beside.get(prop) ?? [];
      known.push({ personId, person, count });
      beside.set(prop, known);
    }
  return [...beside]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([prop, all]) => {
      const asked = all.reduce((sum, { count }) => sum + count, 0);
      const most = there ? (there[prop] ?? 0) : asked;
      return { prop, count: Math.min(asked, most), ...(asked > most ? { isShared: true } : {}), beside: all };
    });
}
