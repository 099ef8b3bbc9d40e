/** Who has read and changed what is known of whom: every route is in it, and a gap shows. */
import { ModulesContainer } from '@nestjs/core';
import { METHOD_METADATA, PATH_METADATA } from '@nestjs/common/constants.js';
import { RequestMethod } from '@nestjs/common';
import { NOTED } from '../src/trail/noted.js';
import { Trail } from '../src/trail/trail.js';
import { fullHall, PASSWORD, PRIVATE, type FullHall } from './fullHall.js';
import { Browser } from './browser.js';
import { rowsOf, wholeDatabase } from './wholeDatabase.js';
import { WHO_MAY } from './whoMay.js';

interface Entry {
  number: number;
  who: string | null;
  did: string;
  what: string;
  person: string | null;
  title: string | null;
}
let hall: FullHall;
beforeAll(async () => {
  hall = await fullHall('trail');
});
afterAll(() => hall.server.stop());

const trail = async (path = 'trail') => (await hall.owner.ask(path)).json as unknown as Entry[];
const told = (entries: Entry[]) =>
  entries.map(({ who, did, what, person, title }) => [who, did, what, person ?? title]);
const check = async () => (await hall.owner.ask('trail/check')).json;
const sql = (text: string, values: unknown[] = []) =>
  hall.server.sequelize.query(text, { replacements: values });

const rows = <T extends object>(text: string) => rowsOf<T>(hall.server.sequelize, text);

/** Routes that need no note: nothing that is known of anybody is in what they answer or change. */
const NOT_NOTED: readonly RegExp[] = [
  /^\w+ \/api\/(health|session|account|members|links|network|hall|sequences|courses|groups|places|own-variants)\b/,
  // Title, time and place alone.
  /^\w+ \/api\/calendar\b/,
  /^GET \/api\/classes$/,
  // Which copies there are; that one was handed out is noted.
  /^(GET \/api\/backup|\w+ \/api\/backup\/passphrase)$/,
  // Nobody in it is real.
  /^\w+ \/api\/eye(\/next|\/answers)?$/,
  // What is said in poses.
  /^\w+ \/api\/words\b/,
  // Figure, breath and count.
  /^\w+ \/api\/screen\b/,
  // How long things take.
  /^GET \/api\/classes\/pace$/,
  // Where a mat lies.
  /^\w+ \/api\/classes\/\{id\}\/spots$/,
  /^PUT \/api\/classes\/\{id\}\/sequence$/,
  /^GET \/api\/people\/(names|unreadable)$/,
  /^GET \/api\/people\/\{id\}\/link$/,
  // They note themselves: with what there was, or whose it is.
  /^POST \/api\/people\/\{id\}\/erase$/,
  /^\w+ \/api\/documents\/\{id\}/,
  /^\w+ \/api\/retention$/,
  /^GET \/api\/(trail|store)\/check$/,
  /^POST \/api\/mine\/open$/,
  /^DELETE \/api\/mine$/,
];

test('every route that shows or changes what is known of somebody is noted', () => {
  const noted = new Set<string>();
  for (const module of hall.server.app.get(ModulesContainer).values())
    for (const { metatype } of module.controllers.values()) {
      const type = metatype as new () => object;
      const base = Reflect.getMetadata(PATH_METADATA, type) as string;
      for (const name of Object.getOwnPropertyNames(type.prototype)) {
        const handler = (type.prototype as Record<string, object>)[name]!;
        const path = Reflect.getMetadata(PATH_METADATA, handler) as string | undefined;
        if (path === undefined || !Reflect.getMetadata(NOTED, handler)) continue;
        const method = RequestMethod[Reflect.getMetadata(METHOD_METADATA, handler) as number]!;
        const full = `/${base}/${path}`.replace(/\/+/g, '/').replace(/\/$/, '');
        noted.add(`${method} ${full.replace(/:(\w+)/g, '{$1}')}`);
      }
    }
  const isFree = (route: string): boolean => NOT_NOTED.some((one) => one.test(route));
  expect(Object.keys(WHO_MAY).filter((route) => !noted.has(route) && !isFree(route))).toEqual([]);
  expect([...noted].filter((route) => isFree(route))).toEqual([]);
});

test('who did what is told, with whose it was, and by whom she was looked up', async () => {
  await hall.owner.ask(`people/${hall.nell}`);
  await hall.owner.ask(`people/${hall.nell}`);
  await hall.owner.ask(`classes/${hall.classId}`);
  const all = told(await trail());
  const wren = 'Wren Addleby';
  // Looked at twice within five minutes, noted once; the trail itself is noted when it is answered.
  expect(all.slice(0, 2)).toEqual([
    [wren, 'read', 'class', 'Two steps'],
    [wren, 'read', 'person', 'Nell Harbin'],
  ]);
  expect(all).toContainEqual([wren, 'added', 'person', 'Perrin Lake']);
  expect(all).toContainEqual([wren, 'changed', 'record of a class', 'Two steps']);
  expect(all).toContainEqual([wren, 'handed out', 'private link', 'Perrin Lake']);
  expect(all).toContainEqual(['Perrin Lake', 'added', 'diary', 'Perrin Lake']);
  const ofNell = told(await trail(`trail?person=${hall.nell}`));
  expect(ofNell).toContainEqual([wren, 'read', 'class', 'Two steps']);
  expect(ofNell.some(([, , , whose]) => whose === 'Perrin Lake')).toBe(false);
  // What is not there was not read.
  const before = (await trail())[0]!.number;
  await hall.owner.ask('people/00000000-0000-4000-8000-000000000000');
  expect((await trail())[0]!.number).toBe(before);
});

test('who takes everybody away as a table is noted as handing them out; names alone are nothing', async () => {
  const before = (await trail())[0]!.number;
  expect((await hall.owner.ask('people/names')).json).toEqual(['Nell Harbin', 'Perrin Lake']);
  expect((await trail())[0]!.number).toBe(before);
  const { text } = await hall.owner.ask('people/table');
  expect(text).toContain('zinnia');
  expect(told(await trail())[0]).toEqual(['Wren Addleby', 'handed out', 'list of people', null]);
});

test('nothing of anybody’s health is in it, and nobody but an owner reads it', async () => {
  const text = JSON.stringify(await trail());
  expect(PRIVATE.filter((word) => text.includes(word))).toEqual([]);
  const { secret } = (await hall.owner.ask('members/invitations', 'POST', { name: 'Tern', role: 'teacher' }))
    .json as { secret: string };
  const teacher = new Browser(hall.server.base);
  await teacher.ask('links/take', 'POST', { secret, name: 'Tern', signIn: 'tern', password: PASSWORD });
  expect((await teacher.ask('trail')).status).toBe(403);
});

test('of many at one moment each has a number of its own, and the chain is whole', async () => {
  const notes = hall.server.app.get(Trail);
  const { hallId } = (await rows<{ hallId: string }>('SELECT hallId FROM people LIMIT 1'))[0]!;
  const before = (await check()).entries as number;
  await Promise.all(
    Array.from({ length: 60 }, (_, i) =>
      notes.note(
        { hallId, userId: `somebody ${i}`, role: 'teacher' },
        { did: 'changed', what: 'person', personId: hall.nell },
      ),
    ),
  );
  expect(await check()).toEqual({ entries: before + 60, brokenAt: null });
});

describe('the chain', () => {
  let kept: Record<string, unknown>[];
  beforeAll(async () => {
    kept = await rows('SELECT * FROM trail_entries ORDER BY number');
  });
  afterEach(async () => {
    await sql('DELETE FROM trail_entries');
    await hall.server.sequelize.getQueryInterface().bulkInsert('trail_entries', kept);
    expect(await check()).toEqual({ entries: kept.length, brokenAt: null });
  });

  test.each([
    ['a day put back', "UPDATE trail_entries SET at = '2020-01-01T00:00:00.000Z' WHERE number = 5", 5],
    ['another who', "UPDATE trail_entries SET who = 'nobody' WHERE number = 3", 3],
    ['one taken out of the middle', 'DELETE FROM trail_entries WHERE number = 4', 4],
    ['the first', 'DELETE FROM trail_entries WHERE number = 1', 1],
    ['all', 'DELETE FROM trail_entries', 1],
  ])('shows %s', async (_, change, brokenAt) => {
    await sql(change);
    expect((await check()).brokenAt).toBe(brokenAt);
  });

  test('shows that its end was cut off', async () => {
    await sql('DELETE FROM trail_entries WHERE number > ?', [kept.length - 2]);
    expect((await check()).brokenAt).toBe(kept.length - 1);
  });
});

test('in the database the trail names people by their ids alone', async () => {
  const all = await wholeDatabase(hall.server.sequelize);
  const text = Object.entries(all)
    .filter(([place]) => place.startsWith('trail_'))
    .map(([, values]) => values)
    .join();
  expect(text).toContain(hall.nell);
  expect(text).not.toMatch(/Harbin|Lake|Addleby/);
});
