/** A copy of everything: written, brought back into an empty database, and equal to the last byte. */
import {
  appendFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { createWriteStream, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { Decrypter } from 'age-encryption';
import { Sequelize } from 'sequelize-typescript';
import { createApp } from '../src/app.js';
import { keptByRule } from '../src/backup/keptByRule.js';
import { restore } from '../src/backup/restore.js';
import { writeBackup } from '../src/backup/writeBackup.js';
import { Vault } from '../src/common/vault.js';
import { MIGRATIONS, migrator } from '../src/database/migrator.js';
import { Browser } from './browser.js';
import { BUILT_TASKS, KEYS, TODAY } from './client.js';
import { fullHall, PASSWORD, PRIVATE, type FullHall } from './fullHall.js';
import { ownServer } from './ownServer.js';
import { wholeDatabase } from './wholeDatabase.js';

const PASSPHRASE = 'five herons on a grey pier';
const folder = mkdtempSync(join(tmpdir(), 'lotus-backup-'));
const file = join(folder, 'all.age');
let hall: FullHall;

const urlOf = (name: string): string => {
  const url = new URL(process.env.DATABASE_URL ?? '');
  url.pathname = `/lotus_steady_${name}`;
  return url.href;
};
/** A new and empty database. */
async function emptied(name: string): Promise<Sequelize> {
  const server = new Sequelize(process.env.DATABASE_URL ?? '', { logging: false });
  await server.query(`DROP DATABASE IF EXISTS lotus_steady_${name}`);
  await server.query(`CREATE DATABASE lotus_steady_${name} CHARACTER SET utf8mb4`);
  await server.close();
  return new Sequelize(urlOf(name), { logging: false });
}
const written = async (name: string, path = file): Promise<void> => {
  const backup = await writeBackup({
    url: urlOf(name),
    ring: KEYS,
    passphrase: PASSPHRASE,
    madeAt: new Date(),
  });
  await pipeline(backup, createWriteStream(path));
};

beforeAll(async () => {
  const backups = join(folder, 'copies');
  hall = await fullHall('backup', await ownServer('backup', { backups }));
  await written('backup');
});
afterAll(async () => {
  await hall.server.stop();
  rmSync(folder, { recursive: true, force: true });
});

test('nothing can be read in it without the passphrase; any program of its format opens it with', async () => {
  const bytes = readFileSync(file);
  expect(bytes.subarray(0, 21).toString()).toBe('age-encryption.org/v1');
  for (const word of ['Perrin', KEYS.keys.tests!.toString('base64'), ...PRIVATE])
    expect(bytes.includes(word)).toBe(false);
  const decrypter = new Decrypter();
  decrypter.addPassphrase(PASSPHRASE);
  expect((await decrypter.decrypt(bytes)).length).toBeGreaterThan(10_000);
});

test('on the screen: a passphrase, the first copy at once, and a file to take along; for the owner alone', async () => {
  const { owner } = hall;
  expect((await owner.ask('backup')).json).toEqual({ isHere: true, isOn: false, copies: [] });
  expect((await owner.ask('backup/file', 'POST', {})).status).toBe(409);
  expect((await owner.ask('backup/passphrase', 'PUT', { passphrase: 'short' })).status).toBe(400);
  const set = await owner.ask('backup/passphrase', 'PUT', { passphrase: PASSPHRASE });
  expect(set.json).toMatchObject({ isOn: true, copies: [{ size: expect.any(Number) }] });
  expect(JSON.stringify(await wholeDatabase(hall.server.sequelize))).not.toContain('herons');
  const [name] = readdirSync(join(folder, 'copies'));
  expect(statSync(join(folder, 'copies', name!)).mode & 0o077).toBe(0);
  const into = await emptied('backup_screen');
  await restore(urlOf('backup_screen'), join(folder, 'copies', name!), PASSPHRASE);
  expect(Object.keys(await wholeDatabase(into)).length).toBeGreaterThan(50);
  await into.close();
  const got = await owner.ask('backup/file', 'POST', {});
  expect([got.status, got.text.slice(0, 21)]).toEqual([200, 'age-encryption.org/v1']);
  await owner.ask('backup/passphrase', 'DELETE');
  expect((await owner.ask('backup')).json).toMatchObject({ isOn: false, copies: [{ name }] });
});

test('brought back it is equal to the last byte, and a server goes on with it', async () => {
  // Tables are known to one server at a time: what this one says is asked for before there is another.
  const said = [await hall.owner.ask(`people/${hall.perrin}`), await hall.owner.ask('store/check')];
  await written('backup');
  const into = await emptied('backup_back');
  const ring = await restore(urlOf('backup_back'), file, PASSPHRASE);
  expect(ring).toEqual(KEYS);
  expect(await wholeDatabase(into)).toEqual(await wholeDatabase(hall.server.sequelize));
  await into.close();
  const app = await createApp({
    ...{ databaseUrl: urlOf('backup_back'), demo: 'none', today: TODAY, tasks: BUILT_TASKS, keys: ring },
  });
  await app.listen(0, '127.0.0.1');
  const browser = new Browser(await app.getUrl());
  await browser.ask('session', 'POST', { signIn: 'wren', password: PASSWORD });
  const again = [await browser.ask(`people/${hall.perrin}`), await browser.ask('store/check')];
  expect(again.map(({ json }) => json)).toEqual(said.map(({ json }) => json));
  await app.close();
});

test('where something is already, nothing is read in', async () => {
  const before = await wholeDatabase(hall.server.sequelize);
  await expect(restore(urlOf('backup'), file, PASSPHRASE)).rejects.toThrow('There is something');
  expect(await wholeDatabase(hall.server.sequelize)).toEqual(before);
});

test.each<[string, (copy: string) => void, string]>([
  ['another passphrase', () => undefined, 'not the five herons'],
  ['a file that was cut off', (copy) => truncateSync(copy, statSync(copy).size - 100), PASSPHRASE],
  ['a file that goes on', (copy) => appendFileSync(copy, 'more'), PASSPHRASE],
  [
    'a byte that was changed',
    (copy) => {
      const bytes = readFileSync(copy);
      bytes[bytes.length - 50]! ^= 1;
      writeFileSync(copy, bytes);
    },
    PASSPHRASE,
  ],
  ['another file', (copy) => writeFileSync(copy, 'dear diary'), PASSPHRASE],
])('%s changes nothing', async (_what, change, passphrase) => {
  const into = await emptied('backup_wrong');
  const copy = join(folder, 'wrong.age');
  writeFileSync(copy, readFileSync(file));
  change(copy);
  await expect(restore(urlOf('backup_wrong'), copy, passphrase)).rejects.toThrow(/backup|open|whole/);
  expect(await wholeDatabase(into)).toEqual({});
  await into.close();
});

test('what an earlier version has backed up is brought back, and up to date at the next start', async () => {
  const old = await emptied('backup_old');
  const umzug = migrator(old, new Vault(KEYS));
  await umzug.up({ to: '0031-incidents' });
  await old.query("INSERT INTO settings (name, value) VALUES ('no-demo', 'true')");
  await old.close();
  const earlier = join(folder, 'earlier.age');
  await written('backup_old', earlier);
  const into = await emptied('backup_new');
  const ring = await restore(urlOf('backup_new'), earlier, PASSPHRASE);
  const app = await createApp({
    ...{ databaseUrl: urlOf('backup_new'), demo: 'none', today: TODAY, tasks: BUILT_TASKS, keys: ring },
  });
  const done = await migrator(into, new Vault(KEYS)).executed();
  expect(done.map(({ name }) => name)).toEqual(MIGRATIONS.map(({ name }) => name));
  expect(JSON.stringify(await wholeDatabase(into))).toContain('no-demo');
  await into.close();
  await app.close();
});

test('a hundred days of copies, one a day: each of the last week, then one a week, then one a month', () => {
  const now = Date.UTC(2026, 10, 23, 12);
  const all = Array.from({ length: 100 }, (_, i) => ({ madeAt: new Date(now - i * 86_400_000) }));
  // As they come: each day the rule looks anew at those that it has left.
  const kept = [...all]
    .reverse()
    .reduce<typeof all>((left, copy) => keptByRule([...left, copy], +copy.madeAt), []);
  const ages = kept.map(({ madeAt }) => Math.round((now - +madeAt) / 86_400_000)).sort((a, b) => a - b);
  expect(ages.slice(0, 7)).toEqual([0, 1, 2, 3, 4, 5, 6]);
  expect(ages.length).toBeLessThanOrEqual(7 + 5 + 4);
  for (let i = 1; i < ages.length; i++) expect(ages[i]! - ages[i - 1]!).toBeLessThanOrEqual(38);
  expect(ages.at(-1)).toBeGreaterThan(60);
});
