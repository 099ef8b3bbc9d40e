/** How many reads a second there are, beside a route that sends an empty table and does nothing. */
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import autocannon from 'autocannon';
import { freePort } from '../mariadb.mjs';
import { read, shownBy } from './target.mjs';

/** Who read at the same time, and for how long, s. */
const LOAD = { connections: 10, duration: 2 };
/** One and the other are asked in turn, so often: the machine is not equally quick all the time. */
const TURNS = 4;

/** @returns reads a second */
async function perSecond(url) {
  const { requests, non2xx, errors } = await autocannon({ ...LOAD, url, headers: shownBy() });
  if (non2xx + errors) throw new Error('Not all reads were answered.');
  return requests.average;
}

/** @returns for each kind of read how many a second, and which share of those of the bare route that is */
export async function compareWithBare({ base }) {
  const port = await freePort();
  const bare = fork(fileURLToPath(new URL('./bareServer.mjs', import.meta.url)), {
    env: { ...process.env, PORT: String(port) },
  });
  try {
    await once(bare, 'message');
    const [{ id }] = await read(`${base}/classes?when=coming`);
    const kinds = { 'first page of people': `${base}/people`, 'a class': `${base}/classes/${id}` };
    const found = [];
    for (const [what, url] of Object.entries(kinds)) {
      let ours = 0;
      let most = 0;
      // The first turn warms both up.
      for (let turn = 0; turn <= TURNS; turn++) {
        const [one, other] = [await perSecond(url), await perSecond(`http://127.0.0.1:${port}/api/bare`)];
        ours += turn && one;
        most += turn && other;
      }
      found.push({ what, perSecond: ours / TURNS, share: ours / most });
    }
    return found;
  } finally {
    bare.kill();
  }
}
