import { useQuery } from '@tanstack/react-query';
import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { orKept } from '../kept/keptReadings.js';
import type { PlaceDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Rooms, and houses that one goes to, by name. */
export const usePlaces = () =>
  useQuery({
    queryKey: keys.places,
    queryFn: () => orKept(keys.places, () => answered<AnswerOf<'Place.list'>>(client.GET('/api/places'))),
  });

/** Keeps a new place, or one that was changed, on the version that was read. */
export const useSavePlace = () =>
  useSaving(
    ({ id, version, draft }: { id?: string; version?: number; draft: PlaceDraft }) =>
      id === undefined
        ? answered<AnswerOf<'Place.create'>>(client.POST('/api/places', { body: draft }))
        : answered<AnswerOf<'Place.update'>>(
            client.PUT('/api/places/{id}', {
              params: { path: { id }, header: ifMatch(version ?? 0) },
              body: draft,
            }),
          ),
    keys.places,
    keys.classes,
  );

/** Forgets what is in a place. */
export const useRemovePlace = () =>
  useSaving(
    (id: string) =>
      answered<AnswerOf<'Place.remove'>>(client.DELETE('/api/places/{id}', { params: { path: { id } } })),
    keys.places,
    keys.classes,
  );
