import { spawn } from 'node:child_process';
import { createWriteStream, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
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
];

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
  const { hostname, port, username, password, pathname } = new URL(url);
  const path = join(folder, `${name}.sql.gz`);
  const unfinished = `${path}.part`;
  try {
    if (!existsSync(folder)) mkdirSync(folder, { mode: 0o700 });
    const dump = spawn(
      'mariadb-dump',
      [
        ...HOW,
        '--protocol=tcp',
        `--host=${hostname}`,
        `--port=${port || 3306}`,
        `--user=${decodeURIComponent(username)}`,
        pathname.slice(1),
      ],
      // A password among the words of a command can be read by everybody on the machine.
      {
        stdio: ['ignore', 'pipe', 'ignore'],
        env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
      },
    );
    const ended = new Promise<number | null>((resolve, reject) => {
      dump.once('error', reject).once('exit', resolve);
    });
    const [code] = await Promise.all([
      ended,
      pipeline(dump.stdout, createGzip(), createWriteStream(unfinished, { mode: 0o600 })),
    ]);
    if (code !== 0) throw new Error('The copy was broken off.');
    renameSync(unfinished, path);
    return path;
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw error;
  }
}
