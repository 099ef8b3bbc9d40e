/** A hall of thousands: its lists come in parts, with no more than they show. */
import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Vault } from '../src/common/vault.js';
import { SEALED } from '../src/store/sealedColumns.js';
import { sealJson } from '../src/store/sealedJson.js';
import { ask, found, peopleByName, server, TODAY, withDemoHall } from './client.js';

const PEOPLE = 3000;
const CLASSES = 2000;

withDemoHall();

/** Copies of one person and one class, the classes around today; their fittings are not copied here. */
beforeAll(async () => {
  const sequelize = server().get(Sequelize);
  const columns = async (table: string, but: readonly string[]): Promise<string> => {
    const rows = await sequelize.query<{ name: string }>(
      'SELECT COLUMN_NAME name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ?',
      { type: QueryTypes.SELECT, replacements: [table] },
    );
    return rows
      .map(({ name }) => name)
      .filter((name) => !but.includes(name))
      .map((name) => `\`${name}\``)
      .join();
  };
  const [hollis] = await found<Line>('Hollis Penny');
  const { id: _id, version: _version, ...written } = hollis as Line & { version: number };
  const hallId = (
    await sequelize.query<{ id: string }>('SELECT id FROM halls', { type: QueryTypes.SELECT })
  )[0]!.id;
  const now = new Date();
  const people = Array.from({ length: PEOPLE }, (_, i) => ({
    id: randomUUID(),
    hallId,
    name: `Zed ${String(i + 1).padStart(4, '0')}`,
    version: 1,
    createdAt: now,
    updatedAt: now,
  }));
  await sequelize.getQueryInterface().bulkInsert('people', people);
  const vault = server().get(Vault);
  await sequelize.getQueryInterface().bulkInsert(
    'person_versions',
    people.map(({ id: personId, name }) => ({
      id: randomUUID(),
      personId,
      version: 1,
      sealed: sealJson(vault, SEALED.person, [personId, 1], {
        ...written,
        name,
        conditions: [{ condition: 'pregnancy' }],
      }),
      savedAt: now,
    })),
  );
  const planned = await columns('classes', ['id', 'title', 'on']);
  const day = `DATE_ADD('${TODAY}', INTERVAL CAST(seq AS SIGNED) - ${CLASSES / 2} DAY)`;
  await sequelize.query(
    `INSERT INTO classes (id, title, \`on\`, ${planned}) ` +
      `SELECT UUID(), CONCAT('Class ', seq), ${day}, ${planned} ` +
      `FROM classes, seq_1_to_${CLASSES} WHERE title = 'Steady Backs'`,
  );
});

interface Line {
  id: string;
  name: string;
  on: string;
  conditions: object[];
}
const read = async (path: string): Promise<Line[]> => (await ask(path)).json as Line[];

/** Every part of a list, one after the other. */
const partsOf = (path: string, most: number): Promise<Line[][]> =>
  allParts(most, (from) => read(`${path}${path.includes('?') ? '&' : '?'}from=${from}&most=${most}`));

async function allParts(most: number, readPart: (from: number) => Promise<Line[]>): Promise<Line[][]> {
  const parts: Line[][] = [];
  for (let from = 0; ; from += most) {
    const part = await readPart(from);
    parts.push(part);
    if (part.length < most) return parts;
  }
}

test('everyone comes once, by name, in parts of a hundred unless asked otherwise', async () => {
  expect(await read('people')).toHaveLength(100);
  const parts = await partsOf('people', 300);
  const all = parts.flat();
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
  expect(all.length).toBeGreaterThan(PEOPLE);
  const zeds = all.filter(({ name }) => name.startsWith('Zed'));
  expect(zeds.map(({ name }) => name)).toEqual(zeds.map((_, i) => `Zed ${String(i + 1).padStart(4, '0')}`));
  expect(zeds.every(({ conditions }) => conditions.length === 1)).toBe(true);
});

test('people are found by any part of a name, and signs that a database knows are letters', async () => {
  expect((await found('ZED 29')).map(({ name }) => name).slice(0, 2)).toEqual(['Zed 2900', 'Zed 2901']);
  expect(await found('%')).toEqual([]);
  expect(await found('_____')).toEqual([]);
  expect(await found('\\')).toEqual([]);
  expect((await found('hollis')).map(({ name }) => name)).toEqual(['Hollis Penny']);
});

test('who has a condition is found among thousands, as it is called, and in the version that holds', async () => {
  const expecting = async (): Promise<Line[]> =>
    (await allParts(300, (from) => found<Line>('pregnan', { from, most: 300 }))).flat();
  const all = await expecting();
  const zeds = all.filter(({ name }) => name.startsWith('Zed'));
  expect(zeds).toHaveLength(PEOPLE);
  const { id, name } = zeds[7]!;
  expect((await ask(`people/${id}`, 'PUT', { name, conditions: [{ condition: 'glaucoma' }] })).status).toBe(
    200,
  );
  expect((await found('glaucoma')).map((one) => one.id)).toContain(id);
  expect(await expecting()).toHaveLength(all.length - 1);
});

test('people are read by their ids, also from far down the list; of nobody nothing comes', async () => {
  const [last] = await found('Zed 3000');
  const { 'Hollis Penny': hollis } = await peopleByName();
  const both = await read(`people?ids=${last!.id},${hollis}`);
  expect(both.map(({ name }) => name).sort()).toEqual(['Hollis Penny', 'Zed 3000']);
  expect(await read('people?ids=00000000-0000-4000-8000-000000000000')).toEqual([]);
});

test('classes to come are told from the next on, past ones from the last back, each once', async () => {
  const coming = (await partsOf('classes?when=coming', 300)).flat();
  const past = (await partsOf('classes?when=past', 300)).flat();
  expect(coming.length + past.length).toBe(CLASSES + 5);
  expect(new Set([...coming, ...past].map(({ id }) => id)).size).toBe(CLASSES + 5);
  expect(coming[0]!.on).toBe(TODAY);
  expect(coming.map(({ on }) => on)).toEqual(coming.map(({ on }) => on).sort());
  expect(past[0]!.on).toBe('2026-11-22');
  expect(past.map(({ on }) => on)).toEqual(
    past
      .map(({ on }) => on)
      .sort()
      .reverse(),
  );
});

test.each([
  'people?most=0',
  'people?most=301',
  'people?from=-1',
  'people?from=x',
  'people?from=1e308',
  'classes?from=9007199254740993',
  'people?ids=x',
  'people?order=age',
  'classes?when=never',
  'classes?most=1.5',
])('%s is refused in words', async (path) => {
  const { status, json } = await ask(path);
  expect(status).toBe(400);
  expect((json as { fields: object[] }).fields.length).toBeGreaterThan(0);
});

test.each([
  [{}],
  [{ words: 'a'.repeat(121) }],
  [{ words: '', most: 301 }],
  [{ words: '', order: 'age' }],
  [{ words: '', ids: [] }],
])('people are not looked for by %j', async (asked) => {
  const { status, json } = await ask('people/find', 'POST', asked);
  expect([status, json.fields.length]).toEqual([400, 1]);
});

test('a part of a list is no more than it shows', async () => {
  for (const path of ['people?from=1500', 'classes?when=past']) {
    const { text } = await ask(path);
    expect(text.length).toBeLessThan(100_000);
  }
  expect(Object.keys((await read('classes'))[0]!).sort()).toEqual(
    ['groupId', 'id', 'on', 'people', 'place', 'recorded', 'time', 'title'].sort(),
  );
});
