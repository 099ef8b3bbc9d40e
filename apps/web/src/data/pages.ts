/** So many of a list are read at once. */
const PAGE = 100;

interface Page {
  from: number;
  most: number;
}

/** How a long list is read, part by part: a part that is shorter than asked for is the last. */
export const pagesOf = <T>(read: (page: Page) => Promise<T[]>) => ({
  queryFn: ({ pageParam }: { pageParam: number }): Promise<T[]> => read({ from: pageParam, most: PAGE }),
  initialPageParam: 0,
  getNextPageParam: (last: readonly T[], all: readonly T[][]): number | undefined =>
    last.length < PAGE ? undefined : all.length * PAGE,
  select: ({ pages }: { pages: T[][] }): T[] => pages.flat(),
});
