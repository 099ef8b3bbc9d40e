/** Migrations on a real MariaDB: there and back, and from a database that the version before made. */
import { readFileSync } from 'node:fs';
import { Sequelize } from 'sequelize-typescript';
import { createApp } from '../src/app.js';
import { BUILT_TASKS } from './client.js';
import { migrator } from '../src/database/migrator.js';

const databaseUrl = process.env.DATABASE_URL ?? '';
/** A database of its own, so that other tests keep theirs. */
const url = new URL(databaseUrl || 'mariadb://nobody@127.0.0.1/none');
url.pathname = '/lotus_steady_migrations';
let sequelize: Sequelize;

beforeAll(async () => {
  const server = new Sequelize(databaseUrl, { logging: false });
  await server.query('CREATE DATABASE IF NOT EXISTS lotus_steady_migrations CHARACTER SET utf8mb4');
  await server.close();
  sequelize = new Sequelize(url.href, { logging: false, dialectOptions: { multipleStatements: true } });
});
beforeEach(async () => {
  await sequelize.query('DROP DATABASE lotus_steady_migrations');
  await sequelize.query('CREATE DATABASE lotus_steady_migrations CHARACTER SET utf8mb4');
  await sequelize.query('USE lotus_steady_migrations');
  await sequelize.close();
  sequelize = new Sequelize(url.href, { logging: false, dialectOptions: { multipleStatements: true } });
});
afterAll(() => sequelize?.close());

const tables = async () => JSON.stringify(await sequelize.getQueryInterface().showAllTables());

test('each can be taken back and made again', async () => {
  const umzug = migrator(sequelize);
  await umzug.up();
  const whole = await tables();
  expect(whole).toContain('"halls"');
  const done = await umzug.executed();
  for (const { name } of [...done].reverse()) {
    await umzug.down({ to: name });
    await umzug.up();
    expect(await tables()).toBe(whole);
  }
  await umzug.down({ to: 0 });
  expect(await tables()).not.toContain('"people"');
});

test('a database of before keeps what is in it, and its class opens as it was', async () => {
  const dump = readFileSync(new URL('./fixtures/database-0006.sql', import.meta.url), 'utf8');
  await sequelize.query(`SET FOREIGN_KEY_CHECKS = 0; ${dump.replace(/^\/\*M!999999.*$/m, '')}`);
  const app = await createApp({
    databaseUrl: url.href,
    demo: 'once',
    today: '2026-11-23',
    tasks: BUILT_TASKS,
  });
  await app.listen(0, '127.0.0.1');
  const base = await app.getUrl();
  const read = async (path: string) => (await fetch(`${base}/api/${path}`)).json() as never;
  try {
    const people = (await read('people')) as { id: string; name: string; version: number }[];
    expect(people.map(({ name, version }) => [name, version])).toEqual([
      ['Bram Sedgely', 1],
      ['Ines Fallow', 1],
    ]);
    const bram = people[0]!.id;
    const [{ id }] = (await read('classes')) as [{ id: string }];
    const kept = (await read(`classes/${id}`)) as {
      version: number;
      choices: { overrides: object[] };
      fitting: { lanes: { personId: string; person: string; steps: { variant: string }[] }[] };
      records: object[];
    };
    expect(kept.version).toBe(1);
    expect(kept.choices.overrides).toEqual([
      { personId: bram, step: 1, variant: 'tree.hand-on-wall', reason: 'He likes the wall.' },
    ]);
    expect(kept.fitting.lanes.map(({ personId, person }) => [personId, person])).toEqual([
      [people[1]!.id, 'Ines Fallow'],
      [bram, 'Bram Sedgely'],
    ]);
    expect(kept.records).toHaveLength(1);
    // What was chosen by name holds when it is fitted again.
    const { comparison } = (await read(`classes/${id}/recheck`)) as { comparison: { steps: number } };
    expect(comparison.steps).toBe(0);
  } finally {
    await app.close();
  }
});
