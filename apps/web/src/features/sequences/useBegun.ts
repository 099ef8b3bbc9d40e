import { useQuery } from '@tanstack/react-query';
import { keys } from '../../data/keys.js';
import type { Beginning } from '../../workers/beginWork.js';
import { atDesk } from '../../workers/desk.js';
import { useDayRules } from './useDayRules.js';

/** A class begun from a frame, under the hall's view; the last one until the next is there. */
export function useBegun(asked: Beginning) {
  const { settings, own } = useDayRules();
  return useQuery({
    queryKey: keys.begun(asked, { settings, own }),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (previous) => previous,
    queryFn: () => atDesk((work) => work.begin(asked, settings, own)),
  });
}
