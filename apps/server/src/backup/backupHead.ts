import type { WrittenRing } from '../common/vault.js';

/** What a backup says it is. */
export const BACKUP_FORMAT = 'lotus-steady-backup';

/** The first line of a backup, before its SQL. */
export interface BackupHead {
  format: typeof BACKUP_FORMAT;
  version: 1;
  /** When it was made, as an instant. */
  madeAt: string;
  /** What opens what is sealed in its database, as it stands in the file of keys. */
  keys: WrittenRing;
}
