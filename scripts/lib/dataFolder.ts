import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
/** Where the private database lies, and what is kept beside it. */
export const DATA = process.env.LOTUS_DATA ?? join(ROOT, '.data');
/** Where the keys lie. */
export const KEYS = process.env.LOTUS_KEYS || join(DATA, 'keys.json');

/** Ends the program with what is wrong, in words. */
export function stop(error: string | Error): never {
  console.error(typeof error === 'string' ? error : error.message);
  process.exit(1);
}

interface MariaDb {
  ensureMariaDb(say: (text: string) => void): Promise<void>;
  runningUrl(folder: string): string | undefined;
  startMariaDb(folder: string): Promise<{ url: string; stop(): Promise<void> }>;
}

/** Does something with the database: that which is set, runs, or is started for it. */
export async function withDatabase(work: (url: string) => Promise<void>): Promise<void> {
  const mariadb = (await import('./mariadb.mjs' as string)) as MariaDb;
  const url = process.env.DATABASE_URL || mariadb.runningUrl(DATA);
  if (url) return work(url);
  await mariadb.ensureMariaDb(console.log);
  const started = await mariadb.startMariaDb(DATA);
  try {
    await work(started.url);
  } finally {
    await started.stop();
  }
}
