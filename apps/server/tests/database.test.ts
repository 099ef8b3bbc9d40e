/** Nobody but the server gets into its database: not as any account that a server comes with, not as another user. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';

interface Started {
  url: string;
  stop: () => Promise<void>;
}
type Start = (folder: string, say?: (words: string) => void) => Promise<Started>;

let startMariaDb: Start;
let backUp: (folder: string) => Promise<string>;
let folder = '';
let database: Started | undefined;

beforeAll(async () => {
  ({ startMariaDb, backUp } = (await import('../../../scripts/lib/mariadb.mjs' as string)) as {
    startMariaDb: Start;
    backUp: typeof backUp;
  });
  folder = join(mkdtempSync(join(tmpdir(), 'lotus-database-')), 'data');
  database = await startMariaDb(folder);
});
afterAll(async () => {
  await database?.stop();
  rmSync(join(folder, '..'), { recursive: true, force: true });
});

/** Tries to get in over TCP, and says how that ended. */
async function attempt(user: string, password?: string): Promise<string> {
  const { hostname, port } = new URL(database!.url);
  const sequelize = new Sequelize('lotus_steady', user, password, {
    dialect: 'mariadb',
    host: hostname,
    port: Number(port),
    logging: false,
    dialectOptions: { connectTimeout: 3000 },
  });
  try {
    await sequelize.authenticate();
    return 'in';
  } catch (error) {
    return (error as Error).name;
  } finally {
    await sequelize.close();
  }
}

const REFUSED = 'SequelizeAccessDeniedError';

const asServer = (): Sequelize => new Sequelize(database!.url, { logging: false });

test.each(['root', 'mysql', 'mariadb.sys', 'admin', 'lotus', 'lotus_steady', 'PUBLIC', 'anybody'])(
  'nobody gets in over TCP as %s, without a password or with a usual one',
  async (user) => {
    for (const password of [undefined, '', user, 'root', 'password'])
      expect([password, await attempt(user, password)]).toEqual([password, REFUSED]);
  },
);

test('the server itself gets in, so that the tests above can fail', async () => {
  const { username, password } = new URL(database!.url);
  expect(await attempt(username, password)).toBe('in');
});

test('socket and secret lie where nobody else may look', () => {
  expect(statSync(folder).mode & 0o077).toBe(0);
  expect(statSync(join(folder, 'database.json')).mode & 0o077).toBe(0);
  expect(existsSync(join(folder, 'mariadb/mariadb.sock'))).toBe(true);
});

test('not over the socket either, not as root, nor as another system user', () => {
  const overSocket = (uid?: number) =>
    spawnSync(
      'mariadb',
      ['--no-defaults', `--socket=${join(folder, 'mariadb/mariadb.sock')}`, '--user=root', '-e', 'SELECT 1'],
      {
        encoding: 'utf8',
        ...(uid === undefined ? {} : { uid }),
      },
    );
  expect(overSocket().status).not.toBe(0);
  // Only who is root can try as somebody else.
  if (process.getuid?.() === 0) expect(overSocket(65_534).status).not.toBe(0);
});

test.each([
  ['reads accounts', 'SELECT * FROM mysql.global_priv'],
  ['makes accounts', "CREATE USER 'x'@'%' IDENTIFIED BY 'x'"],
  ['writes files', "SELECT 1 INTO OUTFILE 'lotus-steady-test'"],
  ['makes other databases', 'CREATE DATABASE elsewhere'],
  ['stops the server', 'SHUTDOWN'],
  ['changes the server', 'SET GLOBAL max_connections = 1'],
])('our own account never %s', async (_, sql) => {
  const sequelize = asServer();
  await expect(sequelize.query(sql)).rejects.toThrow();
  await sequelize.close();
});

test('nor does it read files', async () => {
  const sequelize = asServer();
  const row = await sequelize.query("SELECT LOAD_FILE('/etc/hostname') AS text", { plain: true });
  expect(row).toEqual({ text: null });
  await sequelize.close();
});

test('a folder of an earlier version keeps its data and loses its open accounts; a copy of it starts too', async () => {
  const before = asServer();
  await before.query('CREATE TABLE kept (word VARCHAR(20))');
  await before.query("INSERT INTO kept VALUES ('still here')");
  await before.close();
  await database!.stop();
  const copy = await backUp(folder);
  // As it was: every account that comes with a server, without a password; nothing said of accounts.
  const { password } = JSON.parse(readFileSync(join(folder, 'database.json'), 'utf8')) as {
    password: string;
  };
  writeFileSync(join(folder, 'database.json'), JSON.stringify({ password }));
  const data = join(folder, 'mariadb');
  const root = process.getuid?.() === 0 ? ['--user=root'] : [];
  const opened = spawnSync('mariadbd', ['--no-defaults', ...root, '--bootstrap', `--datadir=${data}`], {
    input: "FLUSH PRIVILEGES;\nCREATE USER 'root'@'127.0.0.1';\nGRANT ALL ON *.* TO 'root'@'127.0.0.1';\n",
    encoding: 'utf8',
  });
  expect(opened.status).toBe(0);

  database = await startMariaDb(folder);
  expect(await attempt('root')).toBe(REFUSED);
  const after = asServer();
  expect(await after.query('SELECT word FROM kept', { plain: true })).toEqual({ word: 'still here' });
  await after.close();

  // The copy made above is a folder that starts by itself, with the same password.
  await database.stop();
  database = await startMariaDb(copy);
  const copied = asServer();
  expect(await copied.query('SELECT word FROM kept', { plain: true })).toEqual({ word: 'still here' });
  await copied.close();
});
