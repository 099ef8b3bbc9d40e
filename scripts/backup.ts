/**
 * Everything as one encrypted file: `npm run backup`, or `npm run backup -- --to /media/stick/hall.age`. It may run
 * while Lotus Steady does. The passphrase is asked for, or taken from LOTUS_BACKUP_PASSPHRASE.
 */
import { createWriteStream, existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { parseArgs } from 'node:util';
import { writeBackup } from '../apps/server/src/backup/writeBackup.js';
import { keyRingIn } from '../apps/server/src/common/vault.js';
import { writeWhole } from '../apps/server/src/database/backUp.js';
import { askPassphrase } from './lib/askPassphrase.js';
import { DATA, KEYS, stop, withDatabase } from './lib/dataFolder.js';

const { values } = parseArgs({ options: { to: { type: 'string' } } });
const madeAt = new Date();
const name = `lotus-steady-${madeAt.toISOString().slice(0, 19).replaceAll(':', '')}.age`;
const path = resolve(values.to ?? join(DATA, 'backups', name));
if (existsSync(path)) stop(`${path} is there already.`);
if (!existsSync(KEYS)) stop(`There is nothing in ${DATA} yet.`);
const passphrase = await askPassphrase({ isNew: true }).catch(stop);
await withDatabase((url) =>
  writeWhole(path, async (unfinished) => {
    const file = await writeBackup({ url, ring: keyRingIn(KEYS), passphrase, madeAt });
    await pipeline(file, createWriteStream(unfinished, { mode: 0o600 }));
  }),
).catch(stop);
console.log(`Everything is in ${path}. Keep it elsewhere, and the passphrase elsewhere again.`);
