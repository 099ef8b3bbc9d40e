import { readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** The folder of copies that are made before the tables are changed; null where none are. */
export const COPIES = Symbol('copies');

/** A copy is kept so long, days: an erased person is in none after that. */
export const COPIES_KEPT = 90;
const DAY = 24 * 60 * 60 * 1000;

/** A copy of the whole database, as it was. */
export interface Copy {
  name: string;
  madeAt: Date;
}

/** The copies in a folder, the oldest first; none where there is no folder. */
export function copiesIn(folder: string | null): Copy[] {
  if (!folder) return [];
  try {
    return readdirSync(folder)
      .map((name) => ({ name, madeAt: statSync(join(folder, name)).mtime }))
      .sort((a, b) => +a.madeAt - +b.madeAt);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return [];
    throw error;
  }
}

/** Takes away the copies that are too old. @param now milliseconds since 1970 */
export function dropOldCopies(folder: string | null, now = Date.now()): void {
  for (const { name, madeAt } of copiesIn(folder))
    if (+madeAt < now - COPIES_KEPT * DAY) rmSync(join(folder!, name), { recursive: true, force: true });
}
