import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { keys } from '../../data/keys.js';
import { atDesk } from '../../workers/desk.js';
import { useDayRules } from './useDayRules.js';

/** A plan is tried when the hand rests so long, ms. */
const TRIED_AFTER = 400;

/** A plan as it would go for typical people, under the hall's view; the last one until the next is there. */
export function useSketch(source: string, who: readonly string[]) {
  const { settings, own } = useDayRules();
  const [rested, setRested] = useState(source);
  useEffect(() => {
    const timer = setTimeout(() => setRested(source), TRIED_AFTER);
    return () => clearTimeout(timer);
  }, [source]);
  return useQuery({
    queryKey: keys.sketch(rested, who, { settings, own }),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (previous) => previous,
    queryFn: async () => (await atDesk((work) => work.sketch(rested, who, settings, own))) ?? null,
  });
}
