import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** How a sequence was, the last first. */
export const useSequenceVersions = (id: string) =>
  useQuery({
    queryKey: keys.sequenceVersions(id),
    staleTime: 0,
    queryFn: () =>
      answered<AnswerOf<'Sequence.versions'>>(
        client.GET('/api/sequences/{id}/versions', { params: { path: { id } } }),
      ),
  });

/** One of them with its text. */
export const useSequenceVersion = (id: string, version: number | undefined) =>
  useQuery({
    queryKey: keys.sequenceVersion(id, version ?? 0),
    enabled: version !== undefined,
    staleTime: Infinity,
    queryFn: () =>
      answered<AnswerOf<'Sequence.version'>>(
        client.GET('/api/sequences/{id}/versions/{version}', {
          params: { path: { id, version: version! } },
        }),
      ),
  });
