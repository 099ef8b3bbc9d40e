import { useQuery } from '@tanstack/react-query';
import { answered, client } from '../client.js';
import type { paths } from '../contract.js';
import { keys } from '../keys.js';
import { planSaved } from './planOutbox.js';

type Sheets = paths['/api/classes/{id}/sheets/{kind}']['get'];
/** What sheets there are of a class. */
export type SheetKind = Sheets['parameters']['path']['kind'];

/** The address at which a sheet is saved. */
export const sheetAddress = (id: string, kind: SheetKind, ink: boolean): string =>
  `/api/classes/${id}/sheets/${kind}${ink ? '?ink=true' : ''}`;

/** A sheet of a class as a PDF. */
export const useSheet = (id: string, kind: SheetKind, ink: boolean) =>
  useQuery({
    queryKey: keys.sheet(id, kind, ink),
    queryFn: async ({ signal }) => {
      await planSaved(id);
      return answered<ArrayBuffer>(
        client.GET('/api/classes/{id}/sheets/{kind}', {
          params: { path: { id, kind }, query: ink ? { ink: 'true' } : {} },
          parseAs: 'arrayBuffer',
          signal,
        }),
      );
    },
  });
