/** Migrations on a real MariaDB: there and back, and from a database that the version before made. */
import { createHash } from 'node:crypto';
import { jest } from '@jest/globals';
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { createApp } from '../src/app.js';
import { BUILT_TASKS, KEYS } from './client.js';
import { signedInAt } from './browser.js';
import { Vault } from '../src/common/vault.js';
import { migrate } from '../src/database/migrate.js';
import { migrator } from '../src/database/migrator.js';

const VAULT = new Vault(KEYS);
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
/** An empty database. */
async function empty(): Promise<void> {
  await sequelize.query('DROP DATABASE lotus_steady_migrations');
  await sequelize.query('CREATE DATABASE lotus_steady_migrations CHARACTER SET utf8mb4');
  await sequelize.query('USE lotus_steady_migrations');
  await sequelize.close();
  sequelize = new Sequelize(url.href, { logging: false, dialectOptions: { multipleStatements: true } });
}
beforeEach(empty);
afterAll(() => sequelize?.close());

/** A database that the version of 0006 made, with something in every table. */
async function loadOld(): Promise<void> {
  const dump = readFileSync(new URL('./fixtures/database-0006.sql', import.meta.url), 'utf8');
  await sequelize.query(`SET FOREIGN_KEY_CHECKS = 0; ${dump.replace(/^\/\*M!999999.*$/m, '')}`);
}

const select = async <T extends object>(sql: string): Promise<T[]> =>
  sequelize.query<T>(sql, { type: QueryTypes.SELECT });

/** Every table as MariaDB has it, columns in the order of their names. */
async function schema(): Promise<string[]> {
  const rows = await select<Record<string, unknown>>(
    'SELECT TABLE_NAME, COLUMN_NAME, COLUMN_TYPE, IS_NULLABLE, COLUMN_DEFAULT, COLUMN_KEY ' +
      'FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() ORDER BY TABLE_NAME, COLUMN_NAME',
  );
  const indexes = await select<Record<string, unknown>>(
    'SELECT TABLE_NAME, COLUMN_NAME, SEQ_IN_INDEX, NON_UNIQUE FROM information_schema.STATISTICS ' +
      'WHERE TABLE_SCHEMA = DATABASE() ORDER BY TABLE_NAME, INDEX_NAME, SEQ_IN_INDEX',
  );
  return [...rows, ...indexes].map((row) => Object.values(row).join(' '));
}

const tables = async () => JSON.stringify(await sequelize.getQueryInterface().showAllTables());

test('all can be taken back', async () => {
  const umzug = migrator(sequelize, VAULT);
  await umzug.up();
  expect(await tables()).toContain('"halls"');
  await umzug.down({ to: 0 });
  expect(await tables()).not.toContain('"people"');
});

test('a database of before keeps what is in it, and its class opens as it was', async () => {
  await loadOld();
  const app = await createApp({
    databaseUrl: url.href,
    demo: 'once',
    today: '2026-11-23',
    tasks: BUILT_TASKS,
    keys: KEYS,
  });
  await app.listen(0, '127.0.0.1');
  // Its hall is nobody's until its owner has said who she is.
  const browser = await signedInAt(await app.getUrl());
  const read = async (path: string) => (await browser.ask(path)).json as never;
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

/** From here on what is private is sealed. */
const SEALED_SINCE = '0021-one-health-store';

/** What a database of before holds, whatever version it is brought up from. */
async function held() {
  const [people] = await select<{ names: string }>(
    'SELECT GROUP_CONCAT(name ORDER BY name) names FROM people',
  );
  const [sequences] = await select<{ n: number }>('SELECT COUNT(*) n FROM sequences');
  const classes = await select<{ id: string; people: string; choices: string; heads: number }>(
    'SELECT id, people, choices, heads FROM classes',
  );
  const fittings = await select<{ id: string; fitting: Buffer; madeFrom: Buffer; steps: number }>(
    'SELECT id, fitting, madeFrom, steps FROM fittings',
  );
  const versions = await select<{ personId: string; version: number; sealed: string }>(
    'SELECT v.personId, v.version, v.sealed FROM person_versions v JOIN people p ' +
      'ON p.id = v.personId AND p.version = v.version ORDER BY p.name',
  );
  const notes = await select<{ id: string; task: string; sealed: string }>('SELECT * FROM prop_notes');
  const records = await select<{ id: string; sealed: string }>('SELECT * FROM records');
  const open = (sealed: string, place: string): unknown => JSON.parse(VAULT.open(sealed, place));
  return {
    names: people!.names,
    known: versions.map(({ personId, version, sealed }) =>
      open(sealed, `person_versions:sealed:${personId}:${version}`),
    ),
    sequences: Number(sequences!.n),
    heads: classes.map(({ heads }) => heads),
    // What came with a later version is not in one that was taken back to before it.
    later: {
      choices: classes.map(({ id, choices }) => open(choices, `classes:choices:${id}`)),
      notes: notes.map(({ id, task, sealed }) => [task, open(sealed, `prop_notes:sealed:${id}`)]),
      records: records.map(({ id, sealed }) => open(sealed, `records:sealed:${id}`)),
    },
    lanes: fittings.map(({ id, fitting, madeFrom, steps }) => {
      const unpacked = (bytes: Buffer, column: string): unknown =>
        JSON.parse(gunzipSync(VAULT.openBytes(bytes, `fittings:${column}:${id}`)).toString('utf8'));
      const { lanes, steps: own } = unpacked(fitting, 'fitting') as {
        lanes: { personId: string }[];
        steps: unknown[];
      };
      expect(own).toHaveLength(steps);
      expect(unpacked(madeFrom, 'madeFrom')).toBeTruthy();
      return lanes.map(({ personId }) => personId);
    }),
    ids: classes.map(({ id, people: kept }) =>
      (open(kept, `classes:people:${id}`) as { id: string; version: number }[]).map((one) => {
        expect(one.version).toBe(1);
        return one.id;
      }),
    ),
  };
}

test('from every version before, what is in it comes along', async () => {
  await loadOld();
  const umzug = migrator(sequelize, VAULT);
  await umzug.up();
  const now = await held();
  expect(now).toMatchObject({ names: 'Bram Sedgely,Ines Fallow', heads: [2] });
  expect(now.lanes).toEqual(now.ids);
  expect(now.later).toMatchObject({ choices: [{ overrides: [{ step: 1 }] }], records: [{}] });
  const { later: _later, ...before } = now;
  const names = (await umzug.executed()).map(({ name }) => name);
  for (const after of names.slice(1).reverse()) {
    // Back to how the version before it had it, and on again from there.
    await umzug.down({ to: after });
    await umzug.up();
    const { later, ...kept } = await held();
    expect([after, kept]).toEqual([after, before]);
    if (after === SEALED_SINCE) expect(later).toEqual(now.later);
  }
});

test('how someone gets up from the floor is known only where it was said that they do not', async () => {
  await loadOld();
  const umzug = migrator(sequelize, VAULT);
  await umzug.up({ to: '0015-writes' });
  await sequelize.query(
    `UPDATE people SET can = '{"stand":true,"floor":false,"kneel":true}' WHERE name = 'Bram Sedgely'`,
  );
  await umzug.up();
  const inThe = async (column: string) =>
    (await select<{ name: string; can: string }>(`SELECT name, ${column} can FROM people ORDER BY name`)).map(
      ({ name, can }) => [name, (JSON.parse(can) as { floor?: unknown }).floor],
    );
  const known = (await held()).known as { name: string; can: { floor?: unknown } }[];
  expect(known.map(({ name, can }) => [name, can.floor])).toEqual([
    ['Bram Sedgely', 'no'],
    ['Ines Fallow', undefined],
  ]);
  await umzug.down({ to: '0016-from-the-floor' });
  expect(await inThe('can')).toEqual([
    ['Bram Sedgely', false],
    ['Ines Fallow', true],
  ]);
});

test('one that is broken off anywhere is finished by the next start', async () => {
  await loadOld();
  const umzug = migrator(sequelize, VAULT);
  await umzug.up();
  const now = await held();
  const names = (await umzug.executed()).map(({ name }) => name);
  // As far back as there is something to keep.
  await umzug.down({ to: names[1]! });
  const { query } = sequelize;
  let broken = 0;
  for (const name of names.slice(1)) {
    await umzug.up({ to: name });
    const whole = await schema();
    let why: string | undefined = 'not tried yet';
    for (let after = 1; why; after++) {
      await umzug.down({ to: name });
      // The machine is switched off after so many changes.
      let left = after;
      const isChange = /^(CREATE|ALTER|RENAME|UPDATE|DROP)/;
      sequelize.query = ((sql: string | { query: string }, ...more: never[]) => {
        const words = typeof sql === 'string' ? sql : sql.query;
        if (isChange.test(words) && left-- <= 0) return Promise.reject(new Error('switched off'));
        return query.call(sequelize, sql as string, ...more);
      }) as typeof query;
      why = await umzug.up({ to: name }).then(
        () => undefined,
        (error: Error) => error.message,
      );
      sequelize.query = query;
      if (!why) break;
      expect(why).toContain('switched off');
      broken++;
      await umzug.up({ to: name });
      const resumed = await schema();
      expect([name, after, resumed.filter((line) => !whole.includes(line))]).toEqual([name, after, []]);
      expect([name, after, whole.filter((line) => !resumed.includes(line))]).toEqual([name, after, []]);
    }
  }
  const { later: _later, ...kept } = await held();
  expect(now).toMatchObject(kept);
  expect(broken).toBeGreaterThan(15);
});

/** Without white space, so that formatting them anew changes nothing. */
const printOf = (file: string): string =>
  createHash('sha256')
    .update(readFileSync(new URL(`../src/database/${file}`, import.meta.url), 'utf8').replace(/\s/g, ''))
    .digest('hex')
    .slice(0, 16);

test('one that has landed is never edited', () => {
  const frozen = JSON.parse(
    readFileSync(new URL('./fixtures/migrations.json', import.meta.url), 'utf8'),
  ) as Record<string, string>;
  const files = readdirSync(new URL('../src/database/migrations', import.meta.url))
    .sort()
    .map((file) => `migrations/${file}`);
  // A new one: add its print to the fixture when it lands. An old one: write another after it instead.
  expect(Object.fromEntries(['migration.ts', ...files].map((file) => [file, printOf(file)]))).toEqual(frozen);
});

test('a copy is made before the tables are changed; where it cannot be made they are not', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'lotus-backups-'));
  try {
    await loadOld();
    await expect(migrate(sequelize, VAULT, url.href, '/proc/nowhere')).rejects.toThrow(
      /Nothing was changed\.$/,
    );
    expect(await tables()).toContain('studios');

    const said = jest.spyOn(console, 'log').mockImplementation(() => undefined);
    await migrate(sequelize, VAULT, url.href, folder);
    expect(said).toHaveBeenCalledWith(expect.stringContaining(`a copy is in ${folder}/before-0007-halls-`));
    said.mockRestore();
    const [name] = readdirSync(folder);
    expect(statSync(join(folder, name!)).mode & 0o777).toBe(0o600);
    const copy = gunzipSync(readFileSync(join(folder, name!))).toString('utf8');
    expect(copy).toContain('CREATE TABLE `studios`');
    expect(copy).toContain('Bram Sedgely');

    // The copy is a database that can be gone on from.
    await empty();
    await sequelize.query(`SET FOREIGN_KEY_CHECKS = 0; ${copy.replace(/^\/\*M!999999.*$/m, '')}`);
    await migrator(sequelize, VAULT).up();
    expect(await held()).toMatchObject({ names: 'Bram Sedgely,Ines Fallow' });

    // There is nothing to do any more, and no copy of nothing.
    await migrate(sequelize, VAULT, url.href, folder);
    expect(readdirSync(folder)).toHaveLength(1);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
