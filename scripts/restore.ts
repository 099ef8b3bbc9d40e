/**
 * Reads a backup into an empty folder: `npm run restore -- hall.age`. Lotus Steady must not be running; start it
 * afterwards, and it brings what an earlier version has made up to date.
 */
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { restore } from '../apps/server/src/backup/restore.js';
import { keepNewRing } from '../apps/server/src/common/vault.js';
import { askPassphrase } from './lib/askPassphrase.js';
import { DATA, KEYS, stop, withDatabase } from './lib/dataFolder.js';

const { positionals } = parseArgs({ allowPositionals: true });
const [file] = positionals;
if (!file || !existsSync(file)) stop('Say which file: npm run restore -- hall.age');
if (existsSync(KEYS))
  stop(
    `There is something in ${DATA} already: nothing was read in. ` +
      'Move that folder away, or name another with LOTUS_DATA.',
  );
const passphrase = await askPassphrase({ isNew: false }).catch(stop);
await withDatabase(async (url) => keepNewRing(KEYS, await restore(url, resolve(file), passphrase))).catch(
  stop,
);
console.log('Everything is there. Start it with npm start.');
