import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { keys } from '../../data/keys.js';
import { atDesk } from '../../workers/desk.js';
import type { DayRules } from '../../workers/fitWork.js';
import { useDayRules } from './useDayRules.js';

/** A plan is tried when the hand rests so long, ms. */
const TRIED_AFTER = 400;

/**
 * A plan as it would go for some people, as they are written down; the last one until the next is there.
 *
 * @param day the rules of the day; those of the hall today unless given
 * @param offering whether it is asked what would fill or trim it
 */
export function useSketch(source: string, people: readonly unknown[], day?: DayRules, offering = true) {
  const { settings: usual, own } = useDayRules();
  const settings = day ?? usual;
  const [rested, setRested] = useState(source);
  useEffect(() => {
    const timer = setTimeout(() => setRested(source), TRIED_AFTER);
    return () => clearTimeout(timer);
  }, [source]);
  return useQuery({
    queryKey: keys.sketch(rested, people, { settings, own, offering }),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (previous) => previous,
    queryFn: async () =>
      (await atDesk((work) => work.sketch(rested, people, settings, own, offering))) ?? null,
  });
}
