import { spawn } from 'node:child_process';
import { createWriteStream, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';

/** All at one moment; what is written can be read in again with the rights that our account has. */
const HOW = [
  '--no-defaults',
  '--single-transaction',
  '--skip-lock-tables',
  '--skip-add-locks',
  '--skip-disable-keys',
  '--skip-triggers',
  '--no-tablespaces',
  // Bytes are bytes, whatever letters they look like.
  '--hex-blob',
];

/** A database as text of SQL, while it is written. */
export interface Dump {
  sql: Readable;
  /** Once it was written whole. @throws where it was broken off */
  whole: Promise<void>;
}

/** Where a client of MariaDB finds a database; a password among the words of a command can be read by everybody. */
export function clientOf(url: string): { words: string[]; env: NodeJS.ProcessEnv; database: string } {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    words: [
      '--protocol=tcp',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    database: pathname.slice(1),
  };
}

/** Writes everything in a database, as it is at one moment. @param url as in `connectionTo` */
export function dumpOf(url: string): Dump {
  const { words, env, database } = clientOf(url);
  const dump = spawn('mariadb-dump', [...HOW, ...words, database], {
    stdio: ['ignore', 'pipe', 'ignore'],
    env,
  });
  const whole = new Promise<void>((resolve, reject) => {
    dump.once('error', reject).once('exit', (code) => {
      if (code === 0) resolve();
      else reject(new Error('The copy was broken off.'));
    });
  });
  return { sql: dump.stdout, whole };
}

/**
 * Writes everything in a database to a packed file of SQL that only its owner can read.
 *
 * @param url the database, as in `connectionTo`
 * @param folder where to; it is made where it alone is missing
 * @param name of the file, without its ending
 * @returns where it is
 * @throws where it could not be written whole; nothing is left of it then
 */
export async function backUp(url: string, folder: string, name: string): Promise<string> {
  const path = join(folder, `${name}.sql.gz`);
  await writeWhole(path, async (unfinished) => {
    const { sql, whole } = dumpOf(url);
    await Promise.all([whole, pipeline(sql, createGzip(), createWriteStream(unfinished, { mode: 0o600 }))]);
  });
  return path;
}

/**
 * Writes a file under another name until it is whole; its folder is made where it alone is missing.
 *
 * @throws as `write` does; nothing is left of it then
 */
export async function writeWhole(path: string, write: (unfinished: string) => Promise<void>): Promise<void> {
  const folder = dirname(path);
  const unfinished = `${path}.part`;
  try {
    if (!existsSync(folder)) mkdirSync(folder, { mode: 0o700 });
    await write(unfinished);
    renameSync(unfinished, path);
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw error;
  }
}
