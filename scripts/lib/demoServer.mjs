import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './freePort.mjs';
import { ensureBuilt, ROOT } from './machine.mjs';
import { startMariaDb } from './mariadb.mjs';

/**
 * Starts the server as it is built, with the demo of a fixed day in a throwaway database.
 *
 * @param weeks of a past that the demo gets; it is being written while the server answers
 * @returns its address, its process id, its database, its keys, and how to end it with all that was made for it
 */
export async function startDemoServer(weeks = 0) {
  await ensureBuilt(console.error);
  const folder = mkdtempSync(join(tmpdir(), 'lotus-demo-'));
  const database = await startMariaDb(folder);
  const port = await freePort();
  const server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js')], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      DATABASE_URL: database.url,
      PORT: String(port),
      LOTUS_DEMO: 'fresh',
      LOTUS_DEMO_WEEKS: String(weeks),
      LOTUS_TODAY: '2026-11-23',
      LOTUS_KEYS: join(folder, 'keys.json'),
    },
  });
  const said = await new Promise((resolve) => server.once('message', resolve));
  if (said !== 'ready') throw new Error(`The demo server did not start: ${JSON.stringify(said)}`);
  return {
    base: `http://127.0.0.1:${port}`,
    pid: server.pid,
    databaseUrl: database.url,
    keys: join(folder, 'keys.json'),
    async stop() {
      server.kill('SIGTERM');
      await new Promise((resolve) => server.once('exit', resolve));
      await database.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
