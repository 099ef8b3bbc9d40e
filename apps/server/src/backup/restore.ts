import { spawn } from 'node:child_process';
import { Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ringOf, type KeyRing } from '../common/vault.js';
import { clientOf } from '../database/backUp.js';
import { readBackup } from './readBackup.js';

/**
 * Reads a backup into an empty database. The file is read to its end first: one that was changed or is not whole
 * changes nothing.
 *
 * @param url the database, as in `connectionTo`
 * @param path of the file
 * @returns the keys that open what is in it
 * @throws NoBackup for what is no whole backup; Error where something is in the database, or it cannot be written
 */
export async function restore(url: string, path: string, passphrase: string): Promise<KeyRing> {
  if (await hasTables(url))
    throw new Error('There is something in this database already: nothing was read in.');
  await pipeline(
    (await readBackup(path, passphrase)).sql,
    new Writable({ write: (_chunk, _how, done) => done() }),
  );
  const { head, sql } = await readBackup(path, passphrase);
  const { words, env, database } = clientOf(url);
  const client = spawn('mariadb', ['--no-defaults', '--default-character-set=utf8mb4', ...words, database], {
    stdio: ['pipe', 'ignore', 'ignore'],
    env,
  });
  const ended = new Promise<number | null>((resolve, reject) => {
    client.once('error', reject).once('exit', resolve);
  });
  const [, code] = await Promise.all([pipeline(sql, client.stdin), ended]);
  if (code !== 0) throw new Error('The database did not take all of the backup.');
  return ringOf(head.keys);
}

async function hasTables(url: string): Promise<boolean> {
  const sequelize = new Sequelize(url, { logging: false });
  try {
    const tables = await sequelize.query(
      'SELECT 1 FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE() LIMIT 1',
      { type: QueryTypes.SELECT },
    );
    return tables.length > 0;
  } finally {
    await sequelize.close();
  }
}
