/** How often each is there, the most often first; of those as often, in the order of the alphabet. */
export function countEach(all: readonly string[]): [what: string, times: number][] {
  const counts = new Map<string, number>();
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1);
  return [...counts].sort(([a, x], [b, y]) => y - x || a.localeCompare(b));
}
