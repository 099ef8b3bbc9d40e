import { useQuery } from '@tanstack/react-query';
import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { IncidentDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** What happened to people: what is open first, then the latest first. */
export const useIncidents = () =>
  useQuery({
    queryKey: keys.incidents,
    queryFn: () => answered<AnswerOf<'Incident.list'>>(client.GET('/api/incidents')),
  });

/** Keeps a new incident of somebody, or one that was changed, on the version that was read. */
export const useSaveIncident = () =>
  useSaving(
    ({
      personId,
      id,
      version = 0,
      draft,
    }: {
      personId: string;
      id?: string;
      version?: number;
      draft: IncidentDraft;
    }) =>
      id === undefined
        ? answered<AnswerOf<'Incident.create'>>(
            client.POST('/api/people/{id}/incidents', { params: { path: { id: personId } }, body: draft }),
          )
        : answered<AnswerOf<'Incident.update'>>(
            client.PUT('/api/people/{id}/incidents/{incident}', {
              params: { path: { id: personId, incident: id }, header: ifMatch(version) },
              body: draft,
            }),
          ),
    keys.incidents,
  );
