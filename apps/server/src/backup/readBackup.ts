import { createReadStream } from 'node:fs';
import { PassThrough, Readable } from 'node:stream';
import { createGunzip } from 'node:zlib';
import { Decrypter } from 'age-encryption';
import { BACKUP_FORMAT, type BackupHead } from './backupHead.js';

/** What cannot be read in as a backup, and why. */
export class NoBackup extends Error {}

/** No first line is longer, bytes. */
const HEAD_MOST = 64_000;

/**
 * Opens a backup.
 *
 * @param path of the file
 * @returns its first line, and its SQL; that ends with an error where the file was changed or is not whole
 * @throws NoBackup for another file, another passphrase, or a backup of a later version
 */
export async function readBackup(
  path: string,
  passphrase: string,
): Promise<{ head: BackupHead; sql: Readable }> {
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  const file = Readable.toWeb(createReadStream(path)) as ReadableStream<Uint8Array>;
  const opened = await decrypter.decrypt(file).catch(() => {
    throw new NoBackup('This file does not open: it is no backup, or the passphrase is another one.');
  });
  const text = Readable.fromWeb(opened as never).on('error', (error) => unpacked.destroy(error));
  const unpacked = createGunzip();
  text.pipe(unpacked);
  const { line, rest } = await firstLine(unpacked).catch(() => {
    throw new NoBackup('This backup is not whole, or was changed.');
  });
  let head: BackupHead;
  try {
    head = JSON.parse(line) as BackupHead;
  } catch {
    throw new NoBackup('This file opens, but is no backup of Lotus Steady.');
  }
  if (head.format !== BACKUP_FORMAT) throw new NoBackup('This file opens, but is no backup of Lotus Steady.');
  if (head.version !== 1)
    throw new NoBackup('This backup was made by a later version: read it in with that one, or a later one.');
  return { head, sql: rest };
}

/** The first line of a stream, and what comes after it. */
async function firstLine(from: Readable): Promise<{ line: string; rest: Readable }> {
  const chunks: Buffer[] = [];
  const bytes = from[Symbol.asyncIterator]() as AsyncIterator<Buffer>;
  for (;;) {
    const { value, done } = await bytes.next();
    if (done) throw new Error('no first line');
    chunks.push(value);
    const all = Buffer.concat(chunks);
    const end = all.indexOf('\n');
    if (end < 0 && all.length > HEAD_MOST) throw new Error('no first line');
    if (end < 0) continue;
    const rest = new PassThrough();
    rest.write(all.subarray(end + 1));
    void pour(bytes, rest);
    return { line: all.subarray(0, end).toString('utf8'), rest };
  }
}

async function pour(from: AsyncIterator<Buffer>, into: PassThrough): Promise<void> {
  try {
    for (let next = await from.next(); !next.done; next = await from.next())
      if (!into.write(next.value)) await new Promise((resolve) => into.once('drain', resolve));
    into.end();
  } catch {
    into.destroy(new NoBackup('This backup is not whole, or was changed.'));
  }
}
