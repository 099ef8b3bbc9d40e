/** What happened to somebody: written down, followed up, closed; seen by teachers alone. */
import { randomUUID } from 'node:crypto';
import { fieldsOf, TODAY } from './client.js';
import { fullHall, INCIDENT, type FullHall } from './fullHall.js';

let hall: FullHall;
beforeAll(async () => {
  hall = await fullHall('incidents');
});
afterAll(() => hall.server.stop());

const list = async () =>
  (await hall.owner.ask('incidents')).json as unknown as { id: string; version: number; what: string }[];

test('it is there with whose it is, changed on the version that was read, and last once it is closed', async () => {
  const [first] = await list();
  expect(first).toEqual({
    ...{ ...INCIDENT, id: expect.any(String), version: 1, classId: hall.classId },
    ...{ personId: hall.perrin, person: 'Perrin Lake' },
  });
  const path = `people/${hall.perrin}/incidents/${first!.id}`;
  const closed = { ...INCIDENT, classId: hall.classId, outcome: 'Well again.', isClosed: true };
  const put = (body: object, version: number) =>
    hall.owner.ask(path, 'PUT', body, { 'If-Match': `"${version}"` });
  expect((await put(closed, 1)).status).toBe(200);
  const late = await put(INCIDENT, 1);
  expect([late.status, late.json.current.outcome]).toEqual([409, 'Well again.']);
  await hall.owner.ask(`people/${hall.nell}/incidents`, 'POST', { ...INCIDENT, what: 'Slipped.' });
  expect((await list()).map(({ what }) => what)).toEqual(['Slipped.', INCIDENT.what]);
});

test.each<[string, object, string]>([
  ['nothing happened', { what: '' }, 'what'],
  ['no such time', { time: '25:00' }, 'time'],
  ['no such place of the body', { where: 'tail' }, 'where'],
  ['no such day', { on: '2026-02-30' }, 'on'],
])('%s: it is said where', async (_, wrong, field) => {
  const answer = await hall.owner.ask(`people/${hall.nell}/incidents`, 'POST', { ...INCIDENT, ...wrong });
  expect([answer.status, fieldsOf(answer)]).toEqual([400, [field]]);
});

test('nobody of the hall, and what is somebody else’s, is refused', async () => {
  const [one] = await list();
  const nobody = await hall.owner.ask(`people/${randomUUID()}/incidents`, 'POST', INCIDENT);
  expect(nobody.status).toBe(404);
  const other = `people/${hall.perrin}/incidents/${one!.id}`;
  expect((await hall.owner.ask(other, 'PUT', { ...INCIDENT, on: TODAY }, { 'If-Match': '"1"' })).status).toBe(
    404,
  );
});
