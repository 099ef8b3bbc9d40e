import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { DocumentDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

const remove = (id: string) => answered(client.DELETE('/api/documents/{id}', { params: { path: { id } } }));

/** Keeps a letter or report: what it is called, then the file itself; where that fails nothing is left of it. */
export const useAddDocument = (personId: string) =>
  useSaving(
    async ({ file, ...draft }: Omit<DocumentDraft, 'personId'> & { file: File }) => {
      const { id } = await answered<AnswerOf<'Document.begin'>>(
        client.POST('/api/documents', { body: { personId, ...draft } }),
      );
      try {
        await answered(
          client.PUT('/api/documents/{id}/file', {
            params: { path: { id } },
            headers: { 'Content-Type': file.type },
            // The contract knows bytes as a text; a file is sent as it is.
            body: file as unknown as string,
            bodySerializer: (body) => body,
          }),
        );
      } catch (error) {
        await remove(id).catch(() => undefined);
        throw error;
      }
    },
    keys.documents(personId),
    keys.everything(personId),
  );
