import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** Letters and reports of somebody, the latest first. */
export const useDocuments = (personId: string) =>
  useQuery({
    queryKey: keys.documents(personId),
    queryFn: () =>
      answered<AnswerOf<'Document.list'>>(
        client.GET('/api/documents', { params: { query: { person: personId } } }),
      ),
  });
