import { PassThrough, Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { Encrypter } from 'age-encryption';
import { writtenRing, type KeyRing } from '../common/vault.js';
import { dumpOf } from '../database/backUp.js';
import { BACKUP_FORMAT, type BackupHead } from './backupHead.js';

/**
 * Everything as one encrypted file: the database, and the keys that open what is sealed in it. The file is of the age
 * format (age-encryption.org/v1) with a passphrase, so that other programs open it too; in it is a packed text: a line
 * that says what it is and has the keys, then SQL.
 *
 * @param url the database, as in `connectionTo`
 * @param madeAt when, as an instant
 * @returns the file, while it is written; it ends with an error where the database could not be read whole
 */
export async function writeBackup({
  url,
  ring,
  passphrase,
  madeAt,
}: {
  url: string;
  ring: KeyRing;
  passphrase: string;
  madeAt: Date;
}): Promise<Readable> {
  const plain = new PassThrough();
  const head: BackupHead = {
    ...{ format: BACKUP_FORMAT, version: 1, madeAt: madeAt.toISOString() },
    keys: writtenRing(ring),
  };
  plain.write(`${JSON.stringify(head)}\n`);
  const { sql, whole } = dumpOf(url);
  sql.pipe(plain, { end: false });
  // Its end is the file's end only where it was whole.
  whole.then(
    () => (sql.readableEnded ? plain.end() : sql.once('end', () => plain.end())),
    (error: Error) => plain.destroy(error),
  );
  const packed = createGzip();
  void pipeline(plain, packed).catch(() => undefined);
  const encrypter = new Encrypter();
  encrypter.setPassphrase(passphrase);
  const web = Readable.toWeb(packed) as ReadableStream<Uint8Array>;
  return Readable.fromWeb((await encrypter.encrypt(web)) as never);
}
