import { answered, ApiError, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { sendSoon, takeOut, waiting, type Waiting } from '../outbox/outbox.js';
import type { AfterClass } from '../types.js';
import { useSaving } from '../useSaving.js';

/** A record as it is to be kept. */
interface Records extends AfterClass {
  version: number;
}

/** The record of a class that has not arrived. */
const recordWaiting = (id: string): Waiting | undefined =>
  waiting().find(({ what, classId }) => what === 'record' && classId === id);

/**
 * Saves how a class was, after the notes made in it; where the server does not answer it goes by itself later.
 *
 * @param drafts done with once it has arrived
 */
export const useSaveRecords = (id: string, drafts: readonly string[]) =>
  useSaving(
    async ({ version, ...body }: Records): Promise<'saved' | 'waits'> => {
      for (let one = recordWaiting(id); one; one = recordWaiting(id)) takeOut(one);
      await sendSoon({
        method: 'PUT',
        path: `/api/classes/${id}/record`,
        body,
        version,
        what: 'record',
        classId: id,
        drafts,
      });
      const left = recordWaiting(id);
      if (!left) return 'saved';
      if (!left.refused) return 'waits';
      takeOut(left);
      const { message, status, fields } = left.refused;
      throw new ApiError(message, status, fields, status === 409 ? await asItStands(id) : undefined);
    },
    keys.classes,
    keys.people,
  );

const asItStands = (id: string) =>
  answered<AnswerOf<'Class.one'>>(client.GET('/api/classes/{id}', { params: { path: { id } } }));
