/** While something goes wrong: what is written down, what is said, and that nothing is lost. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Sequelize } from 'sequelize';
import { signedInAt, type Browser } from './browser.js';

interface Started {
  url: string;
  pid: number;
  stop: () => Promise<void>;
}

const MAIN = fileURLToPath(new URL('../dist/main.js', import.meta.url));
/** Stands in names, notes and health, and must be found nowhere else. */
const SECRET = 'Zephyrine';
let folder = '';
let database: Started;
let server: ChildProcess;
let browser: Browser;
let said = '';

beforeAll(async () => {
  const { startMariaDb } = (await import('../../../scripts/lib/mariadb.mjs' as string)) as {
    startMariaDb: (folder: string) => Promise<Started>;
  };
  const { freePort } = (await import('../../../scripts/lib/freePort.mjs' as string)) as {
    freePort: () => Promise<number>;
  };
  folder = join(mkdtempSync(join(tmpdir(), 'lotus-logs-')), 'data');
  database = await startMariaDb(folder);
  const port = await freePort();
  server = spawn(process.execPath, [MAIN], {
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
    env: {
      ...process.env,
      NODE_OPTIONS: '',
      DATABASE_URL: database.url,
      PORT: String(port),
      LOTUS_DEMO: 'once',
      LOTUS_DEMO_WEEKS: '0',
      LOTUS_KEYS: join(folder, 'keys.json'),
    },
  });
  for (const stream of [server.stdout!, server.stderr!])
    stream.on('data', (chunk: Buffer) => {
      said += chunk.toString();
    });
  expect(await new Promise((resolve) => server.once('message', resolve))).toBe('ready');
  browser = await signedInAt(`http://127.0.0.1:${port}`);
});
afterAll(async () => {
  server.kill('SIGKILL');
  await database.stop();
  rmSync(join(folder, '..'), { recursive: true, force: true });
});

const send = async (path: string, method = 'GET', body?: unknown) => {
  const { status, text } = await browser.ask(path, method, body);
  return { status, text };
};
/** What is answered until the database is well again. */
async function untilWell() {
  const answers: Awaited<ReturnType<typeof send>>[] = [];
  while (answers.at(-1)?.status !== 200 && answers.length < 100) {
    answers.push(await send('health'));
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return answers;
}
/** Everything that was written down, ours and the database's. */
const written = (): string =>
  [
    said,
    ...readdirSync(folder)
      .filter((name) => name.endsWith('.log'))
      .map((name) => readFileSync(join(folder, name), 'utf8')),
  ].join('\n');
const SQL = /\b(SELECT|INSERT|UPDATE|DELETE)\b.*\b(FROM|INTO|SET|SLEEP)\b/i;

test('something that nobody expected is told by where it happened, and by nothing else', async () => {
  const { text } = await send('people', 'POST', { name: `${SECRET} One`, conditions: ['glaucoma'] });
  const { id } = JSON.parse(text) as { id: string };
  const sequelize = new Sequelize(database.url, { logging: false });
  await sequelize.query('DROP TABLE prop_notes');
  await sequelize.close();
  const note = { task: 'seat-cross-legged', heightCm: 5, words: SECRET, on: '2026-11-23' };
  const failed = await send(`people/${id}/props`, 'PUT', note);
  expect([failed.status, failed.text.includes(SECRET), SQL.test(failed.text)]).toEqual([500, false, false]);
  expect(said).toMatch(/PUT \/api\/people\/:id\/props failed: SequelizeDatabaseError/);
  expect(written()).not.toContain(SECRET);
  expect(written()).not.toMatch(SQL);
});

test('a database that crashes at a statement does not write it down', async () => {
  const sequelize = new Sequelize(database.url, { logging: false });
  const asleep = sequelize.query(`SELECT SLEEP(20), '${SECRET}'`).catch(() => undefined);
  await new Promise((resolve) => setTimeout(resolve, 1500));
  // The youngest thread is that of the statement; only it is hit, as by a fault of its own.
  const thread = Math.max(...readdirSync(`/proc/${database.pid}/task`).map(Number));
  const tgkill = { x64: 234, arm64: 131 }[process.arch as 'x64' | 'arm64'];
  const hit = spawnSync('perl', ['-e', `exit(syscall(${tgkill}, ${database.pid}, ${thread}, 11) != 0)`]);
  expect(hit.status).toBe(0);
  await asleep;
  await sequelize.close().catch(() => undefined);
  expect(written()).not.toContain(SECRET);
  expect(written()).not.toMatch(SQL);
  await untilWell();
});

test('a database that is killed is started again; that is said, and nothing saved is lost', async () => {
  const saved = await send('people', 'POST', { name: 'Before the end' });
  expect(saved.status).toBe(201);
  process.kill(database.pid, 'SIGKILL');
  const answers = await untilWell();
  for (const { status, text } of answers.slice(0, -1))
    expect([status, text]).toEqual([503, expect.stringMatching(/database does not answer/)]);
  expect(answers.length).toBeGreaterThan(1);
  expect(answers.at(-1)!.status).toBe(200);
  expect((await send('people')).text).toContain('Before the end');
  expect(server.exitCode).toBeNull();
});
