/** How many reads a second there are, beside a route that does nothing. */
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import autocannon from 'autocannon';
import { freePort } from '../mariadb.mjs';
import { read } from './target.mjs';

/** Who read at the same time, and for how long, s. */
const LOAD = { connections: 10, duration: 5 };

/** @returns reads a second, after a second to warm up */
async function perSecond(url) {
  await autocannon({ ...LOAD, duration: 1, url });
  const { requests, non2xx, errors } = await autocannon({ ...LOAD, url });
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
    const most = await perSecond(`http://127.0.0.1:${port}/api/bare`);
    const [{ id }] = await read(`${base}/classes?when=coming`);
    const kinds = { 'first page of people': `${base}/people`, 'a class': `${base}/classes/${id}` };
    const found = [];
    for (const [what, url] of Object.entries(kinds)) {
      const rate = await perSecond(url);
      found.push({ what, perSecond: rate, share: rate / most });
    }
    return found;
  } finally {
    bare.kill();
  }
}
