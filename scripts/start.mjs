/** `npm start`: everything that is needed to run, from a bare clone to an address in the browser. */
import { spawn } from 'node:child_process';
import {
  accessSync,
  constants,
  linkSync,
  mkdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
  existsSync,
} from 'node:fs';
import { statfs } from 'node:fs/promises';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { parseArgs } from 'node:util';
import { ensureBuilt, ensurePackages, PlainError, ROOT } from './lib/machine.mjs';
import { backUp, ensureMariaDb, startMariaDb } from './lib/mariadb.mjs';

const say = (text) => console.log(text);
const DATA = process.env.LOTUS_DATA ?? join(ROOT, '.data');
const closing = [];
let stopping = false;

/** A server that does not stop by itself is stopped after so many milliseconds; so is the database, after 5 s. */
const SERVER_STOPS_WITHIN = 4000;

async function stop(code) {
  if (stopping) return;
  stopping = true;
  for (const close of closing.reverse()) await close();
  process.exit(code);
}

const portIsFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** Nobody's people and classes are replaced unasked; where nobody can answer, it must have been said. */
async function askToReplace() {
  const loss = process.env.DATABASE_URL
    ? 'Everything in that database is replaced by the demo, and no copy of it is made.'
    : `Everything in ${DATA} is replaced by the demo; a copy of it is made first.`;
  if (!process.stdin.isTTY) throw new PlainError(`${loss} If that is meant: npm start -- --fresh --yes`);
  const lines = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await lines.question(`${loss} Go on? (yes or no) `);
  lines.close();
  if (!/^y(es)?$/i.test(answer.trim())) throw new PlainError('Nothing was changed.');
}

/**
 * Makes a folder where there is none: of two that start at once the later finds that of the other. Not recursive, for
 * that never ends under a folder that takes none, as /proc does.
 */
function makeFolder(path) {
  try {
    mkdirSync(path, { mode: 0o700 });
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
  }
}

function claimFolder() {
  try {
    makeFolder(DATA);
    accessSync(DATA, constants.W_OK);
    // Two may start at once: each tries with a file of its own.
    const probe = join(DATA, `.write.${process.pid}`);
    writeFileSync(probe, '');
    rmSync(probe);
  } catch {
    throw new PlainError(`Nothing can be written to ${DATA}: start in a folder that is yours.`);
  }
  const lock = join(DATA, 'running.pid');
  const mine = `${lock}.${process.pid}`;
  writeFileSync(mine, signOf(process.pid));
  closing.push(() => rmSync(mine, { force: true }));
  // Of two that start at once only one makes the file; what one that was killed left is put aside first.
  for (let tried = 1; ; tried++)
    try {
      linkSync(mine, lock);
      break;
    } catch (error) {
      if (error.code !== 'EEXIST' || tried > 2) throw error;
      const sign = readIfThere(lock);
      const pid = Number(sign.split(' ')[0]);
      if (existsSync(`/proc/${pid}`) && sign === signOf(pid))
        throw new PlainError(`Lotus Steady is already running from this folder (process ${pid}).`);
      rmSync(lock, { force: true });
    }
  closing.push(() => rmSync(lock, { force: true }));
}

/** So much must be free to begin with, megabytes; more with LOTUS_FREE_MB. */
const ROOM_MB = 300;

async function needRoom() {
  const needed = Number(process.env.LOTUS_FREE_MB || ROOM_MB);
  const { bavail, bsize } = await statfs(DATA);
  const free = Math.floor((bavail * bsize) / 1e6);
  if (free < needed)
    throw new PlainError(
      `The disk is too full to begin: ${needed} MB must be free in ${DATA}, and ${free} MB are.`,
    );
}

const readIfThere = (path) => (existsSync(path) ? readFileSync(path, 'utf8').trim() : '');

/**
 * A process by its number and when it began, in ticks since the machine was switched on: a number is used again,
 * and clocks are set.
 */
function signOf(pid) {
  // After the name, which may hold anything, the twentieth word is the moment.
  return `${pid} ${readIfThere(`/proc/${pid}/stat`).split(') ').pop().split(' ')[19]}`;
}

async function main() {
  let values;
  try {
    ({ values } = parseArgs({
      options: { fresh: { type: 'boolean' }, yes: { type: 'boolean' }, 'no-demo': { type: 'boolean' } },
    }));
  } catch (error) {
    throw new PlainError(`${error.message} Known: --fresh, --yes, --no-demo.`);
  }
  if (values.fresh && values['no-demo'])
    throw new PlainError('--fresh puts the demo in place of what is there; it cannot go with --no-demo.');
  const port = Number(process.env.PORT ?? 4310);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainError(`PORT is a number between 1 and 65535, not "${process.env.PORT}".`);
  if (!(await portIsFree(port)))
    throw new PlainError(`Port ${port} is taken. Choose another: PORT=4311 npm start`);
  const hasData = existsSync(join(DATA, 'database.json')) && existsSync(join(DATA, 'mariadb'));
  if (values.fresh && !values.yes && (hasData || process.env.DATABASE_URL)) await askToReplace();
  claimFolder();
  await needRoom();
  await ensurePackages(say);
  let url = process.env.DATABASE_URL;
  if (!url) {
    await ensureMariaDb(say);
    if (values.fresh && hasData) say(`What was there is kept in ${await backUp(DATA)}`);
    const database = await startMariaDb(DATA, say, { onGone: () => stop(1) });
    closing.push(database.stop);
    url = database.url;
  }
  const wanted = values.fresh ? 'fresh' : 'once';
  await ensureBuilt(say);
  const server = spawn(process.execPath, ['--enable-source-maps', join(ROOT, 'apps/server/dist/main.js')], {
    cwd: ROOT,
    detached: true,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      DATABASE_URL: url,
      PORT: String(port),
      LOTUS_DEMO: values['no-demo'] ? 'none' : wanted,
      // Of a database that is somebody else's neither the disk nor copies are ours.
      LOTUS_DATA: process.env.DATABASE_URL ? '' : DATA,
      LOTUS_KEYS: process.env.LOTUS_KEYS || join(DATA, 'keys.json'),
      NODE_ENV: 'production',
    },
  });
  const gone = new Promise((resolve) => server.once('exit', resolve));
  closing.push(async () => {
    if (server.exitCode !== null) return;
    server.kill('SIGTERM');
    const late = setTimeout(() => server.kill('SIGKILL'), SERVER_STOPS_WITHIN);
    await gone;
    clearTimeout(late);
  });
  const answer = await Promise.race([new Promise((resolve) => server.once('message', resolve)), gone]);
  if (answer !== 'ready')
    throw new PlainError(
      typeof answer === 'object' && answer?.problem ? answer.problem : 'The server did not come up.',
    );
  server.once('exit', () => {
    if (!stopping) {
      console.error('The server has stopped.');
      stop(1);
    }
  });
  say(`\nLotus Steady is ready: http://127.0.0.1:${port}/`);
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stop(0));
main().catch((error) => {
  console.error(error instanceof PlainError ? error.message : error);
  stop(1);
});
