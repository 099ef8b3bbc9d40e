import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { orKept } from '../kept/keptReadings.js';
import { deliver, type Change } from '../outbox/outbox.js';
import type { MarkDraft, MarkInClass } from '../types.js';

const pathOf = (classId: string, mark: string): string => `/api/classes/${classId}/marks/${mark}`;

/** What was noted in a class and is not in its record yet; what this device noted is sent before. */
export const useMarks = (id: string) =>
  useQuery({
    queryKey: keys.marks(id),
    queryFn: () =>
      orKept(keys.marks(id), async () => {
        await deliver();
        return answered<AnswerOf<'Mark.list'>>(
          client.GET('/api/classes/{id}/marks', { params: { path: { id } } }),
        );
      }),
  });

/** The change that tells the server of a mark. */
export const markSent = (
  classId: string,
  { id, ...body }: Omit<MarkInClass, 'where'> & { where?: string },
): Change => ({
  method: 'PUT',
  path: pathOf(classId, id),
  body: body as MarkDraft,
  what: 'note',
  classId,
});

/** The change that takes a mark back. */
export const markTakenBack = (classId: string, mark: string): Change => ({
  method: 'DELETE',
  path: pathOf(classId, mark),
  what: 'note',
  classId,
});

/** Marks of a class: those the server has, as what has not arrived there yet will leave them. */
export function marksWith(
  read: readonly MarkInClass[],
  classId: string,
  waiting: readonly Change[],
): MarkInClass[] {
  const marks = new Map(read.map((mark) => [mark.id, mark]));
  for (const { what, classId: of, method, path, body } of waiting) {
    if (what !== 'note' || of !== classId) continue;
    const id = path.slice(path.lastIndexOf('/') + 1);
    if (method === 'DELETE') marks.delete(id);
    else marks.set(id, { id, ...(body as MarkDraft) });
  }
  return [...marks.values()].sort((a, b) => a.at - b.at);
}
