import { queryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { orKept } from '../kept/keptReadings.js';
import { keys } from '../keys.js';
import { setToday } from '../today.js';

/** Reads the hall, and with it which day it is. */
export const hallQuery = queryOptions({
  queryKey: keys.hall,
  queryFn: async () => {
    const hall = await orKept(keys.hall, () => answered<AnswerOf<'Hall.current'>>(client.GET('/api/hall')));
    setToday(hall.today);
    return hall;
  },
});
