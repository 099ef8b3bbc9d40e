import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { keys } from '../keys.js';
import { historyQuery, readHistory } from './historyQuery.js';

/** So many of the latest are enough to choose one from: half a year of a class every other day. */
const LATEST = 90;

/** How classes were for somebody, the latest first, part by part; and how many there are. */
export const useHistory = (id: string) =>
  useInfiniteQuery({
    ...historyQuery(id),
    select: ({ pages }) => ({ ...pages.at(-1)!, records: pages.flatMap(({ records }) => records) }),
  });

/** The latest classes of somebody. */
export const useLatestClasses = (id: string) =>
  useQuery({ queryKey: keys.latestClasses(id), queryFn: () => readHistory(id, { from: 0, most: LATEST }) });
