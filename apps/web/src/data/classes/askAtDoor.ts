import type { Today } from '@lotus-steady/core';
import { cache } from '../cache.js';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** Keeps how somebody who comes is today; the class is fitted again. @returns what that has changed */
export async function askAtDoor(
  classId: string,
  personId: string,
  today: Today,
): Promise<AnswerOf<'Class.atTheDoor'>> {
  const answer = await answered<AnswerOf<'Class.atTheDoor'>>(
    client.PUT('/api/classes/{id}/door', { params: { path: { id: classId } }, body: { personId, today } }),
  );
  void cache.invalidateQueries({ queryKey: keys.classes });
  return answer;
}
