import { answered, client } from '../client.js';
import { keys } from '../keys.js';
import type { OtherDay } from '../types.js';
import { useSaving } from '../useSaving.js';

/** Keeps that somebody comes or stays away on a day; its class is fitted again where it is planned. */
export const useGroupDay = (id: string) =>
  useSaving(
    (day: OtherDay) => answered(client.PUT('/api/groups/{id}/day', { params: { path: { id } }, body: day })),
    keys.groups,
    keys.classes,
  );
