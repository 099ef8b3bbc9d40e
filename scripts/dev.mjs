/**
 * `npm run dev`: database, server and web with reload. The server is built again and started anew on every
 * change to it or to the core; the web is served by Vite, which asks the server for `/api`.
 */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages, PlainError, ROOT, run } from './lib/machine.mjs';
import { ensureMariaDb, startMariaDb } from './lib/mariadb.mjs';

const say = (text) => console.log(text);
const PORT = process.env.PORT ?? '4310';
const running = [];
/** Runs something until the end; whatever ends by itself ends everything. */
const keep = (program, words, options = {}) => {
  const child = spawn(program, words, { cwd: ROOT, stdio: 'inherit', ...options });
  running.push(child);
  child.once('exit', () => void stop());
};
let stopping = false;
let database;
async function stop() {
  if (stopping) return;
  stopping = true;
  for (const child of running) child.kill('SIGTERM');
  await database?.stop();
  process.exit();
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());

try {
  await ensurePackages(say);
  let url = process.env.DATABASE_URL;
  if (!url) {
    await ensureMariaDb(say);
    database = await startMariaDb(join(ROOT, '.data'), say);
    url = database.url;
  }
  say('Building core and server …');
  for (const part of ['packages/core', 'apps/server']) {
    const { code, output } = await run('npm', ['run', 'build', '-w', part], { quiet: true, say });
    if (code !== 0) throw new PlainError(output);
  }
  const swc = join(ROOT, 'node_modules/.bin/swc');
  const config = ['--config-file', '../../.swcrc', '--watch'];
  keep(swc, ['src', 'catalogue', 'builtIn', '-d', 'dist', '--copy-files', ...config], {
    cwd: join(ROOT, 'packages/core'),
  });
  keep(swc, ['src', '-d', 'dist', '--strip-leading-paths', ...config], { cwd: join(ROOT, 'apps/server') });
  keep(
    process.execPath,
    ['--watch-path=packages/core/dist', '--watch-path=apps/server/dist', 'apps/server/dist/main.js'],
    {
      env: {
        ...process.env,
        DATABASE_URL: url,
        PORT,
        LOTUS_DEMO: 'once',
        LOTUS_KEYS: join(ROOT, '.data/keys.json'),
      },
    },
  );
  keep(join(ROOT, 'node_modules/.bin/vite'), ['--host', '127.0.0.1'], { cwd: join(ROOT, 'apps/web') });
} catch (error) {
  console.error(error instanceof PlainError ? error.message : error);
  await stop();
}
