/**
 * Adds a key to the file of keys and makes it the one that is encrypted with: `npm run new-key`. What was encrypted
 * with another is encrypted anew at the next start; until then both are needed.
 */
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { addKey } from '../apps/server/src/common/vault.js';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const file = process.env.LOTUS_KEYS || join(process.env.LOTUS_DATA ?? join(ROOT, '.data'), 'keys.json');
const name = addKey(file);
console.log(`${file} has the new key ${name}. Start Lotus Steady again, and keep a new copy of the file.`);
console.log('Earlier keys may go from it once Hall says that nothing is encrypted with them any more.');
