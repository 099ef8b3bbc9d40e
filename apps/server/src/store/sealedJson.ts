import type { Vault } from '../common/vault.js';
import { placeIn, type SealedColumn } from './sealedColumns.js';

/** A value as JSON, sealed for its row. */
export const sealJson = (
  vault: Vault,
  column: SealedColumn,
  row: readonly (string | number)[],
  value: unknown,
): string => vault.seal(JSON.stringify(value), placeIn(column, ...row));

/** @throws Unreadable without its key, or where it was changed or moved */
export const openJson = <T>(
  vault: Vault,
  column: SealedColumn,
  row: readonly (string | number)[],
  sealed: string,
): T => JSON.parse(vault.open(sealed, placeIn(column, ...row))) as T;
