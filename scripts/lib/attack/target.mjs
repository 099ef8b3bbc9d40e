/** A server with a database of its own, made to be hurt: it is killed and started again, and keeps what it said. */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { signInToDemo } from '../demoTeacher.mjs';
import { ROOT } from '../machine.mjs';
import { freePort, startMariaDb } from '../mariadb.mjs';

/** What the demo's teacher shows with every request. */
let shown = {};
export const shownBy = () => shown;
/** A database that is killed as often as it is here is started again each time. */
const OFTEN = { most: Infinity, within: 1 };

/** @param folder an empty one; everything lies in it */
export async function startTarget(folder) {
  const database = await startMariaDb(folder, undefined, { restarts: OFTEN });
  const port = await freePort();
  const base = `http://127.0.0.1:${port}/api`;
  let said = '';
  let server;
  let ended;

  /** @param demo `fresh` fills it, `once` takes it as it is */
  async function begin(demo) {
    server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js')], {
      stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
      env: {
        ...process.env,
        DATABASE_URL: database.url,
        PORT: String(port),
        LOTUS_DEMO: demo,
        LOTUS_DEMO_WEEKS: '0',
        LOTUS_TODAY: '2026-11-23',
        LOTUS_DATA: folder,
      },
    });
    for (const stream of [server.stdout, server.stderr])
      stream.on('data', (chunk) => {
        said += chunk;
      });
    ended = new Promise((resolve) => server.once('exit', resolve));
    const answer = await Promise.race([new Promise((resolve) => server.once('message', resolve)), ended]);
    if (answer !== 'ready') throw new Error(`The server did not come up: ${JSON.stringify(answer)}`);
  }
  await begin('fresh');
  shown = await signInToDemo(`http://127.0.0.1:${port}`);

  return {
    base,
    database,
    /** Megabytes that the server holds. */
    residentMb: () =>
      Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1000),
    /** What server and database have written down. */
    logs: () => said + readFileSync(join(folder, 'mariadb.log'), 'utf8'),
    async killServer() {
      server.kill('SIGKILL');
      await ended;
      await begin('once');
    },
    killDatabase: () => process.kill(database.pid, 'SIGKILL'),
    async stop() {
      server.kill('SIGTERM');
      await ended;
      await database.stop();
    },
  };
}

/** Asks, and says the status and what was answered; status 0 where nothing was. */
export async function send(url, method = 'GET', body = undefined, headers = {}) {
  const began = performance.now();
  try {
    const response = await fetch(url, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...shown,
        ...headers,
      },
      body: typeof body === 'string' || body === undefined ? body : JSON.stringify(body),
    });
    const text = await response.text();
    return { status: response.status, text, ms: performance.now() - began };
  } catch {
    return { status: 0, text: '', ms: performance.now() - began };
  }
}

/** @returns what was answered, read as JSON */
export const read = async (url) => JSON.parse((await send(url)).text);
