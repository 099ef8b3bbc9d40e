/** Somebody is erased: she is nowhere any more, the others are as they were, and what was done is proved. */
import { mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RemovedRows } from '../src/erasure/removedRows.js';
import { KEYS, TODAY } from './client.js';
import { fullHall, type FullHall } from './fullHall.js';
import { ownServer } from './ownServer.js';
import { rowsOf, wholeDatabase } from './wholeDatabase.js';
import { Vault } from '../src/common/vault.js';
import { unpackedJson } from '../src/classes/packedFitting.js';

const HOUR = 60 * 60 * 1000;
const DAY = 24 * HOUR;
let hall: FullHall;
let copies = '';
beforeAll(async () => {
  copies = mkdtempSync(join(tmpdir(), 'lotus-copies-'));
  hall = await fullHall('erasure', await ownServer('erasure', { backups: copies }));
});
afterAll(async () => {
  await hall.server.stop();
  rmSync(copies, { recursive: true, force: true });
});

interface Class {
  people: { id: string; name: string }[];
  records: { personId: string }[];
  choices: { overrides: object[] };
  fitting: { lanes: { personId: string }[]; places: { personId: string }[] };
}
const theClass = async () => (await hall.owner.ask(`classes/${hall.classId}`)).json as unknown as Class;
const erase = (id: string, name: string) => hall.owner.ask(`people/${id}/erase`, 'POST', { name });
/** Where an id is still to be found, the trail left out. */
async function placesOf(id: string): Promise<string[]> {
  const all = await wholeDatabase(hall.server.sequelize, ['trail_entries']);
  return Object.entries(all).flatMap(([place, text]) => (text.includes(id) ? [place] : []));
}
/** Everything that is sealed of fittings, opened. */
async function fittings(): Promise<string> {
  const vault = new Vault(KEYS);
  const rows = await rowsOf<{ id: string; format: number; fitting: Buffer; madeFrom: Buffer }>(
    hall.server.sequelize,
    'SELECT id, format, fitting, madeFrom FROM fittings',
  );
  const texts = rows.flatMap(({ id, format, fitting, madeFrom }) => [
    unpackedJson(vault.openBytes(fitting, `fittings:fitting:${id}`), format),
    unpackedJson(vault.openBytes(madeFrom, `fittings:madeFrom:${id}`), format),
  ]);
  return (await Promise.all(texts)).join();
}

test('not by a slip', async () => {
  const { status, json } = await erase(hall.perrin, 'Nell Harbin');
  expect([status, json.message]).toEqual([400, expect.stringContaining('nobody is erased by a slip')]);
  expect((await hall.owner.ask(`people/${hall.perrin}`)).status).toBe(200);
});

test('she is nowhere any more; what the others did and what is known of them stays', async () => {
  writeFileSync(join(copies, 'before-0001.sql.gz'), '');
  const before = await theClass();
  expect(await fittings()).toContain(hall.perrin);
  const { status, json } = await erase(hall.perrin, 'Perrin Lake');
  expect(status).toBe(200);
  expect(json.counts).toEqual({
    classes: 1,
    versions: 1,
    records: 1,
    marks: 1,
    'decided proposals': 1,
    incidents: 1,
    'practice at home': 0,
    mails: 1,
    'places in a room': 1,
    'prop heights': 1,
    'diary entries': 1,
    'own answers': 1,
    documents: 0,
    links: 1,
    sessions: 1,
    groups: 0,
    courses: 0,
  });
  expect(json.copies).toMatchObject([{ name: 'before-0001.sql.gz' }]);
  expect(await placesOf(hall.perrin)).toEqual([]);
  const all = await fittings();
  expect([all.includes(hall.perrin), all.includes('Perrin')]).toEqual([false, false]);
  expect(all).toContain(hall.nell);

  const after = await theClass();
  const others = <T extends { personId: string }>(list: T[]): T[] =>
    list.filter(({ personId }) => personId !== hall.perrin);
  expect(after.people.map(({ name }) => name)).toEqual(['Nell Harbin']);
  expect(after.fitting.lanes).toEqual(others(before.fitting.lanes));
  expect(after.fitting.places).toEqual(others(before.fitting.places));
  expect(after.records).toEqual(others(before.records));
  expect(after.choices).toEqual(before.choices);
  const [line] = (await hall.owner.ask('classes')).json as unknown as { people: number }[];
  expect(line!.people).toBe(1);
  // It can be fitted and saved as before.
  expect((await hall.owner.ask(`classes/${hall.classId}/recheck`)).status).toBe(200);
  expect((await hall.owner.ask(`people/${hall.perrin}`)).status).toBe(404);
});

test('the trail proves it, with how much there was', async () => {
  const [entry] = ((await hall.owner.ask(`trail?person=${hall.perrin}`)).json as unknown as object[]).filter(
    (one) => (one as { did: string }).did === 'erased',
  );
  expect(entry).toMatchObject({
    who: 'Wren Addleby',
    what: 'everything',
    person: null,
    counts: { classes: 1 },
  });
  expect((await hall.owner.ask('trail/check')).json.brokenAt).toBeNull();
});

test('who was removed is erased once she cannot be brought back; so is who made room for her name', async () => {
  const rows = hall.server.app.get(RemovedRows);
  const make = async (): Promise<string> =>
    (await hall.owner.ask('people', 'POST', { name: 'Corin Vale' })).json.id as string;
  const first = await make();
  const made = await hall.owner.ask('classes', 'POST', {
    title: 'One step',
    on: TODAY,
    sequenceText: '# One\n- Boat, 5 breaths',
    people: [{ id: first }],
  });
  expect(made.status).toBe(201);
  await hall.owner.ask(`people/${first}`, 'DELETE');
  const second = await make();
  expect((await hall.owner.ask(`people/${first}/restore`, 'POST')).status).toBe(404);
  await hall.owner.ask(`people/${second}`, 'DELETE');
  await rows.purge(Date.now() + 59 * 60_000);
  expect((await hall.owner.ask(`people/${second}/restore`, 'POST')).status).toBe(204);
  await hall.owner.ask(`people/${second}`, 'DELETE');
  await rows.purge(Date.now() + 2 * HOUR);
  expect([await placesOf(first), await placesOf(second)]).toEqual([[], []]);
  expect(await fittings()).not.toContain('Corin Vale');
});

test('people are kept for as long as the hall says, and who goes is told before', async () => {
  const rows = hall.server.app.get(RemovedRows);
  const retention = async () => (await hall.owner.ask('retention')).json;
  expect(await retention()).toEqual({ months: null, leaving: [] });
  expect((await hall.owner.ask('retention', 'PUT', { months: 3 })).status).toBe(400);
  expect((await hall.owner.ask('retention', 'PUT', { months: 24 })).status).toBe(204);
  const make = async (name: string, seen: string): Promise<string> => {
    const id = (await hall.owner.ask('people', 'POST', { name })).json.id as string;
    await hall.server.sequelize.query('UPDATE people SET updatedAt = ? WHERE id = ?', {
      replacements: [`${seen} 12:00:00`, id],
    });
    return id;
  };
  const gone = await make('Long Away', '2024-11-01');
  const soon = await make('Soon Away', '2024-12-20');
  const comes = await make('Comes Again', '2024-11-01');
  // Her row is old, and she is down for a class.
  await hall.owner.ask('classes', 'POST', {
    title: 'One step',
    on: TODAY,
    sequenceText: '# One\n- Boat, 5 breaths',
    people: [{ id: comes }],
  });
  // She has not come for as long, and belongs to a group that still meets.
  const waits = await make('Waits Long', '2024-10-01');
  await hall.owner.ask('groups', 'POST', {
    title: 'Mondays',
    weekday: 1,
    firstOn: TODAY,
    people: [{ id: waits, waiting: true }],
  });
  expect((await retention()).leaving).toEqual([
    { id: gone, name: 'Long Away', lastOn: '2024-11-01', goesOn: TODAY },
    { id: soon, name: 'Soon Away', lastOn: '2024-12-20', goesOn: '2026-12-20' },
  ]);
  await rows.purge();
  const left = ((await hall.owner.ask('people')).json as unknown as { name: string }[]).map(
    ({ name }) => name,
  );
  expect(left).toEqual(['Comes Again', 'Nell Harbin', 'Soon Away', 'Waits Long']);
  const entries = (await hall.owner.ask('trail')).json as unknown as { did: string }[];
  expect(entries.find(({ did }) => did === 'erased')).toMatchObject({ role: 'itself', personId: gone });
  await hall.owner.ask('retention', 'PUT', { months: null });
  await rows.purge();
  expect((await hall.owner.ask(`people/${soon}`)).status).toBe(200);
});

test('a copy of the database goes 90 days after it was made', async () => {
  const old = join(copies, 'before-0000.sql.gz');
  writeFileSync(old, '');
  utimesSync(old, new Date(Date.now() - 91 * DAY), new Date(Date.now() - 91 * DAY));
  await hall.server.app.get(RemovedRows).purge();
  expect(readdirSync(copies)).toEqual(['before-0001.sql.gz']);
});
