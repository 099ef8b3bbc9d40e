/** Notes made while a class is taught: each once, whoever tells it twice; in the record they are no longer here. */
import { randomUUID } from 'node:crypto';
import { fullHall, type FullHall } from './fullHall.js';
import { wholeDatabase } from './wholeDatabase.js';

let hall: FullHall;
beforeAll(async () => {
  hall = await fullHall('marks');
});
afterAll(() => hall.server.stop());

const path = (more = '') => `classes/${hall.classId}/marks${more}`;
const mark = (personId: string, at: number, more: object = {}) => ({
  personId,
  step: 1,
  given: 'rest',
  at,
  ...more,
});
const put = async (id: string, body: object) => (await hall.owner.ask(path(`/${id}`), 'PUT', body)).status;
const marks = async () => (await hall.owner.ask(path())).json as unknown as { id: string; at: number }[];

test('told twice it is one; they come in the order in which they were noted', async () => {
  const [early, late] = [randomUUID(), randomUUID()];
  expect(await put(late, mark(hall.nell, 2000, { given: 'stopped', where: 'knee-left' }))).toBe(204);
  expect(await put(early, mark(hall.nell, 1000))).toBe(204);
  expect(await put(late, mark(hall.nell, 9000))).toBe(204);
  expect(await marks()).toEqual([
    expect.objectContaining({ at: 500 }),
    { id: early, ...mark(hall.nell, 1000) },
    { id: late, ...mark(hall.nell, 2000, { given: 'stopped', where: 'knee-left' }) },
  ]);
  const sealed = Object.entries(await wholeDatabase(hall.server.sequelize)).find(([name]) =>
    name.startsWith('marks'),
  );
  expect(sealed![1]).not.toContain('stopped');
});

test('they are told where she is, and are in the record once it has them', async () => {
  const changes = [{ step: 1, what: 'stopped', where: 'knee-left' }];
  const inPerson = async () =>
    (
      (await hall.owner.ask(`people/${hall.nell}/history`)).json.records as {
        classId: string;
        changes: object[];
      }[]
    )
      .filter(({ classId }) => classId === hall.classId)
      .flatMap((record) => record.changes);
  expect(await inPerson()).toEqual(changes);
  const seen = (await marks()).map(({ id }) => id).slice(0, 2);
  const { version, records } = (await hall.owner.ask(`classes/${hall.classId}`)).json as {
    version: number;
    records: { personId: string }[];
  };
  const body = {
    records: records.map((record) => (record.personId === hall.nell ? { ...record, changes } : record)),
    marks: seen,
  };
  const headers = { 'If-Match': `"${version}"` };
  expect((await hall.owner.ask(`classes/${hall.classId}/record`, 'PUT', body, headers)).status).toBe(200);
  // One that came after the form was opened is still to be told of, and is told with the record.
  expect(await marks()).toMatchObject([{ at: 2000 }]);
  expect(await inPerson()).toHaveLength(2);
  const [left] = await marks();
  for (let i = 0; i < 2; i++) expect((await hall.owner.ask(path(`/${left!.id}`), 'DELETE')).status).toBe(204);
  expect(await marks()).toEqual([]);
  expect(await inPerson()).toEqual(changes);
});

test.each([
  ['nobody of the hall', { personId: randomUUID() }, 404],
  ['a step that cannot be', { step: 0 }, 400],
  ['what nobody is given', { given: 'a push' }, 400],
  ['a place that nobody has', { where: 'tail' }, 400],
  ['an instant that no clock tells', { at: 1e17 }, 400],
])('%s is refused', async (_what, more, status) => {
  expect(await put(randomUUID(), mark(hall.nell, 1, more))).toBe(status);
  expect(await marks()).toEqual([]);
});

test('of a class that is not there nothing is noted', async () => {
  const other = `classes/${randomUUID()}/marks`;
  expect((await hall.owner.ask(other)).status).toBe(404);
  expect((await hall.owner.ask(`${other}/${randomUUID()}`, 'PUT', mark(hall.nell, 1))).status).toBe(404);
});

test('what classes took is learned from, and says nothing of anybody', async () => {
  const pace = async () =>
    (await hall.owner.ask('classes/pace')).json as { learned?: { off: number; parts: object } };
  expect(await pace()).toEqual({});
  const { version, records } = (await hall.owner.ask(`classes/${hall.classId}`)).json;
  const slow = {
    part: 'changeSide',
    share: 1,
    lead: { planned: 5, real: 15 },
    hold: { planned: 30, real: 30 },
    at: 0.5,
  };
  const save = (times: object[], read: unknown) =>
    hall.owner.ask(
      `classes/${hall.classId}/record`,
      'PUT',
      { records, times },
      { 'If-Match': `"${String(read)}"` },
    );
  for (const wrong of [
    { ...slow, part: 'nell' },
    { ...slow, lead: { planned: -1, real: 5 } },
    { ...slow, hold: [] },
    { ...slow, name: 'Nell' },
  ])
    expect((await save([wrong], version)).status).toBe(400);
  const saved = await save(
    Array.from({ length: 5 }, () => slow),
    version,
  );
  expect(saved.status).toBe(200);
  expect(await pace()).toEqual({
    learned: { classes: 1, off: 225 / 175, parts: { changeSide: { seconds: 15, from: 5 } } },
  });
  // Written again elsewhere, without what it took, that stays.
  const again = { records };
  const headers = { 'If-Match': `"${String(saved.json.version)}"` };
  await hall.owner.ask(`classes/${hall.classId}/record`, 'PUT', again, headers);
  expect((await pace()).learned).toMatchObject({ classes: 1 });
});
