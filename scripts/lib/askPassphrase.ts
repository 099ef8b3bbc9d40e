import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';

/** As on the screen. */
const LEAST = 15;

/**
 * The passphrase of a backup: from LOTUS_BACKUP_PASSPHRASE, or typed without being shown.
 *
 * @param isNew it is typed twice
 * @throws where there is none, or it is too short for a new one
 */
export async function askPassphrase({ isNew }: { isNew: boolean }): Promise<string> {
  const set = process.env.LOTUS_BACKUP_PASSPHRASE;
  if (!set && !process.stdin.isTTY)
    throw new Error('Nobody can be asked for the passphrase here: set LOTUS_BACKUP_PASSPHRASE.');
  const passphrase = set || (await typed('Passphrase: '));
  if (isNew && passphrase.length < LEAST)
    throw new Error(`A passphrase has ${LEAST} letters or more: four or five words.`);
  if (isNew && !set && (await typed('Once more: ')) !== passphrase)
    throw new Error('These are two different ones. Nothing was written.');
  return passphrase;
}

async function typed(asks: string): Promise<string> {
  process.stdout.write(asks);
  const unseen = new Writable({ write: (_chunk, _how, done) => done() });
  const lines = createInterface({ input: process.stdin, output: unseen, terminal: true });
  try {
    return await lines.question('');
  } finally {
    lines.close();
    process.stdout.write('\n');
  }
}
