import type { Vault } from '../common/vault.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson } from '../store/sealedJson.js';
import type { RecordRow, SealedRecord } from './class.model.js';

/** How a class was for one person, open to read; what she was given is read by who learns from it. */
export type RecordOfPerson = Pick<RecordRow, 'personId' | 'came'> & Omit<SealedRecord, 'did'>;

/** What was not asked when it was written down. */
const NOT_ASKED = { effort: null, pressureAfter: null } satisfies Partial<SealedRecord>;

/** @throws Unreadable */
export function openRecord(
  vault: Vault,
  { id, personId, came, sealed }: Pick<RecordRow, 'id' | 'personId' | 'came' | 'sealed'>,
): RecordOfPerson {
  const { did: _did, ...record } = openSealed(vault, id, sealed);
  return { personId, came, ...record };
}

/** With what she was given, where that was kept. @throws Unreadable */
export const openSealed = (vault: Vault, id: string, sealed: string): SealedRecord => ({
  ...NOT_ASKED,
  ...openJson<SealedRecord>(vault, SEALED.record, [id], sealed),
});
