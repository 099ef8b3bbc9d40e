import { answered, client, ifMatch, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Saves on the version that was read; the version is told apart, so that nothing of another is overwritten. */
export const useSaveStock = () =>
  useSaving(
    ({ version, stock }: { version: number; stock: Record<string, number> }) =>
      answered<AnswerOf<'Hall.saveStock'>>(
        client.PUT('/api/hall/stock', { params: { header: ifMatch(version) }, body: { stock } }),
      ),
    keys.hall,
    keys.classes,
  );
