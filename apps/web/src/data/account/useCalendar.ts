import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Whether one's own calendar reads the classes, and since when. */
export const useCalendar = () =>
  useQuery({
    queryKey: keys.calendar,
    queryFn: () => answered<AnswerOf<'Calendar.feed'>>(client.GET('/api/calendar')),
  });

export const useMakeCalendar = () =>
  useSaving(() => answered<AnswerOf<'Calendar.make'>>(client.POST('/api/calendar')), keys.calendar);

export const useEndCalendar = () => useSaving(() => answered(client.DELETE('/api/calendar')), keys.calendar);
