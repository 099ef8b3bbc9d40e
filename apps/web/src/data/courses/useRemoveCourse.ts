import { answered, client } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Takes a course apart; its sequences and classes stay. */
export const useRemoveCourse = (id: string) =>
  useSaving(
    () => answered(client.DELETE('/api/courses/{id}', { params: { path: { id } } })),
    keys.courses,
    keys.sequences,
  );
