/** What is known of people: nowhere in clear, read with its keys alone, and never lost for want of them. */
import { createApp, type AppOptions } from '../src/app.js';
import type { KeyRing } from '../src/common/vault.js';
import { SEALED } from '../src/store/sealedColumns.js';
import { Browser } from './browser.js';
import { BUILT_TASKS, KEYS, TODAY } from './client.js';
import { fullHall, PASSWORD, PRIVATE, type FullHall } from './fullHall.js';
import { columnsOf, rowsOf, wholeDatabase } from './wholeDatabase.js';

let hall: FullHall;
let url = '';
beforeAll(async () => {
  hall = await fullHall('store');
  const own = new URL(process.env.DATABASE_URL ?? '');
  own.pathname = '/lotus_steady_store';
  url = own.href;
});
afterAll(() => hall.server.stop());

const lines = async (by = hall.owner) =>
  (await by.ask('people')).json as unknown as { name: string; intake: object; conditions: object[] }[];
const tampered = (sql: string, values: unknown[]) =>
  hall.server.sequelize.query(sql, { replacements: values });

test('whoever has the database finds nothing of anybody’s health in it', async () => {
  const all = await wholeDatabase(hall.server.sequelize);
  const found = Object.entries(all).flatMap(([place, text]) =>
    PRIVATE.filter((word) => text.includes(word)).map((word) => `${word} in ${place}`),
  );
  expect(found).toEqual([]);
  // All of it is there, for who has the keys.
  const { text } = await hall.owner.ask(`people/${hall.perrin}/everything`);
  for (const word of ['glaucoma', 'zinnia', 'marigold', 'foxglove', 'campion']) expect(text).toContain(word);
  const own = await hall.owner.ask(`classes/${hall.classId}`);
  for (const word of ['larkspur', 'foxglove', 'yarrow', 'sorrel']) expect(own.text).toContain(word);
});

/** Long texts that are in clear, and why that is well. */
const CLEAR: Readonly<Record<string, string>> = {
  'accounts.recoveryCodes': 'prints',
  'classes.sequenceText': 'a plan',
  'classes.houseView': 'a position of the hall',
  'classes.ownView': 'a position of the hall',
  'courses.people': 'ids',
  'eye_cases.answers': 'of nobody real',
  'eye_cases.card': 'days and numbers',
  'fittings.ownVariants': 'ids',
  'halls.houseView': 'a position of the hall',
  'halls.pace': 'of the teacher',
  'halls.rules': 'of the hall',
  'halls.stock': 'props',
  'own_words.words': 'what is said in a pose',
  'own_variants.angles': 'a position',
  'own_variants.frames': 'a position',
  'own_variants.solved': 'a position',
  'own_variants.source': 'a position',
  'places.room': 'a room',
  'places.stock': 'props',
  'screens.shown': 'figure, breath and count',
  'sequence_versions.source': 'a plan',
  'sequences.source': 'a plan',
  'sequences.tags': 'words of the library',
  'settings.value': 'of this computer',
  'taught_times.times': 'seconds',
  'trail_entries.counts': 'numbers',
  'writes.answer': 'ids and versions',
};

test('every long text and every value of bytes is sealed, or it is said why it need not be', async () => {
  const sealed = new Set(Object.values(SEALED).map(({ table, column }) => `${table}.${column}`));
  const long = (await columnsOf(hall.server.sequelize))
    .filter(({ type }) => /text|blob|json/.test(type))
    .map(({ table, column }) => `${table}.${column}`);
  expect(long.filter((one) => !sealed.has(one) && !CLEAR[one])).toEqual([]);
  expect([...sealed].filter((one) => !long.includes(one))).toEqual([]);
});

describe('a row that was changed outside', () => {
  const kept = (personId: string) =>
    rowsOf<{ sealed: string }>(
      hall.server.sequelize,
      'SELECT sealed FROM person_versions WHERE personId = ?',
      [personId],
    ) as Promise<[{ sealed: string }]>;
  const unreadable = async () => (await hall.owner.ask('people/unreadable')).json;
  const checked = async () => (await hall.owner.ask('store/check')).json;

  test('is found, said in words, and nothing of it is lost', async () => {
    const [{ sealed }] = await kept(hall.nell);
    const other = sealed.at(-5) === 'A' ? 'B' : 'A';
    const changed = sealed.slice(0, -5) + other + sealed.slice(-4);
    await tampered(`UPDATE person_versions SET sealed = ? WHERE personId = ?`, [changed, hall.nell]);
    expect(await unreadable()).toEqual(['Nell Harbin']);
    const page = await hall.owner.ask(`people/${hall.nell}`);
    expect([page.status, page.json.message]).toEqual([
      422,
      expect.stringContaining('Nothing of it was touched'),
    ]);
    expect(await checked()).toMatchObject({ unreadable: 1, earlier: 0 });
    expect((await kept(hall.nell))[0].sealed).toBe(changed);
    // She is never fitted as if nothing were known of her.
    const fit = await hall.owner.ask('classes/fit', 'POST', {
      on: TODAY,
      sequenceText: '# One\n- Boat, 5 breaths',
      people: [{ id: hall.nell }],
    });
    expect([fit.status, fit.json.message]).toEqual([422, expect.stringContaining('cannot be read')]);
    await tampered(`UPDATE person_versions SET sealed = ? WHERE personId = ?`, [sealed, hall.nell]);
    expect([await unreadable(), (await checked()).unreadable]).toEqual([[], 0]);
  });

  test('or put in the place of another does not open there, nor under another name', async () => {
    const [{ sealed: ofNell }] = await kept(hall.nell);
    const [{ sealed: ofPerrin }] = await kept(hall.perrin);
    await tampered(`UPDATE person_versions SET sealed = ? WHERE personId = ?`, [ofPerrin, hall.nell]);
    expect(await unreadable()).toEqual(['Nell Harbin']);
    await tampered(`UPDATE person_versions SET sealed = ? WHERE personId = ?`, [ofNell, hall.nell]);
    await tampered(`UPDATE people SET name = 'Nell Harbour' WHERE id = ?`, [hall.nell]);
    expect((await hall.owner.ask(`people/${hall.nell}`)).status).toBe(422);
    await tampered(`UPDATE people SET name = 'Nell Harbin' WHERE id = ?`, [hall.nell]);
    expect((await hall.owner.ask(`people/${hall.nell}`)).status).toBe(200);
  });
});

describe('keys', () => {
  const start = async (keys: KeyRing, more: Partial<AppOptions> = {}) => {
    const app = await createApp({
      databaseUrl: url,
      demo: 'none',
      today: TODAY,
      tasks: BUILT_TASKS,
      keys,
      ...more,
    });
    await app.listen(0, '127.0.0.1');
    const browser = new Browser(await app.getUrl());
    await browser.ask('session', 'POST', { signIn: 'wren', password: PASSWORD });
    return { app, browser };
  };
  const next = Buffer.alloc(32, 9);

  test('a new key: everything is sealed with it at the next start, and then opens without the old one', async () => {
    const before = await lines();
    const both = await start({ current: 'next', keys: { ...KEYS.keys, next } });
    const { key, sealed, earlier, unreadable } = (await both.browser.ask('store/check')).json;
    expect([key, earlier, unreadable]).toEqual(['next', 0, 0]);
    expect(sealed).toBeGreaterThan(10);
    await both.app.close();
    const alone = await start({ current: 'next', keys: { next } });
    expect(await lines(alone.browser)).toEqual(before);
    const own = await alone.browser.ask(`classes/${hall.classId}`);
    expect(own.text).toContain('larkspur');
    expect((await alone.browser.ask(`people/${hall.perrin}/diary`)).text).toContain('foxglove again');
    await alone.app.close();
  });

  test('without them nothing starts, nothing is changed, and it is said what to do', async () => {
    const { sequelize } = hall.server;
    const before = await wholeDatabase(sequelize);
    const other: KeyRing = { current: 'next', keys: { next: Buffer.alloc(32, 1) } };
    await expect(start(other)).rejects.toThrow(/Put the file back that belongs to this database/);
    expect(await wholeDatabase(sequelize)).toEqual(before);
    // With the right ones it goes on.
    const again = await start({ current: 'next', keys: { next } });
    expect((await lines(again.browser)).map(({ name }) => name)).toEqual(['Nell Harbin', 'Perrin Lake']);
    await again.app.close();
  });
});
