import { useQuery } from '@tanstack/react-query';
import { answered, client } from '../client.js';
import type { paths } from '../contract.js';
import { keys } from '../keys.js';
import { planSaved } from './planOutbox.js';

type Sheets = paths['/api/classes/{id}/sheets/{kind}']['get'];
/** What sheets there are of a class. */
export type SheetKind = Sheets['parameters']['path']['kind'];

/** How a sheet is wanted: in ink, picture cards without their names. */
export type SheetQuery = NonNullable<Sheets['parameters']['query']>;

/** The address at which a sheet is saved. */
export const sheetAddress = (id: string, kind: SheetKind, how: SheetQuery): string => {
  const query = new URLSearchParams(how).toString();
  return `/api/classes/${id}/sheets/${kind}${query && `?${query}`}`;
};

/** A sheet of a class as a PDF. */
export const useSheet = (id: string, kind: SheetKind, how: SheetQuery) =>
  useQuery({
    queryKey: keys.sheet(id, kind, how),
    queryFn: async ({ signal }) => {
      await planSaved(id);
      return answered<ArrayBuffer>(
        client.GET('/api/classes/{id}/sheets/{kind}', {
          params: { path: { id, kind }, query: how },
          parseAs: 'arrayBuffer',
          signal,
        }),
      );
    },
  });
