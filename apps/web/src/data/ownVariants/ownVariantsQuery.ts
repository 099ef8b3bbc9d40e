import { queryOptions } from '@tanstack/react-query';
import { showOwn } from '../loadCatalogue.js';
import { answered, client, type AnswerOf } from '../client.js';
import { orKept } from '../kept/keptReadings.js';
import { keys } from '../keys.js';

/** Reads the hall's own variants and puts them on the ladders of the catalogue. */
export const ownVariantsQuery = queryOptions({
  queryKey: keys.ownVariants,
  staleTime: Infinity,
  queryFn: async () => {
    const own = await orKept(keys.ownVariants, () =>
      answered<AnswerOf<'OwnVariant.list'>>(client.GET('/api/own-variants')),
    );
    await showOwn(own);
    return own;
  },
});
