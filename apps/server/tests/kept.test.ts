/** Answers that are kept say what is there now, whoever has changed it, and on whichever server. */
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { createApp } from '../src/app.js';
import { AskedTogether } from '../src/common/askedTogether.js';
import { signedInAt, type Browser } from './browser.js';
import { recentTexts, versionKey } from '../src/common/recentTexts.js';
import { ask, BUILT_TASKS, found as foundLines, KEYS, ifMatch, TODAY, withDemoHall } from './client.js';

withDemoHall();

interface Line {
  id: string;
  name: string;
  heightCm: number;
  version: number;
}
const found = (words: string) => foundLines<Line>(words);
const make = async (name: string): Promise<string> =>
  ((await ask('people', 'POST', { name, heightCm: 170 })).json as { id: string }).id;

test('a line of the list is another one after a change, and gone after a removal', async () => {
  const id = await make('Kestrel Moor');
  expect(await found('Kestrel')).toMatchObject([{ id, heightCm: 170, version: 1 }]);
  expect(await found('Kestrel')).toHaveLength(1);
  await ask(`people/${id}`, 'PUT', { name: 'Kestrel Moor', heightCm: 171, conditions: ['glaucoma'] });
  expect(await found('Kestrel')).toMatchObject([
    { heightCm: 171, version: 2, conditions: [{ condition: 'glaucoma' }] },
  ]);
  await ask(`people/${id}`, 'PUT', { name: 'Plover Moor', heightCm: 171 });
  expect([await found('Kestrel'), (await found('Plover')).length]).toEqual([[], 1]);
  await ask(`people/${id}`, 'DELETE');
  expect(await found('Plover')).toEqual([]);
  await ask(`people/${id}/restore`, 'POST');
  expect(await found('Plover')).toMatchObject([{ id, version: 3 }]);
});

test('what is looked for is a part of a name, and no pattern', async () => {
  await make('Wren 100% Moor');
  expect((await found('100%')).map(({ name }) => name)).toEqual(['Wren 100% Moor']);
  expect([await found('1_0%'), await found('%%%')]).toEqual([[], []]);
});

test('a class that was opened says what was recorded since', async () => {
  const [{ id }] = (await ask('classes')).json as unknown as [{ id: string }];
  const before = (await ask(`classes/${id}`)).json as unknown as {
    people: { id: string }[];
    records: object[];
  };
  expect(before.records).toEqual([]);
  const records = before.people.map((person) => ({ personId: person.id, came: true, changes: [], word: '' }));
  await ask(`classes/${id}/record`, 'PUT', { records });
  const after = (await ask(`classes/${id}`)).json as unknown as { records: object[] };
  expect(after.records).toHaveLength(records.length);
});

describe('two servers on one database', () => {
  let other: NestFastifyApplication;
  let browser: Browser;
  beforeAll(async () => {
    const databaseUrl = process.env.DATABASE_URL ?? '';
    other = await createApp({ databaseUrl, demo: 'once', today: TODAY, tasks: BUILT_TASKS, keys: KEYS });
    await other.listen(0, '127.0.0.1');
    browser = await signedInAt(await other.getUrl());
  });
  afterAll(() => other.close());
  const there = async (words: string): Promise<unknown> =>
    (await browser.ask('people/find', 'POST', { words })).json;

  test('each sees at once what was changed on the other', async () => {
    const id = await make('Curlew Sound');
    expect(await there('Curlew')).toMatchObject([{ id, heightCm: 170 }]);
    const read = await ifMatch(`people/${id}`);
    await ask(`people/${id}`, 'PUT', { name: 'Curlew Sound', heightCm: 180 }, read);
    expect(await there('Curlew')).toMatchObject([{ id, heightCm: 180 }]);
    await ask(`people/${id}`, 'DELETE');
    expect(await there('Curlew')).toEqual([]);
  });
});

test('what was asked for longest ago makes room', () => {
  const texts = recentTexts(10);
  const key = (version: number): string => versionKey({ id: 'a', version });
  texts.set(key(1), '12345');
  texts.set(key(2), '12345');
  texts.get(key(1));
  texts.set(key(3), '12345');
  expect([1, 2, 3].map((version) => texts.has(key(version)))).toEqual([true, false, true]);
});

test('who asks the same at the same moment is answered together, and nobody with what was true before', async () => {
  const together = new AskedTogether<number>();
  let looked = 0;
  const ask = (key: string) => together.answer(key, async () => ++looked);
  expect(await Promise.all([ask('a'), ask('a'), ask('b')])).toEqual([1, 1, 2]);
  let begin: () => void = () => undefined;
  let answer: (value: number) => void = () => undefined;
  const begun = new Promise<void>((resolve) => (begin = resolve));
  const slow = together.answer('a', () => {
    begin();
    return new Promise((resolve) => (answer = resolve));
  });
  await begun;
  expect(await ask('a')).toBe(3);
  answer(0);
  expect(await slow).toBe(0);
  await expect(together.answer('a', () => Promise.reject(new Error('no')))).rejects.toThrow('no');
  expect(await ask('a')).toBe(4);
});
